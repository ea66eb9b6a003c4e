import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it, vi } from 'vitest';
import type { ItemChoice, UsedFields } from '../api/schema';
import { show } from '../testing';
import { suggested, Things } from './Things';

const LONG_AGO = '2020-01-01T00:00:00Z';
const FORM: ItemChoice = { itemId: 1, item: { kind: 'FORM', name: 'Seven inch', room: 1, note: '', radiusMm: 177.8 }, misfits: [], takes: 1, freeFrom: LONG_AGO, suggested: true };
const OTHER: ItemChoice = {
  itemId: 2, item: { kind: 'FORM', name: 'Nine inch', room: 1, note: '', radiusMm: 228.6 }, misfits: [{ what: 'OTHER_RADIUS', has: 228.6, needs: 177.8 }], takes: 1, suggested: false,
};
const CLAMPS: ItemChoice = { itemId: 3, item: { kind: 'CLAMPS', name: 'Bar clamps', room: 16, note: '' }, misfits: [], takes: 9, freeFrom: LONG_AGO, suggested: false };

const kept = vi.fn<(chosen: UsedFields[]) => void>();

function Choosing() {
  const [chosen, setChosen] = useState(suggested([FORM, OTHER, CLAMPS]));
  return <Things choices={[FORM, OTHER, CLAMPS]} chosen={chosen} onChange={(now) => { kept(now); setChosen(now); }} />;
}

it('what is suggested is taken, and what speaks against a thing stands beside it', () => {
  show(<Choosing />);
  expect(suggested([FORM, OTHER, CLAMPS])).toEqual([{ itemId: 1, takes: 1 }]);
  expect(screen.getByText('But its radius is 9", planned is 7"; not free, and nobody can say when.')).toBeDefined();
  expect(within(screen.getByRole('group', { name: 'Forms' })).getAllByRole('checkbox').map((box) => (box as HTMLInputElement).checked)).toEqual([true, false]);
});

it('of clamps so many are taken as are measured out, or as somebody says', async () => {
  show(<Choosing />);
  await userEvent.click(screen.getByRole('checkbox', { name: /Bar clamps/ }));
  expect(kept).toHaveBeenLastCalledWith([{ itemId: 1, takes: 1 }, { itemId: 3, takes: 9 }]);
  await userEvent.type(screen.getByLabelText('How many'), '{Backspace}12');
  expect(kept).toHaveBeenLastCalledWith([{ itemId: 1, takes: 1 }, { itemId: 3, takes: 112 }]);
  await userEvent.click(screen.getByRole('checkbox', { name: /Seven inch/ }));
  expect(kept).toHaveBeenLastCalledWith([{ itemId: 3, takes: 112 }]);
});
