import type { LoadFields, RigFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { exactLength, exactTemperature } from '../units/exact';
import { number } from '../units/number';
import type { Measurement, Reading } from '../units/reading';

/** Rig and load as they are typed. */
export interface RigForm {
  length: string;
  width: string;
  height: string;
  wall: RigFields['wall'] & string;
  wallThickness: string;
  insulation: string;
  ventAreaMm2: string;
  watts: string;
  generators: string;
  tankLitres: string;
  shop: string;
  humidity: string;
  altitude: string;
  speciesId: string;
  pieceThickness: string;
  pieceWidth: string;
  pieceLength: string;
  moisture: string;
  across: string;
  layers: string;
}

export const MEASURED = {
  length: 'LENGTH', width: 'LENGTH', height: 'LENGTH', wallThickness: 'LENGTH', insulation: 'LENGTH', shop: 'TEMPERATURE', humidity: 'HUMIDITY', altitude: 'ALTITUDE',
  pieceThickness: 'LENGTH', pieceWidth: 'LENGTH', pieceLength: 'LENGTH', moisture: 'MOISTURE', across: 'COUNT', layers: 'COUNT',
} as const satisfies Partial<Record<keyof RigForm, Measurement>>;

export type Measured = keyof typeof MEASURED;

/** Plain numbers of the unit the field names. */
export const NUMBERS = ['ventAreaMm2', 'watts', 'generators', 'tankLitres'] as const;

export const USUAL_LOAD = {
  speciesId: 'white-ash', pieceThickness: '3/4"', pieceWidth: '1"', pieceLength: '40"', moisture: '15', across: '2', layers: '2',
};

/** What is typed and not kept yet, and the version of the rig it was begun on: a newer one must not be overwritten unseen. */
export type RigDraft = Partial<RigForm> & { from?: number };

/** The version of a rig nobody has kept yet. */
export const NEVER_KEPT = -1;

/** The load alone; it is no part of the rig that is kept. */
export function loadOf(draft: RigDraft): RigDraft {
  return Object.fromEntries(Object.entries(draft).filter(([field]) => field in USUAL_LOAD));
}

/** The kept rig as it would be typed. */
export function rigForm(rig: RigFields, system: UnitSystem): Omit<RigForm, keyof typeof USUAL_LOAD> {
  const length = (mm: number | undefined) => exactLength(mm ?? 0, system);
  return {
    length: length(rig.lengthMm),
    width: length(rig.widthMm),
    height: length(rig.heightMm),
    wall: rig.wall ?? 'PLYWOOD',
    wallThickness: length(rig.wallThicknessMm),
    insulation: length(rig.insulationThicknessMm),
    ventAreaMm2: String(rig.ventAreaMm2),
    watts: String(rig.generatorWatts),
    generators: String(rig.generators),
    tankLitres: String(rig.tankLitres),
    shop: exactTemperature(rig.shopC ?? 18, system),
    humidity: `${rig.shopHumidityPercent ?? 50} %`,
    altitude: `${rig.altitudeM ?? 0} m`,
  };
}

export type RigReadings = Record<Measured, Reading>;

/** Rig and load once everything typed has been read. */
export function rigOf(form: RigForm, readings: RigReadings): { rig: RigFields; load: LoadFields } | undefined {
  const values = Object.fromEntries(NUMBERS.map((name) => [name, number(form[name])])) as Record<(typeof NUMBERS)[number], number | undefined>;
  if (Object.values(values).some((value) => value === undefined)) return undefined;
  if (Object.values(readings).some((reading) => reading.value === undefined)) return undefined;
  return {
    rig: {
      lengthMm: readings.length.value,
      widthMm: readings.width.value,
      heightMm: readings.height.value,
      wall: form.wall,
      wallThicknessMm: readings.wallThickness.value,
      insulationThicknessMm: readings.insulation.value,
      ventAreaMm2: values.ventAreaMm2,
      generatorWatts: values.watts,
      generators: values.generators,
      tankLitres: values.tankLitres,
      shopC: readings.shop.value,
      altitudeM: readings.altitude.value,
      shopHumidityPercent: readings.humidity.value,
    } as RigFields,
    load: {
      speciesId: form.speciesId,
      thicknessMm: readings.pieceThickness.value,
      widthMm: readings.pieceWidth.value,
      lengthMm: readings.pieceLength.value,
      moisturePercent: readings.moisture.value,
      across: readings.across.value,
      layers: readings.layers.value,
    } as LoadFields,
  };
}
