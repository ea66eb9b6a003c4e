import type { RecipeFields } from '../../api/schema';
import type { UnitSystem } from '../../app/units';
import { say } from '../../messages/say';
import type { RecipeForm } from '../../recipe/form';
import { GLUE } from '../../recipe/options';
import { OF_A_PIPE, OF_CUTS } from '../../trials/words';
import { printLength } from '../../units/printing';
import type { MethodForm, Places, SettingsOf } from '../method';
import { NOT_SAID, type PliesTyped } from './typed';

/** Where a stack of plies is measured. */
export const PLIES: Places = {
  thickness: { measurement: 'LENGTH', at: 'finishedThicknessMm' },
  plies: { measurement: 'COUNT', at: 'method.plies', optional: true },
  plyThickness: { measurement: 'LENGTH', at: 'blank.thicknessMm', optional: true },
};

/** How a stack that was understood is divided, as it is said where nobody typed it; nothing of what is no stack. */
export function layupInWords({ blank, method }: RecipeFields, system: UnitSystem): { plies: string; plyThickness: string } | undefined {
  if (!('plies' in method) || method.plies <= 1) return undefined;
  return { plies: `${method.plies}${say('field.plies.after', { n: method.plies })}`, plyThickness: printLength(blank.thicknessMm, system) };
}

/** A stack is divided by how many plies there are or by how thick each is: whichever is typed, the other follows. */
export function oneOfTheTwo(change: Partial<RecipeForm>): Partial<RecipeForm> {
  if (change.plies !== undefined) return { ...change, plyThickness: '' };
  return change.plyThickness === undefined ? change : { ...change, plies: '' };
}

/** Thin dry strips bent cold with glue between. What is wanted is the finished section; its plies follow. */
export const coldLamination: MethodForm<'COLD_LAMINATION'> = {
  label: 'Cold lamination',
  glyph: 'M6 37a26 32 0 0 1 52 0M12 37a20 26 0 0 1 40 0M18 37a14 20 0 0 1 28 0',
  caution: 'Thin strips: zero-clearance insert and push sticks. Epoxy and polyurethane: gloves and fresh air.',
  family: 'COLD_PLIES',
  usual: true,
  asides: ['clamping'],
  trials: 'lamination',
  thickness: 'Finished thickness',
  ofThickness: ' plies',
  followed: false,
  pulled: false,
  rounds: false,
  stages: () => [],
  neverSeen: [...OF_CUTS, ...OF_A_PIPE],
  curveCure: 'The curve is tight for plies this thick. Use thinner plies or open the radius.',
  extent: { thinnestMm: 0.5, thickestMm: 10, tightestMm: 50, widestMm: 2500 },
  places: () => PLIES,
  choices: (form) => ({ glue: form.glue, ...clampsChosen(form) }),
  typed: (settings) => ({ glue: settings.glue, plies: settings.plies.toString(), ...clampsTyped(settings) }),
  thickened: (plyThickness) => ({ plyThickness, plies: '' }),
  facts: (settings) => ({ plies: settings.plies, backed: isBacked(settings), carried: false }),
  line: (settings) => `laminated cold with ${glueInALine(GLUE[settings.glue])}${clampsInALine(settings)}`,
};

export const CLAMPED_FROM: Record<PliesTyped['clampOrder'], string> = { NOT_SAID: 'not said', FROM_THE_MIDDLE: 'the middle', FROM_THE_TIGHT_END: 'the tight end' };
export const CLAMPED: Record<PliesTyped['clampForce'], string> = { NOT_SAID: 'not said', FIRM: 'firmly', TIGHT: 'tight' };

export const BEHIND: Record<PliesTyped['backing'], string> = { NOT_SAID: 'not said', NOTHING: 'nothing', PLASTIC_SHEET: 'plastic sheet', METAL_SHEET: 'sheet metal' };

type Clamps = Pick<SettingsOf<'COLD_LAMINATION'>, 'clampOrder' | 'clampForce' | 'backing'>;
type ClampsTyped = Pick<PliesTyped, 'clampOrder' | 'clampForce' | 'backing'>;

const said = <T extends string>(chosen: T | typeof NOT_SAID) => (chosen === NOT_SAID ? undefined : chosen);

/** How a stack is closed, where somebody said so. */
export function clampsChosen({ clampOrder, clampForce, backing }: ClampsTyped) {
  return { clampOrder: said(clampOrder), clampForce: said(clampForce), backing: said(backing) };
}

/** Whether a sheet lies behind the plies. */
export function isBacked({ backing }: Clamps): boolean {
  return backing !== undefined && backing !== 'NOTHING';
}

/** The same as it would be typed. */
export function clampsTyped({ clampOrder, clampForce, backing }: Clamps): ClampsTyped {
  return { clampOrder: clampOrder ?? NOT_SAID, clampForce: clampForce ?? NOT_SAID, backing: backing ?? NOT_SAID };
}

/** The same behind the glue in a line. */
export function clampsInALine({ clampOrder, clampForce, backing }: Clamps): string {
  const how = [...(clampForce ? [CLAMPED[clampForce]] : []), ...(clampOrder ? [`from ${CLAMPED_FROM[clampOrder]}`] : [])];
  return `${how.length === 0 ? '' : `, clamped ${how.join(' ')}`}${backing ? `, ${BEHIND[backing]} behind` : ''}`;
}

/** Epoxy is epoxy, but PVA stays PVA. */
export function glueInALine(glue: string): string {
  return glue.replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase());
}
