import { screen, within } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Beforehand, TrialView } from '../api/schema';
import { ANSWER, show, STEAMED } from '../testing';
import { CompareView } from './CompareView';

const trial = (id: number, outcome: TrialView['outcome']): TrialView => ({ id, version: 0, bentOn: '2026-03-01', recipe: STEAMED, done: { stages: [], chamber: [] }, outcome, note: '' });
const BEFORE: Beforehand = { records: 1, unbroken: { probability: 0.3, low: 0.1, high: 0.6 }, springback: ANSWER.springback };
let ids: string;
vi.mock('react-router', async (original) => ({ ...(await original<typeof import('react-router')>()), useSearchParams: () => [new URLSearchParams({ ids })] }));
vi.mock('../api/queries', () => ({
  useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }),
  useSeveralTrials: (asked: number[]) => ({ trials: asked.map((id) => trial(id, id === 3 ? { severity: 'BROKEN', flaw: 'SNAP' } : { severity: 'CLEAN', releasedRadiusMm: 165.1 })) }),
}));
vi.mock('../api/advice', () => ({ useBeforehand: (asked: number[]) => asked.map((id) => (id === 3 ? BEFORE : undefined)) }));

beforeEach(() => { ids = '3,5'; });

it('holds what was forecast before against what happened, and says only what differs', () => {
  show(<CompareView />);
  const table = within(screen.getByRole('table', { name: 'Records side by side' }));
  const before = within(table.getByRole('row', { name: /^Forecast before/ })).getAllByRole('cell');
  expect(before[0]?.textContent).toBe('3 in 10 to holdIt broke.By 1 record of that time');
  expect(before[1]?.textContent).toBe('');
  expect(table.getByText('snapped through')).toBeDefined();
  expect(table.queryByText('18 %')).toBeNull();
  const alike = within(screen.getByRole('region', { name: 'Alike' }));
  expect(alike.getAllByRole('term').slice(0, 3).map(({ textContent }) => textContent)).toEqual(['Wood', 'Seasoning', 'Moisture']);
  expect(alike.getAllByRole('definition').slice(0, 3).map(({ textContent }) => textContent)).toEqual(['White ash', 'air-dried', '18 %']);
});

it('asks for two at least', () => {
  ids = '3,3,x';
  show(<CompareView />);
  expect(screen.getByText(/Choose two records or more/)).toBeDefined();
});
