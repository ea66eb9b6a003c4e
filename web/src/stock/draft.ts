import type { BoardFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { exactLength } from '../units/exact';
import type { Measurement } from '../units/reading';

/** A board as it is typed. */
export interface BoardForm {
  name: string;
  speciesId: string;
  seasoning: BoardFields['seasoning'];
  growthRings: BoardFields['growthRings'];
  length: string;
  width: string;
  thickness: string;
  grainRun: string;
  kerf: string;
  source: string;
  place: string;
  price: string;
  note: string;
}

export const EMPTY_BOARD: BoardForm = {
  name: '', speciesId: 'white-ash', seasoning: 'AIR_DRIED', growthRings: 'UNKNOWN', length: '', width: '', thickness: '', grainRun: '', kerf: '1/8"', source: '',
  place: '', price: '', note: '',
};

export const MEASURED = {
  length: 'LENGTH', width: 'LENGTH', thickness: 'LENGTH', grainRun: 'GRAIN_SLOPE', kerf: 'LENGTH',
} as const satisfies Partial<Record<keyof BoardForm, Measurement>>;

export type MeasuredOfBoard = keyof typeof MEASURED;

/** Where each measurement stands in the board. */
export const STANDS_AT: Record<MeasuredOfBoard, string> = {
  length: 'lengthMm', width: 'widthMm', thickness: 'thicknessMm', grainRun: 'grainRun', kerf: 'kerfMm',
};

/** A board as it would be typed. */
export function formOf(board: BoardFields, system: UnitSystem): BoardForm {
  const length = (mm: number) => exactLength(mm, system);
  return {
    name: board.name, speciesId: board.speciesId, seasoning: board.seasoning, growthRings: board.growthRings, length: length(board.lengthMm), width: length(board.widthMm),
    thickness: length(board.thicknessMm), grainRun: board.grainRun?.toString() ?? '', kerf: length(board.kerfMm), source: board.source ?? '', place: board.place ?? '',
    price: board.price ?? '', note: board.note,
  };
}

/** What was typed, with what lies on the board already. */
export function boardOf(form: BoardForm, read: Record<MeasuredOfBoard, { value?: number | undefined }>, { marks, readings, blanks }: Pick<BoardFields, 'marks' | 'readings' | 'blanks'>): BoardFields {
  const { name, speciesId, seasoning, growthRings, source, place, price, note } = form;
  const grainRun = read.grainRun.value;
  // what is missing is asked for by the server
  return {
    name, speciesId, seasoning, growthRings, source, place, price, note, marks, readings, blanks, lengthMm: read.length.value, widthMm: read.width.value,
    thicknessMm: read.thickness.value, kerfMm: read.kerf.value, ...(grainRun === undefined ? {} : { grainRun }),
  } as BoardFields;
}
