import { keepPreviousData, useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { useUnits } from '../app/units';
import { findFields, type Facts, type Question } from '../find/question';
import { BARE } from '../units/reading';
import { api, body } from './client';
import type { FactView, TrialView, ViewFields } from './schema';
import { LISTED } from './queries';

/** As many as are asked for at once. */
export const PAGE = 50;
const VIEWS = ['views'];
const NO_FACTS: Facts = {};

/** Every fact of a record, by its key. */
export function useFacts(): Facts {
  const { data = NO_FACTS } = useQuery({ queryKey: ['facts'], queryFn: () => body(api.GET('/api/records/facts')), staleTime: Infinity, select: byKey });
  return data;
}

function byKey(facts: FactView[]): Facts {
  return Object.fromEntries(facts.map((fact) => [fact.key, fact]));
}

/** How many records there are of those that are looked for, and whether that is of another question. */
export function useHowMany(question: Question) {
  const asked = findFields(question);
  return useQuery({
    queryKey: [...LISTED, 'count', asked.words, asked.conditions],
    queryFn: async () => (await body(api.POST('/api/records/count', { body: asked }))).total,
    placeholderData: keepPreviousData,
  });
}

/** Records by their place in the order, as far as they have come; those of the pages that are in sight are asked for. */
export function useFound(question: Question, pages: number[]) {
  const asked = findFields(question);
  return useQueries({
    queries: pages.map((page) => ({
      queryKey: [...LISTED, 'found', asked, page],
      queryFn: async () => (await body(api.POST('/api/records/found', { params: { query: { from: page * PAGE, many: PAGE } }, body: asked }))).trials,
    })),
    combine: (answers) => {
      const found = new Map<number, TrialView>();
      answers.forEach(({ data }, index) => { data?.forEach((trial, place) => found.set((pages[index] ?? 0) * PAGE + place, trial)); });
      return { found, error: answers.find(({ error }) => error)?.error };
    },
  });
}

/** As many as one logbook holds. */
export const MOST_PRINTED = 2000;
const LARGEST_PAGE = 200;

/** All records that are looked for, as many as a logbook holds. */
export function useAllFound(question: Question) {
  const asked = findFields(question);
  return useQuery({
    queryKey: [...LISTED, 'found', asked, 'all'],
    queryFn: async () => {
      const all: TrialView[] = [];
      for (let more = LARGEST_PAGE; more === LARGEST_PAGE && all.length < MOST_PRINTED;) {
        const { trials } = await body(api.POST('/api/records/found', { params: { query: { from: all.length, many: LARGEST_PAGE } }, body: asked }));
        all.push(...trials);
        more = trials.length;
      }
      return all;
    },
  });
}

/** Records counted by one fact or two. It carries what was asked. */
export function useTally(question: Question, rows: string | undefined, columns?: string) {
  const [system] = useUnits();
  const of = findFields(question);
  return useQuery({
    queryKey: [...LISTED, 'tally', of.words, of.conditions, rows, columns, system],
    queryFn: async () => ({
      asked: { rows: rows ?? '', columns }, ...(await body(api.POST('/api/records/tally', { body: { of, rows: rows ?? '', units: BARE[system], ...(columns === undefined ? {} : { columns }) } }))),
    }),
    enabled: rows !== undefined,
    placeholderData: keepPreviousData,
  });
}

export function useViews() {
  return useQuery({ queryKey: VIEWS, queryFn: () => body(api.GET('/api/records/views')) });
}

export function useViewWrites() {
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries({ queryKey: VIEWS });
  return {
    keep: useMutation({ mutationFn: (view: ViewFields) => body(api.POST('/api/records/views', { body: view })), onSuccess }),
    discard: useMutation({ mutationFn: (id: number) => body(api.DELETE('/api/records/views/{id}', { params: { path: { id } } })), onSuccess }),
    restore: useMutation({ mutationFn: (id: number) => body(api.POST('/api/records/views/{id}/restoration', { params: { path: { id } } })), onSuccess }),
  };
}
