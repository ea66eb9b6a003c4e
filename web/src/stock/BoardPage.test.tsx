import { act, fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { BoardFields, BoardView, LayoutReading } from '../api/schema';
import type { Notice } from '../app/notice';
import { show, STEAMED } from '../testing';
import { BoardPage } from './BoardPage';

const BLANK = { name: 'Rim', alongMm: 0, acrossMm: 0, lengthMm: 609.6, widthMm: 50.8, bentFromMm: 101.6, bentToMm: 508 };
const VIEW: BoardView = {
  id: 0, version: 4, leftShare: 0.9, moisture: [{ day: '2026-03-01', percent: 17, how: 'METER' }],
  board: {
    name: 'ash A', speciesId: 'white-ash', seasoning: 'AIR_DRIED', growthRings: 'FLAT', lengthMm: 2438.4, widthMm: 152.4, thicknessMm: 25.4, kerfMm: 3.175, note: '',
    marks: [{ kind: 'KNOT', alongMm: 304.8, acrossMm: 0, lengthMm: 25.4, widthMm: 25.4 }], readings: [], blanks: [BLANK],
  },
};
const LAYOUT: LayoutReading = {
  blanks: [{ inBend: [0], through: [], beside: [], recipe: STEAMED, unbroken: { probability: 0.4, low: 0.2, high: 0.6 } }], sawingOrder: [0], leftShare: 0.92,
  largestLeft: { alongMm: 0, acrossMm: 54, lengthMm: 2438.4, widthMm: 98.4 },
  size: { lengthMm: 711.2, widthMm: 26.99, bentFromMm: 110, bentToMm: 600, piecesEach: 1, plies: 1 },
};
let boards: BoardView[];
let waiting: boolean;
let written: { asked: { board: BoardFields; version: number }; done: (now: BoardView) => void; refused: (error: Error) => void }[];
const mutateAsync = (asked: { board: BoardFields; version: number }) => new Promise<BoardView>((done, refused) => { written.push({ asked, done, refused }); });
const propose = vi.fn();
vi.mock('../api/stock', () => ({
  useBoards: () => ({ data: boards, error: null }),
  useStockWrites: () => ({ change: { mutateAsync }, takeOut: {}, putBack: {} }),
  useLayout: (board: BoardFields) => ({ data: { ...LAYOUT, asked: board }, isPlaceholderData: waiting }),
  useProposal: () => ({ mutateAsync: propose, isPending: false }),
}));
vi.mock('../api/queries', async (original) => ({ ...(await original<typeof import('../api/queries')>()), useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }) }));
vi.mock('./usePlanned', () => ({ usePlanned: () => ({ answer: { recipe: STEAMED } }) }));
vi.mock('../units/reading', async (original) => {
  const { readPlainly } = await import('../units/testReading');
  return { ...(await original<typeof import('../units/reading')>()), readNow: (fields: Parameters<typeof readPlainly>[0]) => Promise.resolve(readPlainly(fields)) };
});

vi.mock('react-router', async (original) => ({ ...(await original<typeof import('react-router')>()), useParams: () => ({ id: '0' }) }));

function open(notify?: (notice: Notice) => void) {
  show(<BoardPage />, notify);
}

beforeEach(() => {
  vi.clearAllMocks();
  boards = [VIEW];
  written = [];
  waiting = false;
});

function last(): { board: BoardFields; version: number } | undefined {
  return written.at(-1)?.asked;
}

