import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it, vi } from 'vitest';
import type { RigItemFields } from '../api/schema';
import type { Notice } from '../app/notice';
import { show } from '../testing';
import { FIRST_RECIPE, type RecipeForm } from './form';
import { ThingField } from './ThingField';

const FORM: RigItemFields = { kind: 'FORM', name: 'Seven inch', room: 1, note: '', radiusMm: 177.8, angleDegrees: 150 };
vi.mock('../api/things', () => ({ useThings: () => ({ data: [{ id: 1, version: 0, item: FORM }, { id: 2, version: 0, item: { kind: 'FORM', name: 'Unmeasured', room: 1, note: '' } }] }) }));

const typed = vi.fn<(form: RecipeForm) => void>();

function Typing() {
  const [form, setForm] = useState(FIRST_RECIPE);
  return <ThingField form={form} onChange={(change) => { typed({ ...form, ...change }); setForm({ ...form, ...change }); }} kind="FORM" />;
}

it('a form brings its curve, and can be taken back', async () => {
  const notices: Notice[] = [];
  show(<Typing />, (notice) => notices.push(notice));
  await userEvent.click(screen.getByRole('combobox', { name: 'Form in the rig' }));
  expect(screen.queryByRole('option', { name: 'Unmeasured' })).toBeNull();
  await userEvent.click(screen.getByRole('option', { name: 'Seven inch' }));
  expect(typed).toHaveBeenLastCalledWith({ ...FIRST_RECIPE, radius: '7"', angle: '150' });
  expect(screen.getByRole<HTMLInputElement>('combobox', { name: 'Form in the rig' }).value).toBe('Seven inch');
  expect(notices[0]?.message).toBe('As Seven inch is.');
});
