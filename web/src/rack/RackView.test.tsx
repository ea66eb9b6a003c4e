import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { DryingView } from '../api/schema';
import type { Notice } from '../app/notice';
import { show } from '../testing';
import { today } from '../units/days';
import { RackView } from './RackView';

const HOOP: DryingView = {
  id: 4, version: 1,
  piece: {
    name: 'Drum hoop 3', speciesId: 'white-ash', thicknessMm: 6.35, widthMm: 50.8, startedOn: '2026-11-01', startMoisturePercent: 22,
    startMassG: 410, shopC: 18, shopHumidityPercent: 45,
  },
  readings: [],
  pace: { low: 0.7, middle: 1, high: 1.4 },
  curve: [0, 10, 20].map((days) => ({ days, moisturePercent: { low: 20 - days / 2, middle: 22 - days / 2, high: 23 - days / 2 } })),
  below10: { earliest: '2026-12-01', middle: '2026-12-03', latest: '2026-12-08' },
  below8: {},
};
let pieces: DryingView[];
const writes = {
  hang: { mutateAsync: vi.fn() },
  weigh: { mutateAsync: vi.fn(), isPending: false },
  takeBack: { mutate: vi.fn() },
  takeOff: { mutateAsync: vi.fn() },
  putBack: { mutate: vi.fn() },
};
vi.mock('../api/queries', () => ({
  useRack: () => ({ data: pieces, error: null }),
  useRackWrites: () => writes,
  useRig: () => ({ data: undefined }),
  useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }),
}));
vi.mock('../units/reading', async (original) => {
  const { readPlainly } = await import('../units/testReading');
  return { ...(await original<typeof import('../units/reading')>()), readNow: (fields: Parameters<typeof readPlainly>[0]) => Promise.resolve(readPlainly(fields)) };
});

// its dates are said as of a day before them; only the date stands still
beforeEach(() => { vi.useFakeTimers({ toFake: ['Date'], now: new Date(2026, 10, 20, 12) }); });
afterEach(() => { vi.useRealTimers(); });

beforeEach(() => {
  vi.clearAllMocks();
  pieces = [HOOP];
});

it('says of each piece when it is dry and how sure that is', () => {
  show(<RackView />);
  const hoop = within(screen.getByRole('list', { name: 'Pieces on the rack' }));
  expect(hoop.getByText('Drum hoop 3')).toBeDefined();
  expect(hoop.getByText(/White ash, 1\/4" × 2", since 1 Nov 2026 in 64 °F and 45 % humidity/)).toBeDefined();
  expect(hoop.getByText('Below 10 % about 3 Dec 2026, between 1 Dec 2026 and 8 Dec 2026.')).toBeDefined();
  expect(hoop.getByText(/Not below 8 % within half a year/)).toBeDefined();
  expect(hoop.queryByText('Take back the last weigh-in')).toBeNull();
});

it('writes a weigh-in down by scale or by meter', async () => {
  show(<RackView />);
  const form = within(screen.getByRole('form', { name: 'Weigh Drum hoop 3' }));
  await userEvent.type(form.getByLabelText('Mass, g'), '388,5');
  await userEvent.click(form.getByRole('button', { name: 'Write it down' }));
  expect(writes.weigh.mutateAsync).toHaveBeenCalledWith({ piece: HOOP, weighIn: { weighedOn: today(), massG: 388.5 } });
  await userEvent.click(form.getByText('meter %'));
  await userEvent.type(form.getByLabelText('Moisture %'), '14');
  await userEvent.click(form.getByRole('button', { name: 'Write it down' }));
  expect(writes.weigh.mutateAsync).toHaveBeenLastCalledWith({ piece: HOOP, weighIn: { weighedOn: today(), moisturePercent: 14 } });
});

it('keeps what was typed when it is refused', async () => {
  writes.weigh.mutateAsync.mockRejectedValue(new Error('A piece cannot weigh more than at the start.'));
  show(<RackView />);
  const form = within(screen.getByRole('form', { name: 'Weigh Drum hoop 3' }));
  await userEvent.click(form.getByRole('button', { name: 'Write it down' }));
  expect(form.getByRole('alert').textContent).toBe('A reading is needed.');
  await userEvent.type(form.getByLabelText('Mass, g'), 'heavy');
  await userEvent.click(form.getByRole('button', { name: 'Write it down' }));
  expect((await form.findByText('“heavy” cannot be read.')).getAttribute('role')).toBe('alert');
  expect(form.getByRole('alert').textContent).toBe('“heavy” cannot be read.');
  expect(writes.weigh.mutateAsync).not.toHaveBeenCalled();
  await userEvent.clear(form.getByLabelText('Mass, g'));
  await userEvent.type(form.getByLabelText('Mass, g'), '500');
  await userEvent.click(form.getByRole('button', { name: 'Write it down' }));
  expect(form.getByRole('alert').textContent).toBe('A piece cannot weigh more than at the start.');
  expect(form.getByLabelText<HTMLInputElement>('Mass, g').value).toBe('500');
});

it('takes a piece off with a way back', async () => {
  const notices: Notice[] = [];
  writes.takeOff.mutateAsync.mockResolvedValue(undefined);
  show(<RackView />, (notice) => notices.push(notice));
  await userEvent.click(screen.getByRole('button', { name: 'Take it off' }));
  expect(notices[0]?.message).toBe('Drum hoop 3 taken off the rack.');
  notices[0]?.undo?.();
  expect(writes.putBack.mutate).toHaveBeenCalledWith(4);
});

it('says so when nothing hangs', () => {
  pieces = [];
  show(<RackView />);
  expect(screen.getByText('Nothing hangs to dry.')).toBeDefined();
});
