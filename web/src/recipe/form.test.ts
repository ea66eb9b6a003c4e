import { describe, expect, it } from 'vitest';
import type { RecipeFields } from '../api/schema';
import { STEAMED } from '../testing';
import { completed, FIRST_RECIPE, finishedMm, formOf, problemsByField, readingsByField, typedRecipe, type RecipeForm } from './form';

const textAt = (form: RecipeForm, at: string) => typedRecipe(form, 'inch').typed.find(({ field }) => field === at);
const GLUED: RecipeForm = { ...FIRST_RECIPE, method: 'COLD_LAMINATION' };

describe('a recipe as it is typed', () => {
  it('is sent as it was typed, each measurement under its place', () => {
    expect(textAt(FIRST_RECIPE, 'blank.thicknessMm')).toEqual({ field: 'blank.thicknessMm', measurement: 'LENGTH', text: '1/2"' });
    expect(textAt({ ...FIRST_RECIPE, steamMinutes: '2 h' }, 'method.steamMinutes')?.text).toBe('2 h');
    expect(typedRecipe(FIRST_RECIPE, 'metric').bareUnits).toBe('METRIC');
  });

  it('leaves out what was not measured, but not what is needed', () => {
    const form = { ...FIRST_RECIPE, moisture: '', grainRun: ' ', angle: '' };
    expect(textAt(form, 'blank.moisturePercent')).toBeUndefined();
    expect(textAt(form, 'blank.grainRun')).toBeUndefined();
    expect(textAt(form, 'angleDegrees')?.text).toBe('');
  });

  it('leaves out the strap of a bend without one and the steam of a lamination', () => {
    expect(textAt({ ...FIRST_RECIPE, strapThickness: 'x' }, 'method.strap.thicknessMm')).toBeUndefined();
    expect(textAt({ ...FIRST_RECIPE, support: 'STEEL' }, 'method.strap.endGapMm')?.text).toBe('0"');
    expect(textAt(GLUED, 'method.chamberC')).toBeUndefined();
    expect(typedRecipe(GLUED, 'inch').choices.method).toEqual({ kind: 'COLD_LAMINATION', glue: 'PVA' });
  });

  it('keeps the finished section when it is made of plies, and when it is solid again', () => {
    expect(textAt(GLUED, 'finishedThicknessMm')?.text).toBe('1/2"');
    expect(textAt(GLUED, 'method.plies')).toBeUndefined();
    expect(textAt({ ...GLUED, plyThickness: '1/16"' }, 'blank.thicknessMm')?.text).toBe('1/16"');
    expect(textAt({ ...GLUED, plyThickness: '1/16"', method: 'STEAM_BOX' }, 'blank.thicknessMm')?.text).toBe('1/2"');
  });

  it('comes back from a stored recipe as text that reads as the same lengths', () => {
    const form = formOf(STEAMED, 'inch');
    expect([form.thickness, form.radius, form.chamber]).toEqual(['3/4"', '6"', '208.4 °F']);
    expect(formOf({ ...STEAMED, innerRadiusMm: 155.123 }, 'inch').radius).toBe('155.123 mm');
  });

  it('shows a stack of plies by its finished thickness', () => {
    const ninth: RecipeFields = { ...STEAMED, blank: { ...STEAMED.blank, thicknessMm: 1.411111 }, method: { kind: 'COLD_LAMINATION', glue: 'PVA', plies: 9 } };
    expect(finishedMm(ninth)).toBeCloseTo(12.7, 9);
    expect(formOf(ninth, 'inch')).toMatchObject({ thickness: '1/2"', plies: '9', plyThickness: '' });
  });

  it('takes up a draft in which the thickness was that of a ply', () => {
    const older: Partial<RecipeForm> = { ...GLUED, thickness: '1/16"', plies: '6' };
    delete older.plyThickness;
    expect(completed(older)).toMatchObject({ thickness: '1/2"', plyThickness: '1/16"', plies: '' });
    expect(completed({ ...GLUED, thickness: '1"' }).thickness).toBe('1"');
  });
});

describe('what the server says of a typed recipe', () => {
  it('is shown at the field it was typed in', () => {
    const strapped: RecipeForm = { ...FIRST_RECIPE, support: 'STEEL' };
    expect(problemsByField(strapped, [{ field: 'recipe.method.strap.thicknessMm', message: 'too thick' }])).toEqual({ strapThickness: 'too thick' });
    expect(problemsByField(strapped, [{ field: 'blank.speciesId', message: 'no such' }])).toEqual({ speciesId: 'no such' });
    expect(readingsByField(strapped, { innerRadiusMm: { value: 152.4 } })).toEqual({ radius: { value: 152.4 } });
  });

  it('is said of the finished thickness when nobody typed a ply', () => {
    const thin = [{ field: 'blank.thicknessMm', message: 'too thin' }];
    expect(problemsByField(GLUED, thin)).toEqual({ thickness: 'too thin' });
    expect(problemsByField({ ...GLUED, plyThickness: '0.1 mm' }, thin)).toEqual({ plyThickness: 'too thin' });
  });
});
