import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, body } from './client';
import { readLines } from './lines';
import type { AskedFields, HoursFields, Proposal, ProposalReading } from './schema';

const DAY = ['day'];
/** The plan is looked at again, for the bench goes on [ms]. */
const LOOK_EACH_MS = 30_000;

/** Hours of work and the plan in force. */
export function useDay() {
  return useQuery({ queryKey: DAY, queryFn: () => body(api.GET('/api/day')), refetchInterval: LOOK_EACH_MS });
}

export function useDayWrites() {
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries({ queryKey: DAY });
  return {
    keepHours: useMutation({
      mutationFn: ({ version, hours }: { version: number; hours: HoursFields }) => body(api.PUT('/api/day/hours', { params: { query: { version } }, body: hours })), onSuccess,
    }),
    take: useMutation({
      mutationFn: ({ asked, proposal }: { asked: AskedFields; proposal: Proposal }) =>
        body(api.PUT('/api/day/plan', { body: { asked, from: proposal.from, order: proposal.order, begins: proposal.slots.map(({ beginsAt }) => beginsAt) } })),
      onSuccess,
    }),
    drop: useMutation({ mutationFn: () => body(api.DELETE('/api/day/plan')), onSuccess }),
  };
}

/** What a search for a plan has come to. */
export interface Search {
  asked: AskedFields;
  tried: number;
  of: number;
  done: boolean;
  proposal?: Proposal;
  error?: Error;
}

/** Looks for a plan as long as somebody waits for a better one; a new question ends the search before it. */
export function useProposal() {
  const [search, setSearch] = useState<Search>();
  const running = useRef<AbortController>(undefined);
  const stop = useCallback(() => {
    running.current?.abort();
    setSearch((now) => now && { ...now, done: true });
  }, []);
  const forget = useCallback(() => {
    running.current?.abort();
    setSearch(undefined);
  }, []);
  const ask = useCallback((asked: AskedFields) => {
    running.current?.abort();
    const mine = new AbortController();
    running.current = mine;
    setSearch((before) => ({ asked, tried: 0, of: 0, done: false, ...(before?.proposal ? { proposal: before.proposal } : {}) }));
    const tell = ({ tried, of, done, proposal }: ProposalReading) => {
      if (!mine.signal.aborted) setSearch((before) => ({ asked, tried, of, done, ...(proposal ?? before?.proposal ? { proposal: (proposal ?? before?.proposal) as Proposal } : {}) }));
    };
    const follow = async () => {
      const { response } = await api.POST('/api/day/proposals', { body: asked, signal: mine.signal, parseAs: 'stream' });
      await readLines<ProposalReading>(response, tell);
      // an answer that breaks off half way is as far as it goes
      if (!mine.signal.aborted) setSearch((before) => before && { ...before, done: true });
    };
    follow().catch((error: unknown) => {
      if (!mine.signal.aborted) setSearch({ asked, tried: 0, of: 0, done: true, error: error as Error });
    });
  }, []);
  useEffect(() => () => { running.current?.abort(); }, []);
  return { search, ask, stop, forget };
}
