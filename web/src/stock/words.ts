import type { BoardFields, Known, LaidReading, MarkFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { SEASONING } from '../recipe/options';
import { printDay } from '../units/days';
import { many } from '../units/number';
import { printLength } from '../units/printing';

export const MARK: Record<MarkFields['kind'], string> = {
  KNOT: 'Knot', WILD_GRAIN: 'Wild grain', WORM: 'Worm holes', CHECK: 'Check', BARK: 'Bark or wane', SAPWOOD: 'Sapwood',
};

const TROUBLE: Record<NonNullable<LaidReading['trouble']>, string> = {
  OFF_THE_BOARD: 'Lies over the edge of the board.',
  ON_ANOTHER: 'Lies on another blank, or in its saw cut.',
  SPOILT: 'A check or bark runs through it.',
};

const HOW: Record<Known['how'], string> = { METER: 'by meter', OVEN_DRY: 'against an oven-dry sample', SCALE: 'by weighing the board' };

/** Size and seasoning: air-dried, 8' long would be 96" × 6 1/4" × 1 1/16". */
export function boardLine(board: BoardFields, system: UnitSystem): string {
  const { lengthMm, widthMm, thicknessMm } = board;
  return `${SEASONING[board.seasoning]}, ${[lengthMm, widthMm, thicknessMm].map((mm) => printLength(mm, system)).join(' × ')}`;
}

/** How wet it was when it was last read. */
export function moistureLine(moisture: Known[]): string {
  const last = moisture[moisture.length - 1];
  return last ? `${percent(last)} ${HOW[last.how]}, ${printDay(last.day)}` : 'moisture never read';
}

export function percent({ percent: found }: Known): string {
  return `${Number(found.toFixed(1))} %`;
}

export function howInWords({ how }: Known): string {
  return HOW[how];
}

/** What a blank is made of where it lies, or why it cannot be sawn there. */
export function placeInWords({ trouble, inBend, beside, recipe }: LaidReading, marks: MarkFields[]): string {
  if (trouble) return TROUBLE[trouble];
  const named = (places: number[]) => [...new Set(places.flatMap((place) => (marks[place] ? [MARK[marks[place].kind].toLowerCase()] : [])))].join(' and ');
  const grain = recipe?.blank.grainRun === undefined ? '' : `, grain 1 in ${Number(recipe.blank.grainRun.toFixed(1))}`;
  const off = beside.length > 0 ? `; ${named(beside)} off it` : '';
  const bend = inBend.length > 0 ? `${named(inBend)} in the bend` : 'clear in the bend';
  return `${bend.charAt(0).toUpperCase()}${bend.slice(1)}${grain}${off}.`;
}

/** Which plies of a piece are sawn of a blank: "Ply 3 of 7", "Plies 3 to 5 of 7". Beyond the last the next piece begins. */
export function pliesInWords(first: number, each: number, plies: number): string {
  const of = plies > 1 ? ` of ${plies}` : '';
  if (each <= 1) return `Ply ${first}${of}`;
  const last = first + each - 1;
  return plies > 1 && last > plies ? `Plies ${first} to ${plies}${of} and ${last - plies === 1 ? '1' : `1 to ${last - plies}`} of the next` : `Plies ${first} to ${last}${of}`;
}

/** How many blanks there are, and how many are sawn. */
export function blanksInWords({ blanks }: Pick<BoardFields, 'blanks'>): string {
  const sawn = blanks.filter(({ cut }) => cut).length;
  const all = many(blanks.length, 'blank', 'blanks');
  return sawn === 0 ? all : sawn === blanks.length ? `${all}, sawn` : `${all}, ${sawn} sawn`;
}

/** Where something begins. */
export function placeLabel({ alongMm, acrossMm }: { alongMm: number; acrossMm: number }, system: UnitSystem): string {
  return `at ${printLength(alongMm, system)} along, ${printLength(acrossMm, system)} across`;
}

/** What of the board is left: 64 % of it, the largest piece 40" × 6". */
export function leftInWords(leftShare: number, largest: { lengthMm: number; widthMm: number } | undefined, system: UnitSystem): string {
  const share = `${Math.round(leftShare * 100)} % of the face is left`;
  return largest ? `${share}, in one piece ${printLength(largest.lengthMm, system)} × ${printLength(largest.widthMm, system)}.` : `${share}.`;
}
