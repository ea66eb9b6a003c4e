import { expect, it } from 'vitest';
import type { SpeciesView } from '../api/schema';
import { woodName } from './woodNames';

const ASH = { id: 'white-ash', commonName: 'White ash' } as SpeciesView;

it('calls a wood nothing until the woods are known, and by its key where it is none of them', () => {
  expect(woodName([ASH], 'white-ash')).toBe('White ash');
  expect(woodName(undefined, 'white-ash')).toBe('');
  expect(woodName([ASH], 'own-1')).toBe('own-1');
});
