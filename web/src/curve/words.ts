import type { AskedCurve } from '../api/curves';
import type { BendView, FormReading, FormWantedFields, RigItemFields, StrapReading, ZoneView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import type { Grip } from './geometry';
import { SUPPORT } from '../recipe/options';
import { many } from '../units/number';
import { BARE } from '../units/reading';
import { printInches, printLength, printMillimetres, printPull } from '../units/printing';

export const FAMILIAR = { SINGLE: 'One bend', S: 'S', U: 'U', HOOP: 'Hoop', SPIRAL: 'Spiral' } as const;
export const ALONG = { MIDDLE: 'Its middle', LEFT_FACE: 'Its left face', RIGHT_FACE: 'Its right face' } as const;
export const FORM: Record<FormWantedFields['kind'], string> = { ONE_SIDED: 'One-sided', PRESS: 'Two-sided press', RIBS: 'Ribs', BLOCKS: 'Blocks', PEG_BOARD: 'Peg board' };
export const ROLE: Record<FormReading['parts'][number]['role'], string> = { BODY: 'Body', INNER_HALF: 'Inner half', OUTER_HALF: 'Outer half', RIB: 'Ribs', SPACER: 'Spacers', BLOCK: 'Blocks', BOARD: 'Board' };
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
    if (role === 'SPACER') return `${layers} spacers of ${thick}, each with a hole for its pin, between the layers`;
    if (role === 'BLOCK') return `${blocks} blocks, each of ${layersOf(layers / blocks)} of ${thick}`;
    const drilled = holes.filter(({ use }) => use !== 'PEG').length;
    return `${ROLE[role]}: ${layersOf(layers)} of ${thick}${drilled > 0 ? `, ${many(drilled, 'hole', 'holes')} through ${layers === 1 ? 'it' : 'each'}` : ''}`;
  });
  return pegs > 0 ? [...lines, `${pegs} pegs, each as long as the board is thick and the piece is wide`] : lines;
}

/** Places for clamps, and whether it is a rack as well. */
export function usedInWords({ clamps, alsoRack }: Pick<FormReading, 'clamps' | 'alsoRack'>, there?: { name: string; room: number }): string {
  const enough = there ? (there.room < clamps ? `; of ${there.name} there are ${there.room}` : `; of ${there.name} there are enough`) : '';
  const clamped = clamps > 0 ? `${clamps} clamps along the piece${enough}. ` : '';
  return `${clamped}${alsoRack ? 'Air reaches both faces, so the piece may dry on it.' : 'The inner face lies close; dry the piece on a rack.'}`;
}

/** How many sheets it takes, of what size. */
export function sheetsInWords({ sheets }: Pick<FormReading, 'sheets'>, { sheetLengthMm, sheetWidthMm }: FormWantedFields, system: UnitSystem): string {
  return `${many(sheets, 'sheet', 'sheets')} of ${printLength(sheetLengthMm, system)} × ${printLength(sheetWidthMm, system)}`;
}

/** What can hurt about making a form. */
export const FORM_CAUTION = 'Guards on saw and router, a mask against the dust of sheet goods, no loose sleeves; clamp the work, not the fingers.';

/** A form that is built, as a thing of the rig; of several bends it gives no one radius. */
export function formAsThing(name: string, { clamps, alsoRack }: FormReading, { kind }: FormWantedFields, { recipe, chain }: AskedCurve): RigItemFields {
  const arcs = chain.stretches.filter(({ kind: part }) => part === 'ARC');
  const [only] = arcs;
  const bend = only?.innerRadiusMm !== undefined && only.angleDegrees !== undefined && arcs.length === 1 ? { radiusMm: only.innerRadiusMm, angleDegrees: only.angleDegrees } : {};
  return {
    kind: 'FORM', name: name.slice(0, MOST_LETTERS), room: 1, note: FORM[kind], widthMm: recipe.blank.widthMm, ...bend,
    form: { madeOf: 'sheet goods', alsoRack, ...(clamps > 0 ? { clampPlaces: clamps } : {}) },
  };
}

/** A thing in the rig has no longer name. */
const MOST_LETTERS = 80;

