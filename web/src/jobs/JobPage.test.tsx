import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { JobView, OutstandingAnswer } from '../api/schema';
import type { Notice } from '../app/notice';
import { readStored } from '../app/storage';
import { show, STEAMED } from '../testing';
import { JobPage } from './JobPage';

const THINNER = { ...STEAMED, blank: { ...STEAMED.blank, thicknessMm: 12.7 } };
const JOB: JobView = {
  id: 3, version: 2, job: { name: 'Ribs', wanted: 5, certainty: 0.9, flawsPass: true, note: 'For the canoe.', recipe: THINNER, madeWith: [{ itemId: 5, takes: 6 }] },
  plans: [{ plannedAt: '2026-11-01T08:00:00Z', recipe: STEAMED }, { plannedAt: '2026-11-09T08:00:00Z', recipe: THINNER }],
  pieces: [
    { trialId: 40, step: 'JUDGED', severity: 'CLEAN', bentOn: '2026-11-10' },
    { pieceId: 7, name: 'Rib 2', step: 'ON_FORM', severity: 'FLAW' },
    { pieceId: 8, name: 'Rib 3', step: 'HEATING', severity: 'CLEAN' },
  ],
  progress: { wanted: 5, good: 1, spoilt: 0, bent: 1, underWay: 1 },
};
const OUTSTANDING: OutstandingAnswer = { missing: 3, toStart: 3, suffices: 0, perPiece: { probability: 0.8, low: 0.7, high: 0.9 } };

const writes = { change: { mutateAsync: vi.fn(), isPending: false }, close: { mutateAsync: vi.fn(), isPending: false }, takeUpAgain: { mutate: vi.fn() } };
vi.mock('react-router', async (original) => ({ ...(await original<object>()), useParams: () => ({ id: '3' }) }));
vi.mock('../api/jobs', () => ({ useJobs: () => ({ data: jobs }), useOutstanding: () => ({ data: OUTSTANDING, isPlaceholderData: false }), useJobWrites: () => writes }));
vi.mock('../api/things', () => ({
  useThings: () => ({ data: [{ id: 4, item: { name: 'Rib form' } }, { id: 5, item: { name: 'Bar clamps' } }] }),
  useThingsFor: () => ({ data: [{ itemId: 4, item: { kind: 'FORM', name: 'Rib form', room: 1, note: '' }, misfits: [], takes: 1, freeFrom: '2026-01-01T00:00:00Z', suggested: false }] }),
}));
const KEPT = [{ id: 11, name: 'Crook', curve: { name: 'Crook', chain: { stretches: [{ kind: 'STRAIGHT', lengthMm: 100 }] }, strapTurned: true, overhangMm: 60 } }, { id: 12, name: 'Leg', curve: { name: 'Leg', chain: { stretches: [] }, strapTurned: false } }];
vi.mock('../api/curves', () => ({ useKeptCurves: () => ({ data: KEPT }) }));
vi.mock('../api/queries', () => ({ useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }) }));

let jobs: JobView[] = [JOB];
beforeEach(() => {
  vi.clearAllMocks();
  jobs = [JOB];
});

it('says how far it is, and leads to each of its pieces', () => {
  show(<JobPage />);
  expect(screen.getByText(/^Start 3 more beside the 1 under way\./)).toBeDefined();
  const pieces = within(screen.getByRole('region', { name: 'Its pieces' }));
  expect(pieces.getAllByRole('link').map((link) => [link.textContent, link.getAttribute('href')])).toEqual([
    ['Bent 10 Nov 2026', '/records/40'], ['Rib 2', '/bench'], ['Rib 3', '/bench'],
  ]);
  expect(pieces.getByText('On the form, flaw, can be mended')).toBeDefined();
});

it('says with what of the rig its pieces are made, and is told otherwise', async () => {
  show(<JobPage />);
  expect(screen.getByText('With 6 of Bar clamps')).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'Made with' }));
  await userEvent.click(screen.getByRole('checkbox', { name: /^Rib form/ }));
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(writes.change.mutateAsync).toHaveBeenCalledWith({ view: JOB, job: { ...JOB.job, madeWith: [{ itemId: 5, takes: 6 }, { itemId: 4, takes: 1 }] } });
});

it('is told the curve its pieces are bent to, of those that are kept', async () => {
  show(<JobPage />);
  expect(screen.getByText('Bent once, as planned.')).toBeDefined();
  expect(screen.queryByRole('button', { name: 'Open the curve' })).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Its curve' }));
  await userEvent.click(screen.getByRole('button', { name: 'Leg' }));
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(writes.change.mutateAsync).toHaveBeenCalledWith({ view: JOB, job: { ...JOB.job, curveId: 12 } });
});

it('opens its curve beside its plan, and says when that was let go', async () => {
  jobs = [{ ...JOB, job: { ...JOB.job, curveId: 11 } }];
  const { unmount } = show(<JobPage />);
  expect(screen.getByText('Bent to the curve “Crook”')).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'Open the curve' }));
  expect(readStored('brachion.curve')).toMatchObject({ name: 'Crook', strapTurned: true, overhangMm: 60 });
  expect(readStored('brachion.planned-job')).toEqual({ job: 3 });
  unmount();
  jobs = [{ ...JOB, job: { ...JOB.job, curveId: 99 } }];
  show(<JobPage />);
  expect(screen.getByText('Its curve was let go.')).toBeDefined();
});

it('opens a plan there was before for the same job', async () => {
  show(<JobPage />);
  await userEvent.click(screen.getByText('One plan before'));
  await userEvent.click(within(screen.getByRole('list', { name: 'Plans before' })).getByRole('button', { name: 'Open it' }));
  expect(readStored('brachion.planned-job')).toEqual({ job: 3 });
  expect(readStored<{ thickness: string }>('brachion.forecast')?.thickness).toBe('3/4"');
});

it('is changed without its plan, and what is no number is said', async () => {
  show(<JobPage />);
  await userEvent.click(screen.getByRole('button', { name: 'Change the job' }));
  const wanted = screen.getByLabelText('Good pieces wanted');
  await userEvent.clear(wanted);
  await userEvent.type(wanted, 'x');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect((await screen.findByRole('alert')).textContent).toBe('“x” is not a number of pieces.');
  await userEvent.clear(wanted);
  await userEvent.type(wanted, '6');
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  expect(writes.change.mutateAsync).toHaveBeenCalledWith({ view: JOB, job: { ...JOB.job, wanted: 6 } });
});

it('is done with, with a way back', async () => {
  writes.close.mutateAsync.mockResolvedValue(JOB);
  const notices: Notice[] = [];
  show(<JobPage />, (notice) => notices.push(notice));
  await userEvent.click(screen.getByRole('button', { name: 'It is done with' }));
  notices[0]?.undo?.();
  expect(writes.takeUpAgain.mutate).toHaveBeenCalledWith(3);
});
