import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { BoardView } from '../api/schema';
import type { Notice } from '../app/notice';
import { show } from '../testing';
import { BoardField } from './BoardField';
import { FIRST_RECIPE } from './form';

const BOARD: BoardView = {
  id: 1, version: 0, leftShare: 1, moisture: [{ day: '2026-03-01', percent: 20, how: 'METER' }, { day: '2026-04-01', percent: 16.04, how: 'SCALE' }],
  board: {
    name: 'oak in the loft', speciesId: 'red-oak', seasoning: 'KILN_DRIED', growthRings: 'ON_EDGE', grainRun: 30, lengthMm: 2000, widthMm: 150, thicknessMm: 25, kerfMm: 3,
    note: '', marks: [], readings: [], blanks: [],
  },
};
vi.mock('../api/stock', () => ({ useBoards: () => ({ data: [BOARD] }) }));
vi.mock('../api/queries', () => ({ useNames: () => ({ data: { people: [], sources: [], boards: [{ id: 9, version: 0, name: 'ash A', trials: 3 }] } }) }));

function open(change: (part: object) => void, notify?: (notice: Notice) => void) {
  show(<BoardField form={{ ...FIRST_RECIPE, moisture: '12' }} readings={{}} problems={{}} understood={undefined} onChange={change} />, notify);
}

it('brings along what is known of a board in stock, with a way back', async () => {
  const change = vi.fn();
  const notices: Notice[] = [];
  open(change, (notice) => notices.push(notice));
  await userEvent.click(screen.getByLabelText('Board'));
  await userEvent.click(screen.getByRole('option', { name: 'oak in the loft' }));
  expect(change).toHaveBeenLastCalledWith({ board: 'oak in the loft', speciesId: 'red-oak', seasoning: 'KILN_DRIED', growthRings: 'ON_EDGE', grainRun: '30', moisture: '16' });
  notices[0]?.undo?.();
  expect(change).toHaveBeenLastCalledWith({ ...FIRST_RECIPE, moisture: '12' });
});

it('leaves everything else as it is for a board only the records know', async () => {
  const change = vi.fn();
  open(change);
  await userEvent.click(screen.getByLabelText('Board'));
  await userEvent.click(screen.getByRole('option', { name: 'ash A' }));
  expect(change).toHaveBeenLastCalledWith({ board: 'ash A' });
});
