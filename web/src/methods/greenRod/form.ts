import { OUTLINE } from '../../recipe/options';
import { printTemperature } from '../../units/printing';
import { handlingChoices, handlingFacts, handlingPlaces, handlingTyped, HOT_WOOD, soakLine, stagesAround, STEAM_MINUTES, THINNED, thinnedInALine } from '../hotWood/form';
import type { MethodForm } from '../method';

/** A riven or grown rod, thinned where it bends, pinned round a block; no strap, whatever stands in its field. */
export const greenRod: MethodForm<'GREEN_ROD'> = {
  ...HOT_WOOD,
  label: 'Green rod',
  glyph: 'M20 37a12 14 0 0 1 24 0zM13 37v-3a19 20 0 0 1 38 0v3M8 33v6M56 33v6',
  caution: 'Steam scalds: long gloves, stand aside when opening. A drawknife cuts towards you: work away from the other hand. A rod on its pins ' +
    'is a spring: keep your face out of its way, tie it before you let go.',
  heat: 'chamber',
  stages: () => stagesAround('STEAM_BOX', 'steamMinutes', true),
  places: (form) => ({
    ...handlingPlaces({ ...form, support: 'NONE' }, true),
    steamMinutes: STEAM_MINUTES,
    chamber: { measurement: 'TEMPERATURE', at: 'method.chamberC' },
    ...THINNED,
  }),
  choices: (form) => ({ ...handlingChoices({ ...form, support: 'NONE' }), shaped: form.shaped === 'ROUND' ? undefined : form.shaped }),
  typed: (settings, exact) => ({
    ...handlingTyped(settings, exact),
    steamMinutes: settings.steamMinutes.toString(),
    chamber: exact.temperature(settings.chamberC),
    shaped: settings.shaped ?? 'ROUND',
  }),
  facts: (settings) => handlingFacts(settings, settings.chamberC),
  line: (settings, system) => `${soakLine(settings)}${settings.steamMinutes} min steam at ${printTemperature(settings.chamberC, system)}` +
    thinnedInALine(settings, system, `, ${OUTLINE[settings.shaped ?? 'ROUND']},`),
};
