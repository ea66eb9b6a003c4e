import type { ItemUse, MisfitReading, RigItemFields } from '../../api/schema';
import type { ThingKind } from '../../api/things';
import type { UnitSystem } from '../../app/units';
import { printMoment } from '../../bench/words';
import { GLUE, SUPPORT } from '../../recipe/options';
import { printDay } from '../../units/days';
import { printLength, printTemperature } from '../../units/printing';
import type { Measured } from './draft';

export const KIND: Record<ThingKind, string> = {
  STEAM_BOX: 'steam box', HOT_TROUGH: 'hot trough', HOT_PIPE: 'hot pipe', SOAKING_TROUGH: 'soaking trough', FORM: 'form', STRAP: 'strap', CLAMPS: 'clamps', GLUE: 'glue',
  DRYING_PLACE: 'drying place',
};

/** How several of a kind are called. */
export const KINDS: Record<ThingKind, string> = {
  STEAM_BOX: 'Steam boxes', HOT_TROUGH: 'Hot troughs', HOT_PIPE: 'Hot pipes', SOAKING_TROUGH: 'Soaking troughs', FORM: 'Forms', STRAP: 'Straps', CLAMPS: 'Clamps',
  GLUE: 'Glues', DRYING_PLACE: 'Drying places',
};

const LABEL: Record<Measured, string> = {
  room: 'Pieces at once', radius: 'Inner radius', angle: 'Goes round, °', width: 'Width of the stock it takes', length: 'Length of the stock it takes', thickness: 'Thickness',
  reach: 'They open to', clampPlaces: 'Places for clamps', openMinutes: 'Open time', closedMinutes: 'Closed time', clampedHours: 'In the clamps', celsius: 'Temperature', humidity: 'Humidity',
};

/** What is asked of a kind of thing. */
export function labelOf(field: Measured, kind: ThingKind, system: UnitSystem): string {
  if (field === 'room' && kind === 'CLAMPS') return 'How many there are';
  return field === 'openMinutes' ? `${LABEL.openMinutes} at ${printTemperature(OF_THE_LABEL_C, system)}` : LABEL[field];
}

/** Labels of glues tell times at this temperature [°C]. */
const OF_THE_LABEL_C = 20;

/** What is known of a thing, in a line. */
export function thingLine(item: RigItemFields, system: UnitSystem): string {
  const length = (mm: number) => printLength(mm, system);
  const facts = [
    item.material && SUPPORT[item.material],
    item.glue && GLUE[item.glue],
    item.radiusMm !== undefined && `radius ${length(item.radiusMm)}${item.angleDegrees === undefined ? '' : ` through ${item.angleDegrees}°`}`,
    item.radiusMm === undefined && item.angleDegrees !== undefined && `${item.angleDegrees}° round`,
    item.thicknessMm !== undefined && `${length(item.thicknessMm)} thick`,
    item.widthMm !== undefined && `stock to ${length(item.widthMm)} wide`,
    item.lengthMm !== undefined && `to ${length(item.lengthMm)} long`,
    item.reachMm !== undefined && `open to ${length(item.reachMm)}`,
    item.openMinutes !== undefined && `open ${item.openMinutes} min`,
    item.label?.closedMinutes !== undefined && `closed ${item.label.closedMinutes} min`,
    item.clampedHours !== undefined && `${item.clampedHours} h in the clamps`,
    item.celsius !== undefined && printTemperature(item.celsius, system),
    item.humidityPercent !== undefined && `${item.humidityPercent} % humidity`,
    item.label?.pressureMpa !== undefined && `${item.label.pressureMpa} MPa`,
    item.label?.spreadGramsPerM2 !== undefined && `${item.label.spreadGramsPerM2} g/m²`,
    item.label?.wantsDamp && 'wants the wood damp',
    item.label?.batch && `batch ${item.label.batch}`,
    item.label?.openedOn && `opened ${printDay(item.label.openedOn)}`,
    item.form?.madeOf && `of ${item.form.madeOf}`,
    item.form?.clampPlaces !== undefined && `${item.form.clampPlaces} places for clamps`,
    item.form?.alsoRack && 'also a rack',
  ].filter(Boolean).join(', ');
  return [facts, item.place].filter(Boolean).join('; ');
}

/** How much of it is taken, by whom, and when it is free. */
export function takenInWords({ kind, room }: Pick<RigItemFields, 'kind' | 'room'>, { free, freeFrom, holding, coming }: ItemUse, now: number): string {
  if (kind === 'GLUE') return '';
  const many = kind === 'CLAMPS';
  const who = holding.map(({ name, takes, until }) => `${name}${many ? ` (${takes})` : ''}${until === undefined ? '' : ` until ${printMoment(Date.parse(until), now)}`}`);
  const then = coming.length === 0 ? '' : ` Waiting for it: ${coming.map(({ name }) => name).join(', ')}.`;
  if (free < 0) return `${room - free} ${many ? 'clamps ' : ''}taken of ${room}: ${who.join(', ')}.${then}`;
  if (holding.length === 0) return `Free${many ? `, all ${room}` : room > 1 ? `, room for ${room}` : ''}.${then}`;
  const left = free > 0 ? `${free} of ${room} free` : freeFrom === undefined ? 'Taken' : `Busy until ${printMoment(Date.parse(freeFrom), now)}`;
  return `${left}: ${who.join(', ')}.${then}`;
}

/** Why a thing does not suit a bend. */
export function misfitInWords({ what, has, needs }: MisfitReading, system: UnitSystem): string {
  const mm = (value: number | undefined) => printLength(value ?? 0, system);
  switch (what) {
    case 'OTHER_RADIUS': return `its radius is ${mm(has)}, planned is ${mm(needs)}`;
    case 'LESS_ANGLE': return `it goes ${has ?? 0}° round, planned are ${needs ?? 0}°`;
    case 'TOO_NARROW': return `it takes ${mm(has)} of width, the stock is ${mm(needs)}`;
    case 'TOO_SHORT': return `it takes ${mm(has)} of length, the stock is ${mm(needs)}`;
    case 'OTHER_THICKNESS': return `it is ${mm(has)} thick, planned is ${mm(needs)}`;
    case 'OTHER_MATERIAL': return 'it is made of something else than planned';
    case 'OPENS_TOO_LITTLE': return `they open to ${mm(has)}, the piece is ${mm(needs)} thick`;
    case 'OTHER_GLUE': return 'it is another glue than planned';
  }
}
