import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { NotebookAnswer, TableAnswer } from '../api/schema';
import type { TableWork } from '../api/exchange';
import type { Notice } from '../app/notice';
import { show, STEAMED } from '../testing';
import { BringIn } from './BringIn';

const TABLE: TableAnswer = {
  coming: 120,
  trials: [{ bentOn: '2025-10-04', recipe: STEAMED, outcome: { severity: 'CLEAN' }, note: '' }],
  left: 1,
  rows: [{ line: 9, cells: [], faults: [{ heading: 'day', message: '“May” is not a day.' }] }],
  alreadyHere: 0,
  toNote: [],
};
const FILE = new File(['day,species\n'], 'ledger.csv', { type: 'text/csv' });

const reading = { data: undefined as TableAnswer | undefined, error: null as Error | null, mutateAsync: vi.fn(), isPending: false, reset: vi.fn() };
const bringIn = { mutateAsync: vi.fn(), error: null as Error | null, isPending: false, reset: vi.fn() };
const takeBack = { mutate: vi.fn() };
const bringBack = { mutate: vi.fn() };
const stop = { mutate: vi.fn(), isPending: false };
const OURS: NotebookAnswer = { ours: true, shape: '', remembered: false, translation: { columns: [], words: [], given: [] }, columns: [], words: [], given: [], targets: [] };
const notebook = { mutateAsync: vi.fn(), error: null as Error | null };
const said = { mutateAsync: vi.fn(), error: null, isPending: false, reset: vi.fn() };
vi.mock('../api/exchange', async () => {
  const { useState } = await import('react');
  return {
    // shown again once it has been asked, as the real one is
    useTableReading: () => {
      const [, show] = useState(0);
      return { ...reading, mutateAsync: async (table: TableWork): Promise<unknown> => { const answer: unknown = await reading.mutateAsync(table); show((n) => n + 1); return answer; } };
    },
    useExchangeWrites: () => ({ bringIn, takeBack, bringBack }), useOtherShops: () => ({ data: [{ id: 3, version: 0, name: 'Oak Barn', counted: true, trials: 12 }] }), useNotebook: () => notebook, useSaid: () => said,
    useForgotten: () => ({ mutateAsync: vi.fn(), isPending: false }),
  };
});
vi.mock('../api/work', async (original) => ({ ...(await original<object>()), useProgress: () => ({ data: { underWay: true, done: 23000, of: 100000 } }), useStop: () => stop }));
vi.mock('../api/queries', () => ({ useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }) }));

beforeEach(() => {
  vi.clearAllMocks();
  reading.data = undefined;
  reading.error = null;
  notebook.error = null;
  notebook.mutateAsync.mockResolvedValue(OURS);
});

it('looks into a chosen table before anything is kept', async () => {
  reading.mutateAsync.mockImplementation(() => { reading.data = TABLE; return Promise.resolve(TABLE); });
  const notices: Notice[] = [];
  show(<BringIn />, (notice) => notices.push(notice));
  expect(screen.queryByText(/can come in/)).toBeNull();
  await userEvent.upload(screen.getByLabelText('Table of bends'), FILE);
  await screen.findByRole('list', { name: 'Rows that cannot be read' });
  expect(reading.mutateAsync.mock.calls[0]?.[0]).toMatchObject({ file: FILE, otherShop: '' });
  expect(bringIn.mutateAsync).not.toHaveBeenCalled();
  expect(within(screen.getByRole('list', { name: 'Rows that cannot be read' })).getByText('line 9')).toBeDefined();
  expect(screen.getByText('and 119 more like these')).toBeDefined();
  expect(within(screen.getByRole('list', { name: 'Bends that can come in' })).getByText('white ash')).toBeDefined();
  const broughtIn = { coming: 120, left: 1, alreadyHere: 0, table: 7 };
  bringIn.mutateAsync.mockResolvedValue(broughtIn);
  await userEvent.click(screen.getByRole('button', { name: 'Import 120 bends and keep 1 row to mend' }));
  expect(bringIn.mutateAsync.mock.calls[0]?.[0]).toMatchObject({ file: FILE, whole: false, otherShop: '' });
  expect(notices.map((notice) => notice.message)).toEqual(['120 bends brought in, 1 row waits to be mended.']);
  notices[0]?.undo?.();
  expect(takeBack.mutate.mock.calls[0]?.[0]).toBe(7);
});

