import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { MapAnswer } from '../api/schema';
import { ANSWER, showPart, STEAMED } from '../testing';
import { FIRST_RECIPE } from '../recipe/form';
import { MapPart } from './MapPart';

const thicknessMm = [2, 4, 8, 16, 32];
const innerRadiusMm = [30, 75, 190, 475, 1200];
const even = (p: number) => innerRadiusMm.map(() => thicknessMm.map(() => p));
const MAP: MapAnswer = { thicknessMm, innerRadiusMm, unbroken: even(0.7), low: even(0.5), high: even(0.9), pieces: [] };

let map: { data?: MapAnswer; isPlaceholderData: boolean };
vi.mock('../api/advice', () => ({ useBendMap: () => map }));

beforeEach(() => {
  localStorage.clear();
  map = { data: MAP, isPlaceholderData: false };
});

it('says the odds under the cross-hair with their range', () => {
  showPart(<MapPart />);
  expect(screen.getByText('3/4" at radius 6": 7 in 10 hold, between 5 and 9 in 10.')).toBeDefined();
});

it('does not give the odds of another recipe while the new map is drawn', () => {
  map.isPlaceholderData = true;
  showPart(<MapPart />);
  expect(screen.getByText('Drawing the map …')).toBeDefined();
  expect(screen.queryByText(/7 in 10 hold/)).toBeNull();
});

it('is dimmed while the recipe is still being typed', () => {
  showPart(<MapPart />, { current: false });
  expect(screen.getByRole('application').closest('[aria-busy]')?.getAttribute('aria-busy')).toBe('true');
  expect(screen.queryByText(/7 in 10 hold/)).toBeNull();
});

it('writes the place it is moved to into the recipe, in fractions', async () => {
  const change = vi.fn();
  showPart(<MapPart />, { change });
  screen.getByRole('application').focus();
  await userEvent.keyboard('{ArrowRight}');
  // a step of 3 per cent of 3/4 inch, on the nearest 64th
  expect(change).toHaveBeenLastCalledWith({ thickness: '49/64"', radius: '6"' });
});

it('moves the plies of a lamination and leaves what is wanted of it', async () => {
  const change = vi.fn();
  const recipe = { ...STEAMED, blank: { ...STEAMED.blank, thicknessMm: 3.175 }, method: { kind: 'COLD_LAMINATION' as const, glue: 'PVA' as const, plies: 4 } };
  showPart(<MapPart />, { change, form: { ...FIRST_RECIPE, method: 'COLD_LAMINATION' }, answer: { recipe, forecast: ANSWER } });
  screen.getByRole('application').focus();
  await userEvent.keyboard('{ArrowUp}');
  expect(change.mock.lastCall?.[0]).toMatchObject({ plyThickness: '1/8"', plies: '' });
  expect(change.mock.lastCall?.[0]).not.toHaveProperty('thickness');
});
