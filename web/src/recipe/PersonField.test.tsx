import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Notice } from '../app/notice';
import { show } from '../testing';
import { FIRST_RECIPE, type RecipeForm } from './form';
import { PersonField } from './PersonField';

vi.mock('../api/queries', () => ({
  useNames: () => ({ data: { people: [{ id: 1, version: 0, name: 'Odo' }, { id: 2, version: 0, name: 'Tamsin' }], boards: [], sources: [] } }),
  useHands: () => ({ data: [{ person: 'Odo', carries: { measured: 9, medianS: 9.4, quickS: 7, slowS: 12 } }] }),
}));

const changes: Partial<RecipeForm>[] = [];
const notices: Notice[] = [];
const field = (form: RecipeForm) => show(<PersonField form={form} readings={{}} problems={{}} understood={undefined} onChange={(change) => changes.push(change)} />, (notice) => notices.push(notice));

beforeEach(() => {
  changes.length = 0;
  notices.length = 0;
});

async function choose(name: string) {
  await userEvent.click(screen.getByLabelText('Bent by'));
  await userEvent.click(screen.getByRole('option', { name }));
}

it('hands that were measured bring their carry along where nobody gave one, with a way back', async () => {
  field({ ...FIRST_RECIPE, person: '' });
  await choose('Odo');
  expect(changes).toEqual([{ person: 'Odo', carrySeconds: '9' }]);
  notices[0]?.undo?.();
  expect(changes[1]).toEqual({ person: 'Odo', carrySeconds: FIRST_RECIPE.carrySeconds });
});

it('a carry somebody gave stays, and so does that of hands nobody measured', async () => {
  const shown = field({ ...FIRST_RECIPE, person: '', carrySeconds: '20' });
  await choose('Odo');
  expect(changes).toEqual([{ person: 'Odo' }]);
  shown.unmount();
  field({ ...FIRST_RECIPE, person: '' });
  await choose('Tamsin');
  expect(changes[1]).toEqual({ person: 'Tamsin' });
});

it('says what is known of the hands', () => {
  field({ ...FIRST_RECIPE, person: 'Odo' });
  expect(screen.getByText('carries in 9 s; 7 to 12 s in 9')).toBeDefined();
});
