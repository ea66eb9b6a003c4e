import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Notice } from '../app/notice';
import { show } from '../testing';
import { OtherShops, TablesBroughtIn } from './BroughtIn';
import { farInWords } from './UnderWay';

const takeBack = { mutate: vi.fn(), isPending: false };
const bringBack = { mutate: vi.fn() };
const change = { mutate: vi.fn(), isPending: false };
const SHOP = { id: 3, version: 2, name: 'Oak Barn', counted: true, trials: 12 };
vi.mock('../api/exchange', () => ({
  useTablesBroughtIn: () => ({ data: [{ id: 7, fileName: 'ledger.csv', broughtAt: '2026-11-27T10:00:00Z', trials: 12, otherShop: 'Oak Barn' }] }),
  useOtherShops: () => ({ data: [SHOP] }), useOtherShopChange: () => change,
  useExchangeWrites: () => ({ takeBack, bringBack }),
}));

beforeEach(() => { vi.clearAllMocks(); });

it('takes a table back long after it came in, and brings it back', async () => {
  takeBack.mutate.mockImplementation((_: number, then: { onSuccess: () => void }) => { then.onSuccess(); });
  const notices: Notice[] = [];
  show(<TablesBroughtIn />, (notice) => notices.push(notice));
  expect(screen.getByText(/12 bends of Oak Barn/)).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'Take back ledger.csv' }));
  expect(takeBack.mutate.mock.calls[0]?.[0]).toBe(7);
  expect(notices[0]?.message).toBe('ledger.csv is taken back.');
  notices[0]?.undo?.();
  expect(bringBack.mutate.mock.calls[0]?.[0]).toBe(7);
});

it('leaves another shop out with one tap', async () => {
  show(<OtherShops />);
  await userEvent.click(screen.getByRole('switch', { name: 'Count Oak Barn in forecasts' }));
  expect(change.mutate.mock.calls[0]?.[0]).toEqual({ ...SHOP, counted: false });
  expect(screen.getByRole('link', { name: 'Export' }).getAttribute('href')).toContain('/api/exchange/document?otherShop=3');
});

it.each([[0, 0, 'Reading'], [1500, 0, 'Reading: 1,500 bends so far'], [1000, 9000, 'Reading: 1,000 of 9,000 rows']])('says %d of %d', (done, of, words) => {
  expect(farInWords('Reading', done, of)).toBe(words);
});
