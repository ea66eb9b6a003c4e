import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useUnits } from '../app/units';
import { api, body } from './client';
import { readLines } from './lines';
import { untilCaughtUp } from './queries';
import type { FoundView, ProgressReading, RecipeFields, WaysRequest } from './schema';

/** Everything that advises on a recipe is asked again when the records change. */
const ADVICE = 'forecast';

/** Suggestions lie on the marks of the person's own rule: eighths and thirty-seconds of an inch, or 5 and 0.5 mm. */
export const MARKS = { inch: { radiusMm: 25.4 / 8, thicknessMm: 25.4 / 32 }, metric: { radiusMm: 5, thicknessMm: 0.5 } };

export function useLevers(recipe: RecipeFields | undefined, wanted: number) {
  const [system] = useUnits();
  return useQuery({
    queryKey: [ADVICE, 'levers', recipe, wanted, system],
    queryFn: () => body(api.POST('/api/forecast/levers', { body: { recipe: recipe as RecipeFields, wanted, marks: MARKS[system] } })),
    enabled: recipe !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** What a map covers [mm]. */
export interface Extent {
  thinnestMm: number;
  thickestMm: number;
  tightestMm: number;
  widestMm: number;
}

export function useBendMap(recipe: RecipeFields | undefined, extent: Extent) {
  // thickness and radius run over the map, so moving the cross-hair asks for nothing new
  const asked = recipe && { ...recipe, innerRadiusMm: extent.widestMm, blank: { ...recipe.blank, thicknessMm: extent.thickestMm } };
  return useQuery({
    queryKey: [ADVICE, 'map', asked, extent],
    queryFn: () =>
      body(api.POST('/api/forecast/map', { body: { recipe: asked as RecipeFields, ...extent, columns: 60, rows: 40 } })),
    enabled: recipe !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export function useNextTrials(recipe: RecipeFields | undefined, others: RecipeFields[] = []) {
  const [system] = useUnits();
  return useQuery({
    queryKey: [ADVICE, 'next', recipe, others, system],
    queryFn: () => body(api.POST('/api/forecast/next', { body: { recipe: recipe as RecipeFields, others, marks: MARKS[system] } })),
    enabled: recipe !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** What the records say of one of them, as it was done. */
export function useRecordForecast(id: number, version: number) {
  return useQuery({
    queryKey: [ADVICE, 'record', id, version],
    queryFn: () => body(api.GET('/api/trials/{id}/forecast', { params: { path: { id } } })),
    placeholderData: keepPreviousData,
    retry: false,
    refetchInterval: (query) => untilCaughtUp(query.state.data?.asDone),
  });
}

/** What would have been forecast of each of some records before it was bent; each comes when it is worked out. */
export function useBeforehand(ids: number[]) {
  return useQueries({
    queries: ids.map((id) => ({
      queryKey: [ADVICE, 'record', id, 'beforehand'],
      queryFn: () => body(api.GET('/api/trials/{id}/beforehand', { params: { path: { id } } })),
      retry: false,
    })),
    combine: (answers) => answers.map(({ data }) => data),
  });
}

/** What was most likely behind the flaw of a record. */
export function useDiagnosis(id: number, version: number) {
  const [system] = useUnits();
  return useQuery({
    queryKey: [ADVICE, 'record', id, version, 'diagnosis', system],
    queryFn: () => body(api.POST('/api/trials/{id}/diagnosis', { params: { path: { id } }, body: MARKS[system] })),
    retry: false,
  });
}

/** Every way to the planned bend, each at its best. */
export function useSideBySide(recipe: RecipeFields | undefined, wanted: number) {
  return useQuery({
    queryKey: [ADVICE, 'side by side', recipe, wanted],
    queryFn: () => body(api.POST('/api/forecast/side-by-side', { body: { recipe: recipe as RecipeFields, wanted } })),
    enabled: recipe !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** The planned glued section in other plies. */
export function usePliesCompared(recipe: RecipeFields) {
  return useQuery({
    queryKey: [ADVICE, 'plies', recipe],
    queryFn: () => body(api.POST('/api/forecast/plies', { body: { recipe } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export function useSpares(recipe: RecipeFields | undefined, good: number | undefined, certainty: number, flawsPass: boolean) {
  return useQuery({
    queryKey: [ADVICE, 'spares', recipe, good, certainty, flawsPass],
    // the answer carries what it was asked, so that it is never read as the answer to something newer
    queryFn: async () => ({
      good: good as number,
      spares: await body(api.POST('/api/forecast/spares', {
        body: { recipe: recipe as RecipeFields, good: good as number, certainty, flawsPass },
      })),
    }),
    enabled: recipe !== undefined && good !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export function useEvidence() {
  return useQuery({ queryKey: [ADVICE, 'evidence'], queryFn: () => body(api.GET('/api/evidence')) });
}

/** Records no forecast uses, and why. */
export function useSetAside() {
  return useQuery({ queryKey: [ADVICE, 'set aside'], queryFn: () => body(api.GET('/api/evidence/set-aside')) });
}

/** A search as far as it has come. */
export interface Search {
  done: number;
  of: number;
  found?: FoundView;
  error?: Error;
}

/** Searches while the wish stands; a new wish ends the search before it. */
export function useWays(wish: WaysRequest | undefined): Search | undefined {
  const [search, setSearch] = useState<Search>();
  useEffect(() => {
    if (!wish) return;
    const stop = new AbortController();
    follow(wish, stop.signal, setSearch).catch((error: unknown) => {
      if (!stop.signal.aborted) setSearch({ done: 0, of: 0, error: error as Error });
    });
    return () => {
      stop.abort();
    };
  }, [wish]);
  return wish ? search : undefined;
}

/** Reads the answer line by line as it comes. */
async function follow(wish: WaysRequest, signal: AbortSignal, tell: (search: Search) => void): Promise<void> {
  const { response } = await api.POST('/api/ways', {
    body: wish,
    signal,
    parseAs: 'stream',
  });
  await readLines<ProgressReading>(response, ({ done = 0, of = 0, found }) => { tell(found ? { done, of, found } : { done, of }); });
}
