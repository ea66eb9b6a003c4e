import type { BlankFields, LaminationFields, RecipeFields, SteamFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { exactLength, exactTemperature } from '../units/exact';
import type { Reading, TypedQuantity } from '../units/reading';

export type Support = 'NONE' | 'WEBBING' | 'STEEL';

/** A recipe as it is typed: every measurement is still the person's own text. */
export interface RecipeForm {
  speciesId: string;
  seasoning: BlankFields['seasoning'];
  moisture: string;
  growthRings: BlankFields['growthRings'];
  grainRun: string;
  knots: BlankFields['knots'];
  outerFace: NonNullable<BlankFields['outerFace']>;
  thickness: string;
  width: string;
  radius: string;
  angle: string;
  method: RecipeFields['method'];
  soakHours: string;
  soakAdditive: NonNullable<SteamFields['soakAdditive']>;
  steamMinutes: string;
  chamber: string;
  carrySeconds: string;
  holdHours: string;
  support: Support;
  strapThickness: string;
  endGap: string;
  glue: LaminationFields['glue'];
  plies: string;
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
  thickness: '1/2"',
  width: '1"',
  radius: '6"',
  angle: '180',
  method: 'STEAM_BOX',
  soakHours: '0',
  soakAdditive: 'NONE',
  steamMinutes: '30',
  chamber: '208 °F',
  carrySeconds: '15',
  holdHours: '24',
  support: 'NONE',
  strapThickness: '1/32"',
  endGap: '0"',
  glue: 'PVA',
  plies: '6',
  person: '',
  board: '',
  source: '',
};

/** The measurements that the server reads, by the field they are typed in. */
export const QUANTITIES = {
  thickness: 'length',
  width: 'length',
  radius: 'length',
  strapThickness: 'length',
  endGap: 'length',
  chamber: 'temperature',
} as const;

export type QuantityField = keyof typeof QUANTITIES;
export type Readings = Record<QuantityField, Reading>;
export type FieldProblems = Partial<Record<keyof RecipeForm, string>>;

export function typedQuantities(form: RecipeForm): TypedQuantity[] {
  return quantityFields.map((field) => ({ kind: QUANTITIES[field], text: form[field] }));
}

export const quantityFields = Object.keys(QUANTITIES) as QuantityField[];

/** Where the server's name for a field is typed. */
const TYPED_IN: Record<string, keyof RecipeForm> = {
  'blank.speciesId': 'speciesId',
  'blank.seasoning': 'seasoning',
  'blank.moisturePercent': 'moisture',
  'blank.growthRings': 'growthRings',
  'blank.grainRun': 'grainRun',
  'blank.knots': 'knots',
  'blank.thicknessMm': 'thickness',
  'blank.widthMm': 'width',
  innerRadiusMm: 'radius',
  angleDegrees: 'angle',
  method: 'method',
  'steam.soakHours': 'soakHours',
  'steam.steamMinutes': 'steamMinutes',
  'steam.chamberC': 'chamber',
  'steam.carrySeconds': 'carrySeconds',
  'steam.holdHours': 'holdHours',
  'steam.strap.thicknessMm': 'strapThickness',
  'steam.strap.endGapMm': 'endGap',
  'lamination.glue': 'glue',
  'lamination.plies': 'plies',
  person: 'person',
  board: 'board',
  source: 'source',
};

/** Problems the server named, by the field they are typed in. */
export function problemsByField(errors: { field: string; message: string }[]): FieldProblems {
  const problems: FieldProblems = {};
  for (const { field, message } of errors) {
    const typedIn = TYPED_IN[field.replace(/^recipe\./, '')];
    if (typedIn) problems[typedIn] = message;
  }
  return problems;
}

/** A plain number with point or comma, and perhaps its unit behind it. */
export function number(text: string): number | undefined {
  const plain = text.trim().replace(',', '.').replace(/\s*(%|°|h|min|s|g)$/, '');
  return /^\d+(\.\d+)?$/.test(plain) ? Number(plain) : undefined;
}

const NUMBERS = ['moisture', 'grainRun', 'angle', 'soakHours', 'steamMinutes', 'carrySeconds', 'holdHours', 'plies'] as const;
const MAY_BE_EMPTY: readonly string[] = ['moisture', 'grainRun', 'holdHours'];

/** What keeps the typed text from being a recipe, before the server is asked. */
export function typingProblems(form: RecipeForm, readings: Readings): FieldProblems {
  const problems: FieldProblems = {};
  for (const field of usedFields(form)) {
    if (field in QUANTITIES) {
      const { error } = readings[field as QuantityField];
      if (error) problems[field] = error;
    } else if ((NUMBERS as readonly string[]).includes(field)) {
      const text = form[field];
      if (number(text) === undefined && !(text.trim() === '' && MAY_BE_EMPTY.includes(field))) {
        problems[field] = text.trim() === '' ? 'A number is needed.' : `“${text}” is not a number.`;
      }
    }
  }
  return problems;
}

/** The fields that matter for the chosen method and support. */
export function usedFields(form: RecipeForm): (keyof RecipeForm)[] {
  const always: (keyof RecipeForm)[] = [
    'speciesId', 'seasoning', 'moisture', 'growthRings', 'grainRun', 'knots', 'thickness', 'width', 'radius', 'angle',
  ];
  if (form.method === 'COLD_LAMINATION') return [...always, 'glue', 'plies'];
  const steam: (keyof RecipeForm)[] = ['soakHours', 'steamMinutes', 'chamber', 'carrySeconds', 'holdHours', 'support'];
  return [...always, ...steam, ...(form.support === 'NONE' ? [] : (['strapThickness', 'endGap'] as const))];
}

/** The recipe, once everything that matters has been read. */
export function recipeOf(form: RecipeForm, readings: Readings): RecipeFields | undefined {
  const { thickness, width, radius, strapThickness, endGap, chamber } = readings;
  const needed = usedFields(form).filter((field): field is QuantityField => field in QUANTITIES);
  if (needed.some((field) => readings[field].value === undefined)) return undefined;
  if (Object.keys(typingProblems(form, readings)).length > 0) return undefined;
  const steamed = form.method === 'STEAM_BOX';
  return {
    blank: {
      speciesId: form.speciesId,
      seasoning: form.seasoning,
      moisturePercent: number(form.moisture),
      growthRings: form.growthRings,
      grainRun: number(form.grainRun),
      knots: form.knots,
      outerFace: form.outerFace === 'SAWN' ? undefined : form.outerFace,
      thicknessMm: thickness.value as number,
      widthMm: width.value as number,
    },
    innerRadiusMm: radius.value as number,
    angleDegrees: number(form.angle) as number,
    method: form.method,
    steam: steamed
      ? {
          soakHours: number(form.soakHours) as number,
          soakAdditive: form.soakAdditive === 'NONE' ? undefined : form.soakAdditive,
          steamMinutes: number(form.steamMinutes) as number,
          chamberC: chamber.value as number,
          carrySeconds: number(form.carrySeconds) as number,
          holdHours: number(form.holdHours),
          strap:
            form.support === 'NONE'
              ? undefined
              : { material: form.support, thicknessMm: strapThickness.value as number, endGapMm: endGap.value as number },
        }
      : undefined,
    lamination: steamed ? undefined : { glue: form.glue, plies: number(form.plies) as number },
    person: form.person.trim() || undefined,
    board: form.board.trim() || undefined,
    source: form.source.trim() || undefined,
  };
}

/** A draft kept by an older version of the page may lack what has come since. */
export function completed(kept: Partial<RecipeForm>): RecipeForm {
  return { ...FIRST_RECIPE, ...kept };
}

/** A stored recipe as it would be typed. */
export function formOf(recipe: RecipeFields, system: UnitSystem): RecipeForm {
  const { blank, steam, lamination } = recipe;
  const length = (mm: number) => exactLength(mm, system);
  return {
    ...FIRST_RECIPE,
    speciesId: blank.speciesId,
    seasoning: blank.seasoning,
    moisture: blank.moisturePercent?.toString() ?? '',
    growthRings: blank.growthRings,
    grainRun: blank.grainRun?.toString() ?? '',
    knots: blank.knots,
    outerFace: blank.outerFace ?? 'SAWN',
    thickness: length(blank.thicknessMm),
    width: length(blank.widthMm),
    radius: length(recipe.innerRadiusMm),
    angle: recipe.angleDegrees.toString(),
    method: recipe.method,
    ...(steam && {
      soakHours: steam.soakHours.toString(),
      steamMinutes: steam.steamMinutes.toString(),
      chamber: exactTemperature(steam.chamberC, system),
      soakAdditive: steam.soakAdditive ?? 'NONE',
      carrySeconds: steam.carrySeconds.toString(),
      holdHours: steam.holdHours?.toString() ?? '',
      support: (steam.strap?.material ?? 'NONE') as Support,
      ...(steam.strap && { strapThickness: length(steam.strap.thicknessMm), endGap: length(steam.strap.endGapMm) }),
    }),
    ...(lamination && { glue: lamination.glue, plies: lamination.plies.toString() }),
    person: recipe.person ?? '',
    board: recipe.board ?? '',
    source: recipe.source ?? '',
  };
}
