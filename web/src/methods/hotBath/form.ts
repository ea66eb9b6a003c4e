import { printTemperature } from '../../units/printing';
import { handlingChoices, handlingFacts, handlingLine, handlingPlaces, handlingTyped, HOT_WOOD, stagesAround, thinnedInALine, thinnedPlaces } from '../hotWood/form';
import type { MethodForm } from '../method';

/** Solid stock heated in a trough of water near boiling. */
export const hotBath: MethodForm<'HOT_BATH'> = {
  ...HOT_WOOD,
  asides: ['shaving'],
  label: 'Hot bath',
  glyph: 'M4 10l6 25h44l6-25M8 18c4-3 6 3 10 0s6 3 10 0 6 3 10 0 6 3 10 0 5 2 8 0M16 27h32',
  caution: 'Near-boiling water scalds: tongs and long gloves, a trough that cannot tip, a lid that is not tight, and let the piece ' +
    'drip before you carry it.',
  heat: 'bath',
  stages: () => stagesAround('HOT_BATH', 'bathMinutes', true),
  places: (form) => ({
    ...handlingPlaces(form, true),
    ...thinnedPlaces(form),
    bathMinutes: { measurement: 'MINUTES', at: 'method.bathMinutes' },
    bath: { measurement: 'TEMPERATURE', at: 'method.bathC' },
  }),
  choices: handlingChoices,
  typed: (settings, exact) => ({
    ...handlingTyped(settings, exact),
    bathMinutes: settings.bathMinutes.toString(),
    bath: exact.temperature(settings.bathC),
  }),
  facts: (settings) => handlingFacts(settings, settings.bathC),
  line: (settings, system) => handlingLine(settings, `${settings.bathMinutes} min in water at ${printTemperature(settings.bathC, system)}`) +
    thinnedInALine(settings, system),
};
