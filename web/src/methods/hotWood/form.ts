import type { MethodFields } from '../../api/schema';
import type { UnitSystem } from '../../app/units';
import { printTime } from '../../process/time';
import type { Measured, RecipeForm } from '../../recipe/form';
import { OF_A_PIPE, OF_CUTS, OF_GLUE } from '../../trials/words';
import { printLength } from '../../units/printing';
import type { Exact, Facts, MethodForm, Place, Places, StageField, StageKind } from '../method';

type Hot = Extract<MethodFields, { soakHours: number }>;

const HANDLING: Places = {
  thickness: { measurement: 'LENGTH', at: 'blank.thicknessMm' },
  soakHours: { measurement: 'HOURS', at: 'method.soakHours' },
};

const HOLD: Place = { measurement: 'HOURS', at: 'method.holdHours', optional: true };

const OF_THE_STRAP: Places = {
  strapThickness: { measurement: 'LENGTH', at: 'method.strap.thicknessMm' },
  endGap: { measurement: 'LENGTH', at: 'method.strap.endGapMm' },
  covered: { measurement: 'SHARE', at: 'method.strap.coveredPercent', optional: true },
};

/** How it is shaved thinner where it bends. */
export const THINNED: Places = {
  thinned: { measurement: 'LENGTH', at: 'method.thinnedMm' },
  thinnedOver: { measurement: 'LENGTH', at: 'method.thinnedOverMm' },
};

/** The same for a way that leaves the choice. */
export function thinnedPlaces({ atBend }: RecipeForm): Places {
  return atBend === 'THINNED' ? THINNED : {};
}

export const AT_BEND: Record<RecipeForm['atBend'], string> = { AS_THICK: 'as thick as the rest', THINNED: 'shaved thinner' };

/** Whether it lies in cold water first. */
export function isSoaked({ soakHours }: Pick<RecipeForm, 'soakHours'>): boolean {
  return !/^[0.,\s]*$/.test(soakHours);
}

const CARRY: Place = { measurement: 'SECONDS', at: 'method.carrySeconds' };

/** Time in steam, however it is held round the piece. */
export const STEAM_MINUTES: Place = { measurement: 'MINUTES', at: 'method.steamMinutes' };
/** Temperature in a bag. */
export const BAG: Place = { measurement: 'TEMPERATURE', at: 'method.bagC' };

/** Where soak, strap and hold are measured, and the carry of a piece that is carried; hours in a drying frame are typed for themselves. */
export function handlingPlaces(form: RecipeForm, carried: boolean, held: Measured = 'holdHours'): Places {
  return { ...HANDLING, [held]: HOLD, ...(carried ? { carrySeconds: CARRY } : {}), ...(form.support === 'NONE' ? {} : OF_THE_STRAP) };
}

export function handlingChoices({ soakAdditive, support, ends }: RecipeForm): Record<string, unknown> {
  return {
    soakAdditive: soakAdditive === 'NONE' ? undefined : soakAdditive,
    strap: support === 'NONE' ? undefined : { material: support, ends: ends === 'STOPS' ? undefined : ends },
  };
}

interface Thinning {
  thinnedMm?: number;
  thinnedOverMm?: number;
}

/** How the stock is thinned, of a way that thins it. */
const thinningOf = (settings: Hot): Thinning => ('thinnedMm' in settings ? settings : {});

function thinnedTyped({ thinnedMm, thinnedOverMm }: Thinning, length: Exact['length']): Partial<RecipeForm> {
  return thinnedMm === undefined || thinnedOverMm === undefined ? { atBend: 'AS_THICK' }
    : { atBend: 'THINNED', thinned: length(thinnedMm), thinnedOver: length(thinnedOverMm) };
}

/** Behind what was done, where it was thinned: , thinned to 5/8" over 16". */
export function thinnedInALine(settings: Hot, system: UnitSystem, shape = ''): string {
  const { thinnedMm, thinnedOverMm } = thinningOf(settings);
  return thinnedMm === undefined || thinnedOverMm === undefined ? ''
    : `, thinned to ${printLength(thinnedMm, system)}${shape} over ${printLength(thinnedOverMm, system)}`;
}

