import { useId, useLayoutEffect, useRef, useState } from 'react';
import { unsaidIf } from '../app/reach';
import { useUnits } from '../app/units';
import type { RecipeInputsProps } from '../recipe/fields';
import { placesOf, type Measured } from '../recipe/form';
import { hintOf, labelOf } from '../recipe/labels';
import { KEYPAD, understood } from '../units/MeasureField';
import { withUnit } from '../units/reading';
import { inTheSentence } from './measured';
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
  const said = inTheSentence(field, text, place.measurement, system);
  // what a nought is called gives way to the nought while that is changed
  const shown = focused ? text : said.text;
  const unsaid = follows ?? said.unsaid;
  const below = problem ?? (!focused ? undefined : understood(place.measurement, text, readings[field]?.value) || hintOf(field));
  const put = (next: string) => { onChange({ [field]: next }); };
  return (
    <span className={styles.word}>
      {said.before && shown === text && <span className={styles.after}>{said.before}</span>}
      <input
        type="text"
        aria-label={labelOf(field, form)}
        aria-invalid={problem !== undefined}
        {...unsaidIf(text.trim() === '' && follows === undefined)}
        aria-describedby={below === undefined ? undefined : id}
        className={problem === undefined ? undefined : styles.wrong}
        value={shown}
        size={Math.max(shown.length, text.trim() === '' ? unsaid.length : 1)}
        placeholder={unsaid}
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
      {said.after && shown === text && <span className={styles.after}>{said.after}</span>}
      {below !== undefined && <span id={id} hidden={!focused} className={`${styles.below} ${problem === undefined ? '' : styles.problem}`}>{below}</span>}
    </span>
  );
}
