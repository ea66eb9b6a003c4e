import { printTemperature } from '../../units/printing';
import { BAG, handlingChoices, handlingFacts, handlingLine, handlingPlaces, handlingTyped, HOT_WOOD, stagesAround, STEAM_MINUTES, thinnedInALine, thinnedPlaces } from '../hotWood/form';
import type { MethodForm } from '../method';

/** Solid stock steamed in a bag where it is going to stay. */
export const steamInPlace: MethodForm<'STEAM_IN_PLACE'> = {
  ...HOT_WOOD,
  asides: ['shaving'],
  label: 'Steam in place',
  glyph: 'M4 37c16-16 40-16 56 0M10 25c14-11 30-11 44 0M15 18c11-8 23-8 34 0M10 25l5-7M54 25l-5-7',
  caution: 'Steam and hot water scald: leave an end of the bag open, tip and drain it before you press, long gloves. Work with a ' +
    'helper, and keep out of the way of a plank that can spring back.',
  heat: 'bag',
  stages: () => stagesAround('STEAM_BAG', 'steamMinutes', false, [{ kind: 'STEAM_ON', field: 'steamOn', unitSeconds: 60 }]),
  places: (form) => ({
    ...handlingPlaces(form, false),
    ...thinnedPlaces(form),
    steamMinutes: STEAM_MINUTES,
    bag: BAG,
    steamOn: { measurement: 'MINUTES', at: 'method.steamOnMinutes' },
  }),
  choices: handlingChoices,
  typed: (settings, exact) => ({
    ...handlingTyped(settings, exact),
    steamMinutes: settings.steamMinutes.toString(),
    bag: exact.temperature(settings.bagC),
    steamOn: settings.steamOnMinutes.toString(),
  }),
  facts: (settings) => ({ ...handlingFacts(settings, settings.bagC), wrapped: true }),
  line: (settings, system) => {
    const on = settings.steamOnMinutes > 0 ? `, steam left on ${settings.steamOnMinutes} min` : '';
    return handlingLine(settings, `${settings.steamMinutes} min steam in place at ${printTemperature(settings.bagC, system)}${on}`) + thinnedInALine(settings, system);
  },
};
