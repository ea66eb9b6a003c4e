import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Search } from '../api/advice';
import type { FoundView, RecipeFields, WaysRequest } from '../api/schema';
import { ANSWER, showPart, STEAMED } from '../testing';
import { WaysPart } from './WaysPart';

let search: Search | undefined;
const asked = vi.fn<(wish: WaysRequest | undefined) => void>();
vi.mock('../api/advice', () => ({
  useSideBySide: () => ({ data: undefined, isPlaceholderData: false, error: null }),
  useWays: (wish: WaysRequest | undefined) => {
    asked(wish);
    return wish && search;
  },
}));
vi.mock('../api/queries', () => ({ useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }) }));
vi.mock('../units/reading', async (original) => ({
  ...(await original<typeof import('../units/reading')>()),
  useReadings: (await import('../units/testReading')).readPlainly,
}));

const FOUND: FoundView = {
  ways: [
    { recipe: STEAMED, unbroken: { probability: 0.93, low: 0.85, high: 0.97 }, hours: 25, trialsNear: 12, ofThisWood: 4, ofOtherShops: 0, beyondRecords: false, shorterThanSchools: false },
    { recipe: STEAMED, unbroken: { probability: 0.91, low: 0.6, high: 0.99 }, hours: 25.5, trialsNear: 0, ofThisWood: 0, ofOtherShops: 0, beyondRecords: true, shorterThanSchools: true },
  ],
  reached: 31, looked: 240,
  fellOut: [{ because: 'DRY_WOOD', count: 209, best: STEAMED, unbroken: 0.6 }],
  nearest: [],
};

beforeEach(() => {
  localStorage.clear();
  asked.mockClear();
  search = { done: 240, of: 240, found: FOUND };
});

it('looks only when told to, for the planned bend and with every length typed', async () => {
  showPart(<WaysPart />);
  expect(asked).toHaveBeenLastCalledWith(undefined);
  await userEvent.type(screen.getByLabelText('Solid stock may be'), '5; 6');
  await userEvent.click(screen.getByText('Look for ways'));
  const wish = asked.mock.lastCall?.[0];
  expect(wish).toMatchObject({
    innerRadiusMm: 152.4, angleDegrees: 180, thicknessMm: 19.05, widthMm: 25.4, thicknessesMm: [5, 6], pliesMm: [1, 1, 3], order: 'QUICKEST',
  });
});

it('says of each way its odds, its time and what the records know of it', async () => {
  showPart(<WaysPart />);
  await userEvent.click(screen.getByText('Look for ways'));
  const [first, second] = within(screen.getByRole('list', { name: 'Ways' })).getAllByRole('listitem');
  expect(first?.textContent).toContain('12 of your bends were about as hard');
  expect(first?.textContent).toContain('25 h until it is off the form');
  expect(second?.textContent).toContain('Harder than anything you have logged');
  expect(screen.getByText(/209 because the wood is too dry/)).toBeDefined();
});

it('looks again at once when another order is wanted', async () => {
  showPart(<WaysPart />);
  await userEvent.click(screen.getByText('Look for ways'));
  await userEvent.click(screen.getByText('most tried'));
  expect(asked.mock.lastCall?.[0]).toMatchObject({ innerRadiusMm: 152.4, order: 'MOST_TRIED' });
});

it('asks for the finished section of a lamination, not for one of its plies', async () => {
  const glued: RecipeFields = { ...STEAMED, blank: { ...STEAMED.blank, thicknessMm: 3.175 }, method: { kind: 'COLD_LAMINATION', glue: 'PVA', plies: 4 } };
  showPart(<WaysPart />, { answer: { recipe: glued, forecast: ANSWER } });
  await userEvent.click(screen.getByText('Look for ways'));
  expect(asked.mock.lastCall?.[0]?.thicknessMm).toBeCloseTo(12.7, 6);
});

it('looks for a plate among plates alone', async () => {
  const plate = { kind: 'PRESSED_PLATE' as const, soakHours: 0.25, bathMinutes: 30, bathC: 96, acrossRiseMm: 12.7, rounds: 3 };
  showPart(<WaysPart />, { answer: { recipe: { ...STEAMED, method: plate }, forecast: ANSWER } });
  expect(screen.queryByText('Ways to bend')).toBeNull();
  await userEvent.click(screen.getByText('Look for ways'));
  expect(asked.mock.lastCall?.[0]).toMatchObject({ acrossRiseMm: 12.7, methods: ['PRESSED_PLATE'] });
});

it('does not look for a bend that is still being typed, nor with a length that cannot be read', async () => {
  const shown = showPart(<WaysPart />, { current: false });
  expect(screen.getByText<HTMLButtonElement>('Look for ways').disabled).toBe(true);
  shown.unmount();
  showPart(<WaysPart />);
  await userEvent.type(screen.getByLabelText('Solid stock may be'), 'wide');
  expect(screen.getByRole('alert').textContent).toContain('“wide” cannot be read.');
  expect(screen.getByText<HTMLButtonElement>('Look for ways').disabled).toBe(true);
});

it('takes a way into the recipe', async () => {
  const take = vi.fn();
  showPart(<WaysPart />, { take });
  await userEvent.click(screen.getByText('Look for ways'));
  await userEvent.click(screen.getAllByRole('button', { name: 'Use this' })[0] as HTMLElement);
  expect(take).toHaveBeenCalledWith(STEAMED);
});

it('shows how far the search is, and what comes nearest when nothing will do', async () => {
  search = { done: 60, of: 240 };
  const shown = showPart(<WaysPart />);
  await userEvent.click(screen.getByText('Look for ways'));
  expect(screen.getByText('60 of 240 combinations looked at')).toBeDefined();
  expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('25');
  shown.unmount();
  search = { done: 240, of: 240, found: { ...FOUND, ways: [], reached: 0, nearest: FOUND.ways.slice(1) } };
  showPart(<WaysPart />);
  await userEvent.click(screen.getByText('Look for ways'));
  expect(screen.getByText('None of 240 combinations is good enough')).toBeDefined();
  expect(within(screen.getByRole('list', { name: 'Ways' })).getAllByRole('listitem')).toHaveLength(1);
  expect(screen.queryByText('Which first')).toBeNull();
});
