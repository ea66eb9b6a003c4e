import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { EvidenceAnswer, FamilyEvidence } from '../api/schema';
import { show } from '../testing';
import { EvidenceView } from './EvidenceView';

const steamed: FamilyEvidence = {
  family: 'HOT_WOOD',
  calibration: {
    bins: [{ trials: 12, forecast: 0.85, held: 0.75, low: 0.47, high: 0.91 }],
    trials: 12, unforecast: 0, logLoss: 0.41, baseRateLogLoss: 0.6, physicsLogLoss: 0.5,
  },
  beliefs: [{ mode: 'TENSION', term: 'PERSON', name: 'Wren', mean: -0.4, sd: 0.3, trials: 9, of: 12 }],
  hidden: { probability: 0.04, low: 0.01, high: 0.06 },
  prone: [{ source: 'the mill', times: 2.2 }, { times: 1.05 }],
  constants: [
    { constant: 'STEAM_HEAT', usual: 1, likely: 0.7, low: 0.52, high: 0.94, steps: 0.8, learned: 0.5 },
    { constant: 'WATER_UPTAKE', usual: 1, likely: 1, low: 0.55, high: 1.8, steps: 0, learned: 0.01 },
  ],
};
const none: FamilyEvidence = {
  family: 'COLD_PLIES',
  calibration: { bins: [], trials: 0, unforecast: 0, logLoss: 0, baseRateLogLoss: 0, physicsLogLoss: 0 },
  beliefs: [], constants: [], hidden: { probability: 0.03, low: 0, high: 0.05 }, prone: [],
};
let answer: EvidenceAnswer;
vi.mock('../api/advice', () => ({ useEvidence: () => ({ data: answer, error: null }) }));
vi.mock('../api/queries', () => ({ useSpecies: () => ({ data: [] }) }));

beforeEach(() => {
  answer = {
    trials: 12, measured: 5, relaxationH: 11.6, setAside: [], families: [steamed, none], byLuck: { asked: 1, tipped: 0 },
    rules: [
      { rule: 'SOAK', tip: 0.9, noMatter: 0.1, trials: 8, more: 12, boards: 4, effect: 0.7, sd: 0.5 },
      { rule: 'RINGS', tip: 0.5, noMatter: 0.3, trials: 0, more: 0, boards: 0, effect: 0, sd: 0.7 },
    ],
  };
});

it('begins with what leans, each with its balance, and lists quietly what is open', () => {
  show(<EvidenceView />);
  expect(screen.getByText(/^Each question starts level\. Your 12 bends tip it\./)).toBeDefined();
  expect(screen.getByText('Springback goes by 5 measured pieces and relaxes on the form in about 12 h.')).toBeDefined();
  const leaning = within(screen.getByRole('list', { name: 'Decided or leaning' })).getAllByRole('listitem');
  expect(leaning.map((each) => each.textContent)).toEqual([expect.stringMatching(/9 to 1 for “it helps”, from 8 bends\.$/)]);
  expect(screen.getByText('How should the growth rings lie?').nextSibling?.textContent).toBe('no bend has a say yet');
});

it('says that nothing leans yet, and nothing of luck then', () => {
  answer = { ...answer, trials: 0, measured: 0, rules: answer.rules.slice(1) };
  show(<EvidenceView />);
  expect(screen.getByText('Nothing leans either way yet.')).toBeDefined();
  expect(screen.getByText(/your bends will tip it/)).toBeDefined();
  expect(screen.queryByText(/10 to 1/)).toBeNull();
});

it('says what share breaks unforeseen and what is known of the shop', () => {
  show(<EvidenceView />);
  const shop = within(screen.getByRole('region', { name: 'Your shop' }));
  expect(shop.getByText('About 4 in 100 of your pieces break for no reason we can see (1 to 6). Boards from the mill hide such a flaw 2.2 times as often as usual stock.')).toBeDefined();
  expect(shop.getByText('About 0.7 times a usual box, between 0.5 and 0.9; usual is 1.0.')).toBeDefined();
  expect(shop.getByText(/nothing learned yet\. What would tell: a piece weighed before and after its soak/)).toBeDefined();
});

it('names what was set aside and leads to it', () => {
  answer.setAside = [{ trialId: 33, why: 'RELEASED_IN_OTHER_UNIT', value: 6.35 }];
  show(<EvidenceView />);
  expect(screen.getByRole('link', { name: 'Trial 33' }).getAttribute('href')).toBe('/records/33');
  expect(screen.getByText(/1\/4", looks as if inches and millimetres were mixed up/)).toBeDefined();
});

it('shows what is believed one way to fail at a time', async () => {
  answer.families = [{
    ...steamed,
    beliefs: [...steamed.beliefs, { mode: 'COMPRESSION', term: 'PERSON', name: 'Odo', mean: 0.5, sd: 0.2, trials: 7, of: 12 }],
  }];
  show(<EvidenceView />);
  expect(screen.getByText('Wren')).toBeDefined();
  expect(screen.queryByText('Odo')).toBeNull();
  await userEvent.click(screen.getByText('inner face'));
  expect(screen.getByText('Odo')).toBeDefined();
  expect(screen.getByText('1.6 × more trouble, 7 bends')).toBeDefined();
});

it('shows the ends of a long list, and all of it when asked', async () => {
  const boards = Array.from({ length: 14 }, (_, i) => ({
    mode: 'TENSION' as const, term: 'BOARD' as const, name: `board ${i}`, mean: 0.1 * i - 0.7, sd: 0.3, trials: 2, of: 12,
  }));
  answer.families = [{ ...steamed, beliefs: boards }];
  show(<EvidenceView />);
  const list = within(screen.getByRole('region', { name: 'Boards' }));
  expect(list.getAllByText(/^board/).map((row) => row.textContent)).toEqual([13, 12, 11, 10, 9, 4, 3, 2, 1, 0].map((i) => `board ${i}`));
  await userEvent.click(list.getByRole('button', { name: 'Show them all' }));
  expect(list.getAllByText(/^board/)).toHaveLength(14);
});

it('says of a method without records that there is none', async () => {
  show(<EvidenceView />);
  expect(screen.getByText('Do forecasts come true?')).toBeDefined();
  expect(screen.getByText(/Wren/)).toBeDefined();
  await userEvent.click(screen.getByText('Cold plies'));
  expect(screen.getByText('No bend of this kind is logged yet.')).toBeDefined();
  expect(screen.queryByText('Do forecasts come true?')).toBeNull();
});
