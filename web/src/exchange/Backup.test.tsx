import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, test, vi } from 'vitest';
import { Problem } from '../api/client';
import { show } from '../testing';
import { Backup } from './Backup';

const shop = vi.hoisted(() => ({ clean: 0, flawed: 0, broken: 0, ofOtherShops: 0 }));
const restore = vi.hoisted(() => vi.fn());

vi.mock('../api/queries', () => ({ useTrialCounts: () => ({ data: shop }) }));
vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  api: { POST: restore },
  body: (call: Promise<unknown>) => call,
}));

const file = new File(['PK'], 'brachion-2026-11-20.zip', { type: 'application/zip' });

beforeEach(() => {
  restore.mockReset();
  shop.clean = 0;
});

test('a backup comes back into an empty shop and says of which day it is', async () => {
  restore.mockResolvedValue({ madeAt: '2026-11-20T03:00:00Z', rows: 412 });
  const notify = vi.fn();
  show(<Backup />, notify);
  await userEvent.upload(screen.getByLabelText('Backup to bring back'), file);
  await vi.waitFor(() => {
    expect(notify).toHaveBeenCalledWith({ message: 'The backup of 2026-11-20 is back: 412 rows.' });
  });
  const [path, request] = restore.mock.calls[0] as [string, { bodySerializer: () => File; headers: object }];
  expect(path).toBe('/api/backup/restoration');
  expect(request.bodySerializer()).toBe(file);
  expect(request.headers).toEqual({ 'Content-Type': 'application/zip' });
});

test('a JSON document comes back by the same way, and says what it is', async () => {
  restore.mockResolvedValue({ madeAt: '2026-11-20T03:00:00Z', rows: 412 });
  show(<Backup />);
  await userEvent.upload(screen.getByLabelText('Backup to bring back'), new File(['{'], 'brachion-2026-11-20.JSON', { type: 'application/json' }));
  await vi.waitFor(() => {
    expect((restore.mock.lastCall?.[1] as { headers: object }).headers).toEqual({ 'Content-Type': 'application/vnd.brachion.shop+json' });
  });
});

test('a file that is none is refused in words', async () => {
  restore.mockRejectedValue(new Problem(400, 'This backup is damaged: the rows of “trial” are not what was written.', []));
  show(<Backup />);
  await userEvent.upload(screen.getByLabelText('Backup to bring back'), file);
  expect((await screen.findByRole('alert')).textContent).toContain('the rows of “trial” are not what was written');
});

test('a shop with bends takes none and says why', () => {
  shop.clean = 3;
  show(<Backup />);
  screen.getByText(/this one holds 3 bends/);
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Bring a backup back' }).disabled).toBe(true);
  expect(screen.getByRole('link', { name: 'Take a backup' }).getAttribute('href')).toBe('/api/backup');
  expect(screen.getByRole('link', { name: 'As one JSON document' }).getAttribute('href')).toBe('/api/backup/document');
});
