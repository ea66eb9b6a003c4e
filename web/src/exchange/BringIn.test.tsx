import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { TableAnswer } from '../api/schema';
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

const reading = { data: undefined as TableAnswer | undefined, error: null as Error | null, mutate: vi.fn(), reset: vi.fn() };
const bringIn = { mutateAsync: vi.fn(), error: null, isPending: false };
vi.mock('../api/exchange', () => ({ useTableReading: () => reading, useExchangeWrites: () => ({ bringIn }) }));
vi.mock('../api/queries', () => ({ useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }) }));

beforeEach(() => {
  vi.clearAllMocks();
  reading.data = undefined;
  reading.error = null;
});

it('looks into a chosen table before anything is kept', async () => {
  reading.mutate.mockImplementation(() => { reading.data = TABLE; });
  const notices: Notice[] = [];
  show(<BringIn />, (notice) => notices.push(notice));
  expect(screen.queryByText(/can come in/)).toBeNull();
  await userEvent.upload(screen.getByLabelText('Table of bends'), FILE);
  expect(reading.mutate).toHaveBeenCalledWith(FILE);
  expect(bringIn.mutateAsync).not.toHaveBeenCalled();
  expect(within(screen.getByRole('list', { name: 'Rows that cannot be read' })).getByText('line 9')).toBeDefined();
  expect(screen.getByText('and 119 more like these')).toBeDefined();
  expect(within(screen.getByRole('list', { name: 'Bends that can come in' })).getByText('White ash')).toBeDefined();
  bringIn.mutateAsync.mockResolvedValue(TABLE);
  await userEvent.click(screen.getByRole('button', { name: 'Bring in 120 bends and keep 1 row to mend' }));
  expect(bringIn.mutateAsync).toHaveBeenCalledWith(FILE);
  expect(notices.map((notice) => notice.message)).toEqual(['120 bends brought in, 1 row waits to be mended.']);
});

it('says in words why a file is no table and offers nothing to bring in', async () => {
  reading.mutate.mockImplementation(() => { reading.error = new Error('The file is empty.'); });
  show(<BringIn />);
  await userEvent.upload(screen.getByLabelText('Table of bends'), FILE);
  expect(screen.getByRole('alert').textContent).toBe('The file is empty.');
  expect(screen.queryByRole('button', { name: /Bring in/ })).toBeNull();
});
