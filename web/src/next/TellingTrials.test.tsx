import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { NextAnswer, RecipeFields } from '../api/schema';
import { GLUED, show, STEAMED } from '../testing';
import { TellingTrials } from './TellingTrials';

const tighter: RecipeFields = { ...STEAMED, innerRadiusMm: 127 };
const answer: NextAnswer = {
  trials: [
    { recipe: tighter, unbroken: { probability: 0.6, low: 0.4, high: 0.8 }, spreadNow: 0.2, spreadThen: 0.15 },
    { recipe: STEAMED, unbroken: { probability: 0.7, low: 0.5, high: 0.9 }, spreadNow: 0.2, spreadThen: 0.199 },
  ],
  radiusLadder: [], thicknessLadder: [],
};
const asked = vi.fn();
vi.mock('../api/advice', () => ({
  useNextTrials: (...question: unknown[]) => {
    asked(...question);
    return { data: answer };
  },
}));

beforeEach(() => { asked.mockClear(); });

it('says by how much each trial would narrow what is not known', () => {
  show(<TellingTrials recipe={STEAMED} onTake={vi.fn()} />);
  expect(screen.getByText(/3\/4" at radius 5": narrows what is not known by 25 %; 6 in 10 like it hold\./)).toBeDefined();
  expect(screen.queryByText(/A single trial tells little now/)).toBeNull();
});

it('keeps bends of the same method in mind and asks what tells of all of them', async () => {
  localStorage.setItem('brachion.inMind', JSON.stringify([{ ...GLUED, method: 'COLD_LAMINATION', lamination: { glue: 'PVA', plies: 6 } }]));
  const shown = show(<TellingTrials recipe={STEAMED} onTake={vi.fn()} />);
  expect(asked).toHaveBeenLastCalledWith(STEAMED, []);
  await userEvent.click(screen.getByRole('button', { name: 'Keep this bend in mind' }));
  expect(screen.queryByRole('button', { name: 'Keep this bend in mind' })).toBeNull();
  shown.unmount();
  show(<TellingTrials recipe={tighter} onTake={vi.fn()} />);
  expect(asked).toHaveBeenLastCalledWith(tighter, [STEAMED]);
  const kept = screen.getAllByRole('listitem').find((item) => item.textContent?.startsWith('Steam box, air-dried 18 %, 3/4"'));
  await userEvent.click(within(kept as HTMLElement).getByRole('button', { name: 'Forget it' }));
  expect(asked).toHaveBeenLastCalledWith(tighter, []);
});
