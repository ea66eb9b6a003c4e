import type { LoadFields, RigFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { number } from '../recipe/form';
import { printLength, printTemperature } from '../units/printing';
import type { Reading } from '../units/reading';

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
  altitudeM: string;
  speciesId: string;
  pieceThickness: string;
  pieceWidth: string;
  pieceLength: string;
  moisture: string;
  across: string;
  layers: string;
}

export const LENGTHS = ['length', 'width', 'height', 'wallThickness', 'insulation', 'pieceThickness', 'pieceWidth', 'pieceLength'] as const;
export const NUMBERS = ['ventAreaMm2', 'watts', 'generators', 'tankLitres', 'altitudeM', 'moisture', 'across', 'layers'] as const;

export const USUAL_LOAD = {
  speciesId: 'white-ash', pieceThickness: '3/4"', pieceWidth: '1"', pieceLength: '40"', moisture: '15', across: '2', layers: '2',
};

/** The kept rig as it would be typed. */
export function rigForm(rig: RigFields, system: UnitSystem): Omit<RigForm, keyof typeof USUAL_LOAD> {
  const length = (mm: number | undefined) => printLength(mm ?? 0, system);
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
    shop: printTemperature(rig.shopC ?? 18, system),
    altitudeM: String(rig.altitudeM),
  };
}

/** A number that may lie below zero, such as a height. */
export function signed(text: string): number | undefined {
  const plain = text.trim().replace(/^[−-]/, '');
  const value = number(plain);
  return value === undefined ? undefined : plain === text.trim() ? value : -value;
}

export type RigReadings = Record<(typeof LENGTHS)[number] | 'shop', Reading>;

/** Rig and load once everything typed has been read. */
export function rigOf(form: RigForm, readings: RigReadings): { rig: RigFields; load: LoadFields } | undefined {
  const values = Object.fromEntries(NUMBERS.map((name) => [name, signed(form[name])])) as Record<(typeof NUMBERS)[number], number | undefined>;
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
      altitudeM: values.altitudeM,
    } as RigFields,
    load: {
      speciesId: form.speciesId,
      thicknessMm: readings.pieceThickness.value,
      widthMm: readings.pieceWidth.value,
      lengthMm: readings.pieceLength.value,
      moisturePercent: values.moisture,
      across: values.across,
      layers: values.layers,
    } as LoadFields,
  };
}
