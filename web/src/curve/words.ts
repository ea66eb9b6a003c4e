import type { BendView, FormReading, FormWantedFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import type { Grip } from './geometry';
import { printInches, printLength, printMillimetres } from '../units/printing';

export const FAMILIAR = { SINGLE: 'One bend', S: 'S', U: 'U', HOOP: 'Hoop', SPIRAL: 'Spiral' } as const;
export const ALONG = { MIDDLE: 'Its middle', LEFT_FACE: 'Its left face', RIGHT_FACE: 'Its right face' } as const;
export const FORM: Record<FormWantedFields['kind'], string> = { ONE_SIDED: 'One-sided', PRESS: 'Two-sided press', RIBS: 'Ribs', BLOCKS: 'Blocks', PEG_BOARD: 'Peg board' };
export const ROLE: Record<FormReading['parts'][number]['role'], string> = { BODY: 'Body', INNER_HALF: 'Inner half', OUTER_HALF: 'Outer half', RIB: 'Ribs', BLOCK: 'Blocks', BOARD: 'Board' };
export const WHAT = { PIECE: 'The piece', ON_FORM: 'The piece on the form', FORM: 'The form' } as const;

/** A bend in a few signs: R 7", 90°. */
export function bendLabel({ tightestMm, angleDegrees }: Pick<BendView, 'tightestMm' | 'angleDegrees'>, system: UnitSystem): string {
  return `R ${about(tightestMm, system)}, ${Math.round(angleDegrees)}°`;
}

/** What is cut for a form, line by line. */
export function cutList({ parts, pegs }: FormReading, sheetThicknessMm: number, system: UnitSystem): string[] {
  const blocks = parts.find(({ role }) => role === 'BOARD')?.marks.length ?? 0;
  const lines = parts.map(({ role, layers, holes }) => {
    const thick = printLength(sheetThicknessMm, system);
    if (role === 'RIB') return `${layers} ribs of ${thick}`;
    if (role === 'BLOCK') return `${blocks} blocks, each of ${layersOf(layers / blocks)} of ${thick}`;
    const drilled = holes.filter(({ use }) => use !== 'PEG').length;
    return `${ROLE[role]}: ${layersOf(layers)} of ${thick}${drilled > 0 ? `, ${drilled === 1 ? '1 hole' : `${drilled} holes`} through ${layers === 1 ? 'it' : 'each'}` : ''}`;
  });
  return pegs > 0 ? [...lines, `${pegs} pegs, each as long as the board is thick and the piece is wide`] : lines;
}

function layersOf(layers: number): string {
  return layers === 1 ? '1 layer' : `${layers} layers`;
}

/** A length that was worked out, as closely as a bench goes by it. */
export function about(mm: number, system: UnitSystem): string {
  return system === 'inch' ? printInches(mm, 16) : printMillimetres(Math.round(mm));
}

/** What a part measures, in a few signs. */
export function valueInWords({ what }: Grip, value: number, system: UnitSystem): string {
  if (what === 'angleDegrees') return `${Math.round(value)}°`;
  return what === 'innerRadiusMm' ? `R ${printLength(value, system)}` : printLength(value, system);
}
