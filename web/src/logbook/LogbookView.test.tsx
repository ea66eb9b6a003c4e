import { screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { TrialView } from '../api/schema';
import type { Question } from '../find/question';
import { show, STEAMED } from '../testing';
import { LogbookView } from './LogbookView';

const trial = (id: number, bentOn: string): TrialView => ({ id, version: 0, bentOn, recipe: STEAMED, done: { stages: [], chamber: [] }, outcome: { severity: 'BROKEN', flaw: 'SNAP', nextTime: 'strap it' }, note: 'went at once' });
const asked = vi.fn();
let address: string;
vi.mock('react-router', async (original) => ({ ...(await original<typeof import('react-router')>()), useSearchParams: () => [new URLSearchParams(address)] }));
vi.mock('../api/queries', () => ({ useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }), useTrial: (id: number) => ({ data: trial(id, '2026-03-01'), error: null }) }));
vi.mock('../api/find', () => ({
  MOST_PRINTED: 2000,
  useAllFound: (question: Question) => {
    asked(question);
    return { data: [trial(1, '2026-03-01'), trial(2, '2026-03-09'), trial(3, '2026-04-01')], error: null };
  },
}));

it('prints what is looked for from the oldest on, month by month', () => {
  address = 'find={"conditions":[{"fact":"wood","among":["white-ash"]}]}';
  show(<LogbookView />);
  expect(asked).toHaveBeenCalledWith({ words: '', conditions: [{ fact: 'wood', among: ['white-ash'] }], falling: false, sortBy: 'day' });
  expect(screen.getByText('3 bends, 1 Mar 2026 to 1 Apr 2026.')).toBeDefined();
  expect(screen.getAllByRole('heading', { level: 2 }).map(({ textContent }) => textContent)).toEqual(['Mar 2026', 'Apr 2026']);
  expect(screen.getAllByRole('article')).toHaveLength(3);
  expect(screen.getAllByText('strap it')).toHaveLength(3);
});

it('prints one record as a card', () => {
  address = 'one=7';
  show(<LogbookView />);
  expect(screen.getByRole('article', { name: 'White ash, 1 Mar 2026' })).toBeDefined();
  expect(screen.getByRole('link', { name: 'The record' }).getAttribute('href')).toBe('/records/7');
});
