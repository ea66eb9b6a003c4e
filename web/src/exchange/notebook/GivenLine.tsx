import type { NotebookAnswer, Translation } from '../../api/schema';
import { Field } from '../../app/Field';
import { many } from '../../units/number';
import { Meaning } from './Meaning';

interface GivenLineProps {
  given: Translation['given'][number];
  view: NotebookAnswer['given'][number] | undefined;
  /** Whether it was to be read so and could not. */
  failed: boolean;
  onChange: (text: string) => void;
}

/** What no column says: one answer for all bends that say nothing of it. */
export function GivenLine({ given: { column, text }, view, failed, onChange }: GivenLineProps) {
  const label = `${column}, ${many(view?.rows ?? 0, 'row', 'rows')}`;
  if (view && view.offered.length > 0) return <Meaning label={label} options={view.offered} value={text} unsaid={view.mayStay ? '' : 'One for all?'} hint={view.mayStay ? MAY_STAY : undefined} failed={failed} onChange={onChange} />;
  return (
    <Field label={label} value={text} error={failed && text.trim() === '' && !view?.mayStay} helperText={text.trim() !== '' ? ' ' : view?.mayStay ? MAY_STAY : HINT[column] ?? 'One for all, with its unit'}
      onChange={(event) => { onChange(event.target.value); }} slotProps={{ htmlInput: { maxLength: 500, autoComplete: 'off' } }} />
  );
}

const MAY_STAY = 'One for all; empty, it stays unknown';

const HINT: Record<string, string> = { day: 'One day for all, as 2025-03-14', plies: 'One for all, as 6' };
