import type { RigItemFields } from '../../api/schema';
import type { ThingKind } from '../../api/things';
import type { UnitSystem } from '../../app/units';
import { exactLength, exactTemperature } from '../../units/exact';
import { number } from '../../units/number';
import { typedIn, type Measurement, type Reading, type Typed } from '../../units/reading';

/** What is measured of a thing in the rig. */
export const MEASURED = {
  room: 'COUNT', radius: 'LENGTH', angle: 'ANGLE', width: 'LENGTH', length: 'LENGTH', thickness: 'LENGTH', reach: 'LENGTH', clampPlaces: 'COUNT', openMinutes: 'MINUTES', closedMinutes: 'MINUTES', clampedHours: 'HOURS',
  celsius: 'TEMPERATURE', humidity: 'HUMIDITY',
} as const satisfies Record<string, Measurement>;

export type Measured = keyof typeof MEASURED;

/** A thing in the rig as it is typed. */
export interface ThingForm extends Record<Measured, string> {
  kind: ThingKind;
  name: string;
  place: string;
  note: string;
  material?: NonNullable<RigItemFields['material']>;
  glue?: NonNullable<RigItemFields['glue']>;
  madeOf: string;
  alsoRack?: YesOrNo;
  /** Plain numbers, in MPa and g/m². */
  pressure: string;
  spread: string;
  wantsDamp?: YesOrNo;
  batch: string;
  openedOn: string;
}

export type YesOrNo = 'YES' | 'NO';

export const EMPTY_THING: ThingForm = {
  kind: 'FORM', name: '', room: '1', place: '', note: '', radius: '', angle: '', width: '', length: '', thickness: '', reach: '', clampPlaces: '', openMinutes: '', closedMinutes: '',
  clampedHours: '', celsius: '', humidity: '', madeOf: '', pressure: '', spread: '', batch: '', openedOn: '',
};

/** What is asked of a kind, in the order it is asked. */
export const ASKED: Record<ThingKind, Measured[]> = {
  STEAM_BOX: ['length'], HOT_TROUGH: ['length'], HOT_PIPE: [], SOAKING_TROUGH: ['length'], FORM: ['radius', 'angle', 'width', 'clampPlaces'],
  STRAP: ['thickness', 'width', 'length'], CLAMPS: ['reach'], GLUE: ['openMinutes', 'closedMinutes', 'clampedHours'], DRYING_PLACE: ['celsius', 'humidity'],
};

/** What is typed of it that is measured. */
export function thingTyped(form: ThingForm): Partial<Record<Measured, Typed>> {
  const asked: Measured[] = [...(form.kind === 'GLUE' ? [] : ['room' as const]), ...ASKED[form.kind]];
  return Object.fromEntries(Object.entries(typedIn(form, MEASURED)).filter(([field]) => asked.includes(field as Measured)));
}

/** The thing that was typed; throws what keeps it from being one. */
export function thingOf(form: ThingForm, read: Partial<Record<Measured, Reading>>): RigItemFields {
  const { kind, name, place, note, material, glue } = form;
  if (name.trim() === '') throw new Error('Give it a name.');
  const room = kind === 'GLUE' ? 1 : read.room?.value;
  if (room === undefined) throw new Error('Say how many pieces it holds at once.');
  const measured = {
    radiusMm: read.radius?.value, angleDegrees: read.angle?.value, widthMm: read.width?.value, lengthMm: read.length?.value, thicknessMm: read.thickness?.value,
    reachMm: read.reach?.value, openMinutes: read.openMinutes?.value, clampedHours: read.clampedHours?.value, celsius: read.celsius?.value, humidityPercent: read.humidity?.value,
    ...(kind === 'STRAP' ? { material } : {}), ...(kind === 'GLUE' ? { glue, label: onTheLabel(form, read.closedMinutes?.value) } : {}),
    ...(kind === 'FORM' ? { form: builtOf(form, read.clampPlaces?.value) } : {}),
  };
  const known = Object.fromEntries(Object.entries(measured).filter(([, value]) => value !== undefined));
  return { kind, name, room, note, ...(place.trim() === '' ? {} : { place }), ...known };
}

/** What else the label of a glue says; nothing where it is not said. */
function onTheLabel({ pressure, spread, wantsDamp, batch, openedOn }: ThingForm, closedMinutes: number | undefined) {
  return said({ closedMinutes, pressureMpa: plain(pressure), spreadGramsPerM2: plain(spread), wantsDamp: truth(wantsDamp), batch: batch.trim() || undefined, openedOn: openedOn || undefined });
}

/** How a form is built; nothing where it is not said. */
function builtOf({ madeOf, alsoRack }: ThingForm, clampPlaces: number | undefined) {
  return said({ madeOf: madeOf.trim() || undefined, clampPlaces, alsoRack: truth(alsoRack) });
}

function said(all: Record<string, unknown>): Record<string, unknown> | undefined {
  const known = Object.entries(all).filter(([, value]) => value !== undefined);
  return known.length === 0 ? undefined : Object.fromEntries(known);
}

function truth(answer: YesOrNo | undefined): boolean | undefined {
  return answer && answer === 'YES';
}

function plain(text: string): number | undefined {
  const value = number(text);
  if (text.trim() !== '' && value === undefined) throw new Error(`“${text}” is not a number.`);
  return value;
}

/** A thing as it would be typed. */
export function thingForm(item: RigItemFields, system: UnitSystem): ThingForm {
  const length = (mm: number | undefined) => (mm === undefined ? '' : exactLength(mm, system));
  const exact = (value: number | undefined, unit = '') => (value === undefined ? '' : `${value}${unit}`);
  return {
    kind: item.kind, name: item.name, room: String(item.room), place: item.place ?? '', note: item.note, radius: length(item.radiusMm), angle: exact(item.angleDegrees),
    width: length(item.widthMm), length: length(item.lengthMm), thickness: length(item.thicknessMm), reach: length(item.reachMm), openMinutes: exact(item.openMinutes, ' min'),
    clampedHours: exact(item.clampedHours, ' h'), celsius: item.celsius === undefined ? '' : exactTemperature(item.celsius, system), humidity: exact(item.humidityPercent, ' %'),
    ...(item.material ? { material: item.material } : {}), ...(item.glue ? { glue: item.glue } : {}), clampPlaces: exact(item.form?.clampPlaces), madeOf: item.form?.madeOf ?? '',
    closedMinutes: exact(item.label?.closedMinutes, ' min'), pressure: exact(item.label?.pressureMpa), spread: exact(item.label?.spreadGramsPerM2), batch: item.label?.batch ?? '',
    openedOn: item.label?.openedOn ?? '', ...answer('alsoRack', item.form?.alsoRack), ...answer('wantsDamp', item.label?.wantsDamp),
  };
}

function answer<F extends 'alsoRack' | 'wantsDamp'>(field: F, so: boolean | undefined): Partial<Pick<ThingForm, F>> {
  return so === undefined ? {} : ({ [field]: so ? 'YES' : 'NO' } as Partial<Pick<ThingForm, F>>);
}