/** A sheet lists no more. */
const MOST_ROWS = 400;

/** Where the pegs of a board go, counted from its lower left corner. */
export function pegRows({ parts, pegs }: FormReading, system: UnitSystem): { label: string; value: string }[] {
  if (pegs > MOST_ROWS) return [{ label: 'Pegs', value: `${pegs}, too many for a list; print the pattern at full size` }];
  return parts.filter(({ role }) => role === 'BOARD').flatMap(({ holes, box: [left = 0, top = 0, , height = 0] }) => holes.filter(({ use }) => use === 'PEG').map(({ xMm, yMm }, index) => (
    { label: `Peg ${index + 1}`, value: `${about(xMm - left, system)} to the right, ${about(top + height - yMm, system)} up` })));
}

export const PIPE_ORDER = { TIGHTEST: 'the tightest', FROM_ONE_END: 'from one end on' } as const;
export type PipeOrder = keyof typeof PIPE_ORDER;

/** Zones along a strip in the order they are made. */
export function inOrder(heated: ZoneView[], order: PipeOrder): ZoneView[] {
  return order === 'TIGHTEST' ? heated.toSorted((one, other) => one.tightestFirst - other.tightestFirst) : heated;
}

/** What is marked on the strip and done there, one bend after the other. */
export function zoneRows(heated: ZoneView[], order: PipeOrder, system: UnitSystem): { label: string; value: string }[] {
  const made = inOrder(heated, order);
  return made.map((zone, index) => {
    const over = index > 0 && made[index - 1]?.down !== zone.down ? 'turn the strip over; ' : '';
    return {
      label: `${index + 1}. ${bendLabel(zone, system)}`,
      value: `${about(zone.fromMm, system)} to ${about(zone.toMm, system)}, ${about(zone.toMm - zone.fromMm, system)} heated; ${over}${zone.down === 'LEFT' ? 'left' : 'right'} face down`,
    };
  });
}

/** How the sheet is worked by. */
export const PIPE_LINES = [
  'Mark where each length begins and ends, from one end of the strip, before the strip is wet. Hold it against the full-size pattern after every heat, and bend a little less than wanted: opening a bend is harder than closing it.',
];

/** Where a strap can hurt. */
export const STRAP_CAUTION = 'A strap under pull stores enough to hurt: keep faces and helpers out of its plane, lock levers before letting go, and look at bolts and band before every bend. '
  + 'Bolts are reckoned as a guide; what local practice asks goes before it.';

/** What a strap is made to. */
export function strapRows(strap: StrapReading, system: UnitSystem): { label: string; value: string }[] {
  const fitting = strap.fittings.find(({ units }) => units === BARE[system]);
  const rows = [
    { label: 'Band', value: `${SUPPORT[strap.material]}, ${printLength(strap.thicknessMm, system)} × ${printLength(strap.widthMm, system)}` },
    { label: 'Length of the band', value: about(fitting?.bandMm ?? 0, system) },
  ];
  if (strap.ends === 'NOT_HELD') return [...rows, { label: 'Its ends', value: 'not held; it only backs the face' }];
  rows.push({ label: strap.ends === 'STOPS' ? 'From stop to stop' : 'Between the grips', value: about(strap.betweenStopsMm, system) });
  if (fitting?.bolt !== undefined) {
    const at = fitting.atMm.map((mm) => about(mm, system)).join(', ');
    rows.push({ label: 'Bolts at each stop', value: `${fitting.atMm.length} × ${fitting.bolt} in a row` },
      { label: 'Their holes', value: `${printLength(fitting.holeMm ?? 0, system)}, ${at} behind the face of the stop` });
  } else if (strap.ends === 'STOPS') {
    rows.push({ label: 'Bolts at each stop', value: strap.drilled ? 'none would hold in this band; take a thicker or wider one' : 'none; sew or clamp its ends round the stops' });
  }
  return [...rows, { label: 'It pulls with', value: printPull(strap.pullN, system) }, { label: 'The band bears, with its margin', value: printPull(fitting?.bearsN ?? 0, system) }];
}

function layersOf(layers: number): string {
  return many(layers, 'layer', 'layers');
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
