import type { NotebookAnswer, Translation } from '../../api/schema';

/** What a column of the table is, and how its cells are read. */
export type ColumnMeans = Translation['columns'][number];

export function withColumn(translation: Translation, place: number, change: Partial<ColumnMeans>): Translation {
  return { ...translation, columns: translation.columns.map((column, at) => (at === place ? { ...column, ...change } : column)) };
}

export function withWord(translation: Translation, place: number, means: string): Translation {
  return { ...translation, words: translation.words.map((word, at) => (at === place ? { ...word, means } : word)) };
}

export function withGiven(translation: Translation, place: number, text: string): Translation {
  return { ...translation, given: translation.given.map((each, at) => (at === place ? { ...each, text } : each)) };
}

/** Places of the words nobody knows. */
export function unsaid(words: Translation['words']): number[] {
  return words.flatMap(({ means }, place) => (means === '' ? [place] : []));
}

/** What is still to be said: words nobody knows, and what no column says. */
export function asked({ words, given }: Translation, views: NotebookAnswer['given']): number {
  return unsaid(words).length + given.filter(({ text }, place) => text.trim() === '' && !views[place]?.mayStay).length;
}

/** How much is still to be said. */
export function askedInWords(translation: Translation, views: NotebookAnswer['given']): string {
  const open = asked(translation, views);
  if (open === 0) return 'Everything is said.';
  return open === 1 ? 'One thing is still asked; rows it concerns would wait to be mended.' : `${open} things are still asked; rows they concern would wait to be mended.`;
}

/** What was changed between two states of a list stands in a third one, too, wherever it has the same entry. */
function since<T>(sent: T[], now: T[], answered: T[], keyOf: (entry: T, place: number) => string | number): T[] {
  const before = new Map(sent.map((entry, place) => [keyOf(entry, place), entry]));
  const after = new Map(now.map((entry, place) => [keyOf(entry, place), entry]));
  return answered.map((entry, place) => {
    const key = keyOf(entry, place);
    const changed = after.get(key);
    return changed !== undefined && before.has(key) && JSON.stringify(changed) !== JSON.stringify(before.get(key)) ? changed : entry;
  });
}

/** An answer to what was sent, with what was typed since then kept in it. */
export function typedSince(sent: Translation, now: Translation, answered: Translation): Translation {
  return {
    columns: since(sent.columns, now.columns, answered.columns, (_, place) => place),
    words: since(sent.words, now.words, answered.words, ({ column, text }) => JSON.stringify([column, text])),
    given: since(sent.given, now.given, answered.given, ({ column }) => column),
  };
}
