import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { InstrumentView } from '../api/schema';
import { show } from '../testing';
import { TakeReading } from './TakeReading';

const NOW = Date.parse('2026-11-20T12:00:00Z');
const METER: InstrumentView = { id: 2, version: 0, name: 'Pin meter', kind: 'METER', last: { readAt: '2026-11-20T11:59:50Z', moisturePercent: 17.5 } };
const SCALE: InstrumentView = { id: 3, version: 0, name: 'Scale by the rack', kind: 'SCALE', last: { readAt: '2026-11-20T11:58:00Z', massG: 412 } };

let instruments: InstrumentView[];
vi.mock('../api/instruments', async (original) => ({ ...(await original<object>()), useInstruments: () => ({ data: { instruments, now: NOW } }) }));

beforeEach(() => { instruments = [METER, SCALE]; });

it('what a meter reads just now is taken with a tap', async () => {
  const taken: string[] = [];
  show(<TakeReading kind="METER" onTake={(text) => taken.push(text)} />);
  await userEvent.click(screen.getByRole('button', { name: 'Take 17.5 % from Pin meter' }));
  expect(taken).toEqual(['17.5']);
  expect(screen.queryByText(/Scale/)).toBeNull();
});

it('what lay on a scale two minutes ago is not taken for what lies there now', () => {
  show(<TakeReading kind="SCALE" onTake={() => undefined} />);
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Scale by the rack is silent' }).disabled).toBe(true);
});

it('nothing stands there where there is no such instrument', () => {
  instruments = [{ id: 4, version: 0, name: 'New scale', kind: 'SCALE' } as InstrumentView];
  show(<TakeReading kind="METER" onTake={() => undefined} />);
  expect(screen.queryByRole('button')).toBeNull();
});
