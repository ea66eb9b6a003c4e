import type { MeasuredOut } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { printTime } from '../process/time';
import { printLength, printTemperature } from '../units/printing';

/** What is measured out, as it stands on the sheet. */
export const MEASURE: Record<MeasuredOut['measure'], string> = {
  OUTER_ARC: 'Bend along the outer face',
  INNER_ARC: 'Bend along the inner face',
  CUTS: 'Saw cuts',
  PITCH: 'From cut to cut',
  KERF: 'Width of each cut',
  WEB: 'Left standing under each',
  CUT_DEPTH: 'Depth of each cut',
  ANGLE_EACH: 'Each cut closes by',
  ROOM_LEFT: 'Left open at each mouth',
  FACET: 'A facet stands off the curve by',
  HEATED_LENGTH: 'Length to heat on the pipe',
  INNER_FACE: 'Face on the pipe when it bends',
  OUTER_FACE: 'Face away from it',
  SCORCH: 'Chance that it scorches',
  PLY: 'Each ply',
  CLEAN_PLY: 'Clean ply, against the form',
  PLIES: 'Plies',
  GLUE_LINES: 'Glue lines',
  PLY_LENGTH: 'Cut the plies to',
  PLY_WIDTH: 'Rip them to a width of',
  GLUE: 'Glue for all lines',
  CLOSING: 'Spreading and clamping, two hands',
  OPEN_TIME: 'The glue stays open',
  CLAMPS: 'Clamps over the bend',
  THINNED_TO: 'Shave the bend to',
  THINNED_OVER: 'Shave it over',
  CENTRE_BLOCK: 'Centre block between the legs',
  PINS: 'Pins along the outer face',
  TIGHTEST_RADIUS: 'Radius at the tightest place',
  SPAN_ALONG: 'Former along the grain, end to end',
  RISE_ALONG: 'It rises over that',
  RISE_ACROSS: 'It rises over the width',
  RADIUS_ACROSS: 'Radius of the former across',
  STRETCH_ALONG: 'Stretched along the grain',
  STRETCH_ACROSS: 'Stretched across the grain',
  ROUNDS: 'Rounds in the water',
  FIRST_HEAT: 'First time in the water',
  LATER_HEATS: 'Each later time',
};

/** Shorter than this no rule shows it [mm]. */
const FINE_MM = 0.8;

/** A length no rule shows, in hundredths of a millimetre or thousandths of an inch. */
function printFine(mm: number, system: UnitSystem): string {
  return system === 'inch' ? `${(mm / 25.4).toFixed(3)}"` : `${mm.toFixed(2)} mm`;
}

/** A little glue, as a kitchen scale shows it. */
function printMass(grams: number, system: UnitSystem): string {
  return system === 'inch' ? `${(grams / 28.349523125).toFixed(1)} oz` : `${Math.round(grams)} g`;
}

/** Everything that is measured out, with its value. */
export function rowsOf(sheet: MeasuredOut[], system: UnitSystem): { label: string; value: string }[] {
  return sheet.map((line) => ({ label: MEASURE[line.measure], value: valueInWords(line, system) }));
}

/** A value as it is read off a rule, a protractor or a thermometer. */
export function valueInWords({ measure, measurement, value }: MeasuredOut, system: UnitSystem): string {
  if (measure === 'STRETCH_ALONG' || measure === 'STRETCH_ACROSS') return `${value.toFixed(1)} %`;
  switch (measurement) {
    case 'LENGTH':
      return value < FINE_MM ? printFine(value, system) : printLength(value, system);
    case 'TEMPERATURE':
      return printTemperature(value, system);
    case 'MASS':
      return printMass(value, system);
    case 'MINUTES':
      return printTime(value * 60);
    case 'ANGLE':
      return `${value.toFixed(1)}°`;
    case 'SHARE':
      return value < 0.5 ? 'less than 1 in 100' : `${Math.round(value)} in 100`;
    default:
      return String(value);
  }
}
