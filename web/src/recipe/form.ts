import type { BlankFields, RecipeFields, TypedRecipe } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { factsOf, methodOf, typedOf } from '../methods/forms';
import type { Exact, Kind, Place, Places } from '../methods/method';
import { CHOSEN_IN, FIRST_TYPED, type MethodChosen, type MethodTyped } from '../methods/typed';
import { exactLength, exactTemperature } from '../units/exact';
import { BARE, type Reading } from '../units/reading';

/** A recipe as it is typed: every measurement is still the person's own text. */
export interface RecipeForm extends MethodTyped {
  speciesId: string;
  seasoning: BlankFields['seasoning'];
  moisture: string;
  growthRings: BlankFields['growthRings'];
  grainRun: string;
  knots: BlankFields['knots'];
  outerFace: NonNullable<BlankFields['outerFace']>;
  outline: NonNullable<BlankFields['outline']>;
  /** Of the finished section, however many plies it is made of. */
  thickness: string;
  width: string;
  radius: string;
  angle: string;
  method: Kind;
  person: string;
  board: string;
  source: string;
}

export const FIRST_RECIPE: RecipeForm = {
  speciesId: 'white-ash',
  seasoning: 'AIR_DRIED',
  moisture: '',
  growthRings: 'UNKNOWN',
  grainRun: '',
  knots: 'CLEAR',
  outerFace: 'SAWN',
  outline: 'RECTANGLE',
  thickness: '1/2"',
  width: '1"',
  radius: '6"',
  angle: '180',
  method: 'STEAM_BOX',
  ...FIRST_TYPED,
  person: '',
  board: '',
  source: '',
};

const EVERY_BEND: Places = {
  width: { measurement: 'LENGTH', at: 'blank.widthMm' },
  radius: { measurement: 'LENGTH', at: 'innerRadiusMm' },
  angle: { measurement: 'ANGLE', at: 'angleDegrees' },
  moisture: { measurement: 'MOISTURE', at: 'blank.moisturePercent', optional: true },
  grainRun: { measurement: 'GRAIN_SLOPE', at: 'blank.grainRun', optional: true },
};

/** The fields that take a measurement, of whatever way of bending. */
export type Measured = Exclude<
  keyof RecipeForm,
  'speciesId' | 'seasoning' | 'growthRings' | 'knots' | 'outerFace' | 'outline' | 'method' | 'person' | 'board' | 'source' | MethodChosen
>;
export type Readings = Partial<Record<Measured, Reading>>;
export type FieldProblems = Partial<Record<keyof RecipeForm, string>>;

/** The measurements of the chosen method and support, and where each stands in the recipe. */
export function placesOf(form: RecipeForm): Partial<Record<Measured, Place>> {
  return { ...EVERY_BEND, ...methodOf(form).places(form) };
}

/** Everything typed and chosen, for the server to read; a measurement left empty is left out. */
export function typedRecipe(form: RecipeForm, system: UnitSystem): TypedRecipe {
  return {
    bareUnits: BARE[system],
    choices: {
      blank: {
        speciesId: form.speciesId,
        seasoning: form.seasoning,
        growthRings: form.growthRings,
        knots: form.knots,
        outerFace: form.outerFace === 'SAWN' ? undefined : form.outerFace,
        // planks alone are glued or sawn; the outline stands by for when the way changes again
        outline: form.outline === 'RECTANGLE' || !methodOf(form).rounds ? undefined : form.outline,
      },
      method: { kind: form.method, ...methodOf(form).choices(form) },
      person: form.person.trim() || undefined,
      board: form.board.trim() || undefined,
      source: form.source.trim() || undefined,
    },
    typed: placed(form).flatMap(([field, { measurement, at, optional }]) =>
      form[field].trim() === '' && optional ? [] : [{ field: at, measurement, text: form[field] }]),
  };
}

function placed(form: RecipeForm): [Measured, Place][] {
  return Object.entries(placesOf(form)) as [Measured, Place][];
}

/** What the server read of the recipe, by the field it was typed in. */
export function readingsByField(form: RecipeForm, byPlace: Record<string, Reading>): Readings {
  return Object.fromEntries(placed(form).flatMap(([field, { at }]) => (byPlace[at] ? [[field, byPlace[at]]] : [])));
}

const CHOSEN: Record<string, keyof RecipeForm> = {
  'blank.speciesId': 'speciesId', 'blank.seasoning': 'seasoning', 'blank.growthRings': 'growthRings', 'blank.knots': 'knots', 'blank.outline': 'outline',
  method: 'method', 'method.kind': 'method', ...CHOSEN_IN, person: 'person', board: 'board', source: 'source',
};

/** Problems the server named, by the field they are typed in. */
export function problemsByField(form: RecipeForm, errors: { field: string; message: string }[]): FieldProblems {
  const problems: FieldProblems = {};
  for (const { field, message } of errors) {
    const place = field.replace(/^recipe\./, '');
    const typedIn = placed(form).find(([, { at }]) => at === place)?.[0] ?? CHOSEN[place];
    if (!typedIn) continue;
    // a ply nobody typed the thickness of follows from the finished thickness
    problems[typedIn === 'plyThickness' && form.plyThickness.trim() === '' ? 'thickness' : typedIn] = message;
  }
  return problems;
}

/** A draft kept by an older version of the page may lack what has come since. */
export function completed(kept: Partial<RecipeForm>): RecipeForm {
  // the thickness of a lamination was once that of a ply
  const older = kept.plyThickness === undefined && kept.method !== undefined && methodOf({ method: kept.method }).places(FIRST_RECIPE).plyThickness !== undefined;
  return { ...FIRST_RECIPE, ...kept, ...(older ? { thickness: FIRST_RECIPE.thickness, plyThickness: kept.thickness ?? '', plies: '' } : {}) };
}

/** Plies are kept to the nanometre, so a stack of them is the finished thickness to less than this [mm]. */
const STACK_STEP = 1e-4;

/** Thickness of the piece with all its plies [mm]. */
export function finishedMm(recipe: RecipeFields): number {
  const { thicknessMm } = recipe.blank;
  const { plies, cleanMm = thicknessMm } = factsOf(recipe.method);
  return plies > 1 ? Math.round((cleanMm + thicknessMm * (plies - 1)) / STACK_STEP) * STACK_STEP : thicknessMm;
}

/** So that it reads back the same. */
function exactly(system: UnitSystem): Exact {
  return { length: (mm) => exactLength(mm, system), temperature: (celsius) => exactTemperature(celsius, system) };
}

/** A stored recipe as it would be typed; printed otherwise where it is only to be read. */
export function formOf(recipe: RecipeFields, system: UnitSystem, printed: Exact = exactly(system)): RecipeForm {
  const { blank } = recipe;
  const { length } = printed;
  return {
    ...FIRST_RECIPE,
    speciesId: blank.speciesId,
    seasoning: blank.seasoning,
    moisture: blank.moisturePercent?.toString() ?? '',
    growthRings: blank.growthRings,
    grainRun: blank.grainRun?.toString() ?? '',
    knots: blank.knots,
    outerFace: blank.outerFace ?? 'SAWN',
    outline: blank.outline ?? 'RECTANGLE',
    thickness: length(finishedMm(recipe)),
    width: length(blank.widthMm),
    radius: length(recipe.innerRadiusMm),
    angle: recipe.angleDegrees.toString(),
    method: recipe.method.kind,
    ...typedOf(recipe.method, printed),
    person: recipe.person ?? '',
    board: recipe.board ?? '',
    source: recipe.source ?? '',
  };
}
