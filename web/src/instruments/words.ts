import type { InstrumentKind } from '../api/instruments';
import type { InstrumentView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { printTemperature } from '../units/printing';

export const KIND: Record<InstrumentKind, string> = { THERMOMETER: 'heat of a chamber', METER: 'moisture', SCALE: 'mass', ROOM: 'air of the shop' };

/** What the instrument read last; a dash until it was heard. */
export function lastInWords({ last }: InstrumentView, system: UnitSystem): string {
  if (!last) return '—';
  const { celsius, moisturePercent, massG, humidityPercent } = last;
  return [
    celsius === undefined ? '' : printTemperature(celsius, system), moisturePercent === undefined ? '' : `${moisturePercent} %`,
    massG === undefined ? '' : `${massG} g`, humidityPercent === undefined ? '' : `${Math.round(humidityPercent)} %`,
  ].filter(Boolean).join(', ');
}

/** A reading as each kind sends it. */
export const SENT: Record<InstrumentKind, string> = {
  THERMOMETER: '"celsius": 97.5', METER: '"moisturePercent": 17.5', SCALE: '"massG": 412', ROOM: '"celsius": 18.5, "humidityPercent": 52',
};
