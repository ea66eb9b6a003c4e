import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { RecipeFields, SideBySideAnswer, WayBeside } from '../api/schema';
import { ANSWER, GLUED, show, STEAMED } from '../testing';
import { WaysTable } from './WaysTable';

let answer: { data: SideBySideAnswer | undefined; isPlaceholderData: boolean; error: Error | null };

vi.mock('../api/advice', () => ({ useSideBySide: () => answer }));
vi.mock('../api/queries', () => ({ useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }) }));

const [limiting] = ANSWER.modes;

const PLANNED: WayBeside = {
  recipe: STEAMED, planned: true, unbroken: { probability: 0.71, low: 0.55, high: 0.86 }, limiting: limiting as WayBeside['limiting'], section: ANSWER.section,
  sheet: ANSWER.sheet, springback: ANSWER.springback, beyondRecords: true, trialsThisWay: 12, hours: 25, attentionHours: 1.5, dryDays: 8.2, equipment: ['STEAM_BOX', 'STRAP', 'FORM'], notAtHand: [],
};
const OTHER: WayBeside = { ...PLANNED, recipe: GLUED, planned: false, unbroken: { probability: 0.95, low: 0.9, high: 0.98 }, attentionHours: 0.75, trialsThisWay: 0, dryDays: 0,
  beyondRecords: false, equipment: ['RIPPING', 'FORM', 'GLUING'], notAtHand: ['FORM', 'GLUING'] };

beforeEach(() => {
  answer = { data: { ways: [OTHER, PLANNED], impossible: ['KERF_BENDING'] }, isPlaceholderData: false, error: null };
});

const take = vi.fn<(recipe: RecipeFields) => void>();

const shown = (current = true) => show(<WaysTable recipe={STEAMED} current={current} wanted={0.9} onTake={take} />);

const words = (row: HTMLElement) => within(row).getAllByRole('cell').map((cell) => cell.textContent);

const names = () => screen.getAllByRole('row').slice(1).map((row) => row.getAttribute('aria-label'));

it('says of each way its odds, springback, time, what is missing and what stands against it', () => {
  shown();
  expect(words(screen.getByRole('row', { name: 'Steam box' }))).toEqual([
    'Steam boxyour plan60 min steam at 208 °F, no strap', '7 in 10', expect.stringContaining('"'), '1.5 h', '9 days', '–', 'the stretch outside, harder than any of your bends',
  ]);
  expect(words(screen.getByRole('row', { name: 'Cold lamination' })).slice(1)).toEqual(['19 in 20', expect.stringContaining('"'), '45 min', '25 h', 'a form for this curve, glue and a clamp every 4 in', 'never tried here']);
  expect(screen.getByText('Not for this piece, whatever is set: kerf bending.')).toBeDefined();
});

it('is ordered by any column, the surest first and all else from the least', async () => {
  shown();
  expect(names()).toEqual(['Cold lamination', 'Steam box']);
  await userEvent.click(screen.getByRole('button', { name: 'Holds' }));
  expect(names()).toEqual(['Cold lamination', 'Steam box']);
  await userEvent.click(screen.getByRole('button', { name: 'Holds' }));
  expect(names()).toEqual(['Steam box', 'Cold lamination']);
  expect(screen.getByRole('columnheader', { name: 'Holds' }).getAttribute('aria-sort')).toBe('ascending');
  await userEvent.click(screen.getByRole('button', { name: 'You still need' }));
  expect(names()).toEqual(['Steam box', 'Cold lamination']);
  await userEvent.click(screen.getByRole('button', { name: 'Dry after' }));
  expect(names()).toEqual(['Cold lamination', 'Steam box']);
});

it('opens beneath its row and is used by a tap, but none of an older answer', async () => {
  const first = shown();
  await userEvent.click(screen.getByRole('button', { name: 'Steam box' }));
  expect(screen.getByText(/25 h until it is off the form, 1\.5 h of it your time\. Then about 8 days until it is below 10 % moisture\./)).toBeDefined();
  expect(screen.getByText(/Bent to 6" it opens to 6 5\/16"; to end at 6", make the form 5 11\/16"\./)).toBeDefined();
  expect(screen.queryByRole('button', { name: 'Use this' })).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Cold lamination' }));
  expect(screen.getByRole('button', { name: 'Steam box' }).getAttribute('aria-expanded')).toBe('false');
  expect(screen.getByText('You still need a form for this curve, glue and a clamp every 4 in.')).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'Use this' }));
  expect(take).toHaveBeenCalledWith(GLUED);
  first.unmount();
  answer = { ...answer, isPlaceholderData: true };
  shown();
  await userEvent.click(screen.getByRole('button', { name: 'Cold lamination' }));
  expect(screen.getByRole('button', { name: 'Use this' })).toHaveProperty('disabled', true);
});

it('says where wood does not dry so far in the air it dries in', async () => {
  const wet: WayBeside = { ...PLANNED };
  delete wet.dryDays;
  answer = { ...answer, data: { ways: [wet, OTHER], impossible: [] } };
  shown();
  expect(words(screen.getByRole('row', { name: 'Steam box' }))[4]).toBe('never here');
  await userEvent.click(screen.getByRole('button', { name: 'Steam box' }));
  expect(screen.getByText(/does not come below 10 % moisture/)).toBeDefined();
});
