import { describe, expect, it } from 'vitest';
import { STEAMED } from '../testing';
import { FIRST_RECIPE, formOf, number, problemsByField, recipeOf, typingProblems, usedFields, type Readings } from './form';

const READ: Readings = {
  thickness: { value: 12.7 }, width: { value: 25.4 }, radius: { value: 152.4 }, strapThickness: { value: 0.8 }, endGap: { value: 0 },
  chamber: { value: 97.8 },
};

describe('a recipe as it is typed', () => {
  it('becomes a recipe once everything that matters is read', () => {
    expect(recipeOf(FIRST_RECIPE, READ)?.blank.thicknessMm).toBe(12.7);
    expect(recipeOf(FIRST_RECIPE, { ...READ, radius: {} })).toBeUndefined();
  });

  it('leaves unknown what was not measured, and never zero', () => {
    const recipe = recipeOf({ ...FIRST_RECIPE, moisture: '', grainRun: ' ' }, READ);
    expect(recipe?.blank.moisturePercent).toBeUndefined();
    expect(recipe?.blank.grainRun).toBeUndefined();
  });

  it('ignores the strap of a bend without one and the steam of a lamination', () => {
    expect(recipeOf(FIRST_RECIPE, { ...READ, strapThickness: { error: 'unreadable' } })?.steam?.strap).toBeUndefined();
    const laminated = recipeOf({ ...FIRST_RECIPE, method: 'COLD_LAMINATION' }, { ...READ, chamber: { error: 'unreadable' } });
    expect(laminated?.steam).toBeUndefined();
    expect(laminated?.lamination?.plies).toBe(6);
    expect(usedFields({ ...FIRST_RECIPE, support: 'STEEL' })).toContain('endGap');
  });

  it('names what is no number and keeps the text', () => {
    const problems = typingProblems({ ...FIRST_RECIPE, steamMinutes: 'an hour', angle: '' }, READ);
    expect(problems.steamMinutes).toBe('“an hour” is not a number.');
    expect(problems.angle).toBe('A number is needed.');
    expect(problems.moisture).toBeUndefined();
  });

  it('reads numbers with comma, point and unit', () => {
    expect(['12,5 %', '12.5', '30 min', '-3', 'x'].map(number)).toEqual([12.5, 12.5, 30, undefined, undefined]);
  });

  it('comes back from a stored recipe as text that reads as the same lengths', () => {
    const form = formOf(STEAMED, 'inch');
    expect([form.thickness, form.radius, form.chamber]).toEqual(['3/4"', '6"', '208.4 °F']);
    expect(formOf({ ...STEAMED, innerRadiusMm: 155.123 }, 'inch').radius).toBe('155.123 mm');
  });

  it('finds the field a refusal speaks of', () => {
    expect(problemsByField([{ field: 'recipe.steam.strap.thicknessMm', message: 'too thick' }])).toEqual({ strapThickness: 'too thick' });
  });
});
