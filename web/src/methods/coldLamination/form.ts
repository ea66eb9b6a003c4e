import { GLUE } from '../../recipe/words';
import { OF_A_PIPE, OF_CUTS } from '../../trials/words';
import type { MethodForm, Places } from '../method';

/** Where a stack of plies is measured. */
export const PLIES: Places = {
  thickness: { measurement: 'LENGTH', at: 'finishedThicknessMm' },
  plies: { measurement: 'COUNT', at: 'method.plies', optional: true },
  plyThickness: { measurement: 'LENGTH', at: 'blank.thicknessMm', optional: true },
};

/** Thin dry strips bent cold with glue between. What is wanted is the finished section; its plies follow. */
export const coldLamination: MethodForm<'COLD_LAMINATION'> = {
  label: 'Cold lamination',
  caution: 'Thin strips: zero-clearance insert and push sticks. Epoxy and polyurethane: gloves and fresh air.',
  family: 'COLD_PLIES',
  usual: true,
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
  choices: ({ glue }) => ({ glue }),
  typed: ({ glue, plies }) => ({ glue, plies: plies.toString() }),
  thickened: (plyThickness) => ({ plyThickness, plies: '' }),
  facts: ({ plies }) => ({ plies, carried: false }),
  line: ({ glue }) => `laminated cold with ${glueInALine(GLUE[glue])}`,
};

/** Epoxy is epoxy, but PVA stays PVA. */
export function glueInALine(glue: string): string {
  return glue.replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase());
}
