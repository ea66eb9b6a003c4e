import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { LeversAnswer } from '../api/schema';
import { show, STEAMED } from '../testing';
import { LeversPanel } from './LeversPanel';

const even = (probability: number) => ({ probability, low: probability - 0.1, high: probability + 0.1 });
const soaked = { ...STEAMED, method: { kind: 'STEAM_BOX' as const, soakHours: 14, steamMinutes: 60, chamberC: 98, carrySeconds: 15 } };
const ANSWER: LeversAnswer = {
  now: even(0.3),
  levers: [{ kind: 'SOAK', amount: 14, recipe: soaked, unbroken: even(0.7), beyondRecords: true }],
  cheapest: { changes: [{ kind: 'SOAK', amount: 14 }, { kind: 'QUICKER_CARRY', amount: 10 }], recipe: soaked, unbroken: even(0.89), reaches: true, beyondRecords: false },
};

vi.mock('../api/advice', () => ({ useLevers: () => ({ data: ANSWER }) }));

it('offers single steps and the least trouble that gets there, and takes the one that is tapped', async () => {
  const take = vi.fn();
  show(<LeversPanel recipe={STEAMED} onTake={take} />);
  expect(screen.getByText('Soak it 14 h first; clamp within 10 s')).toBeDefined();
  expect(screen.getByText('9 in 10, between 7 and 10 in 10, least trouble that gets there')).toBeDefined();
  expect(screen.getByText(/7 in 10, between 6 and 8 in 10/).textContent).toContain('beyond your records');
  await userEvent.click(screen.getByText('Soak it 14 h first'));
  expect(take).toHaveBeenCalledWith(soaked);
});
