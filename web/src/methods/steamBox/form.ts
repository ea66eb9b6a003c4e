import { printTemperature } from '../../units/printing';
import { handlingChoices, handlingFacts, handlingLine, handlingPlaces, handlingTyped, HOT_WOOD, stagesAround, STEAM_MINUTES, thinnedInALine, thinnedPlaces } from '../hotWood/form';
import type { MethodForm } from '../method';

/** Solid stock softened in a steam box. */
export const steamBox: MethodForm<'STEAM_BOX'> = {
  ...HOT_WOOD,
  asides: ['shaving'],
  usual: true,
  label: 'Steam box',
  glyph: 'M4 15h56v18H4zM10 24h44M20 11c-3-3 3-5 0-8M32 11c-3-3 3-5 0-8M44 11c-3-3 3-5 0-8',
  caution: 'Steam scalds: long gloves, eye protection, stand aside when opening. Never seal the chamber.',
  heat: 'chamber',
  stages: () => stagesAround('STEAM_BOX', 'steamMinutes', true),
  places: (form) => ({
    ...handlingPlaces(form, true),
    ...thinnedPlaces(form),
    steamMinutes: STEAM_MINUTES,
    chamber: { measurement: 'TEMPERATURE', at: 'method.chamberC' },
  }),
  choices: handlingChoices,
  typed: (settings, exact) => ({
    ...handlingTyped(settings, exact),
    steamMinutes: settings.steamMinutes.toString(),
    chamber: exact.temperature(settings.chamberC),
  }),
  facts: (settings) => handlingFacts(settings, settings.chamberC),
  line: (settings, system) => handlingLine(settings, `${settings.steamMinutes} min steam at ${printTemperature(settings.chamberC, system)}`) +
    thinnedInALine(settings, system),
};
