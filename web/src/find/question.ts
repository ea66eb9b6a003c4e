import type { ConditionFields, FactView, FindFields, SavedView } from '../api/schema';

/** What is asked of the records: which, in what order, and counted by what. It stands in the address, so that it can be come back to. */
export interface Question {
  words: string;
  conditions: ConditionFields[];
  sortBy?: string | undefined;
  falling: boolean;
  /** The facts records are counted by; a list where there is none. */
  rows?: string | undefined;
  columns?: string | undefined;
}

export const EVERYTHING: Question = { words: '', conditions: [], falling: true };

export type Facts = Record<string, FactView>;

/** The question of an address; everything where it has none or one that cannot be read. */
export function questionOf(params: URLSearchParams): Question {
  try {
    const kept = params.get('find');
    return kept === null ? EVERYTHING : { ...EVERYTHING, ...(JSON.parse(kept) as Partial<Question>) };
  } catch {
    return EVERYTHING;
  }
}

/** The address of a question beside whatever else stands in it. */
export function withQuestion(params: URLSearchParams, question: Question): URLSearchParams {
  const next = new URLSearchParams(params);
  if (sameQuestion(question, EVERYTHING)) next.delete('find');
  else next.set('find', JSON.stringify(question));
  return next;
}

/** What the server is asked. */
export function findFields({ words, conditions, sortBy, falling }: Question): FindFields {
  return { words, conditions, falling, ...(sortBy === undefined ? {} : { sortBy }) };
}

/** The question of a kept view. */
export function questionOfView({ view: { find, rows, columns } }: SavedView): Question {
  const { words = '', conditions, sortBy, falling } = find;
  return { words, conditions, falling, sortBy, rows, columns };
}

/** Whether two questions ask the same, however they are written. */
export function sameQuestion(one: Question, other: Question): boolean {
  return plain(one) === plain(other);
}

function plain({ words, conditions, sortBy, falling, rows, columns }: Question): string {
  return JSON.stringify([
    words.trim(), conditions.map(({ fact, among = [], from, below, since, until }) => [fact, among, from, below, since, until]), sortBy, sortBy === undefined || falling, rows, columns,
  ]);
}

/** Whether some records are left out. */
export function narrows({ words, conditions }: Question): boolean {
  return words.trim() !== '' || conditions.length > 0;
}

/** The same question with what one fact must be said otherwise; nothing where it may be anything. */
export function withCondition(question: Question, fact: string, condition: ConditionFields | undefined): Question {
  const { conditions } = question;
  if (!condition) return { ...question, conditions: conditions.filter((each) => each.fact !== fact) };
  const asked = conditions.some((each) => each.fact === fact);
  return { ...question, conditions: asked ? conditions.map((each) => (each.fact === fact ? condition : each)) : [...conditions, condition] };
}
