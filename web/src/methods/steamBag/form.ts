import { printTemperature } from '../../units/printing';
import { BAG, handlingChoices, handlingFacts, handlingLine, handlingPlaces, handlingTyped, HOT_WOOD, stagesAround, STEAM_MINUTES, thinnedInALine, thinnedPlaces } from '../hotWood/form';
import type { MethodForm } from '../method';
import type { BagTyped } from './typed';

export const BENT: Record<BagTyped['bent'], string> = { PULLED: 'pulled out first', IN_THE_BAG: 'with the bag on' };

const carried = ({ bent }: BagTyped) => bent === 'PULLED';

/** Solid stock steamed in a bag, pulled from it or bent in it. */
export const steamBag: MethodForm<'STEAM_BAG'> = {
  ...HOT_WOOD,
  asides: ['shaving'],
  label: 'Steam bag',
  glyph: 'M4 22c4-9 12-6 20-8s24-1 31 2l5 6-5 6c-7 3-23 4-31 2S8 31 4 22zM12 22h40',
  caution: 'Steam and hot water scald: leave the far end open, tip the bag and drain it before you bend, long gloves.',
  heat: 'bag',
  stages: (form) => stagesAround('STEAM_BAG', 'steamMinutes', carried(form)),
  places: (form) => ({ ...handlingPlaces(form, carried(form)), ...thinnedPlaces(form), steamMinutes: STEAM_MINUTES, bag: BAG }),
  choices: (form) => ({ ...handlingChoices(form), bent: carried(form) ? undefined : form.bent }),
  typed: (settings, exact) => ({
    ...handlingTyped(settings, exact),
    steamMinutes: settings.steamMinutes.toString(),
    bag: exact.temperature(settings.bagC),
    bent: settings.bent ?? 'PULLED',
  }),
  facts: (settings) => ({ ...handlingFacts(settings, settings.bagC), wrapped: settings.bent === 'IN_THE_BAG' }),
  line: (settings, system) => handlingLine(settings, `${settings.steamMinutes} min in a bag at ${printTemperature(settings.bagC, system)}, ` +
    `bent ${BENT[settings.bent ?? 'PULLED']}`) + thinnedInALine(settings, system),
};
