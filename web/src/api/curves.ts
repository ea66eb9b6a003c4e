import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, asBytes, body } from './client';
import { handOver } from './handOver';
import type { ChainFields, DrawingFields, FormWantedFields, KeptCurveFields, PointsFields, RecipeFields } from './schema';

const KEPT = ['curves', 'kept'];

/** A curve as it is asked about. */
export interface AskedCurve {
  recipe: RecipeFields;
  chain: ChainFields;
  strapTurned: boolean;
  /** Left over at each end to be held by and cut off. */
  overhangMm: number;
}

/** What there is to say of a curve. It carries what was asked. */
export function useCurveForecast(asked: AskedCurve | undefined) {
  return useQuery({
    // the odds change with the records, like every forecast
    queryKey: ['forecast', 'curve', asked],
    queryFn: async () => {
      const curve = asked as AskedCurve;
      return { asked: curve, ...(await body(api.POST('/api/curves/forecast', { body: curve }))) };
    },
    enabled: asked !== undefined,
    placeholderData: keepPreviousData,
    // a place something was dragged over is not asked about again
    gcTime: 10_000,
    retry: false,
  });
}

/** A form for a curve. It carries what was asked. */
export function useCurveForm(curve: AskedCurve | undefined, form: FormWantedFields | undefined) {
  const asked = curve && form ? { curve, form } : undefined;
  return useQuery({
    queryKey: ['forecast', 'curve', 'form', asked],
    queryFn: () => body(api.POST('/api/curves/form', { body: asked as NonNullable<typeof asked> })),
    enabled: asked !== undefined,
    placeholderData: keepPreviousData,
    gcTime: 10_000,
    retry: false,
  });
}

/** A curve everybody knows by name. */
export function useFamiliar() {
  return useMutation({
    mutationFn: (query: { curve: 'SINGLE' | 'S' | 'U' | 'HOOP' | 'SPIRAL'; innerRadiusMm: number; angleDegrees: number }) =>
      body(api.GET('/api/curves/familiar', { params: { query } })),
  });
}

/** Kinds of drawings that are read, by the ending of their name. */
const DRAWN = { svg: 'image/svg+xml', dxf: 'image/vnd.dxf' } as const;

/** What is said of a line that comes in. */
export interface LineAsked {
  toleranceMm: number;
  along: PointsFields['along'];
  thicknessMm: number;
  units: 'INCH' | 'METRIC';
}

/** The curve a drawing holds, or places in a text. */
export function useBringLine() {
  const drawn = useMutation({
    mutationFn: ({ file, units, ...query }: LineAsked & { file: File }) => {
      const ending = /\.(svg|dxf)$/i.exec(file.name)?.[1]?.toLowerCase() as keyof typeof DRAWN | undefined;
      if (!ending) throw new Error('Choose a drawing whose name ends in .svg or .dxf.');
      return body(api.POST('/api/curves/drawn', { params: { query: { ...query, bareUnits: units } }, ...asBytes(file), headers: { 'Content-Type': DRAWN[ending] } }));
    },
  });
  const places = useMutation({ mutationFn: (given: PointsFields) => body(api.POST('/api/curves/points', { body: given })) });
  return { drawn, places };
}

/** Has the pattern drawn and hands it over as a file. */
export function useDrawing() {
  return useMutation({
    mutationFn: async ({ as, drawing }: { as: 'svg' | 'dxf' | 'pdf'; drawing: DrawingFields }) => {
      const { data, response } = await api.POST(`/api/curves/drawing/${as}`, { body: drawing, parseAs: 'blob' });
      handOver(data as unknown as Blob, response, `pattern.${as}`);
    },
  });
}

export function useKeptCurves() {
  return useQuery({ queryKey: KEPT, queryFn: () => body(api.GET('/api/curves/kept')) });
}

/** Keeps curves and lets them go. */
export function useKeptCurveWrites() {
  const client = useQueryClient();
  const changed = { onSuccess: () => client.invalidateQueries({ queryKey: KEPT }) };
  const keep = useMutation({ mutationFn: (curve: KeptCurveFields) => body(api.POST('/api/curves/kept', { body: curve })), ...changed });
  const discard = useMutation({ mutationFn: (id: number) => body(api.DELETE('/api/curves/kept/{id}', { params: { path: { id } } })), ...changed });
  const restore = useMutation({ mutationFn: (id: number) => body(api.POST('/api/curves/kept/{id}/restoration', { params: { path: { id } } })), ...changed });
  return { keep, discard, restore };
}
