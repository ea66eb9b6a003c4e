import { printLength, printTemperature } from '../../units/printing';
import { handlingChoices, handlingFacts, handlingPlaces, handlingTyped, HOT_WOOD, soakLine, stagesAround } from '../hotWood/form';
import type { MethodForm } from '../method';
import type { PlateTyped } from './typed';

export const BETWEEN: Record<PlateTyped['between'], string> = { METAL_SHEETS: 'thin metal sheets', NOTHING: 'the frame alone' };

export const PLATE_BAG: Record<PlateTyped['plateBag'], string> = { BAGGED: 'in a sealed bag', OPEN: 'in the water itself' };

/** A thin plate pressed to a curve both ways; no strap and no carry, whatever stands in their fields. */
export const pressedPlate: MethodForm<'PRESSED_PLATE'> = {
  ...HOT_WOOD,
  label: 'Pressed plate',
  glyph: 'M5 33c15-11 39-11 54 0l-9-19c-10-8-26-8-36 0zM21 26l4-16M43 26l-4-16',
  caution: 'Simmering water scalds and so does a bolted frame that comes out of it: tongs, long gloves, let it drip. Sheet metal cuts: ' +
    'file its edges round. Push only as far as it goes without force. In the drying frame leave it loose enough to shrink, or it splits.',
  family: 'PLATES',
  trials: 'plate',
  thickness: 'Plate thickness',
  rounds: false,
  pulled: false,
  heat: 'bath',
  extent: { thinnestMm: 1, thickestMm: 8, tightestMm: 100, widestMm: 3000 },
  curveCure: 'The curve stretches the plate more than it bears. Flatten the curve, thin the plate, or bolt it between sheets.',
  stages: () => stagesAround('HOT_BATH', 'bathMinutes', false, [], 'frameHours'),
  places: (form) => ({
    ...handlingPlaces({ ...form, support: 'NONE' }, false, 'frameHours'),
    bathMinutes: { measurement: 'MINUTES', at: 'method.bathMinutes' },
    bath: { measurement: 'TEMPERATURE', at: 'method.bathC' },
    acrossRise: { measurement: 'LENGTH', at: 'method.acrossRiseMm' },
    rounds: { measurement: 'COUNT', at: 'method.rounds' },
  }),
  choices: (form) => ({
    ...handlingChoices({ ...form, support: 'NONE' }),
    between: form.between === 'METAL_SHEETS' ? undefined : form.between,
    bag: form.plateBag === 'BAGGED' ? undefined : form.plateBag,
  }),
  typed: (settings, exact) => ({
    ...handlingTyped(settings, exact),
    frameHours: settings.holdHours?.toString() ?? '',
    bathMinutes: settings.bathMinutes.toString(),
    bath: exact.temperature(settings.bathC),
    acrossRise: exact.length(settings.acrossRiseMm),
    rounds: settings.rounds.toString(),
    between: settings.between ?? 'METAL_SHEETS',
    plateBag: settings.bag ?? 'BAGGED',
  }),
  facts: (settings) => ({ ...handlingFacts(settings, settings.bathC), acrossRiseMm: settings.acrossRiseMm }),
  line: (settings, system) => `${soakLine(settings)}${settings.bathMinutes} min at ${printTemperature(settings.bathC, system)} in ${settings.rounds} ` +
    `${settings.rounds === 1 ? 'round' : 'rounds'}, rising ${printLength(settings.acrossRiseMm, system)} across, ${BETWEEN[settings.between ?? 'METAL_SHEETS']}` +
    `${settings.bag === 'OPEN' ? ', no bag' : ''}`,
};
