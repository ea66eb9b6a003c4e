import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { AskedFields, DayReading, JobView, Proposal, ProposalReading } from '../api/schema';
import { show, STEAMED } from '../testing';
import { DayView } from './DayView';

const at = (hour: number, minute = 0) => new Date(2026, 11, 1, hour, minute).toISOString();
const DAY: DayReading = {
  now: at(7), zone: 'Europe/Berlin', hoursVersion: -1, hours: { people: 1, days: '12345', opens: '08:00', closes: '17:00' }, hands: { layIn: 3, bend: 10, glue: 25, takeOff: 5, warmUp: 30 },
};
const JOB = {
  id: 4, version: 0, plans: [], pieces: [], progress: { wanted: 2, good: 0, spoilt: 0, bent: 0, underWay: 0 },
  job: { name: 'Ribs', wanted: 2, certainty: 0.9, flawsPass: true, note: '', recipe: STEAMED, madeWith: [] },
} as JobView;
const PROPOSAL: Proposal = {
  from: at(7), order: [0], pieces: [{ jobId: 4, number: 1, name: 'Ribs 1' }],
  slots: [
    { piece: 0, step: 'HEATING', begun: false, beginsAt: at(8, 30), handsOffAt: at(8, 33), readyAt: at(9, 3), endsAt: at(9, 3), tooLongMinutes: 0, people: 1, overrunMinutes: 0, items: [] },
    { piece: 0, step: 'BENDING', begun: false, beginsAt: at(9, 3), handsOffAt: at(9, 13), readyAt: at(15), endsAt: at(15), tooLongMinutes: 0, people: 1, overrunMinutes: 0, items: [] },
  ],
  jobs: [{ jobId: 4, name: 'Ribs', wanted: 2, pieces: 1, perPiece: { probability: 0.8, low: 0.7, high: 0.9 }, worthPlanning: true, plannedAt: at(15), earliest: at(15), middle: at(15), latest: at(15) }],
  conflicts: [], gains: [{ more: 1, minutes: 45 }], endsAt: at(15), boundAt: at(15), changedMinutes: 0, lacking: ['FORM'],
};

let asked: AskedFields[];
let taken: unknown[];
let day: DayReading;
let jobs: JobView[];
let conflicts: Proposal['conflicts'];

const server = {
  GET: (path: string) => Promise.resolve({ data: path === '/api/day' ? day : path === '/api/jobs' ? jobs : [] }),
  POST: (_: string, { body }: { body: AskedFields }) => {
    asked.push(body);
    const lines: ProposalReading[] = [{ tried: 0, of: 10, done: false, proposal: { ...PROPOSAL, gains: [] } }, { tried: 10, of: 10, done: true, proposal: { ...PROPOSAL, conflicts } }];
    return Promise.resolve({ response: new Response(lines.map((line) => `${JSON.stringify(line)}\n`).join('')) });
  },
  PUT: (_: string, { body }: { body: unknown }) => {
    taken.push(body);
    day = { ...DAY, plan: { version: 0, madeAt: at(7), pieces: PROPOSAL.pieces, slots: PROPOSAL.slots } };
    return Promise.resolve({ data: day });
  },
};

vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  api: { GET: (path: string) => server.GET(path), POST: (path: string, what: { body: AskedFields }) => server.POST(path, what), PUT: (path: string, what: { body: unknown }) => server.PUT(path, what) },
}));

vi.mock('../bench/useBench', () => ({ useBench: () => ({ bench: { pieces: [] } }) }));

// days far off are said with their year
beforeEach(() => { vi.useFakeTimers({ toFake: ['Date'], now: new Date(2026, 11, 1, 7) }); });
afterEach(() => { vi.useRealTimers(); });

beforeEach(() => {
  asked = [];
  taken = [];
  day = DAY;
  jobs = [JOB];
  conflicts = [];
});

