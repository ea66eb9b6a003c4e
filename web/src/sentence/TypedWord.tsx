import { useId, useLayoutEffect, useRef, useState } from 'react';
import { useUnits, type UnitSystem } from '../app/units';
import { sayIfAny } from '../messages/say';
import type { RecipeInputsProps } from '../recipe/fields';
import { placesOf, type Measured } from '../recipe/form';
import { hintOf, labelOf } from '../recipe/labels';
import { KEYPAD, understood } from '../units/MeasureField';
import { withUnit, type Measurement } from '../units/reading';
import styles from './sentence.module.css';

interface TypedWordProps extends RecipeInputsProps {
  field: Measured;
  /** What follows from the rest where nothing is typed. */
  follows?: string | undefined;
}

/** A measurement set in the sentence, typed in its place in any notation. Escape brings back what stood there. */
export function TypedWord({ field, follows, form, readings, problems, onChange }: TypedWordProps) {
  const [system] = useUnits();
  const [before, setBefore] = useState<string>();
  const id = useId();
  const typed = useRef<HTMLInputElement>(null);
  const byMouse = useRef(false);
  const focused = before !== undefined;
  // what is typed on a word takes its place; by then what a nought is called has given way to the nought
  useLayoutEffect(() => { if (focused) typed.current?.select(); }, [focused]);
  const place = placesOf(form)[field];
  if (!place) return null;
  const text = form[field];
  const problem = problems[field];
  const none = !focused && isNought(text) ? sayIfAny(`field.${field}.none`) : undefined;
  const empty = text.trim() === '';
  const below = problem ?? (!focused ? undefined : understood(place.measurement, text, readings[field]?.value) || hintOf(field));
  const put = (next: string) => { onChange({ [field]: next }); };
  return (
    <span className={styles.word}>
      {!empty && !none && <Unit field={field} side="before" text={text} />}
      <input
        type="text"
        aria-label={labelOf(field, form)}
        aria-invalid={problem !== undefined}
        aria-describedby={below === undefined ? undefined : id}
        className={problem === undefined ? undefined : styles.wrong}
        value={none ?? text}
        size={Math.max((none ?? text).length, empty ? (follows ?? unsaidOf(field)).length : 1)}
        placeholder={follows ?? unsaidOf(field)}
        autoComplete="off" autoCapitalize="off" spellCheck={false}
        inputMode={KEYPAD.includes(place.measurement) ? 'decimal' : 'text'}
        ref={typed}
        onMouseDown={() => { byMouse.current = !focused; }}
        // the mouse sets its mark where it was let go
        onMouseUp={() => {
          if (byMouse.current) typed.current?.select();
          byMouse.current = false;
        }}
        onFocus={() => { setBefore(text); }}
        onChange={(event) => { put(event.target.value); }}
        onBlur={() => {
          setBefore(undefined);
          const complete = withUnit(place.measurement, text, system);
          if (complete !== text) put(complete);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Escape' && focused) put(before);
          // a sentence has no line to be sent
          if (event.key === 'Enter') event.preventDefault();
        }}
      />
      {!empty && !none && <Unit field={field} side="after" text={text} bareLength={bareLength(place.measurement, text, system)} />}
      {below !== undefined && <span id={id} hidden={!focused} className={`${styles.below} ${problem === undefined ? '' : styles.problem}`}>{below}</span>}
    </span>
  );
}

/** The unit of a bare number, before or behind it. */
function Unit({ field, side, text, bareLength = '' }: { field: Measured; side: 'before' | 'after'; text: string; bareLength?: string }) {
  const words = isBare(text) ? (sayIfAny(`field.${field}.${side}`, { n: Number(text) || 0 }) ?? bareLength) : '';
  return words && <span className={styles.after}>{words}</span>;
}

/** A measurement as it is read in the sentence. */
export function measuredInWords(field: Measured, text: string, measurement: Measurement, system: UnitSystem): string {
  if (text.trim() === '') return unsaidOf(field);
  const none = isNought(text) ? sayIfAny(`field.${field}.none`) : undefined;
  if (none !== undefined) return none;
  if (!isBare(text)) return text;
  const unit = (side: string) => sayIfAny(`field.${field}.${side}`, { n: Number(text) || 0 }) ?? '';
  return `${unit('before')}${text}${unit('after')}${bareLength(measurement, text, system)}`;
}

function unsaidOf(field: Measured): string {
  return sayIfAny(`field.${field}.unsaid`) ?? '?';
}

function isBare(text: string): boolean {
  return /^[\d.,\s/]+$/.test(text);
}

function isNought(text: string): boolean {
  return /^\s*[0.,]*0[0.,]*\s*(?:"|mm|h|min|s)?\s*$/.test(text);
}

/** Behind a length that is only a number; a fraction is of an inch whatever is used otherwise. */
function bareLength(measurement: Measurement, text: string, system: UnitSystem): string {
  if (measurement !== 'LENGTH') return '';
  return system === 'inch' || text.includes('/') ? '"' : ' mm';
}
