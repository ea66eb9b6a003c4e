import { GLUE } from '../../recipe/options';
import { OF_A_PIPE } from '../../trials/words';
import { printLength } from '../../units/printing';
import { clampsInALine, clampsTyped, coldLamination, glueInALine, isBacked, PLIES } from '../coldLamination/form';
import { KERFS, kerfsInALine, kerfsTyped } from '../kerfBending/form';
import type { MethodForm, Places } from '../method';

const SETTINGS: Places = { ...PLIES, cleanPly: { measurement: 'LENGTH', at: 'method.cleanMm' }, ...KERFS };

/** Thick plies with kerfs over the bend, glued over a thin clean one. */
export const kerfedPlies: MethodForm<'KERFED_PLIES'> = {
  ...coldLamination,
  label: 'Kerfed plies',
  glyph: 'M5 37a27 33 0 0 1 54 0M15 37a17 22 0 0 1 34 0M21 37a11 15 0 0 1 22 0M32 15v-6M24 17l-3-6M40 17l3-6M18 23l-5-4M46 23l5-4',
  caution: 'Blade guard on, every ply held down over its whole length, a pin in the fence for the step, never reach over the blade. The cuts ' +
    'of each ply face the form, a flexible sheet lies over the outermost. Epoxy and polyurethane: gloves and fresh air.',
  usual: false,
  neverSeen: OF_A_PIPE,
  curveCure: 'The clean ply or the webs are thick for this curve. Use a thinner clean ply, saw deeper, set the cuts closer or open the radius.',
  extent: { thinnestMm: 2, thickestMm: 20, tightestMm: 40, widestMm: 1200 },
  places: () => SETTINGS,
  typed: (settings, exact) => ({
    glue: settings.glue, plies: settings.plies.toString(), cleanPly: exact.length(settings.cleanMm), ...kerfsTyped(settings, exact), ...clampsTyped(settings),
  }),
  facts: ({ plies, cleanMm, webMm, kerfMm, ...how }) => ({ plies, backed: isBacked(how), carried: false, cleanMm, cuts: { webMm, kerfMm } }),
  line: (settings, system) => `${kerfsInALine(settings, system)} in ${settings.plies - 1} of ${settings.plies} plies, over a clean one of ` +
    `${printLength(settings.cleanMm, system)}, with ${glueInALine(GLUE[settings.glue])}${clampsInALine(settings)}`,
};