it('says of each blank what it is made of, its odds, and what is left', () => {
  open();
  const list = within(screen.getByRole('region', { name: 'Cut list' }));
  expect(list.getByText('24" × 2", from 0" along and 0" across. Knot in the bend, grain 1 in 25.')).toBeDefined();
  expect(list.getByText('4 in 10')).toBeDefined();
  expect(list.getByText('92 % of the face is left, in one piece 96" × 3 7/8".')).toBeDefined();
  expect(screen.getByText(/White ash, air-dried, 96" × 6" × 1"; 17 % by meter, 1 Mar 2026/)).toBeDefined();
});

it('nudges a blank from mark to mark and keeps where it came to lie', () => {
  open();
  const blank = screen.getByRole('button', { name: 'Rim at 0" along, 0" across' });
  fireEvent.keyDown(blank, { key: 'ArrowRight', shiftKey: true });
  expect(last()).toMatchObject({ version: 4, board: { blanks: [{ ...BLANK, alongMm: 25.4 }] } });
});

it('dims the odds while the new ones are under way', () => {
  waiting = true;
  open();
  expect(within(screen.getByRole('region', { name: 'Cut list' })).getByText('4 in 10').closest('[aria-busy=true]')).not.toBeNull();
});

it('drags a blank and keeps it once, where it was let go', () => {
  open();
  const blank = screen.getByRole('button', { name: /^Rim at/ });
  Object.assign(screen.getByRole('group', { name: 'Board ash A' }), { setPointerCapture: () => undefined });
  fireEvent.pointerDown(blank, { clientX: 10, clientY: 50, pointerId: 1 });
  fireEvent.pointerMove(blank, { clientX: 300, clientY: 50 });
  expect(written).toEqual([]);
  expect(screen.getByRole('button', { name: /^Rim at 11 3\/8" along/ })).toBeDefined();
  fireEvent.pointerUp(blank);
  expect(written).toHaveLength(1);
  expect((last()?.board.blanks[0]?.alongMm ?? 0) / 3.175).toBeCloseTo(91, 6);
});

it('marks something in the middle, ready to be moved', async () => {
  open();
  await userEvent.click(within(screen.getByRole('group', { name: 'Mark something' })).getByRole('button', { name: 'Check' }));
  expect(last()?.board.marks[1]).toMatchObject({ kind: 'CHECK', alongMm: (2438.4 - 152.4) / 2 });
});

it('takes a blank off with a way back', async () => {
  const notices: Notice[] = [];
  open((notice) => notices.push(notice));
  await userEvent.click(screen.getByRole('button', { name: '1. Rim' }));
  await userEvent.click(screen.getByRole('button', { name: 'Take it off' }));
  expect(last()?.board.blanks).toEqual([]);
  await act(async () => { written[0]?.done({ ...VIEW, version: 5 }); await Promise.resolve(); });
  act(() => { notices[0]?.undo?.(); });
  expect(last()?.board.blanks).toEqual([BLANK]);
});

it('writes one change after another, each on top of the one before', async () => {
  open();
  const blank = screen.getByRole('button', { name: /^Rim at/ });
  fireEvent.keyDown(blank, { key: 'ArrowRight' });
  fireEvent.keyDown(blank, { key: 'ArrowRight' });
  fireEvent.keyDown(blank, { key: 'ArrowUp' });
  expect(written).toHaveLength(1);
  await act(async () => { written[0]?.done({ ...VIEW, version: 5 }); await Promise.resolve(); });
  // what came between is in the last of them
  expect(written).toHaveLength(2);
  expect(last()).toMatchObject({ version: 5, board: { blanks: [{ ...BLANK, alongMm: 6.35, acrossMm: 3.175 }] } });
});

it('says that a blank is sawn out', async () => {
  open();
  await userEvent.click(screen.getByRole('button', { name: 'Rim is sawn out' }));
  expect(last()?.board.blanks[0]).toEqual({ ...BLANK, cut: true });
});

it('puts back what is refused, and says why', async () => {
  const notices: Notice[] = [];
  open((notice) => notices.push(notice));
  fireEvent.keyDown(screen.getByRole('button', { name: /^Knot at/ }), { key: 'ArrowUp' });
  await act(async () => { written[0]?.refused(new Error('This board was changed elsewhere.')); await Promise.resolve(); });
  expect(notices[0]?.message).toBe('This board was changed elsewhere.');
  expect(screen.getByRole('button', { name: 'Knot at 12" along, 0" across' })).toBeDefined();
});

it('lays on as many as there is room for, and says so', async () => {
  propose.mockResolvedValue({ blanks: [{ ...BLANK, name: 'Blank 2', acrossMm: 54 }], size: LAYOUT.size });
  open();
  const form = within(screen.getByRole('form', { name: 'Blanks for the planned bend' }));
  expect(form.getByText('Sawn 28" × 1 1/16"; one piece from each.')).toBeDefined();
  await userEvent.clear(form.getByLabelText('How many'));
  await userEvent.type(form.getByLabelText('How many'), '2');
  await userEvent.click(form.getByRole('button', { name: 'Lay where best' }));
  expect(await form.findByText('There is room for 1 only.')).toBeDefined();
  expect(last()?.board.blanks).toHaveLength(2);
});

it('writes a sample down and asks for a reading where there is none', async () => {
  open();
  const form = within(screen.getByRole('form', { name: 'Moisture' }));
  await userEvent.click(form.getByRole('button', { name: 'Write it down' }));
  expect(form.getByRole('alert').textContent).toBe('A reading is needed.');
  await userEvent.click(form.getByText('oven-dry sample'));
  await userEvent.type(form.getByLabelText('Sample as cut, g'), '120');
  await userEvent.type(form.getByLabelText('Sample oven dry, g'), '100');
  await userEvent.click(form.getByRole('button', { name: 'Write it down' }));
  expect(last()?.board.readings[0]).toMatchObject({ sampleWetG: 120, sampleDryG: 100 });
});

it('says so when the board is not there', () => {
  boards = [];
  open();
  expect(screen.getByText(/This board is not in stock/)).toBeDefined();
});
