import { useMemo } from 'react';
import type { FormWantedFields } from '../api/schema';
import { useStored } from '../app/storage';
import { useUnits, type UnitSystem } from '../app/units';
import { number } from '../units/number';
import { typedIn, useReadings, type Reading } from '../units/reading';

/** A form as it is typed. */
export interface FormDraft extends Record<Length, string> {
  kind: FormWantedFields['kind'];
  price: string;
  /** Whether the piece dries on it; drafts of before do not say. */
  alsoRack?: boolean;
  /** Which clamps of the rig it is made for, where they were picked. */
  clampsId?: number | undefined;
}

const MEASURED = {
  sheetThickness: 'LENGTH', sheetLength: 'LENGTH', sheetWidth: 'LENGTH', clampReach: 'LENGTH', clampHole: 'LENGTH', spacing: 'LENGTH', peg: 'LENGTH',
} as const;
type Length = keyof typeof MEASURED;

/** Sheets as they are mostly sold, and clamps most shops have (common practice). */
const USUAL: Record<UnitSystem, FormDraft> = {
  inch: { kind: 'ONE_SIDED', sheetThickness: '3/4"', sheetLength: '96"', sheetWidth: '48"', clampReach: '8"', clampHole: '', spacing: '4"', peg: '1/2"', price: '' },
  metric: { kind: 'ONE_SIDED', sheetThickness: '18 mm', sheetLength: '2440 mm', sheetWidth: '1220 mm', clampReach: '200 mm', clampHole: '', spacing: '100 mm', peg: '12 mm', price: '' },
};

/** What is typed of a form, read. */
export interface FormEntry {
  form: FormDraft;
  change: (form: FormDraft) => void;
  readings: Record<Length, Reading>;
  priceProblem: string | undefined;
}

/** A form as it is typed, kept in the browser, and what is wanted once all of it can be read. */
export function useFormEntry(): [FormEntry, FormWantedFields | undefined] {
  const [system] = useUnits();
  const [form, change] = useStored<FormDraft>('brachion.curve.form', USUAL[system]);
  const readings = useReadings(typedIn(form, MEASURED), system);
  const price = form.price.trim() === '' ? 0 : number(form.price);
  const wanted = useMemo<FormWantedFields | undefined>(() => {
    const { sheetThickness, sheetLength, sheetWidth, clampReach, clampHole, spacing, peg } = readings;
    const needed = [sheetThickness.value, sheetLength.value, sheetWidth.value, clampReach.value, spacing.value, peg.value];
    const [sheetThicknessMm, sheetLengthMm, sheetWidthMm, clampReachMm, spacingMm, pegMm] = needed as number[];
    if (needed.includes(undefined) || price === undefined || (form.clampHole.trim() !== '' && clampHole.value === undefined)) return undefined;
    return {
      kind: form.kind, sheetPrice: price, sheetThicknessMm, sheetLengthMm, sheetWidthMm, clampReachMm, spacingMm, pegMm,
      ...(form.kind === 'ONE_SIDED' && form.alsoRack ? { alsoRack: true } : {}),
      ...(clampHole.value !== undefined && clampHole.value > 0 ? { clampHoleMm: clampHole.value } : {}),
    } as FormWantedFields;
  }, [form, readings, price]);
  return [{ form, change, readings, priceProblem: price === undefined ? 'A plain number.' : undefined }, wanted];
}
