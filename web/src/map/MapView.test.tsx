import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { MapAnswer } from '../api/schema';
import { show, STEAMED } from '../testing';
import { MapView } from './MapView';

const thicknessMm = [2, 4, 8, 16, 32];
const innerRadiusMm = [30, 75, 190, 475, 1200];
const even = (p: number) => innerRadiusMm.map(() => thicknessMm.map(() => p));
const MAP: MapAnswer = { thicknessMm, innerRadiusMm, unbroken: even(0.7), low: even(0.5), high: even(0.9), pieces: [] };

let map: { data?: MapAnswer; isPlaceholderData: boolean };
vi.mock('../api/advice', () => ({ useBendMap: () => map }));
vi.mock('../api/queries', () => ({ useSpecies: () => ({ data: [] }), useNames: () => ({ data: undefined }) }));
vi.mock('../recipe/RecipeInputs', () => ({ RecipeInputs: ({ form }: { form: { thickness: string; radius: string } }) => <p>{form.thickness} at {form.radius}</p> }));
vi.mock('../recipe/useRecipe', () => ({ useRecipe: () => ({ recipe: STEAMED, settled: STEAMED, readings: {}, problems: {} }) }));

beforeEach(() => {
  localStorage.clear();
  map = { data: MAP, isPlaceholderData: false };
});

it('says the odds under the cross-hair with their range', () => {
  show(<MapView />);
  expect(screen.getByText('3/4" at radius 6": 7 in 10 hold, between 5 and 9 in 10.')).toBeDefined();
});

it('does not give the odds of another recipe while the new map is drawn', () => {
  map.isPlaceholderData = true;
  show(<MapView />);
  expect(screen.getByText('Drawing the map …')).toBeDefined();
  expect(screen.queryByText(/7 in 10 hold/)).toBeNull();
});

it('writes the place it is moved to into the recipe, in fractions', async () => {
  show(<MapView />);
  const picture = screen.getByRole('application');
  picture.focus();
  await userEvent.keyboard('{ArrowRight}');
  // a step of 3 per cent of 3/4 inch, on the nearest 64th
  expect(screen.getByText('49/64" at 6"')).toBeDefined();
});
