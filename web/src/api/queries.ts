import { keepPreviousData, useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { methodOf } from '../methods/forms';
import { api, body } from './client';
import type { DryingFields, DryingView, ForecastAnswer, LoadFields, MeasuredCurveFields, RecipeFields, RigFields, TrialFields, TrialView, TypedRecipe, WeighInFields } from './schema';
import type { Named, operations } from './schema';

/** What shows records that are looked for, in a list or counted. */
export const LISTED = ['trials', 'list'];

export type NameKind = operations['rename']['parameters']['path']['kind'];

export function useSpecies() {
  return useQuery({
    queryKey: ['species'],
    queryFn: () => body(api.GET('/api/species')),
    staleTime: Infinity,
  });
}

export function useTrialCounts() {
  return useQuery({ queryKey: ['trials', 'counts'], queryFn: () => body(api.GET('/api/trials/counts')) });
}

const NAMES = ['names'];

/** The people, boards and sources trials carry, each with its key. */
export function useNames() {
  return useQuery({ queryKey: NAMES, queryFn: () => body(api.GET('/api/names')) });
}

/** How quick the hands of the shop are, by the carries that were measured. */
export function useHands() {
  return useQuery({ queryKey: [...NAMES, 'hands'], queryFn: () => body(api.GET('/api/names/people/hands')) });
}

function oneTrial(id: number | undefined) {
  return {
    queryKey: ['trials', 'one', id],
    queryFn: () => body(api.GET('/api/trials/{id}', { params: { path: { id: id as number } } })),
    enabled: id !== undefined,
  };
}

export function useTrial(id: number | undefined) {
  return useQuery(oneTrial(id));
}

/** Several records, once all of them are there. */
export function useSeveralTrials(ids: number[]) {
  return useQueries({
    queries: ids.map(oneTrial),
    combine: (answers) => {
      const trials = answers.flatMap(({ data }) => (data ? [data] : []));
      return { trials: trials.length === ids.length ? trials : undefined, error: answers.find(({ error }) => error)?.error };
    },
  });
}

/** The last fit answers while a newer one is made; it is asked again until that one does [ms]. */
export function untilCaughtUp(forecast: ForecastAnswer | undefined): number | false {
  return forecast?.fit.behind ? 1000 : false;
}

/** What a straight edge or the pattern says of a released curve. */
export function useReleasedCurve(measured: MeasuredCurveFields | undefined) {
  return useQuery({
    queryKey: ['released curve', measured],
    queryFn: () => body(api.POST('/api/released-curve', { body: measured as MeasuredCurveFields })),
    enabled: measured !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
}

/** Gives a name to a person, a board or a source in all its trials; every forecast may change by it. */
export function useRename() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ kind, named, name, asOne }: { kind: NameKind; named: Named; name: string; asOne: boolean }) =>
      body(api.PUT('/api/names/{kind}/{id}', { params: { path: { kind, id: named.id }, query: { version: named.version, asOne } }, body: { name } })),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** A recipe as it is typed: what was read of it and, once it is a recipe, its forecast. It carries what was asked. */
function typedForecast(typed: TypedRecipe) {
  return {
    queryKey: ['forecast', 'typed', typed],
    queryFn: async () => ({ asked: typed, ...(await body(api.POST('/api/forecast/typed', { body: typed }))) }),
  };
}

export function useTypedForecast(typed: TypedRecipe) {
  return useQuery({
    ...typedForecast(typed),
    placeholderData: keepPreviousData,
    refetchInterval: (query) => untilCaughtUp(query.state.data?.forecast),
  });
}

/** The forecast of a recipe that is read. */
export function useForecast(recipe: RecipeFields) {
  return useQuery({
    queryKey: ['forecast', 'of', recipe],
    queryFn: () => body(api.POST('/api/forecast', { body: { recipe } })),
    refetchInterval: ({ state }) => untilCaughtUp(state.data),
  });
}

/** Asks for the recipe as it is typed at this moment, for what is about to be kept. */
export function useReadRecipe() {
  const client = useQueryClient();
  return (typed: TypedRecipe) => client.fetchQuery({ ...typedForecast(typed), staleTime: 10_000 });
}

/** What follows the bend, as far as the process strip needs it. */
export interface Afterwards {
  formHours: number;
  rackDays: number;
}

/** Radius, angle, support and names do not change what heat and water do. */
function withoutCurve(recipe: RecipeFields | undefined): RecipeFields | undefined {
  if (!recipe || !methodOf(recipe).followed) return undefined;
  const method = { ...recipe.method, strap: undefined, holdHours: undefined };
  return { ...recipe, innerRadiusMm: 100, angleDegrees: 90, method, person: undefined, board: undefined, source: undefined };
}

export function useProcess(recipe: RecipeFields | undefined, afterwards: Afterwards) {
  const asked = withoutCurve(recipe);
  return useQuery({
    queryKey: ['process', asked, afterwards],
    queryFn: () => body(api.POST('/api/process', { body: { recipe: asked as RecipeFields, ...afterwards } })),
    enabled: asked !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
}

/** The cross-section of a piece at a moment of its process. */
export function useCrossSection(recipe: RecipeFields | undefined, afterwards: Afterwards, moment: { stage: number; seconds: number } | undefined) {
  const asked = withoutCurve(recipe);
  return useQuery({
    queryKey: ['process', 'section', asked, afterwards, moment],
    queryFn: () =>
      body(api.POST('/api/process/section', {
        body: { process: { recipe: asked as RecipeFields, ...afterwards }, stage: moment?.stage ?? 0, seconds: moment?.seconds ?? 0 },
      })),
    enabled: asked !== undefined && moment !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
}

/** How long a soak takes to a wanted moisture on average and at the core [%]. */
export function useSoak(recipe: RecipeFields | undefined, wantedMeanPercent: number | undefined, wantedCorePercent: number | undefined) {
  const asked = withoutCurve(recipe);
  return useQuery({
    queryKey: ['process', 'soak', asked, wantedMeanPercent, wantedCorePercent],
    queryFn: () =>
      body(api.POST('/api/process/soak', {
        body: {
          recipe: asked as RecipeFields, bathC: 18, wantedMeanPercent: wantedMeanPercent as number,
          wantedCorePercent: wantedCorePercent as number,
        },
      })),
    enabled: asked !== undefined && wantedMeanPercent !== undefined && wantedCorePercent !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
}

/** A steam box of the rig, or the one plans go by. */
export function useRig(item?: number) {
  return useQuery({ queryKey: ['rig', 'kept', item], queryFn: () => body(api.GET('/api/rig', { params: { query: item === undefined ? {} : { item } } })) });
}

export function useRigAppraisal(rig: RigFields | undefined, load: LoadFields | undefined) {
  return useQuery({
    queryKey: ['rig', 'appraisal', rig, load],
    // the answer carries what it was asked, so that it is drawn as what it is the answer to
    queryFn: async () => {
      const asked = { rig: rig as RigFields, load: load as LoadFields };
      return { ...asked, appraisal: await body(api.POST('/api/rig/appraisal', { body: asked })) };
    },
    enabled: rig !== undefined && load !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
}

export function useRigWrites() {
  const client = useQueryClient();
  // the air and the height of the shop go into every forecast, and what plans go by into its doubts
  const onSuccess = () => Promise.all([['rig', 'kept'], ['forecast'], ['process']].map((queryKey) => client.invalidateQueries({ queryKey })));
  return {
    keep: useMutation({
      mutationFn: ({ item, version, rig }: { item: number | undefined; version: number; rig: RigFields }) =>
        body(api.PUT('/api/rig', { params: { query: { version, ...(item === undefined ? {} : { item }) } }, body: rig })),
      onSuccess,
    }),
    planBy: useMutation({ mutationFn: (item: number) => body(api.PUT('/api/rig/planned/{item}', { params: { path: { item } } })), onSuccess }),
  };
}

/** What shows records by the number. */
const LISTS = [LISTED, ['trials', 'counts'], NAMES];

/** Writes to the record of bends; every one of them makes lists and forecasts fetch again. */
export function useTrialWrites() {
  const client = useQueryClient();
  const several = () => Promise.all([...LISTS, ['forecast']].map((queryKey) => client.invalidateQueries({ queryKey })));
  const onSuccess = (trial: TrialView) => {
    client.setQueryData(['trials', 'one', trial.id], trial);
    return several();
  };
  const log = useMutation({
    mutationFn: (fields: TrialFields) => body(api.POST('/api/trials', { body: fields })),
    onSuccess,
  });
  const correct = useMutation({
    mutationFn: ({ id, version, fields }: { id: number; version: number; fields: TrialFields }) =>
      body(api.PUT('/api/trials/{id}', { params: { path: { id }, query: { version } }, body: fields })),
    onSuccess,
  });
  const remove = useMutation({
    mutationFn: ({ id, version }: Pick<TrialView, 'id' | 'version'>) =>
      body(api.DELETE('/api/trials/{id}', { params: { path: { id }, query: { version } } })),
    // whoever still looks at it has nothing more to ask about it
    onSuccess: ({ id }) => Promise.all([
      ...LISTS.map((queryKey) => client.invalidateQueries({ queryKey })),
      client.invalidateQueries({ queryKey: ['forecast'], predicate: ({ queryKey }) => queryKey[1] !== 'record' || queryKey[2] !== id }),
    ]),
  });
  const restore = useMutation({
    mutationFn: (id: number) =>
      body(api.POST('/api/trials/{id}/restoration', { params: { path: { id } } })),
    onSuccess,
  });
  const logAlike = useMutation({
    mutationFn: ({ fields, pieces }: { fields: TrialFields; pieces: number }) => body(api.POST('/api/trials/alike', { params: { query: { pieces } }, body: fields })),
    onSuccess: several,
  });
  const takeBack = useMutation({ mutationFn: (trials: number[]) => body(api.POST('/api/trials/alike/undoing', { body: { trials } })), onSuccess: several });
  return { log, logAlike, takeBack, correct, remove, restore };
}

export function useRack() {
  return useQuery({ queryKey: ['rack'], queryFn: () => body(api.GET('/api/rack')) });
}

/** Writes to the drying rack. */
export function useRackWrites() {
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries({ queryKey: ['rack'] });
  type Held = Pick<DryingView, 'id' | 'version'>;
  const place = ({ id, version }: Held) => ({ params: { path: { id }, query: { version } } });
  const hang = useMutation({
    mutationFn: (fields: DryingFields) => body(api.POST('/api/rack', { body: fields })),
    onSuccess,
  });
  const weigh = useMutation({
    mutationFn: ({ piece, weighIn }: { piece: Held; weighIn: WeighInFields }) =>
      body(api.POST('/api/rack/{id}/weigh-ins', { ...place(piece), body: weighIn })),
    onSuccess,
  });
  const takeBack = useMutation({
    mutationFn: (piece: Held) => body(api.DELETE('/api/rack/{id}/weigh-ins/last', place(piece))),
    onSuccess,
  });
  const takeOff = useMutation({
    mutationFn: (piece: Held) => body(api.DELETE('/api/rack/{id}', place(piece))),
    onSuccess,
  });
  const putBack = useMutation({
    mutationFn: (id: number) => body(api.POST('/api/rack/{id}/restoration', { params: { path: { id } } })),
    onSuccess,
  });
  return { hang, weigh, takeBack, takeOff, putBack };
}
