import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { MeasuredOut, MethodFields, PliesView } from '../api/schema';
import { KINDS, METHODS } from '../methods/forms';
import { ANSWER, GLUED, showPart, STEAMED } from '../testing';
import { SheetPart } from './SheetPart';
import { valueInWords } from './words';

const CLOSING: MeasuredOut[] = [{ measure: 'CLOSING', measurement: 'MINUTES', value: 9 }, { measure: 'OPEN_TIME', measurement: 'MINUTES', value: 12 }];
const OTHERS: PliesView[] = [4, 6].map((plies) => ({
  recipe: GLUED, planned: plies === 6, plies, unbroken: { probability: 0.9, low: 0.8, high: 0.95 }, springback: ANSWER.springback, fenceStepMm: 6.35, waste: 0.5, sheet: CLOSING,
}));
vi.mock('../api/advice', () => ({ usePliesCompared: () => ({ data: OTHERS, isPlaceholderData: false, error: null }) }));

const SAWN = { ...STEAMED, method: { kind: 'KERF_BENDING' as const, kerfMm: 3.175, webMm: 1.5875, pitchMm: 6.35 } };
const CUTS: MeasuredOut[] = [
  { measure: 'OUTER_ARC', measurement: 'LENGTH', value: 139.7 }, { measure: 'CUTS', measurement: 'COUNT', value: 22 },
  { measure: 'PITCH', measurement: 'LENGTH', value: 6.35 }, { measure: 'CUT_DEPTH', measurement: 'LENGTH', value: 11.1 },
];

it('draws the cuts on the piece laid out straight, as many as are measured out', () => {
  showPart(<SheetPart />, { answer: { recipe: SAWN, forecast: { ...ANSWER, sheet: CUTS } } });
  const drawing = screen.getByRole('img', { name: /22 cuts 1\/4" apart, 7\/16" deep/ });
  // the piece, the bend on it, and each cut
  expect(drawing.querySelectorAll('rect')).toHaveLength(2 + 22);
  const sheet = within(screen.getByRole('region', { name: 'Sheet for the bench' }));
  expect(sheet.getByRole('row', { name: 'Saw cuts 22' })).toBeDefined();
  expect(sheet.getByText(/Blade guard on/)).toBeDefined();
  expect(sheet.getByText(/^Saw a ladder on two or three test pieces/)).toBeDefined();
  expect(screen.queryByRole('region', { name: 'In other plies' })).toBeNull();
});

it('draws the plies of a stack', () => {
  showPart(<SheetPart />, { answer: { recipe: GLUED, forecast: ANSWER } });
  expect(screen.getByRole('img', { name: /laid out straight/ }).querySelectorAll('line').length).toBe(6 - 1 + 3);
});

it('sets a glued section beside the same in other plies, each planned by a tap', async () => {
  const take = vi.fn();
  showPart(<SheetPart />, { answer: { recipe: GLUED, forecast: ANSWER }, take });
  const others = within(screen.getByRole('region', { name: 'In other plies' }));
  expect(others.getByRole('row', { name: /^4 .*9 min of 12 min 1\/4" 50 %/ })).toBeDefined();
  expect(others.getByRole('row', { name: /^6 .*your plan$/ })).toBeDefined();
  await userEvent.click(others.getByText('Use this'));
  expect(take).toHaveBeenCalledWith(GLUED);
});

it('prints what no rule shows in finer units, and shares in words', () => {
  const line = (measurement: MeasuredOut['measurement'], value: number): MeasuredOut => ({ measure: 'FACET', measurement, value });
  expect(valueInWords(line('LENGTH', 0.0568), 'inch')).toBe('0.002"');
  expect(valueInWords(line('LENGTH', 0.0568), 'metric')).toBe('0.06 mm');
  expect(valueInWords(line('LENGTH', 11.1), 'inch')).toBe('7/16"');
  expect(valueInWords(line('TEMPERATURE', 96), 'metric')).toBe('96 °C');
  expect(valueInWords(line('SHARE', 0.2), 'inch')).toBe('less than 1 in 100');
  expect(valueInWords(line('SHARE', 34.6), 'inch')).toBe('35 in 100');
  expect(valueInWords({ ...line('SHARE', 1.19), measure: 'STRETCH_ALONG' }, 'inch')).toBe('1.2 %');
});

/** Every setting there is, so that each way finds its own. */
const EVERYTHING = {
  ...STEAMED.method, glue: 'PVA', plies: 4, kerfMm: 3, webMm: 2, pitchMm: 9, cleanMm: 1.6, thinnedMm: 9, thinnedOverMm: 300, pipeMinutes: 3, pipeC: 130, contactPercent: 15,
  bathMinutes: 20, bathC: 98, bagC: 98, steamOnMinutes: 0, acrossRiseMm: 6, rounds: 3,
};

it.each(KINDS)('shows what can hurt about %s', (kind) => {
  const recipe = { ...STEAMED, method: { ...EVERYTHING, kind } as unknown as MethodFields };
  showPart(<SheetPart />, { answer: { recipe, forecast: ANSWER } });
  expect(screen.getByText(METHODS[kind].caution)).toBeDefined();
});
