import { describe, expect, it } from 'vitest';
import type { TableAnswer } from '../api/schema';
import { bringInWords, holdsInWords, rowInWords } from './words';

const table = (part: Partial<TableAnswer>): TableAnswer => ({ coming: 0, trials: [], left: 0, rows: [], alreadyHere: 0, toNote: [], ...part });

describe('what a table holds', () => {
  it('names everything that will happen to its rows', () => {
    expect(holdsInWords(table({ coming: 41, left: 3, alreadyHere: 2, toNote: ['smell', 'mood'] }))).toBe(
      '41 bends can come in, 3 rows cannot be read, 2 are here already. Headings not known here go into the note: smell, mood.',
    );
    expect(holdsInWords(table({ coming: 1, alreadyHere: 1 }))).toBe('1 bend can come in, 1 is here already.');
  });

  it('tells a row by what stands in it', () => {
    const cells = ['2025-10-11', ' White oak ', '', '19'].map((text) => ({ heading: 'any', text }));
    expect(rowInWords({ line: 4, cells, faults: [] })).toBe('2025-10-11, White oak, 19');
  });

  it('says on the button what it does', () => {
    expect(bringInWords(table({ coming: 41, left: 3 }))).toBe('Import 41 bends and keep 3 rows to mend');
    expect(bringInWords(table({ left: 1 }))).toBe('Keep 1 row to mend');
    expect(bringInWords(table({ coming: 1 }))).toBe('Import 1 bend');
  });
});
