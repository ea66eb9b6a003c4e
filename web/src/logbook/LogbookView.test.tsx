import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { LogbookFields, TrialView } from '../api/schema';
import type { SheetAsked } from '../api/sheets';
import type { Question } from '../find/question';
import { show, STEAMED } from '../testing';
import { LogbookView } from './LogbookView';

const trial = (id: number, bentOn: string): TrialView => ({ id, version: 0, bentOn, recipe: STEAMED, done: { stages: [], chamber: [] }, outcome: { severity: 'BROKEN', flaw: 'SNAP', nextTime: 'strap it' }, note: 'went at once' });
const asked = vi.fn();
let address: string;
vi.mock('react-router', async (original) => ({ ...(await original<typeof import('react-router')>()), useSearchParams: () => [new URLSearchParams(address)] }));
vi.mock('../api/queries', () => ({ useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }), useTrial: (id: number) => ({ data: trial(id, '2026-03-01'), error: null }) }));
const written = vi.fn<(asked: SheetAsked) => Promise<void>>(() => Promise.resolve());
vi.mock('../api/sheets', () => ({ useSheet: () => ({ mutateAsync: written, error: null }) }));
vi.mock('../api/find', () => ({
  MOST_PRINTED: 2000,
  useAllFound: (question: Question) => {
    asked(question);
    return { data: [trial(1, '2026-03-01'), trial(2, '2026-03-09'), trial(3, '2026-04-01')], error: null };
  },
}));

it('prints what is looked for from the oldest on, month by month', async () => {
  address = 'find={"conditions":[{"fact":"wood","among":["white-ash"]}]}';
  show(<LogbookView />);
  expect(asked).toHaveBeenCalledWith({ words: '', conditions: [{ fact: 'wood', among: ['white-ash'] }], falling: false, sortBy: 'day' });
  expect(screen.getByText('3 bends, 1 Mar 2026 to 1 Apr 2026.')).toBeDefined();
  expect(screen.getAllByRole('heading', { level: 2 }).map(({ textContent }) => textContent)).toEqual(['Mar 2026', 'Apr 2026']);
  expect(screen.getAllByRole('article')).toHaveLength(3);
  expect(screen.getAllByText('strap it')).toHaveLength(3);
  await userEvent.click(screen.getByRole('button', { name: 'Print as PDF' }));
  const { entries, sheet, card } = written.mock.calls[0]?.[0].asked as LogbookFields;
  expect(sheet.lines).toEqual(['3 bends, 1 Mar 2026 to 1 Apr 2026.']);
  expect(card).toBe(false);
  expect(entries.map(({ heading }) => heading)).toEqual(['Mar 2026', undefined, 'Apr 2026']);
  expect(entries[0]).toMatchObject({ day: '1 Mar 2026', innerRadiusMm: STEAMED.innerRadiusMm });
  expect(entries[0]?.title).toMatch(/^White ash, broken: /);
  expect(entries[0]?.facts).toContainEqual({ term: 'Next time', text: 'strap it' });
});

it('prints one record as a card', () => {
  address = 'one=7';
  show(<LogbookView />);
  expect(screen.getByRole('article', { name: 'White ash, 1 Mar 2026' })).toBeDefined();
  expect(screen.getByRole('link', { name: 'The record' }).getAttribute('href')).toBe('/records/7');
});
