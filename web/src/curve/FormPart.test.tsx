import { screen } from '@testing-library/react';
import { beforeEach, expect, it, vi } from 'vitest';
import type { FormReading, FormWantedFields } from '../api/schema';
import { show } from '../testing';
import type { FormDraft, FormEntry } from './formDraft';
import { FormPart } from './FormPart';

const FORM: FormReading = {
  piece: 'M0 0L1 1', box: [0, 0, 400, 300], sheets: 2, pegs: 0, runOutMm: 40, cost: 90, hours: 3.24, laid: [{ part: 0, sheet: 0, xMm: 0, yMm: 0, lengthMm: 300, heightMm: 200 }],
  parts: [{ role: 'BODY', path: 'M0 0Z', holes: [{ use: 'CLAMP', xMm: 5, yMm: 5, diameterMm: 30 }], layers: 3, marks: [] }],
};
const WANTED: FormWantedFields = { kind: 'ONE_SIDED', sheetThicknessMm: 18, sheetLengthMm: 2440, sheetWidthMm: 1220, clampReachMm: 200, spacingMm: 100, pegMm: 12 };
const DRAFT: FormDraft = { kind: 'ONE_SIDED', sheetThickness: '18', sheetLength: '2440', sheetWidth: '1220', clampReach: '200', clampHole: '', spacing: '100', peg: '12', price: '45' };
let answer: { data?: FormReading; error: Error | null; isPlaceholderData: boolean };
vi.mock('../api/curves', () => ({ useCurveForm: () => answer }));

function entry(form: FormDraft): FormEntry {
  const none = {};
  return { form, change: vi.fn(), priceProblem: undefined, readings: { sheetThickness: none, sheetLength: none, sheetWidth: none, clampReach: none, clampHole: none, spacing: none, peg: none } };
}

beforeEach(() => {
  answer = { data: FORM, error: null, isPlaceholderData: false };
});

it('says what is cut, from how many sheets, for how much and in how long', () => {
  show(<FormPart curve={undefined} old={false} entry={entry(DRAFT)} wanted={WANTED} />);
  expect(screen.getByText('Body: 3 layers of 45/64", 1 hole through each')).toBeDefined();
  expect(screen.getByText(/^2 sheets of .* 90 in all$/)).toBeDefined();
  expect(screen.getByText(/^About 3.2 hours/)).toBeDefined();
});

it('asks of each kind only what it goes by', () => {
  show(<FormPart curve={undefined} old={false} entry={entry({ ...DRAFT, kind: 'PEG_BOARD' })} wanted={{ ...WANTED, kind: 'PEG_BOARD' }} />);
  expect(screen.getByLabelText('A peg every')).toBeDefined();
  expect(screen.queryByLabelText('Clamps open')).toBeNull();
  expect(screen.queryByLabelText('Clamp holes')).toBeNull();
});

it('says why there is no such form in its place', () => {
  answer = { error: new Error('A press does not open.'), isPlaceholderData: false };
  show(<FormPart curve={undefined} old={false} entry={entry(DRAFT)} wanted={WANTED} />);
  expect(screen.getByRole('alert').textContent).toBe('A press does not open.');
});

it('dims a form that is of an older curve', () => {
  show(<FormPart curve={undefined} old entry={entry(DRAFT)} wanted={WANTED} />);
  expect(screen.getByText(/^2 sheets of/).closest('[aria-busy=true]')).not.toBeNull();
});