/** The strap of a way that takes one. */
const strapOf = (settings: Hot) => ('strap' in settings ? settings.strap : undefined);

export function handlingTyped(settings: Hot, { length }: Exact): Partial<RecipeForm> {
  const { soakHours, soakAdditive, holdHours } = settings;
  const strap = strapOf(settings);
  return {
    soakHours: soakHours.toString(),
    soakAdditive: soakAdditive ?? 'NONE',
    ...('carrySeconds' in settings && settings.carrySeconds !== undefined ? { carrySeconds: settings.carrySeconds.toString() } : {}),
    holdHours: holdHours?.toString() ?? '',
    ...thinnedTyped(thinningOf(settings), length),
    support: strap?.material ?? 'NONE',
    ...(strap && {
      strapThickness: length(strap.thicknessMm), endGap: length(strap.endGapMm), covered: strap.coveredPercent?.toString() ?? '', ends: strap.ends ?? 'STOPS',
    }),
  };
}

/** Soak, heat, carry and form, as the strip shows them. */
export function stagesAround(heat: StageKind, typedIn: Measured, carried: boolean, onTheForm: StageField[] = [], held: Measured = 'holdHours'): StageField[] {
  return [
    { kind: 'SOAK', field: 'soakHours', unitSeconds: 3600 },
    { kind: heat, field: typedIn, unitSeconds: 60 },
    ...(carried ? [{ kind: 'CARRY' as const, field: 'carrySeconds' as const, unitSeconds: 1 }] : []),
    ...onTheForm,
    { kind: 'FORM', field: held, unitSeconds: 3600 },
  ];
}

function strapFacts(settings: Hot): Facts['strap'] {
  const strap = strapOf(settings);
  return strap && { ...strap, held: strap.ends !== 'NOT_HELD' };
}

/** What is shown of hot wood, heated to a temperature [°C]. */
export function handlingFacts(settings: Hot, heatC: number): Facts {
  const { holdHours } = settings;
  const { thinnedMm, thinnedOverMm } = thinningOf(settings);
  return { thinnedMm, thinnedOverMm, plies: 1, strap: strapFacts(settings), holdHours, heatC, carried: 'carrySeconds' in settings && settings.carrySeconds !== undefined };
}

const STRAP = { STEEL: 'steel strap', WEBBING: 'webbing', ALUMINIUM: 'aluminium strap', PLASTIC: 'plastic trim' };

/** What was done, around what was done to heat it: 12 h soak, 45 min steam at 208 °F, steel strap. */
export function handlingLine(settings: Hot, heat: string): string {
  const strap = strapOf(settings);
  return `${soakLine(settings)}${heat}, ${strap ? STRAP[strap.material] : 'no strap'}`;
}

/** The soak, where there was one, and a comma. */
export function soakLine({ soakHours, soakAdditive }: Hot): string {
  return soakHours > 0 ? `${printTime(soakHours * 3600)} soak${soakAdditive === 'SOFTENER' ? ' with softener' : ''}, ` : '';
}

/** What can hurt about a strap. */
export const STRAP_CAUTION = 'A strap under load stores energy: anchor the form, keep everyone out of line.';

/** What all ways of bending hot, solid wood have alike. */
export const HOT_WOOD = {
  family: 'HOT_WOOD',
  usual: false,
  asides: [],
  trials: 'hot-bending',
  thickness: 'Thickness',
  ofThickness: '',
  followed: true,
  pulled: true,
  rounds: true,
  neverSeen: [...OF_GLUE, ...OF_CUTS, ...OF_A_PIPE],
  extent: { thinnestMm: 2, thickestMm: 40, tightestMm: 30, widestMm: 1200 },
  thickened: (thickness) => ({ thickness }),
} satisfies Partial<MethodForm>;
