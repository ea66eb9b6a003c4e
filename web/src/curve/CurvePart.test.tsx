import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { AskedCurve } from '../api/curves';
import type { ChainFields, CurveReading } from '../api/schema';
import type { Plan } from '../plan/usePlan';
import { showPart } from '../testing';
import { CurvePart } from './CurvePart';
import { CURVE_DRAFT, draftOf } from './draft';

const S: ChainFields = {
  stretches: [{ kind: 'STRAIGHT', lengthMm: 76.2 }, { kind: 'ARC', innerRadiusMm: 152.4, angleDegrees: 90, turn: 'LEFT' }, { kind: 'STRAIGHT', lengthMm: 76.2 },
    { kind: 'ARC', innerRadiusMm: 203.2, angleDegrees: 60, turn: 'RIGHT' }],
};
const BEND = { angleDegrees: 90, fromMm: 76.2, toMm: 330, tightestAtMm: 203.2, bareFace: false, limiting: 'TENSION', partMm: 12.7, formRadiusMm: 146.05 } as const;
const ANSWER: CurveReading = {
  unbroken: { probability: 0.61, low: 0.35, high: 0.82 }, asWorst: 0.71, eachForItself: 0.52, near: [0, 1.2, 0, 0.8], onForm: S, thicknessMm: 19.05, middleMm: 700, leftMm: 690,
  rightMm: 710, stockMm: 700, heated: [], crosses: false,
  bends: [{ ...BEND, first: 1, last: 1, tightestMm: 152.4, turn: 'LEFT', unbroken: { probability: 0.71, low: 0.5, high: 0.9 }, ratio: 1.23 },
    { ...BEND, first: 3, last: 3, tightestMm: 203.2, angleDegrees: 60, turn: 'RIGHT', bareFace: true, unbroken: { probability: 0.91, low: 0.8, high: 0.97 }, ratio: 0.9 }],
};
let asked: AskedCurve | undefined;
let waiting: boolean;
const draw = vi.fn(() => Promise.resolve());
vi.mock('../api/curves', () => ({
  useCurveForecast: (curve: AskedCurve | undefined) => {
    asked = curve;
    return { data: curve && { ...ANSWER, asked: curve }, isPlaceholderData: waiting, error: null };
  },
  useCurveForm: () => ({ data: undefined, error: null, isPlaceholderData: false }),
  useFamiliar: () => ({ mutate: vi.fn(), mutateAsync: () => Promise.resolve(S), isIdle: true }),
  useKeptCurves: () => ({ data: [] }),
  useKeptCurveWrites: () => ({ keep: {}, discard: {}, restore: {} }),
  useBringLine: () => ({}),
  useDrawing: () => ({ mutateAsync: draw, error: null }),
}));
vi.mock('../units/reading', async (original) => {
  const { readPlainly } = await import('../units/testReading');
  return { ...(await original<typeof import('../units/reading')>()), useReadings: (fields: Parameters<typeof readPlainly>[0]) => readPlainly(fields) };
});

beforeEach(() => {
  vi.clearAllMocks();
  localStorage.clear();
  localStorage.setItem(CURVE_DRAFT, JSON.stringify(draftOf(S)));
  waiting = false;
});

function open(plan: Partial<Plan> = {}) {
  showPart(<CurvePart />, plan);
}

const odds = () => within(screen.getByRole('region', { name: 'Odds of the curve' }));

it('says how often the whole holds, which bend decides, and what each is', async () => {
  open();
  expect(await screen.findByText('6 in 10')).toBeDefined();
  expect(odds().getByText(/^Between 5 in 10, if each bend broke for reasons of its own, and 7 in 10/)).toBeDefined();
  expect(odds().getByText(/^Bend 1 decides: R 6", 90°, 8" along. The stretch of the outer face limits it: 123 %/)).toBeDefined();
  expect(odds().getByText('The strap lies on its inner face.')).toBeDefined();
});

it('nudges what is taken hold of by a mark of the rule', async () => {
  open();
  await screen.findByText('6 in 10');
  fireEvent.keyDown(screen.getByRole('slider', { name: 'Radius of part 2' }), { key: 'ArrowUp' });
  await vi.waitFor(() => { expect(asked?.chain.stretches[1]?.innerRadiusMm).toBeCloseTo(155.575, 6); });
  fireEvent.keyDown(screen.getByRole('slider', { name: 'Angle of part 4' }), { key: 'ArrowDown', shiftKey: true });
  await vi.waitFor(() => { expect(asked?.chain.stretches[3]?.angleDegrees).toBe(52); });
});

it('makes an arc of a straight, takes parts out and adds some', async () => {
  open();
  const user = userEvent.setup();
  await user.click(within(screen.getByRole('listitem', { name: 'Part 3' })).getByRole('button', { name: 'Turns right' }));
  await vi.waitFor(() => { expect(asked?.chain.stretches[2]).toMatchObject({ kind: 'ARC', turn: 'RIGHT' }); });
  await user.click(screen.getByRole('button', { name: 'Take part 1 out' }));
  await user.click(screen.getByRole('button', { name: 'Add a straight' }));
  await vi.waitFor(() => { expect(asked?.chain.stretches.map(({ kind }) => kind)).toEqual(['ARC', 'ARC', 'ARC', 'STRAIGHT']); });
});

it('hands out no pattern of a curve that is not read yet', async () => {
  open({ current: false });
  await userEvent.setup().click(await screen.findByRole('button', { name: 'Print as PDF' }));
  expect(draw).not.toHaveBeenCalled();
});

it('has the pattern drawn as it stands', async () => {
  open();
  await screen.findByText('6 in 10');
  const button = await screen.findByRole('button', { name: 'Print as PDF' });
  await userEvent.setup().click(button);
  await vi.waitFor(() => { expect(draw).toHaveBeenCalledWith(expect.objectContaining({ as: 'pdf' })); });
});

it('says nothing of odds while another answer is on its way', async () => {
  waiting = true;
  open();
  expect((await screen.findByText('6 in 10')).closest('[aria-busy=true]')).not.toBeNull();
});
