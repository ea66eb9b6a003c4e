import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { BenchView, InstrumentView } from '../api/schema';
import { show, STEAMED } from '../testing';
import { WhichThermometer } from './WhichThermometer';

const PIECE: BenchView = {
  id: 7, version: 3, name: 'Rib', recipe: STEAMED, step: 'HEATING', next: [], said: [], chamber: [], madeWith: [], tooLong: [], thermometerId: 2, standing: { dueIs: 'SOFT' },
};
const thermometer = (id: number, name: string): InstrumentView => ({ id, version: 0, name, kind: 'THERMOMETER', last: { readAt: '2026-11-20T12:00:00Z' } });

let instruments: InstrumentView[];
const liesBeside = { mutate: vi.fn() };
vi.mock('../api/instruments', () => ({ useInstruments: () => ({ data: { instruments, now: 0 } }) }));
vi.mock('./useBenchWrites', () => ({ useBenchWrites: () => ({ liesBeside }) }));

it('of two boxes the one it lies in is chosen', async () => {
  instruments = [thermometer(2, 'Long box'), thermometer(5, 'Short box'), { ...thermometer(6, 'Scale'), kind: 'SCALE' }];
  show(<WhichThermometer piece={PIECE} />);
  expect(screen.getByRole('button', { name: 'Long box' }).getAttribute('aria-pressed')).toBe('true');
  expect(screen.queryByRole('button', { name: 'Scale' })).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Short box' }));
  expect(liesBeside.mutate.mock.calls[0]?.[0]).toEqual({ piece: PIECE, thermometer: 5 });
});

it('with one there is nothing to choose', () => {
  instruments = [thermometer(2, 'Long box')];
  show(<WhichThermometer piece={PIECE} />);
  expect(screen.queryByRole('button')).toBeNull();
});
