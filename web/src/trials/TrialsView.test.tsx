import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Kept, SetAside, TrialView } from '../api/schema';
import { show, STEAMED } from '../testing';
import { TrialsView } from './TrialsView';

const trial = (id: number): TrialView => ({
  id, version: 0, bentOn: '2026-10-12', recipe: STEAMED, done: { stages: [], chamber: [] },
  outcome: { severity: 'BROKEN', flaw: 'SNAP' }, note: '',
});
let trials: TrialView[];
let total: number;
let waiting: Kept[];
let setAside: SetAside[];
const asked = vi.fn();
const fetchNextPage = vi.fn();
vi.mock('../api/queries', () => ({
  useTrials: (filter: unknown) => {
    asked(filter);
    return { data: { pages: [{ trials, total }] }, isSuccess: true, isError: false, hasNextPage: trials.length < total, fetchNextPage };
  },
  useTrialCounts: () => ({ data: { clean: 89, flawed: 17, broken: 44 } }),
  useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }),
}));
vi.mock('../api/advice', () => ({ useSetAside: () => ({ data: setAside }) }));
vi.mock('../api/exchange', () => ({ useRowsWaiting: () => ({ data: waiting }) }));

beforeEach(() => {
  vi.clearAllMocks();
  trials = [trial(3), trial(2)];
  total = 150;
  waiting = [];
  setAside = [];
});

it('lists trials with what they were and how they ended, and leads to each', () => {
  show(<TrialsView />);
  expect(screen.getByText('150 bends written down: 89 clean, 17 with a flaw, 44 broken.')).toBeDefined();
  const first = within(screen.getByRole('list', { name: 'Trials' })).getAllByRole('listitem')[0] as HTMLElement;
  expect(within(first).getByRole('link', { name: 'White ash' }).getAttribute('href')).toBe('/records/3');
  expect(within(first).getByText('3/4" × 1", radius 6" through 180°')).toBeDefined();
  expect(within(first).getByText('60 min steam at 208 °F, no strap')).toBeDefined();
  expect(within(first).getByText(/broken/)).toBeDefined();
});

it('asks for older ones and for fewer by how they ended', async () => {
  show(<TrialsView />);
  await userEvent.click(screen.getByRole('button', { name: 'Show older (148 more)' }));
  expect(fetchNextPage).toHaveBeenCalledOnce();
  await userEvent.click(screen.getByLabelText('Ended'));
  await userEvent.click(screen.getByRole('option', { name: 'broken' }));
  expect(asked).toHaveBeenLastCalledWith({ severity: 'BROKEN' });
});

it('tells an empty shop where to begin, and a filter that it finds nothing', async () => {
  trials = [];
  total = 0;
  show(<TrialsView />);
  expect(screen.getByRole('link', { name: 'Log the first one' }).getAttribute('href')).toBe('/records/new');
  expect(screen.getByRole('link', { name: 'Bring in a table' }).getAttribute('href')).toBe('/records/tables');
  await userEvent.click(screen.getByLabelText('Ended'));
  await userEvent.click(screen.getByRole('option', { name: 'clean' }));
  expect(screen.getByText('No trial is like that.')).toBeDefined();
});

it('names the trials no forecast counts', () => {
  setAside = [{ trialId: 3, why: 'RELEASED_IMPOSSIBLE', value: 25.4 }];
  show(<TrialsView />);
  expect(screen.getByRole('link', { name: 'Trial 3' }).getAttribute('href')).toBe('/records/3');
  expect(screen.getByText(/no bend opens or closes to 1" when it is let go/)).toBeDefined();
});

it('does not let rows that wait be forgotten', () => {
  waiting = [{ id: 1, version: 0, fileName: 'ledger.csv', row: { line: 2, cells: [], faults: [] } }];
  show(<TrialsView />);
  expect(screen.getByText('1 row of a table waits to be mended; no forecast counts it yet.')).toBeDefined();
  expect(screen.getByRole('link', { name: 'Mend them' }).getAttribute('href')).toBe('/records/tables');
});

it('chooses records to stand side by side, at most four', async () => {
  trials = [6, 5, 4, 3, 2].map(trial);
  show(<TrialsView />);
  await userEvent.click(screen.getByRole('button', { name: 'Compare' }));
  expect(screen.getByRole('link', { name: 'Choose two or more' }).getAttribute('aria-disabled')).toBe('true');
  for (const box of screen.getAllByRole('checkbox')) await userEvent.click(box);
  expect(screen.getByRole('link', { name: 'Compare 4' }).getAttribute('href')).toBe('/records/compare?ids=5,4,3,2');
  await userEvent.click(screen.getByRole('button', { name: 'Not now' }));
  expect(screen.queryAllByRole('checkbox')).toEqual([]);
});
