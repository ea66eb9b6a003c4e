import { expect, it } from 'vitest';
import type { FormReading, StrapReading } from '../api/schema';
import { about, bendLabel, cutList, pegRows, strapRows, usedInWords, zoneRows } from './words';

const FORM: FormReading = { piece: '', parts: [], laid: [], sheets: 1, pegs: 0, clamps: 0, alsoRack: false, runOutMm: 40, cost: 0, hours: 1, box: [0, 0, 1, 1] };
const HOLE = { use: 'PIN' as const, xMm: 0, yMm: 0, diameterMm: 12 };
type Part = FormReading['parts'][number];

function part(role: Part['role'], layers: number, more: Partial<Part> = {}): Part {
  return { role, path: '', holes: [], layers, marks: [], box: [0, 0, 1, 1], ...more };
}

it('says layers, holes, ribs, blocks and pegs as they are counted at the bench', () => {
  const board = part('BOARD', 1, { marks: ['a', 'b'] });
  expect(cutList({ ...FORM, parts: [part('BODY', 3, { holes: [HOLE, HOLE] })] }, 19.05, 'inch')).toEqual(['Body: 3 layers of 3/4", 2 holes through each']);
  expect(cutList({ ...FORM, parts: [part('RIB', 4)] }, 18, 'metric')).toEqual(['4 ribs of 18 mm']);
  expect(cutList({ ...FORM, parts: [part('BLOCK', 6), board] }, 18, 'metric')).toEqual(['2 blocks, each of 3 layers of 18 mm', 'Board: 1 layer of 18 mm']);
  expect(cutList({ ...FORM, pegs: 12, parts: [part('BOARD', 1)] }, 18, 'metric')[1]).toContain('12 pegs');
  expect(cutList({ ...FORM, parts: [part('BODY', 3), part('SPACER', 8)] }, 18, 'metric')[1]).toContain('8 spacers of 18 mm');
});

it('says what was worked out as closely as a bench goes by it', () => {
  expect(about(216.9914, 'inch')).toBe('8 9/16"');
  expect(about(216.9914, 'metric')).toBe('217 mm');
  expect(bendLabel({ tightestMm: 152.4, angleDegrees: 89.6 }, 'inch')).toBe('R 6", 90°');
});

it('counts the places of pegs from the lower left corner of their board', () => {
  const board = part('BOARD', 1, { box: [-50, -200, 300, 400], holes: [{ use: 'PEG', xMm: 0, yMm: 0, diameterMm: 20 }, HOLE] });
  // the board goes from 200 above the origin to 200 below it
  expect(pegRows({ ...FORM, parts: [board] }, 'metric')).toEqual([{ label: 'Peg 1', value: '50 mm to the right, 200 mm up' }]);
  expect(pegRows({ ...FORM, pegs: 750, parts: [board] }, 'metric')).toEqual([{ label: 'Pegs', value: '750, too many for a list; print the pattern at full size' }]);
});

it('says whether there are clamps enough and whether the piece may dry on it', () => {
  expect(usedInWords({ clamps: 9, alsoRack: true }, { name: 'Bar clamps', room: 12 })).toBe('9 clamps along the piece; of Bar clamps there are enough. Air reaches both faces, so the piece may dry on it.');
  expect(usedInWords({ clamps: 0, alsoRack: false })).toBe('The inner face lies close; dry the piece on a rack.');
});

const STRAP: StrapReading = {
  material: 'STEEL', drilled: true, thicknessMm: 1.5, widthMm: 50, ends: 'STOPS', betweenStopsMm: 903, pullN: 6000, stressMpa: 80, bearsMpa: 250, endPressureMpa: 4, endCrushingMpa: 12,
  fittings: [{ units: 'INCH', bandMm: 1030, bearsN: 12500, bolt: '1/4"-20', holeMm: 7.9375, atMm: [23.8, 53.6], tailMm: 77.4 }, { units: 'METRIC', bandMm: 1020, bearsN: 12500, bolt: 'M6', holeMm: 7, atMm: [21, 47.25], tailMm: 68.25 }],
};
const valueOf = (strap: StrapReading, label: string, system: 'inch' | 'metric' = 'metric') => strapRows(strap, system).find((row) => row.label === label)?.value;

it('says what a strap is made to, in the bolts of those who measure so', () => {
  expect(valueOf(STRAP, 'Bolts at each stop')).toBe('2 × M6 in a row');
  expect(valueOf(STRAP, 'Their holes')).toBe('7 mm, 21 mm, 47 mm behind the face of the stop');
  expect(valueOf(STRAP, 'Bolts at each stop', 'inch')).toBe('2 × 1/4"-20 in a row');
  expect(valueOf(STRAP, 'It pulls with')).toBe('612 kg');
});

it('says why nothing is bolted', () => {
  const bare = STRAP.fittings.map(({ units, bandMm, bearsN }) => ({ units, bandMm, bearsN, atMm: [] }));
  expect(valueOf({ ...STRAP, fittings: bare }, 'Bolts at each stop')).toContain('thicker or wider');
  expect(valueOf({ ...STRAP, material: 'WEBBING', drilled: false, fittings: bare }, 'Bolts at each stop')).toContain('sew');
  expect(valueOf({ ...STRAP, ends: 'NOT_HELD', fittings: bare }, 'Its ends')).toContain('not held');
});

it('gives the zones of a strip in the order they are made, and when it is turned over', () => {
  const zones = [
    { fromMm: 50.8, toMm: 152.4, down: 'LEFT' as const, tightestMm: 76.2, angleDegrees: 75, tightestFirst: 2 },
    { fromMm: 203.2, toMm: 279.4, down: 'RIGHT' as const, tightestMm: 50.8, angleDegrees: 80, tightestFirst: 1 },
  ];
  expect(zoneRows(zones, 'FROM_ONE_END', 'inch')).toEqual([
    { label: '1. R 3", 75°', value: '2" to 6", 4" heated; left face down' },
    { label: '2. R 2", 80°', value: '8" to 11", 3" heated; turn the strip over; right face down' },
  ]);
  expect(zoneRows(zones, 'TIGHTEST', 'inch').map(({ label }) => label)).toEqual(['1. R 2", 80°', '2. R 3", 75°']);
});
