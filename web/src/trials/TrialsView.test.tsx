import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { FactView, Kept, SetAside, TallyReading, TrialView } from '../api/schema';
import type { Question } from '../find/question';
import { show, STEAMED } from '../testing';
import { TrialsView } from './TrialsView';

const trial = (id: number): TrialView => ({
  id, version: 0, bentOn: '2026-10-12', recipe: STEAMED, done: { stages: [], chamber: [] },
  outcome: { severity: 'BROKEN', flaw: 'SNAP' }, note: '',
});
const FACTS: FactView[] = [
  { key: 'wood', title: 'Wood', kind: 'NAMED' }, { key: 'severity', title: 'Ended', kind: 'WORD' }, { key: 'thicknessMm', title: 'Thickness', kind: 'NUMBER', measurement: 'LENGTH' },
];
const TALLY: TallyReading = {
  rows: [{ key: 'white-ash', label: 'White ash' }, { key: '' }], columns: [{ key: 'every' }],
  cells: [[{ trials: 12, flawed: 3, broken: 4 }], [{ trials: 1, flawed: 0, broken: 0 }]], left: 0,
};
let total: number;
let here: number[];
let waiting: Kept[];
let setAside: SetAside[];
const asked = vi.fn();
vi.mock('../api/queries', () => ({
  useTrialCounts: () => ({ data: { clean: 89, flawed: 17, broken: 44, ofOtherShops: 0 } }),
  useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }),
  useNames: () => ({ data: undefined }),
}));
vi.mock('../api/jobs', () => ({ useJobs: () => ({ data: [] }) }));
vi.mock('../api/find', () => ({
  PAGE: 50,
  useFacts: () => Object.fromEntries(FACTS.map((fact) => [fact.key, fact])),
  useHowMany: (question: Question) => {
    asked(question);
    return { data: total, isPlaceholderData: false, error: null };
  },
  useFound: () => ({ found: new Map(here.map((id, place) => [place, trial(id)])), error: undefined }),
  useTally: (_: Question, rows: string | undefined, columns?: string) => ({ data: { ...TALLY, asked: { rows: rows ?? '', columns } }, isPlaceholderData: false, error: null }),
  useViews: () => ({ data: [{ id: 7, name: 'Broken only', view: { name: 'Broken only', find: { conditions: [{ fact: 'severity', among: ['BROKEN'] }], falling: true } } }] }),
  useViewWrites: () => ({}),
}));
vi.mock('../api/advice', () => ({ useSetAside: () => ({ data: setAside }) }));
vi.mock('../api/exchange', () => ({ useRowsWaiting: () => ({ data: waiting }) }));

beforeEach(() => {
  vi.clearAllMocks();
  total = 150;
  here = [3, 2];
  waiting = [];
  setAside = [];
});

it('lists trials with what they were and how they ended, and leads to each', () => {
  show(<TrialsView />);
  expect(screen.getByText('150 bends: 89 clean, 17 with a flaw, 44 broken.')).toBeDefined();
  const list = within(screen.getByRole('list', { name: 'Bends' }));
  const first = list.getAllByRole('listitem')[0] as HTMLElement;
  expect(first.getAttribute('aria-setsize')).toBe('150');
  expect(within(first).getByRole('link', { name: 'White ash' }).getAttribute('href')).toBe('/records/3');
  expect(within(first).getByText('3/4" × 1", radius 6" through 180°')).toBeDefined();
  expect(within(first).getByText('60 min steam at 208 °F, no strap')).toBeDefined();
  expect(within(first).getByText(/broken/)).toBeDefined();
  expect(list.getAllByRole('listitem').length, 'only those in sight are there').toBeLessThan(60);
});

it('asks only for those a fact is so of, and for any again', async () => {
  show(<TrialsView />);
  await userEvent.selectOptions(screen.getByLabelText('Filter'), 'Wood');
  await userEvent.click(screen.getByRole('checkbox', { name: 'White ash (12)' }));
  expect(asked).toHaveBeenLastCalledWith(expect.objectContaining({ conditions: [{ fact: 'wood', among: ['white-ash'] }] }));
  expect(screen.getByRole('status').textContent).toBe('150 bends match');
  await userEvent.click(screen.getByRole('checkbox', { name: 'not said (1)' }));
  expect(screen.getByText('Wood: White ash or not said')).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'Clear filters' }));
  expect(asked).toHaveBeenLastCalledWith(expect.objectContaining({ conditions: [] }));
});

it('counts by a fact, and opens the records of a count', async () => {
  show(<TrialsView />);
  await userEvent.selectOptions(screen.getByLabelText('Group by'), 'Wood');
  const table = within(screen.getByRole('table', { name: 'Bends by wood' }));
  expect(table.getByText('1, none broke')).toBeDefined();
  await userEvent.click(table.getByRole('button', { name: 'White ash: 4 of 12 broke' }));
  expect(asked).toHaveBeenLastCalledWith(expect.objectContaining({ conditions: [{ fact: 'wood', among: ['white-ash'] }] }));
  expect(screen.getByRole('list', { name: 'Bends' })).toBeDefined();
});

it('asks for words once the hand rests, and leaves the hand where it is', async () => {
  show(<TrialsView />);
  const words = screen.getByLabelText('Search notes and names');
  await userEvent.type(words, 'oil');
  await waitFor(() => { expect(asked).toHaveBeenLastCalledWith(expect.objectContaining({ words: 'oil' })); });
  expect(document.activeElement).toBe(words);
  await userEvent.keyboard('ed');
  await waitFor(() => { expect(asked).toHaveBeenLastCalledWith(expect.objectContaining({ words: 'oiled' })); });
  await userEvent.click(screen.getByRole('button', { name: 'Broken only' }));
  expect((words as HTMLInputElement).value).toBe('');
});

it('asks a kept view again', async () => {
  show(<TrialsView />);
  await userEvent.click(screen.getByRole('button', { name: 'Broken only' }));
  expect(asked).toHaveBeenLastCalledWith(expect.objectContaining({ conditions: [{ fact: 'severity', among: ['BROKEN'] }] }));
  expect(screen.getByRole('button', { name: 'Broken only' }).getAttribute('aria-pressed')).toBe('true');
  expect(screen.getByRole('button', { name: 'Delete' })).toBeDefined();
});

it('tells an empty shop where to begin, and a filter that it finds nothing', async () => {
  total = 0;
  show(<TrialsView />);
  expect(screen.getByRole('link', { name: 'Log the first one' }).getAttribute('href')).toBe('/records/new');
  expect(screen.getByRole('link', { name: 'Import a table' }).getAttribute('href')).toBe('/records/tables');
  await userEvent.click(screen.getByRole('button', { name: 'Broken only' }));
  expect(screen.getByText('No bend matches.')).toBeDefined();
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
  here = [6, 5, 4, 3, 2];
  total = 5;
  show(<TrialsView />);
  await userEvent.click(screen.getByRole('button', { name: 'Compare' }));
  expect(screen.getByRole('link', { name: 'Choose two or more' }).getAttribute('aria-disabled')).toBe('true');
  for (const box of screen.getAllByRole('checkbox')) await userEvent.click(box);
  expect(screen.getByRole('link', { name: 'Compare 4' }).getAttribute('href')).toBe('/records/compare?ids=5,4,3,2');
  await userEvent.click(screen.getByRole('button', { name: 'Cancel' }));
  expect(screen.queryAllByRole('checkbox')).toEqual([]);
});
