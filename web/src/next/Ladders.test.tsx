import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { NextAnswer, RecipeFields, RungView } from '../api/schema';
import { show, STEAMED } from '../testing';
import { Ladders } from './Ladders';

const rung = (change: Partial<RecipeFields>, probability: number): RungView => ({
  recipe: { ...STEAMED, ...change }, unbroken: { probability, low: probability - 0.1, high: probability + 0.1 },
});
const thick = (mm: number) => ({ blank: { ...STEAMED.blank, thicknessMm: mm } });
let answer: NextAnswer;
vi.mock('../api/advice', () => ({ useNextTrials: () => ({ data: answer }) }));
const taken = vi.fn();

beforeEach(() => {
  localStorage.clear();
  taken.mockClear();
  answer = {
    trials: [],
    radiusLadder: [rung({ innerRadiusMm: 304.8 }, 0.9), rung({ innerRadiusMm: 203.2 }, 0.8), rung({}, 0.6)],
    thicknessLadder: [rung(thick(12.7), 0.9), rung({}, 0.6)],
  };
});

function rungs(): string[] {
  const ladder = screen.getByRole('region', { name: 'Ladder' });
  return within(ladder).getAllByRole('listitem').map((item) => item.textContent);
}

it('leads from the safe step to the bend itself, each with its odds', () => {
  show(<Ladders recipe={STEAMED} onTake={taken} />);
  expect(rungs()).toEqual(['radius 12"9 in 10', 'radius 8"8 in 10', 'radius 6"6 in 10']);
});

it('steps by thicker stock when that is wanted, and remembers it', async () => {
  const shown = show(<Ladders recipe={STEAMED} onTake={taken} />);
  await userEvent.click(screen.getByText('thicker stock'));
  expect(rungs()).toEqual(['1/2" thick9 in 10', '3/4" thick6 in 10']);
  shown.unmount();
  show(<Ladders recipe={STEAMED} onTake={taken} />);
  expect(rungs()).toHaveLength(2);
});

it('takes the step that is tapped into the recipe', async () => {
  show(<Ladders recipe={STEAMED} onTake={taken} />);
  await userEvent.click(screen.getByText('radius 8"'));
  expect(taken).toHaveBeenCalledWith(answer.radiusLadder[1]?.recipe);
});

it('says so when the bend itself is safe to start with', () => {
  answer = { ...answer, radiusLadder: [rung({}, 0.95)] };
  show(<Ladders recipe={STEAMED} onTake={taken} />);
  expect(screen.getByText('It is safe to start at the target itself.')).toBeDefined();
});
