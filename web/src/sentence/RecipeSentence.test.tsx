import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it, vi } from 'vitest';
import { KINDS } from '../methods/forms';
import { FIRST_RECIPE, placesOf, type RecipeForm } from '../recipe/form';
import { labelOf } from '../recipe/labels';
import { show } from '../testing';
import { RecipeSentence } from './RecipeSentence';

vi.mock('../api/queries', () => ({
  useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash', otherNames: [] }, { id: 'scots-pine', commonName: 'Scots pine', otherNames: [] }] }),
  useNames: () => ({ data: { people: [], boards: [], sources: [] } }),
  useHands: () => ({ data: [] }),
  useTypedForecast: () => ({ data: undefined }),
}));
vi.mock('../api/stock', () => ({ useBoards: () => ({ data: [] }) }));
vi.mock('../api/things', () => ({ useThings: () => ({ data: [] }) }));

function Live({ first = {}, problems = {} }: { first?: Partial<RecipeForm>; problems?: Partial<Record<keyof RecipeForm, string>> }) {
  const [form, setForm] = useState<RecipeForm>({ ...FIRST_RECIPE, ...first });
  return (
    <RecipeSentence form={form} readings={{}} problems={problems} understood={undefined} onChange={(change) => { setForm((before) => ({ ...before, ...change })); }} />
  );
}

/** The sentence as it is read: its text with what stands in its words. */
function read(): string {
  const sentence = document.querySelector('p');
  const copy = sentence?.cloneNode(true) as HTMLElement;
  const typed = [...(sentence?.querySelectorAll('input') ?? [])].map((input) => input.value || input.placeholder);
  copy.querySelectorAll('input').forEach((input, i) => { input.replaceWith(typed[i] ?? ''); });
  return copy.textContent;
}

it('says a recipe as a maker would', () => {
  show(<Live />);
  expect(read()).toBe('Bend 1/2" × 1" of air-dried white ash to 6" inside through 180°, after 30 min in the steam box at 208 °F, no soak, no strap, 15 s to the form and 24 h on it.');
});

it('says what is soaked, strapped and not measured', () => {
  show(<Live first={{ soakHours: '12', support: 'STEEL', holdHours: '', speciesId: 'scots-pine' }} />);
  expect(read()).toContain('of air-dried Scots pine to');
  expect(read()).toContain('12 h soak in plain water, steel strap 1/32" thick, against stops, no slack, over all of the width');
  expect(read()).toContain('and an unknown time on it.');
  expect(screen.getByLabelText('Moisture %').getAttribute('placeholder')).toBe('not measured');
});

it('has every measurement of every way in it, each under its own name and once', () => {
  for (const method of KINDS) {
    const form: RecipeForm = { ...FIRST_RECIPE, method, support: 'STEEL', atBend: 'THINNED' };
    const { unmount } = show(<Live first={form} />);
    for (const field of Object.keys(placesOf(form)) as (keyof RecipeForm)[]) {
      expect(screen.getAllByLabelText(labelOf(field, form)), `${field} of ${method}`).toHaveLength(1);
    }
    expect(read(), method).not.toMatch(/[{}]|undefined|null|part\.|way\./);
    unmount();
  }
});

it('is typed into in place, keeps the focus while a phrase comes or goes, and takes Escape for a way back', async () => {
  show(<Live />);
  const soak = screen.getByLabelText('Soak, hours');
  await userEvent.click(soak);
  await userEvent.clear(soak);
  await userEvent.type(soak, '9');
  expect(document.activeElement).toBe(screen.getByLabelText('Soak, hours'));
  expect(read()).toContain('9 h soak in plain water');
  await userEvent.keyboard('{Escape}');
  expect(read()).toContain('0 h soak,');
  await userEvent.tab();
  expect(read()).toContain('no soak');
});

it('writes the unit behind a bare length when it is left', async () => {
  show(<Live />);
  const radius = screen.getByLabelText('Inner radius');
  await userEvent.clear(radius);
  await userEvent.type(radius, '7');
  await userEvent.tab();
  expect((radius as HTMLInputElement).value).toBe('7"');
});

it('opens a word that is chosen, by the keyboard, and takes another', async () => {
  show(<Live />);
  screen.getByRole('button', { name: 'Seasoning: air-dried' }).focus();
  await userEvent.keyboard('{ArrowDown}');
  const options = within(screen.getByRole('listbox', { name: 'Seasoning' }));
  expect(options.getByRole('option', { name: 'air-dried' }).getAttribute('aria-selected')).toBe('true');
  await userEvent.click(options.getByRole('option', { name: 'green' }));
  expect(read()).toContain('of green white ash');
});

it('lays out the ways and says the one that is taken', async () => {
  show(<Live />);
  await userEvent.click(screen.getByRole('button', { name: 'How it is bent: steam box' }));
  const ways = within(screen.getByRole('dialog', { name: 'How it is bent' })).getAllByRole('button');
  expect(ways).toHaveLength(12);
  await userEvent.click(screen.getByRole('button', { name: /^Kerf bending/ }));
  expect(read()).toContain('by kerf bending in solid wood: 1/8" cuts every 1/4" down to a web of 1/16", 1/8" backer.');
});

it('finds a wood by its name', async () => {
  show(<Live />);
  await userEvent.click(screen.getByRole('button', { name: 'Species: white ash' }));
  await userEvent.clear(screen.getByLabelText('Species'));
  await userEvent.type(screen.getByLabelText('Species'), 'scots{Enter}');
  expect(read()).toContain('air-dried Scots pine');
  expect(screen.queryByRole('dialog')).toBeNull();
});

it('divides a stack by how many there are or by how thick each is, never by both', async () => {
  show(<Live first={{ method: 'COLD_LAMINATION' }} />);
  await userEvent.type(screen.getByLabelText('Plies'), '6');
  expect(read()).toContain('6 plies of what that makes each');
  await userEvent.type(screen.getByLabelText('Or each ply'), '1/8');
  expect(read()).toContain('as many plies as it needs of 1/8"');
});

it('marks a word that cannot be read and says why', async () => {
  show(<Live first={{ radius: '7q' }} problems={{ radius: '“7q” is not a length' }} />);
  const radius = screen.getByLabelText('Inner radius');
  expect(radius.getAttribute('aria-invalid')).toBe('true');
  await userEvent.click(radius);
  expect(document.getElementById(radius.getAttribute('aria-describedby') ?? '')?.textContent).toBe('“7q” is not a length');
  expect((radius as HTMLInputElement).value).toBe('7q');
});

it('shows names as they were typed, whatever they are made of', () => {
  show(<Live first={{ board: '<b>{thickness}</b> #1', person: "O'Dell {0, select, other {x}}", speciesId: 'felled-since' }} />);
  expect(screen.getByRole('button', { name: 'Board: <b>{thickness}</b> #1' }).textContent).toBe('<b>{thickness}</b> #1');
  expect(screen.getByRole('button', { name: "Bent by: O'Dell {0, select, other {x}}" })).toBeDefined();
  expect(read()).toContain('of air-dried felled-since to');
});
