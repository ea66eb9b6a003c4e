import type { BlankFields, LaminationFields, RecipeFields, SteamFields, TypedRecipe } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { exactLength, exactTemperature } from '../units/exact';
import { BARE, type Measurement, type Reading } from '../units/reading';

export type Support = 'NONE' | 'WEBBING' | 'STEEL' | 'ALUMINIUM' | 'PLASTIC';

/** A recipe as it is typed: every measurement is still the person's own text. */
export interface RecipeForm {
  speciesId: string;
  seasoning: BlankFields['seasoning'];
  moisture: string;
  growthRings: BlankFields['growthRings'];
  grainRun: string;
  knots: BlankFields['knots'];
  outerFace: NonNullable<BlankFields['outerFace']>;
  /** Of the finished section, however many plies it is made of. */
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
  /** How many plies, and how thick one is: what is left empty follows from the other, or from the radius. */
  plies: string;
  plyThickness: string;
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
  plies: '',
  plyThickness: '',
  person: '',
  board: '',
  source: '',
};

interface Place {
  measurement: Measurement;
  /** Where the recipe on the wire has it. */
  at: string;
  /** Nothing typed means nobody measured, or that it follows from the rest. */
  optional?: true;
}

const EVERY_BEND = {
  width: { measurement: 'LENGTH', at: 'blank.widthMm' },
  radius: { measurement: 'LENGTH', at: 'innerRadiusMm' },
  angle: { measurement: 'ANGLE', at: 'angleDegrees' },
  moisture: { measurement: 'MOISTURE', at: 'blank.moisturePercent', optional: true },
  grainRun: { measurement: 'GRAIN_SLOPE', at: 'blank.grainRun', optional: true },
} satisfies Partial<Record<keyof RecipeForm, Place>>;

const STEAMED = {
  thickness: { measurement: 'LENGTH', at: 'blank.thicknessMm' },
  soakHours: { measurement: 'HOURS', at: 'steam.soakHours' },
  steamMinutes: { measurement: 'MINUTES', at: 'steam.steamMinutes' },
  chamber: { measurement: 'TEMPERATURE', at: 'steam.chamberC' },
  carrySeconds: { measurement: 'SECONDS', at: 'steam.carrySeconds' },
  holdHours: { measurement: 'HOURS', at: 'steam.holdHours', optional: true },
} satisfies Partial<Record<keyof RecipeForm, Place>>;

const STRAPPED = {
  strapThickness: { measurement: 'LENGTH', at: 'steam.strap.thicknessMm' },
  endGap: { measurement: 'LENGTH', at: 'steam.strap.endGapMm' },
} satisfies Partial<Record<keyof RecipeForm, Place>>;

const LAMINATED = {
  thickness: { measurement: 'LENGTH', at: 'finishedThicknessMm' },
  plies: { measurement: 'COUNT', at: 'lamination.plies', optional: true },
  plyThickness: { measurement: 'LENGTH', at: 'blank.thicknessMm', optional: true },
} satisfies Partial<Record<keyof RecipeForm, Place>>;

export type Measured = keyof (typeof EVERY_BEND & typeof STEAMED & typeof STRAPPED & typeof LAMINATED);
export type Readings = Partial<Record<Measured, Reading>>;
export type FieldProblems = Partial<Record<keyof RecipeForm, string>>;

/** The measurements of the chosen method and support, and where each stands in the recipe. */
export function placesOf(form: RecipeForm): Partial<Record<Measured, Place>> {
  if (form.method === 'COLD_LAMINATION') return { ...EVERY_BEND, ...LAMINATED };
  return { ...EVERY_BEND, ...STEAMED, ...(form.support === 'NONE' ? {} : STRAPPED) };
}

/** The kind of measurement a field takes. */
export function measurementOf(field: Measured): Measurement {
  const places: Record<Measured, Place> = { ...EVERY_BEND, ...STEAMED, ...STRAPPED, ...LAMINATED };
  return places[field].measurement;
}

/** Everything typed and chosen, for the server to read; a measurement left empty is left out. */
export function typedRecipe(form: RecipeForm, system: UnitSystem): TypedRecipe {
  const laminated = form.method === 'COLD_LAMINATION';
  return {
    bareUnits: BARE[system],
    choices: {
      blank: {
        speciesId: form.speciesId,
        seasoning: form.seasoning,
        growthRings: form.growthRings,
        knots: form.knots,
        outerFace: form.outerFace === 'SAWN' ? undefined : form.outerFace,
      },
      method: form.method,
      ...(laminated
        ? { lamination: { glue: form.glue } }
        : {
            steam: {
              soakAdditive: form.soakAdditive === 'NONE' ? undefined : form.soakAdditive,
              strap: form.support === 'NONE' ? undefined : { material: form.support },
            },
          }),
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
  'blank.speciesId': 'speciesId', 'blank.seasoning': 'seasoning', 'blank.growthRings': 'growthRings', 'blank.knots': 'knots',
  'lamination.glue': 'glue', method: 'method', person: 'person', board: 'board', source: 'source',
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
  const older = kept.plyThickness === undefined && kept.method === 'COLD_LAMINATION';
  return { ...FIRST_RECIPE, ...kept, ...(older ? { thickness: FIRST_RECIPE.thickness, plyThickness: kept.thickness ?? '', plies: '' } : {}) };
}

/** Plies are kept to the nanometre, so a stack of them is the finished thickness to less than this [mm]. */
const STACK_STEP = 1e-4;

/** Thickness of the piece with all its plies [mm]. */
export function finishedMm({ blank, lamination }: RecipeFields): number {
  return lamination ? Math.round((blank.thicknessMm * lamination.plies) / STACK_STEP) * STACK_STEP : blank.thicknessMm;
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
    thickness: length(finishedMm(recipe)),
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
      support: steam.strap?.material ?? 'NONE',
      ...(steam.strap && { strapThickness: length(steam.strap.thicknessMm), endGap: length(steam.strap.endGapMm) }),
    }),
    ...(lamination && { glue: lamination.glue, plies: lamination.plies.toString() }),
    person: recipe.person ?? '',
    board: recipe.board ?? '',
    source: recipe.source ?? '',
  };
}
