import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { ChainFields, FittedReading } from '../api/schema';
import { show } from '../testing';
import { BringLineDialog, inWords } from './BringLineDialog';
import { TraceDialog } from './TraceDialog';

const CHAIN: ChainFields = { stretches: [{ kind: 'STRAIGHT', lengthMm: 100 }] };
const FOUND: FittedReading = { chain: CHAIN, asDrawn: false, offMm: 0.4, lines: 3, unitSaid: false, leftOut: 2 };
const drawn = vi.fn<(asked: object) => Promise<FittedReading>>(() => Promise.resolve(FOUND));
const places = vi.fn<(asked: object) => Promise<FittedReading>>(() => Promise.resolve(FOUND));
vi.mock('../api/curves', () => ({ useBringLine: () => ({ drawn: { mutateAsync: drawn }, places: { mutateAsync: places } }) }));
vi.mock('../units/reading', async (original) => {
  const { readPlainly } = await import('../units/testReading');
  return { ...(await original<typeof import('../units/reading')>()), readNow: (fields: Parameters<typeof readPlainly>[0]) => Promise.resolve(readPlainly(fields)) };
});

const brought = vi.fn();
const left = vi.fn();

beforeEach(() => {
  vi.clearAllMocks();
});

async function take() {
  await userEvent.setup().click(screen.getByRole('button', { name: 'Take it as the curve' }));
}

it('says what came in and what of it is a guess', () => {
  expect(inWords(FOUND, 'metric')).toBe('A curve fitted to it; it passes by 0.4 mm at most. The longest of 3 lines was taken. The drawing does not say how large it is; '
    + 'its numbers were taken as they mostly are meant. 2 things in it (such as letters or copies) were not looked at.');
  expect(inWords({ ...FOUND, asDrawn: true, lines: 1, unitSaid: true, leftOut: 0 }, 'inch')).toBe('The line as it was drawn.');
});

it('asks for a drawing or places, and keeps what was typed', async () => {
  show(<BringLineDialog thicknessMm={12} onLeave={left} onBring={brought} />);
  await take();
  expect(await screen.findByText('Choose a drawing, or type places.')).toBeDefined();
  expect(left).not.toHaveBeenCalled();
  const text = screen.getByLabelText('Or places on the curve, two numbers a line');
  await userEvent.setup().type(text, '0 0{enter}10 5{enter}20 20');
  await take();
  expect(places).toHaveBeenCalledWith(expect.objectContaining({ text: '0 0\n10 5\n20 20', along: 'MIDDLE', thicknessMm: 12, units: 'INCH' }));
  expect(brought).toHaveBeenCalledWith(CHAIN);
  expect(left).toHaveBeenCalled();
});

it('sends a drawing as the line of the piece that it is', async () => {
  show(<BringLineDialog thicknessMm={12} onLeave={left} onBring={brought} />);
  const user = userEvent.setup();
  const file = new File(['<svg/>'], 'rail.svg', { type: 'image/svg+xml' });
  await user.upload(screen.getByLabelText('Drawing'), file);
  await user.click(screen.getByRole('button', { name: 'Its left face' }));
  await take();
  expect(drawn).toHaveBeenCalledWith(expect.objectContaining({ file, along: 'LEFT_FACE' }));
});

it('traces a picture by a known length and places along the curve', async () => {
  vi.stubGlobal('Image', class {
    naturalWidth = 800;
    naturalHeight = 600;
    onload?: () => void;
    set src(_: string) { setTimeout(() => this.onload?.()); }
  });
  show(<TraceDialog thicknessMm={12} onLeave={left} onBring={brought} />);
  const user = userEvent.setup();
  await take();
  expect(await screen.findByText('Choose a picture.')).toBeDefined();
  await user.upload(screen.getByLabelText('Picture'), new File(['x'], 'rail.png', { type: 'image/png' }));
  await user.click(await screen.findByRole('button', { name: 'The curve' }));
  await user.click(screen.getByRole('button', { name: 'One more place' }));
  await take();
  expect(await screen.findByText('Say how long the known length is.')).toBeDefined();
  await user.type(screen.getByLabelText('The known length is'), '500');
  await take();
  const asked = places.mock.calls[0]?.[0] as { places: object[]; picture: object };
  expect(asked.places).toHaveLength(4);
  expect(asked.picture).toMatchObject({ from: { xMm: 240 }, to: { xMm: 560 }, lengthMm: 500 });
  vi.unstubAllGlobals();
});
