import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { beforeEach, expect, it, vi } from 'vitest';
import { show } from '../testing';
import { SpeciesChoice } from './SpeciesChoice';

const WOODS = [
  { id: 'beech', commonName: 'Beech', latinName: 'Fagus sylvatica', otherNames: ['Common beech', 'Buche'] },
  { id: 'white-ash', commonName: 'White ash', latinName: 'Fraxinus americana', otherNames: ['American ash'] },
  { id: 'white-oak', commonName: 'White oak', latinName: 'Quercus alba', otherNames: [] },
];
vi.mock('../api/queries', () => ({ useSpecies: () => ({ data: WOODS }) }));

beforeEach(() => { localStorage.clear(); });

const names = () => within(screen.getByRole('listbox')).getAllByRole('option').map((option) => option.textContent);

it('is found by typing part of any of its names', async () => {
  const onChange = vi.fn();
  show(<SpeciesChoice speciesId="beech" onChange={onChange} />);
  await userEvent.clear(screen.getByRole('combobox'));
  await userEvent.type(screen.getByRole('combobox'), 'quercus');
  expect(names()).toEqual(['White oak (Quercus alba)', 'Add “quercus” …']);
  await userEvent.keyboard('{Enter}');
  expect(onChange).toHaveBeenCalledWith('white-oak');
  await userEvent.clear(screen.getByRole('combobox'));
  await userEvent.type(screen.getByRole('combobox'), 'american');
  expect(names()[0]).toBe('White ash (American ash)');
});

function Field() {
  const [speciesId, setSpeciesId] = useState('beech');
  return <SpeciesChoice speciesId={speciesId} onChange={setSpeciesId} />;
}

it('offers the woods chosen last before the others', async () => {
  show(<Field />);
  await userEvent.click(screen.getByRole('combobox'));
  expect(names().slice(0, 3)).toEqual(['Beech', 'White ash', 'White oak']);
  await userEvent.click(screen.getByText('White oak'));
  await userEvent.click(screen.getByRole('combobox'));
  expect(names().slice(0, 3)).toEqual(['White oak', 'Beech', 'White ash']);
  expect(screen.getByText('Lately chosen')).toBeDefined();
});