it('brings in nothing of a table that is wanted whole while a row of it cannot be read', async () => {
  reading.mutateAsync.mockImplementation(() => { reading.data = TABLE; return Promise.resolve(TABLE); });
  show(<BringIn />);
  await userEvent.upload(screen.getByLabelText('Table of bends'), FILE);
  const only = await screen.findByRole('switch', { name: /^Only the whole table/ });
  await userEvent.click(only);
  expect(screen.getByRole('button', { name: /^Import 120 bends/ })).toHaveProperty('disabled', true);
  await userEvent.click(only);
  expect(screen.getByRole('button', { name: /^Import 120 bends/ })).toHaveProperty('disabled', false);
});

it('says how far a long table is, and leaves nothing of one that is stopped', async () => {
  reading.mutateAsync.mockImplementation(({ work }: TableWork) => new Promise((_, reject) => {
    work.stopped.signal.addEventListener('abort', () => { reject(new Error('aborted')); });
  }));
  stop.mutate.mockImplementation((work: TableWork['work']) => { work.stopped.abort(); });
  const notices: Notice[] = [];
  show(<BringIn />, (notice) => notices.push(notice));
  await userEvent.upload(screen.getByLabelText('Table of bends'), FILE);
  expect(await screen.findByText('Reading: 23,000 of 100,000 rows')).toBeDefined();
  expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('23');
  await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
  await waitFor(() => { expect(notices.map(({ message }) => message)).toEqual(['Stopped. Nothing of the table was kept.']); });
  expect(screen.queryByRole('progressbar')).toBeNull();
  expect(screen.queryByRole('alert')).toBeNull();
});

it('reads a table anew as another shop’s, and brings it in so', async () => {
  reading.mutateAsync.mockImplementation(() => { reading.data = TABLE; return Promise.resolve(TABLE); });
  bringIn.mutateAsync.mockResolvedValue({ coming: 120, left: 1, alreadyHere: 0, table: 8 });
  show(<BringIn />);
  await userEvent.upload(screen.getByLabelText('Table of bends'), FILE);
  await screen.findByRole('list', { name: 'Bends that can come in' });
  await userEvent.type(screen.getByLabelText('Another shop’s bends? Its name'), 'Oak');
  await userEvent.click(screen.getByRole('option', { name: 'Oak Barn' }));
  await waitFor(() => { expect(reading.mutateAsync.mock.calls.map(([table]) => (table as TableWork).otherShop)).toEqual(['', 'Oak Barn']); });
  await userEvent.click(await screen.findByRole('button', { name: /^Import 120 bends/ }));
  expect(bringIn.mutateAsync.mock.calls[0]?.[0]).toMatchObject({ file: FILE, otherShop: 'Oak Barn' });
});

it('takes cells that are pasted as a table', async () => {
  show(<BringIn />);
  await userEvent.click(screen.getByLabelText('Or paste cells with their headings, or lines of a notebook'));
  await userEvent.paste('Wood\tThick\nAsh\t3/8');
  const [pasted] = notebook.mutateAsync.mock.calls[0] as [File];
  expect(pasted).toMatchObject({ name: 'Pasted cells', size: 'Wood\tThick\nAsh\t3/8'.length });
});

it('takes lines of a notebook as they are typed', async () => {
  show(<BringIn />);
  const line = '3/8 ash, 1.5h steam, strap, 7in, snapped';
  await userEvent.type(screen.getByLabelText('Or paste cells with their headings, or lines of a notebook'), line);
  await userEvent.click(screen.getByRole('button', { name: 'Read it' }));
  const [typed] = notebook.mutateAsync.mock.calls[0] as [File];
  expect(typed).toMatchObject({ name: 'Lines', size: line.length });
});

it('says in words why a file is no table and offers nothing to bring in', async () => {
  notebook.mutateAsync.mockImplementation(() => {
    notebook.error = new Error('The file is empty.');
    return Promise.reject(notebook.error);
  });
  show(<BringIn />);
  await userEvent.upload(screen.getByLabelText('Table of bends'), FILE);
  expect((await screen.findByRole('alert')).textContent).toBe('The file is empty.');
  expect(screen.queryByRole('button', { name: /^Import/ })).toBeNull();
});

