import { describe, expect, it } from 'vitest';
import { FIRST_RECIPE, formOf, typedRecipe } from '../recipe/form';
import { STEAMED } from '../testing';
import { KINDS, METHOD, methodOf, METHODS } from './forms';

describe.each(KINDS)('%s', (method) => {
  const form = { ...FIRST_RECIPE, method };

  it('says where everything it measures stands, once', () => {
    const places = Object.values(methodOf(form).places(form)).map(({ at }) => at);
    expect(new Set(places).size).toBe(places.length);
    expect(places.length).toBeGreaterThan(1);
  });

  it('sends its own settings and no other way’s', () => {
    const { choices } = typedRecipe(form, 'inch');
    const settings = Object.keys(choices).filter((key) => key in { steam: 1, lamination: 1 });
    expect(settings).toHaveLength(1);
    expect(Object.keys(choices.blank as object)).toContain('speciesId');
  });

  it('is called something', () => {
    expect(METHOD[method]).toMatch(/^[A-Z]/);
  });
});

it('types stored settings so that they are sent as they were', () => {
  const strapped = { ...STEAMED, steam: { ...STEAMED.steam, soakAdditive: 'SOFTENER', strap: { material: 'ALUMINIUM', thicknessMm: 1.5, endGapMm: 0 } } } as typeof STEAMED;
  const form = formOf(strapped, 'metric');
  expect(form).toMatchObject({ support: 'ALUMINIUM', soakAdditive: 'SOFTENER', strapThickness: '1.5 mm', endGap: '0 mm' });
  expect(typedRecipe(form, 'metric').choices.steam).toEqual({ soakAdditive: 'SOFTENER', strap: { material: 'ALUMINIUM' } });
});

it('says what was done in a line', () => {
  expect(METHODS.STEAM_BOX.line(STEAMED, 'inch')).toBe('60 min steam at 208 °F, no strap');
  const glued = { ...STEAMED, method: 'COLD_LAMINATION' as const, lamination: { glue: 'EPOXY' as const, plies: 4 } };
  expect(METHODS.COLD_LAMINATION.line(glued, 'inch')).toBe('laminated cold with epoxy');
  expect(METHODS.COLD_LAMINATION.line({ ...glued, lamination: { glue: 'PVA', plies: 4 } }, 'inch')).toBe('laminated cold with PVA');
});
