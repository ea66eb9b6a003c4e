import { printTemperature } from '../../units/printing';
import { BAG, handlingChoices, handlingFacts, handlingPlaces, handlingTyped, HOT_WOOD, soakLine, stagesAround, STEAM_MINUTES, thinnedInALine, thinnedPlaces } from '../hotWood/form';
import type { MethodForm } from '../method';

/** Bent between posts by body weight, the bag still on; no strap, whatever stands in its field. */
export const freeBending: MethodForm<'FREE_BENDING'> = {
  ...HOT_WOOD,
  asides: ['shaving'],
  label: 'Free bending',
  glyph: 'M15 37v-9M49 37v-9M32 3v11M4 27c16-14 40-14 56 0',
  caution: 'Steam and hot water scald: drain the bag first, long gloves. Two people; nobody stands where the plank goes when a block ' +
    'lets go. There is no form, so the tightest place is tighter than the curve and the shape cannot be repeated exactly.',
  heat: 'bag',
  stages: () => stagesAround('STEAM_BAG', 'steamMinutes', false),
  places: (form) => ({ ...handlingPlaces({ ...form, support: 'NONE' }, false), ...thinnedPlaces(form), steamMinutes: STEAM_MINUTES, bag: BAG }),
  choices: (form) => handlingChoices({ ...form, support: 'NONE' }),
  typed: (settings, exact) => ({
    ...handlingTyped(settings, exact),
    steamMinutes: settings.steamMinutes.toString(),
    bag: exact.temperature(settings.bagC),
  }),
  facts: (settings) => ({ ...handlingFacts(settings, settings.bagC), bentOn: 'POSTS', wrapped: true }),
  line: (settings, system) => `${soakLine(settings)}${settings.steamMinutes} min in a bag at ${printTemperature(settings.bagC, system)}, bent freely` +
    thinnedInALine(settings, system),
};
