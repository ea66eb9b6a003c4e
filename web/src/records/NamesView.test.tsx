import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import { Problem } from '../api/client';
import { show } from '../testing';
import { NamesView } from './NamesView';

const mutate = vi.fn();
let error: Error | null = null;
vi.mock('../api/queries', () => ({
  useNames: () => ({
    data: {
      people: [{ id: 1, version: 0, name: 'Odo', trials: 12 }, { id: 2, version: 3, name: 'Oddo', trials: 1 }],
      boards: [{ id: 7, version: 0, name: 'ash 3/26 A', trials: 5 }],
      sources: [],
    },
  }),
  useRename: () => ({ mutate, reset: () => undefined, isError: error !== null, error, isPending: false }),
}));

beforeEach(() => {
  mutate.mockClear();
  error = null;
});

it('lists who bent, from which boards and from where, with how many pieces', () => {
  show(<NamesView />);
  expect(within(screen.getByRole('region', { name: 'People' })).getAllByRole('listitem').map((item) => item.textContent)).toEqual(['Odo12 piecesRename', 'Oddo1 pieceRename']);
  expect(within(screen.getByRole('region', { name: 'Sources' })).getByText('None written down yet.')).toBeDefined();
});

it('gives another name, and asks before two are taken for one', async () => {
  show(<NamesView />);
  await userEvent.click(screen.getByRole('button', { name: 'Rename Oddo' }));
  await userEvent.clear(screen.getByLabelText('Name'));
  await userEvent.type(screen.getByLabelText('Name'), 'Odo{Enter}');
  const [asked, answers] = mutate.mock.lastCall as [object, { onError: (error: Error) => void; onSuccess: () => void }];
  expect(asked).toEqual({ kind: 'PERSON', named: { id: 2, version: 3, name: 'Oddo', trials: 1 }, name: 'Odo', asOne: false });
  expect(screen.queryByText('Take both for one')).toBeNull();
  answers.onError(new Problem(400, 'There is “Odo” already.', [{ field: 'name', message: 'There is “Odo” already.' }]));
  await userEvent.click(await screen.findByText('Take both for one'));
  expect(mutate.mock.lastCall?.[0]).toMatchObject({ name: 'Odo', asOne: true });
});

it('sends nothing when the name is as it was', async () => {
  show(<NamesView />);
  await userEvent.click(screen.getByRole('button', { name: 'Rename Odo' }));
  await userEvent.click(screen.getByText('Save this name'));
  expect(mutate).not.toHaveBeenCalled();
  expect(screen.queryByLabelText('Name')).toBeNull();
});
