import type { UnitSystem } from '../app/units';
import { sayIfAny } from '../messages/say';
import type { Measured } from '../recipe/form';
import type { Measurement } from '../units/reading';

/** A measurement as it stands in the sentence. */
export interface MeasuredInWords {
  /** What is typed, or what a nought is called there. */
  text: string;
  /** Its unit, before and behind a bare number. */
  before: string;
  after: string;
  /** What stands there where nothing is typed. */
  unsaid: string;
}

/** What is typed in a field, as it stands in the sentence of a recipe. */
export function inTheSentence(field: Measured, text: string, measurement: Measurement, system: UnitSystem): MeasuredInWords {
  const unit = (side: string) => (isBare(text) ? sayIfAny(`field.${field}.${side}`, { n: Number(text) || 0 }) : undefined);
  return {
    text: (isNought(text) ? sayIfAny(`field.${field}.none`) : undefined) ?? text,
    before: unit('before') ?? '',
    after: unit('after') ?? (isBare(text) ? lengthUnit(measurement, text, system) : ''),
    unsaid: sayIfAny(`field.${field}.unsaid`) ?? '?',
  };
}

/** The same to be read. */
export function measuredInWords(field: Measured, typed: string, measurement: Measurement, system: UnitSystem): string {
  const { text, before, after, unsaid } = inTheSentence(field, typed, measurement, system);
  if (typed.trim() === '') return unsaid;
  return text === typed ? `${before}${text}${after}` : text;
}

/** Whether it is a number without a unit. */
function isBare(text: string): boolean {
  return text.trim() !== '' && /^[\d.,\s/]+$/.test(text);
}

function isNought(text: string): boolean {
  return /^\s*[0.,]*0[0.,]*\s*(?:"|mm|h|min|s)?\s*$/.test(text);
}

/** Behind a length that is only a number; a fraction is of an inch whatever is used otherwise. */
function lengthUnit(measurement: Measurement, text: string, system: UnitSystem): string {
  if (measurement !== 'LENGTH') return '';
  return system === 'inch' || text.includes('/') ? '"' : ' mm';
}
