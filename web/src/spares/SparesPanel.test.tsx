import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { SparesAnswer } from '../api/schema';
import { show, STEAMED } from '../testing';
import { SparesPanel } from './SparesPanel';

let answer: SparesAnswer;
const asked = vi.fn();
vi.mock('../api/advice', () => ({
  useSpares: (...question: unknown[]) => {
    asked(...question);
    return { data: { good: 4, spares: answer }, isPlaceholderData: question[1] !== 4 };
  },
}));

beforeEach(() => {
  asked.mockClear();
  answer = { blanks: 6, certainty: 0.9, perPiece: { probability: 0.8, low: 0.7, high: 0.9 }, bareOdds: 0.41, testPieces: 3 };
});

it('says how many to cut, what it would be without, and what test pieces would tell', () => {
  show(<SparesPanel recipe={STEAMED} />);
  expect(screen.getByText('Cut 6: 2 to spare.')).toBeDefined();
  expect(screen.getByText(/Without a spare all 4 come good 4 in 10 times; one piece does 8 in 10\./)).toBeDefined();
  expect(screen.getByText(/If 3 test pieces hold one after another/)).toBeDefined();
});

it('asks again for another number, another meaning of good and another certainty', async () => {
  show(<SparesPanel recipe={STEAMED} />);
  await userEvent.clear(screen.getByLabelText('Good pieces needed'));
  await userEvent.type(screen.getByLabelText('Good pieces needed'), '12');
  await userEvent.click(screen.getByText('clean'));
  await userEvent.click(screen.getByText('19 in 20'));
  expect(asked).toHaveBeenLastCalledWith(STEAMED, 12, 0.95, false);
});

it.each(['some', '0', '-3', '2.5', ''])('asks nothing for “%s” pieces and says so', async (typed) => {
  show(<SparesPanel recipe={STEAMED} />);
  await userEvent.clear(screen.getByLabelText('Good pieces needed'));
  if (typed) await userEvent.type(screen.getByLabelText('Good pieces needed'), typed);
  expect(screen.getByRole('alert').textContent).toBe(`“${typed}” is not a number of pieces.`);
  expect(asked).toHaveBeenLastCalledWith(STEAMED, undefined, 0.9, true);
  expect(screen.queryByText(/^Cut/)).toBeNull();
});

it('does not call waste a plan', () => {
  answer = { ...answer, blanks: 40 };
  const shown = show(<SparesPanel recipe={STEAMED} />);
  expect(screen.getByText(/change the bend first/)).toBeDefined();
  shown.unmount();
  answer = { certainty: 0.9, perPiece: answer.perPiece, bareOdds: 0, testPieces: 0 };
  show(<SparesPanel recipe={STEAMED} />);
  expect(screen.getByText('Even 400 blanks are too few for 4. Change the bend first.')).toBeDefined();
});

it('keeps the last answer as what it is, dimmed, until the new one comes', async () => {
  show(<SparesPanel recipe={STEAMED} />);
  await userEvent.clear(screen.getByLabelText('Good pieces needed'));
  await userEvent.type(screen.getByLabelText('Good pieces needed'), '12');
  const old = screen.getByText(/Without a spare all 4 come good/).closest('[aria-busy]');
  expect(old?.getAttribute('aria-busy')).toBe('true');
});
