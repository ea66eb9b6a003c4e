import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { AskedCurve } from '../api/curves';
import type { FormReading, FormWantedFields } from '../api/schema';
import { show, STEAMED } from '../testing';
import type { FormDraft, FormEntry } from './formDraft';
import { FormPart } from './FormPart';

const FORM: FormReading = {
  piece: 'M0 0L1 1', box: [0, 0, 400, 300], sheets: 2, pegs: 0, clamps: 9, alsoRack: false, runOutMm: 40, cost: 90, hours: 3.24, laid: [{ part: 0, sheet: 0, xMm: 0, yMm: 0, lengthMm: 300, heightMm: 200 }],
  parts: [{ role: 'BODY', path: 'M0 0Z', holes: [{ use: 'CLAMP', xMm: 5, yMm: 5, diameterMm: 30 }], layers: 3, marks: [], box: [0, 0, 400, 300] }],
};
const WANTED: FormWantedFields = { kind: 'ONE_SIDED', sheetThicknessMm: 18, sheetLengthMm: 2440, sheetWidthMm: 1220, clampReachMm: 200, spacingMm: 100, pegMm: 12 };
const DRAFT: FormDraft = { kind: 'ONE_SIDED', sheetThickness: '18', sheetLength: '2440', sheetWidth: '1220', clampReach: '200', clampHole: '', spacing: '100', peg: '12', price: '45' };
let answer: { data?: FormReading; error: Error | null; isPlaceholderData: boolean };
const CURVE: AskedCurve = { recipe: STEAMED, chain: { stretches: [{ kind: 'ARC', innerRadiusMm: 152.4, angleDegrees: 120, turn: 'LEFT' }] }, strapTurned: false, overhangMm: 100 };
const takeIn = vi.fn(() => Promise.resolve({}));
const asked = vi.fn(() => Promise.resolve());
let things: unknown[] = [];
vi.mock('../api/curves', () => ({ useCurveForm: () => answer }));
vi.mock('../api/things', () => ({ useThings: () => ({ data: things }), useThingWrites: () => ({ takeIn: { mutateAsync: takeIn, isPending: false } }) }));
vi.mock('../api/sheets', () => ({ useSheet: () => ({ mutateAsync: asked, error: null }) }));

function entry(form: FormDraft): FormEntry {
  const none = {};
  return { form, change: vi.fn(), priceProblem: undefined, readings: { sheetThickness: none, sheetLength: none, sheetWidth: none, clampReach: none, clampHole: none, spacing: none, peg: none } };
}

beforeEach(() => {
  answer = { data: FORM, error: null, isPlaceholderData: false };
  things = [{ id: 4, version: 0, item: { kind: 'CLAMPS', name: 'Bar clamps', room: 6, note: '', reachMm: 304.8 } }, { id: 5, version: 0, item: { kind: 'FORM', name: 'Hoop', room: 1, note: '' } }];
});

it('says what is cut, from how many sheets, for how much and in how long', () => {
  show(<FormPart curve={CURVE} name="Rim" old={false} entry={entry(DRAFT)} wanted={WANTED} />);
  expect(screen.getByText('Body: 3 layers of 45/64", 1 hole through each')).toBeDefined();
  expect(screen.getByText(/^2 sheets of .* 90 in all$/)).toBeDefined();
  expect(screen.getByText(/^About 3.2 hours/)).toBeDefined();
});

it('asks of each kind only what it goes by', () => {
  show(<FormPart curve={CURVE} name="Rim" old={false} entry={entry({ ...DRAFT, kind: 'PEG_BOARD' })} wanted={{ ...WANTED, kind: 'PEG_BOARD' }} />);
  expect(screen.getByLabelText('A peg every')).toBeDefined();
  expect(screen.queryByLabelText('Clamps open')).toBeNull();
  expect(screen.queryByLabelText('Clamp holes')).toBeNull();
});

it('says why there is no such form in its place', () => {
  answer = { error: new Error('A press does not open.'), isPlaceholderData: false };
  show(<FormPart curve={CURVE} name="Rim" old={false} entry={entry(DRAFT)} wanted={WANTED} />);
  expect(screen.getByRole('alert').textContent).toBe('A press does not open.');
});

it('dims a form that is of an older curve', () => {
  show(<FormPart curve={CURVE} name="Rim" old entry={entry(DRAFT)} wanted={WANTED} />);
  expect(screen.getByText(/^2 sheets of/).closest('[aria-busy=true]')).not.toBeNull();
});

it('takes the reach of clamps in the rig, and says when there are too few of them', async () => {
  const change = vi.fn();
  show(<FormPart curve={CURVE} name="Rim" old={false} entry={{ ...entry(DRAFT), change }} wanted={WANTED} />);
  await userEvent.click(within(screen.getByRole('group', { name: 'Clamps' })).getByRole('button', { name: 'Bar clamps' }));
  expect(change).toHaveBeenCalledWith({ ...DRAFT, clampsId: 4, clampReach: '12"' });
});

it('says how many clamps it takes of those picked, and forgets them once another reach is typed', async () => {
  const change = vi.fn();
  show(<FormPart curve={CURVE} name="Rim" old={false} entry={{ ...entry({ ...DRAFT, clampsId: 4 }), change }} wanted={WANTED} />);
  expect(screen.getByText(/^9 clamps along the piece; of Bar clamps there are 6\. The inner face lies close/)).toBeDefined();
  await userEvent.type(screen.getByLabelText('Clamps open'), '0');
  expect(change).toHaveBeenCalledWith({ ...DRAFT, clampReach: '2000', clampsId: undefined });
});

it('asks for a sheet of the form that is shown, in its words', async () => {
  show(<FormPart curve={CURVE} name="Rim" old={false} entry={entry(DRAFT)} wanted={WANTED} />);
  await userEvent.click(screen.getByRole('button', { name: 'Print as PDF' }));
  expect(asked).toHaveBeenCalledWith({ about: 'form', asked: expect.objectContaining({ curve: CURVE, form: WANTED, sheet: expect.objectContaining({ title: 'Rim: one-sided', paper: 'LETTER', units: 'INCH' }) }) });
});

it('puts a form that is built in the rig with the one radius it gives', async () => {
  show(<FormPart curve={CURVE} name="Rim" old={false} entry={entry(DRAFT)} wanted={WANTED} />);
  await userEvent.click(screen.getByRole('button', { name: 'It is built: put it in the rig' }));
  expect(takeIn).toHaveBeenCalledWith({
    kind: 'FORM', name: 'Rim: one-sided', room: 1, note: 'One-sided', widthMm: STEAMED.blank.widthMm, radiusMm: 152.4, angleDegrees: 120, form: { madeOf: 'sheet goods', alsoRack: false, clampPlaces: 9 },
  });
});