it('plans every job at once and says when enough are done, what holds it up and what is not there', async () => {
  show(<DayView />);
  const done = await screen.findByRole('region', { name: 'When it is done' });
  await within(done).findByText(/All is done Tue 1 Dec/);
  await waitFor(() => { expect(done.textContent).toContain('Another pair of hands: done 45 min sooner.'); });
  expect(screen.getByRole('status', { name: 'When Ribs is done' }).textContent).toContain('Enough good pieces about');
  expect(done.textContent).toContain('Nothing in your rig fits as form');
  expect(asked).toEqual([{ jobs: [{ id: 4 }], moved: [], anew: false }]);
  const agenda = screen.getByRole('region', { name: 'What to do when' });
  expect(within(agenda).getByRole('button', { name: 'Ribs 1: into the heat' })).toBeDefined();
});

it('moves a piece by a key and asks for the others round it', async () => {
  show(<DayView />);
  const bars = await screen.findAllByRole('button', { name: 'Ribs 1, into the heat, 08:30 to 09:03' });
  bars[0]?.focus();
  await userEvent.keyboard('{ArrowRight}');
  await waitFor(() => { expect(asked).toHaveLength(2); });
  expect(asked[1]?.moved).toEqual([{ jobId: 4, number: 1, noSooner: at(8, 45) }]);
});

it('puts in force what is shown, as it was asked and as it begins', async () => {
  show(<DayView />);
  await userEvent.click(await screen.findByRole('button', { name: 'Use this plan' }));
  await screen.findByText(/^In force, made /);
  expect(screen.queryByRole('button', { name: 'Use this plan' })).toBeNull();
  expect(taken).toEqual([{ asked: asked[0], from: PROPOSAL.from, order: [0], begins: PROPOSAL.slots.map(({ beginsAt }) => beginsAt) }]);
});

it('says when the bench went another way than planned', async () => {
  const later = PROPOSAL.slots.map((slot) => ({ ...slot, beginsAt: new Date(Date.parse(slot.beginsAt) + 3_600_000).toISOString() }));
  day = { ...DAY, plan: { version: 0, madeAt: at(6), pieces: PROPOSAL.pieces, slots: later } };
  show(<DayView />);
  await screen.findByText(/^The bench went another way than planned/);
  expect(screen.getByRole('button', { name: 'Use this plan' })).toBeDefined();
});

it('asks for so many pieces as are typed, and no more for a job that is left out', async () => {
  show(<DayView />);
  await userEvent.type(await screen.findByRole('textbox', { name: 'Pieces of Ribs to begin' }), '7');
  await waitFor(() => { expect(asked.at(-1)?.jobs).toEqual([{ id: 4, toStart: 7 }]); });
  await userEvent.click(screen.getByRole('checkbox', { name: /Ribs/ }));
  await waitFor(() => { expect(asked.at(-1)?.jobs).toEqual([]); });
  await userEvent.click(screen.getByRole('button', { name: 'As it was' }));
  await waitFor(() => { expect(asked.at(-1)?.jobs).toEqual([{ id: 4 }]); });
});

it('plans no more than fifty jobs together of itself, those that are due first', async () => {
  jobs = Array.from({ length: 52 }, (_, at) => ({ ...JOB, id: at + 1, job: { ...JOB.job, name: `Ribs ${at}`, ...(at > 49 && { dueOn: '2026-12-20' }) } }));
  show(<DayView />);
  await waitFor(() => { expect(asked).toHaveLength(1); });
  expect(asked[0]?.jobs).toHaveLength(50);
  expect(asked[0]?.jobs.map(({ id }) => id)).toEqual(expect.arrayContaining([51, 52]));
});

it('says what keeps a piece from the moment it was moved to', async () => {
  conflicts = [{ piece: 0, asked: true, kind: 'HANDS_BUSY', step: 'HEATING', items: [], holders: [0] }];
  show(<DayView />);
  const done = await screen.findByRole('region', { name: 'When it is done' });
  await within(done).findByText(/^Ribs 1 goes on Tue 1 Dec, 08:30 and not when you asked: hands are busy with Ribs 1\.$/);
});
