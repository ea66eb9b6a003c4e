import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { RecipeFields, SideBySideAnswer, WayBeside } from '../api/schema';
import { ANSWER, GLUED, show, STEAMED } from '../testing';
import { SideBySide } from './SideBySide';

let answer: { data: SideBySideAnswer | undefined; isPlaceholderData: boolean; error: Error | null };
vi.mock('../api/advice', () => ({ useSideBySide: () => answer }));

const [limiting] = ANSWER.modes;
const PLANNED: WayBeside = {
  recipe: STEAMED, planned: true, unbroken: { probability: 0.71, low: 0.55, high: 0.86 }, limiting: limiting as WayBeside['limiting'], section: ANSWER.section,
  sheet: ANSWER.sheet, springback: ANSWER.springback, beyondRecords: true, trialsThisWay: 12, hours: 25, attentionHours: 1.5, equipment: ['STEAM_BOX', 'STRAP', 'FORM'], notAtHand: [],
};
const OTHER: WayBeside = { ...PLANNED, recipe: GLUED, planned: false, unbroken: { probability: 0.95, low: 0.9, high: 0.98 }, attentionHours: 0.75, trialsThisWay: 0,
  beyondRecords: false, equipment: ['RIPPING', 'FORM', 'GLUING'] };

beforeEach(() => {
  answer = { data: { ways: [OTHER, PLANNED], impossible: ['KERF_BENDING'] }, isPlaceholderData: false, error: null };
});

const take = vi.fn<(recipe: RecipeFields) => void>();
const shown = (current = true) => show(<SideBySide recipe={STEAMED} current={current} wanted={0.9} onTake={take} />);

it('says of each way its odds, springback, time, needs and what stands against it', () => {
  shown();
  const planned = within(screen.getByRole('listitem', { name: 'Steam box' }));
  expect(planned.getByText('as planned')).toBeDefined();
  expect(planned.getByText(/1.5 h of it yours/)).toBeDefined();
  expect(planned.getByText('steam box, strap with stops, form and clamps')).toBeDefined();
  expect(planned.getByText(/131 % of what 19 in 20 clear pieces stand\. No record was asked this much\./)).toBeDefined();
  const other = within(screen.getByRole('listitem', { name: 'Cold lamination' }));
  expect(other.getByText('19 in 20')).toBeDefined();
  expect(other.getByText(/45 min of it yours/)).toBeDefined();
  expect(other.getByText('Never tried in this shop.')).toBeDefined();
  expect(screen.getByText(/Not for this piece whatever is set: kerf bending\./)).toBeDefined();
});

it('plans another way by a tap, but none of an older answer', async () => {
  const first = shown();
  await userEvent.click(screen.getByRole('button', { name: 'Plan it so' }));
  expect(take).toHaveBeenCalledWith(GLUED);
  first.unmount();
  answer = { ...answer, isPlaceholderData: true };
  shown();
  expect(screen.getByRole('button', { name: 'Plan it so' })).toHaveProperty('disabled', true);
});
