import { GLUE } from '../../recipe/options';
import { OF_A_PIPE, OF_CUTS } from '../../trials/words';
import { printTemperature } from '../../units/printing';
import { clampsChosen, clampsInALine, clampsTyped, coldLamination, glueInALine, isBacked, PLIES } from '../coldLamination/form';
import { handlingChoices, handlingFacts, handlingLine, handlingPlaces, handlingTyped, HOT_WOOD, stagesAround, STEAM_MINUTES } from '../hotWood/form';
import type { MethodForm } from '../method';

/** Plies steamed, dried on the form in order, then glued on it. */
export const steamedPlies: MethodForm<'STEAMED_PLIES'> = {
  ...HOT_WOOD,
  asides: ['clamping'],
  label: 'Steam, then laminate',
  glyph: 'M6 19h52M6 26h52M6 33h52M20 13c-3-3 3-5 0-8M32 13c-3-3 3-5 0-8M44 13c-3-3 3-5 0-8',
  caution: 'Steam scalds: long gloves, stand aside when opening. Set the plies in the order they will be glued, number them, and let ' +
    'them dry on the form for a day at least. Glues: gloves and fresh air.',
  heat: 'chamber',
  rounds: false,
  thickness: coldLamination.thickness,
  ofThickness: coldLamination.ofThickness,
  neverSeen: [...OF_CUTS, ...OF_A_PIPE],
  stages: () => stagesAround('STEAM_BOX', 'steamMinutes', true),
  places: (form) => ({
    ...handlingPlaces(form, true),
    ...PLIES,
    steamMinutes: STEAM_MINUTES,
    chamber: { measurement: 'TEMPERATURE', at: 'method.chamberC' },
  }),
  choices: (form) => ({ ...handlingChoices(form), glue: form.glue, ...clampsChosen(form) }),
  typed: (settings, exact) => ({
    ...handlingTyped(settings, exact),
    steamMinutes: settings.steamMinutes.toString(),
    chamber: exact.temperature(settings.chamberC),
    glue: settings.glue,
    plies: settings.plies.toString(),
    ...clampsTyped(settings),
  }),
  thickened: coldLamination.thickened,
  facts: (settings) => ({ ...handlingFacts(settings, settings.chamberC), plies: settings.plies, backed: isBacked(settings) }),
  line: (settings, system) => handlingLine(settings, `${settings.steamMinutes} min steam at ${printTemperature(settings.chamberC, system)}, ` +
    `then laminated with ${glueInALine(GLUE[settings.glue])}${clampsInALine(settings)}`),
};
