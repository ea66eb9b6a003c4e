import { describe, expect, it } from 'vitest';
import type { WoodView } from '../api/schema';
import { asked, EMPTY_WOOD, typingProblems, woodFields, woodForm, woodProblems } from './draft';
import { figureInSi, figureText } from './figures';

const NO_RADII = { bare: {}, strapped: {} };
const OSAGE: WoodView = {
  id: 'own-3', key: 3, version: 1, otherNames: [], density12: 855, basicSpecificGravity: 0.681, bendingStrengthMpa: 129, stiffnessMpa: 12_500,
  crushingStrengthMpa: 60, unsupportedRadiusMm: 180, supportedRadiusMm: 50,
  known: {
    commonName: 'Osage orange', latinName: '', woodClass: 'RING_POROUS_HARDWOOD', density12: 855, bendingStrengthMpa: 129,
    unsupportedRadiusMm: 177.8, source: 'Our own bends',
  },
};

describe('a wood as it is typed', () => {
  it('shows what is known and leaves the rest empty', () => {
    const form = woodForm(OSAGE, 'metric');
    expect(form).toMatchObject({ weightAs: 'density', weight: '855', strength: '129', stiffness: '', strapped: '', bare: '177.8 mm' });
    expect(woodForm(OSAGE, 'inch')).toMatchObject({ weight: '53.4', strength: '18710', bare: '7"' });
  });

  it('is sent with what is known, in SI units', () => {
    const form = { ...EMPTY_WOOD, commonName: ' Hop hornbeam ', woodClass: 'TEMPERATE_HARDWOOD' as const, weight: '49', strength: '14100', bare: '10"' };
    const sent = woodFields(form, { bare: { value: 254 }, strapped: { value: 25.4 } }, 'inch');
    expect(sent.commonName).toBe('Hop hornbeam');
    expect(sent.density12).toBeCloseTo(784.9, 1);
    expect(sent.bendingStrengthMpa).toBeCloseTo(97.2, 1);
    expect(sent.unsupportedRadiusMm).toBe(254);
    expect(sent.supportedRadiusMm).toBeUndefined();
    expect(sent.stiffnessMpa).toBeUndefined();
  });

  it('asks of plywood nothing about steam, whatever was typed before it was plywood', () => {
    const form = { ...EMPTY_WOOD, weight: '500', bare: 'tight', unbroken: '91', woodClass: 'PANEL' as const };
    expect(asked(form)).toMatchObject({ bare: '', strapped: '', unbroken: '', weight: '500' });
    expect(asked({ ...form, woodClass: 'BAMBOO' })).toMatchObject({ bare: 'tight', unbroken: '91' });
    expect(typingProblems(asked(form), NO_RADII)).toEqual({});
  });

  it('says what cannot be read, by field', () => {
    const problems = typingProblems({ ...EMPTY_WOOD, weight: 'heavy', bare: 'tight' }, { ...NO_RADII, bare: { error: 'Not a length.' } });
    expect(problems).toEqual({ weight: '“heavy” is not a number.', bare: 'Not a length.', woodClass: 'Say what kind of wood it is.' });
    expect(woodProblems([{ field: 'density12', message: 'Too heavy.' }, { field: 'elsewhere', message: 'No.' }])).toEqual({ weight: 'Too heavy.' });
  });
});

it('writes figures in the units of either system', () => {
  // the handbook's own pairs for white oak: 105 MPa and 15,200 psi, 12,300 MPa and 1.78 million psi
  expect(Number(figureText('strength', 105, 'inch'))).toBeCloseTo(15_229, -1);
  expect(figureText('stiffness', 12_300, 'inch')).toBe('1.78');
  expect(figureInSi('density', 47.4, 'inch')).toBeCloseTo(759, 0);
});