const foreign: NotebookAnswer = {
  ours: false, shape: 'abc', remembered: false,
  translation: {
    columns: [{ heading: 'Thick', column: 'thickness', unit: 'in', dayOrder: 'DAY_FIRST' }, { heading: 'Wood', column: 'species', unit: '', dayOrder: 'DAY_FIRST' }],
    words: [{ column: 'species', text: 'Ash', means: '' }, { column: 'species', text: 'Red oak', means: 'Northern red oak' }], given: [{ column: 'bend angle', text: '' }],
  },
  columns: [{ samples: ['3/8'], units: ['in', 'mm', 'cm'], guessed: true }, { samples: ['Ash', 'Red oak'], units: [], guessed: false }],
  words: [{ column: 'species', text: 'Ash', count: 2, offered: ['White ash', 'European ash'] }, { column: 'species', text: 'Red oak', count: 1, offered: [] }],
  given: [{ column: 'bend angle', rows: 3, offered: [], mayStay: false }], targets: ['species', 'thickness', 'width'],
};

it('asks what headings of somebody’s own mean, and reads the table as it was said', async () => {
  notebook.mutateAsync.mockResolvedValue(foreign);
  said.mutateAsync.mockImplementation(({ translation }: { translation: NotebookAnswer['translation'] }) => Promise.resolve({ ...foreign, remembered: true, translation }));
  reading.mutateAsync.mockImplementation(() => {
    reading.data = TABLE;
    return Promise.resolve(TABLE);
  });
  show(<BringIn />);
  await userEvent.upload(screen.getByLabelText('Table of bends'), FILE);
  const part = within(await screen.findByRole('region', { name: 'What your table means' }));
  expect(part.getByRole('status').textContent).toBe('2 things are still asked; rows they concern would wait to be mended.');
  expect(part.queryByLabelText(/Red oak/)).toBeNull();
  expect(reading.mutateAsync).not.toHaveBeenCalled();
  await userEvent.click(part.getByRole('button', { name: 'mm' }));
  await userEvent.click(part.getByLabelText('species: “Ash”, 2 rows'));
  await userEvent.click(screen.getByRole('option', { name: 'European ash' }));
  await userEvent.type(part.getByLabelText('bend angle, 3 rows'), '90');
  expect(part.getByRole('status').textContent).toBe('Everything is said.');
  await userEvent.click(part.getByRole('button', { name: 'Read it so' }));
  expect(said.mutateAsync).toHaveBeenCalledWith({
    file: FILE, shape: 'abc', translation: {
      columns: [{ ...foreign.translation.columns[0], unit: 'mm' }, foreign.translation.columns[1]],
      words: [{ column: 'species', text: 'Ash', means: 'European ash' }, foreign.translation.words[1]], given: [{ column: 'bend angle', text: '90' }],
    },
  });
  expect(await screen.findByRole('list', { name: 'Bends that can come in' })).toBeDefined();
});

it('keeps what is typed while an answer is under way, and the place of the pen', async () => {
  let resolve: (answer: NotebookAnswer) => void = () => undefined;
  notebook.mutateAsync.mockResolvedValue(foreign);
  said.mutateAsync.mockReturnValue(new Promise<NotebookAnswer>((answer) => { resolve = answer; }));
  show(<BringIn />);
  await userEvent.upload(screen.getByLabelText('Table of bends'), FILE);
  const part = within(await screen.findByRole('region', { name: 'What your table means' }));
  await userEvent.click(part.getAllByLabelText('It is')[0] as HTMLElement);
  await userEvent.click(screen.getByRole('option', { name: 'width' }));
  await userEvent.type(part.getByLabelText('bend angle, 3 rows'), '90');
  const columns = [{ heading: 'Thick', column: 'width', unit: 'in', dayOrder: 'DAY_FIRST' as const }, ...foreign.translation.columns.slice(1)];
  resolve({ ...foreign, remembered: true, translation: { ...foreign.translation, columns, given: [...foreign.translation.given, { column: 'thickness', text: '' }] } });
  expect(await part.findByText('As you said of a table under these headings.')).toBeDefined();
  expect(part.getByLabelText('bend angle, 3 rows')).toHaveProperty('value', '90');
  expect(document.activeElement).toBe(part.getByLabelText('bend angle, 3 rows'));
  expect(part.getAllByLabelText('It is')[0]).toHaveProperty('value', 'width');
  expect(part.getByLabelText('thickness, 0 rows')).toHaveProperty('value', '');
});
