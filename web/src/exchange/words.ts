import type { LeftRow, TableAnswer } from '../api/schema';
import { many } from '../units/number';

/** A row as it came, so that a person knows which piece it is. */
export function rowInWords({ cells }: LeftRow): string {
  return cells.map((cell) => cell.text.trim()).filter((text) => text !== '').join(', ');
}

/** What a table holds, in a sentence or two. */
export function holdsInWords({ coming, left, alreadyHere, toNote }: TableAnswer): string {
  const parts = [`${many(coming, 'bend', 'bends')} can come in`];
  if (left > 0) parts.push(`${many(left, 'row', 'rows')} cannot be read`);
  if (alreadyHere > 0) parts.push(`${alreadyHere} ${alreadyHere === 1 ? 'is' : 'are'} here already`);
  const notes = toNote.length > 0 ? ` Headings not known here go into the note: ${toNote.join(', ')}.` : '';
  return `${parts.join(', ')}.${notes}`;
}

/** What pressing the button does. */
export function bringInWords({ coming, left }: TableAnswer): string {
  const trials = coming > 0 ? `Import ${many(coming, 'bend', 'bends')}` : '';
  const rows = left > 0 ? `keep ${many(left, 'row', 'rows')} to mend` : '';
  const words = [trials, rows].filter(Boolean).join(' and ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}
