import { OF_A_PIPE, OF_GLUE } from '../../trials/words';
import { printLength } from '../../units/printing';
import type { UnitSystem } from '../../app/units';
import type { Exact, MethodForm, Places } from '../method';
import type { KerfTyped } from './typed';

export const SAWN_IN: Record<KerfTyped['sawnIn'], string> = { SOLID: 'solid wood', PLYWOOD: 'plywood' };

/** How a saw is set to cut kerfs. */
interface Kerfs {
  kerfMm: number;
  webMm: number;
  pitchMm: number;
}

/** Where saw cuts are measured. */
export const KERFS: Places = {
  kerf: { measurement: 'LENGTH', at: 'method.kerfMm' },
  web: { measurement: 'LENGTH', at: 'method.webMm' },
  pitch: { measurement: 'LENGTH', at: 'method.pitchMm' },
};

/** Saw cuts as they would be typed. */
export function kerfsTyped({ kerfMm, webMm, pitchMm }: Kerfs, { length }: Exact) {
  return { kerf: length(kerfMm), web: length(webMm), pitch: length(pitchMm) };
}

/** Saw cuts in a line. */
export function kerfsInALine({ kerfMm, webMm, pitchMm }: Kerfs, system: UnitSystem): string {
  return `${printLength(kerfMm, system)} cuts every ${printLength(pitchMm, system)} to a ${printLength(webMm, system)} web`;
}

const SETTINGS: Places = {
  thickness: { measurement: 'LENGTH', at: 'blank.thicknessMm' },
  ...KERFS,
  backer: { measurement: 'LENGTH', at: 'method.backerMm', optional: true },
};

/** Saw cuts that leave a thin web, bent cold. */
export const kerfBending: MethodForm<'KERF_BENDING'> = {
  label: 'Kerf bending',
  glyph: 'M5 37a27 33 0 0 1 54 0M15 37a17 22 0 0 1 34 0M32 15v-6M24 17l-3-6M40 17l3-6M18 23l-5-4M46 23l5-4',
  caution: 'Blade guard on, piece held down over its whole length, a pin in the fence for the step, never reach over the blade. Saw it ' +
    'overlong, try the depth on an offcut, and support the piece while it bends. A kerfed piece carries no load without its backer.',
  family: 'KERFED_WEBS',
  usual: false,
  asides: [],
  trials: 'kerf-bending',
  thickness: 'Thickness',
  ofThickness: '',
  followed: false,
  pulled: false,
  rounds: false,
  stages: () => [],
  neverSeen: [...OF_GLUE, ...OF_A_PIPE],
  curveCure: 'The web is thick for so few cuts. Saw deeper, set the cuts closer or open the radius.',
  extent: { thinnestMm: 4, thickestMm: 40, tightestMm: 30, widestMm: 1200 },
  places: () => SETTINGS,
  choices: ({ sawnIn }) => ({ board: sawnIn === 'SOLID' ? undefined : sawnIn }),
  typed: (settings, exact) => ({
    ...kerfsTyped(settings, exact), sawnIn: settings.board ?? 'SOLID', backer: settings.backerMm === undefined ? '' : exact.length(settings.backerMm),
  }),
  thickened: (thickness) => ({ thickness }),
  facts: ({ webMm, kerfMm }) => ({ plies: 1, carried: false, cuts: { webMm, kerfMm } }),
  line: (settings, system) => kerfsInALine(settings, system) + (settings.board === 'PLYWOOD' ? ' in plywood' : '') +
    (settings.backerMm === undefined ? ', no backer' : `, ${printLength(settings.backerMm, system)} backer`),
};
