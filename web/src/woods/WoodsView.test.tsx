import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import { Problem } from '../api/client';
import type { WoodView } from '../api/schema';
import type { Notice } from '../app/notice';
import { show } from '../testing';
import { WoodsView } from './WoodsView';

const OAK: WoodView = {
  id: 'white-oak', otherNames: ['American white oak'], density12: 740, basicSpecificGravity: 0.6, bendingStrengthMpa: 105, stiffnessMpa: 12_300, crushingStrengthMpa: 51.3,
  unsupportedRadiusMm: 330, supportedRadiusMm: 13,
  known: {
    commonName: 'White oak', latinName: 'Quercus alba', woodClass: 'RING_POROUS_HARDWOOD', basicSpecificGravity: 0.6, bendingStrengthMpa: 105,
    stiffnessMpa: 12_300, crushingStrengthMpa: 51.3, unbrokenPercent: 91, unsupportedRadiusMm: 330, supportedRadiusMm: 13, source: 'published',
  },
};
const OWN: WoodView = {
  ...OAK, id: 'own-3', otherNames: [], key: 3, version: 1,
  known: { commonName: 'Hop hornbeam', latinName: '', woodClass: 'TEMPERATE_HARDWOOD', density12: 780, source: '' },
};
const PLYWOOD: WoodView = {
  ...OAK, id: 'birch-plywood', otherNames: [], unsupportedRadiusMm: undefined, supportedRadiusMm: undefined,
  known: { commonName: 'Birch plywood', latinName: '', woodClass: 'PANEL', basicSpecificGravity: 0.52, bendingStrengthMpa: 123, stiffnessMpa: 13_300, crushingStrengthMpa: 59.9, source: 'published' },
};
const writes = { keep: { mutateAsync: vi.fn(), isPending: false }, takeAway: { mutateAsync: vi.fn() }, bringBack: { mutate: vi.fn() } };
vi.mock('../api/woods', () => ({ useWoods: () => ({ data: [OWN, OAK, PLYWOOD], error: null }), useWoodWrites: () => writes }));
vi.mock('../units/reading', async (original) => ({ ...(await original<object>()), useReadings: () => ({ bare: {}, strapped: {} }) }));

beforeEach(() => { vi.resetAllMocks(); });

it('lists the shop’s own woods first and marks what is estimated', () => {
  show(<WoodsView />);
  const own = within(screen.getByRole('table', { name: 'Your own' }));
  expect(own.getByRole('row', { name: /Hop hornbeam/ }).textContent).toContain('≈ 13"');
  const published = within(screen.getByRole('table', { name: 'Published' }));
  const oak = published.getByRole('row', { name: /White oak/ }).textContent;
  expect(oak).toContain('1.78 10⁶ psi');
  expect(oak).not.toContain('≈');
  expect(published.getByRole('row', { name: /Birch plywood/ }).textContent).toMatch(/^Birch plywoodplywood––[^≈]*$/);
});

it('finds by either name and offers to add what is not there', async () => {
  show(<WoodsView />);
  await userEvent.type(screen.getByLabelText('Find a wood'), 'quercus');
  expect(screen.queryByText('Hop hornbeam')).toBeNull();
  expect(screen.getByText('White oak')).toBeDefined();
  await userEvent.clear(screen.getByLabelText('Find a wood'));
  await userEvent.type(screen.getByLabelText('Find a wood'), 'american white');
  expect(screen.getByText('American white oak')).toBeDefined();
  await userEvent.clear(screen.getByLabelText('Find a wood'));
  await userEvent.type(screen.getByLabelText('Find a wood'), 'Osage');
  await userEvent.click(screen.getByRole('button', { name: 'Add “Osage”' }));
  expect(screen.getByLabelText<HTMLInputElement>('Name at the yard').value).toBe('Osage');
});

it('keeps what was typed when it is refused, and says it at the field', async () => {
  writes.keep.mutateAsync.mockRejectedValue(new Problem(400, 'No.', [{ field: 'density12', message: 'Give the density.' }]));
  show(<WoodsView />);
  await userEvent.click(screen.getByRole('button', { name: 'Add a wood' }));
  const dialog = within(screen.getByRole('dialog'));
  await userEvent.type(dialog.getByLabelText('Name at the yard'), 'Hedge maple');
  await userEvent.click(dialog.getByRole('button', { name: 'Save this wood' }));
  expect(dialog.getByText('Say what kind of wood it is.')).toBeDefined();
  expect(writes.keep.mutateAsync).not.toHaveBeenCalled();
  await userEvent.click(dialog.getByRole('button', { name: 'other hardwood' }));
  await userEvent.click(dialog.getByRole('button', { name: 'Save this wood' }));
  expect(await dialog.findByText('Give the density.')).toBeDefined();
  expect(dialog.getByLabelText<HTMLInputElement>('Name at the yard').value).toBe('Hedge maple');
});

it('takes a wood away with a way back, or says why it stays', async () => {
  const notices: Notice[] = [];
  show(<WoodsView />, (notice) => notices.push(notice));
  await userEvent.click(screen.getByRole('button', { name: 'Take Hop hornbeam away' }));
  notices[0]?.undo?.();
  expect(writes.takeAway.mutateAsync).toHaveBeenCalledWith({ key: 3, version: 1 });
  expect(writes.bringBack.mutate).toHaveBeenCalledWith(3);
  writes.takeAway.mutateAsync.mockRejectedValue(new Error('Hop hornbeam stays: 2 trials are of it.'));
  await userEvent.click(screen.getByRole('button', { name: 'Take Hop hornbeam away' }));
  expect(notices[1]?.message).toBe('Hop hornbeam stays: 2 trials are of it.');
});

it('asks for no radius of plywood', async () => {
  show(<WoodsView />);
  await userEvent.click(screen.getByRole('button', { name: 'Add a wood' }));
  await userEvent.click(screen.getByRole('button', { name: 'plywood' }));
  expect(screen.queryByLabelText('Radius, no strap')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'bamboo' }));
  expect(screen.getByLabelText('Radius, no strap')).toBeDefined();
});

it('waits for a radius that is still being read', async () => {
  show(<WoodsView />);
  await userEvent.click(screen.getByRole('button', { name: 'Add a wood' }));
  const keep = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Save this wood' });
  expect(keep().disabled).toBe(false);
  await userEvent.type(screen.getByLabelText('Radius, no strap'), '4"');
  expect(keep().disabled).toBe(true);
});
