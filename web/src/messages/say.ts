import type { ReactNode } from 'react';
import { createIntl, createIntlCache } from 'react-intl';
import recipe from './en/recipe.json';

type Values = Record<string, string | number>;

const cache = createIntlCache();

/**
 * Says the messages of one place; each place has a file of its own, so that it travels with the place and not before it.
 *
 * @param messages what a person reads, by meaning; ICU messages
 */
export function sayer<Id extends string>(messages: Record<Id, string>) {
  const intl = createIntl({ locale: 'en', messages }, cache);
  /** A message as text. */
  const say = (id: Id, values?: Values): string => intl.formatMessage({ id }, values);
  return {
    say,
    /** A message with parts of the page set in it: the words of a sentence, each a control. */
    sayWith: (id: Id, values: Record<string, ReactNode>): ReactNode => intl.formatMessage({ id }, values as Record<string, string>),
    /** A message that need not be there, such as the hint of a field that has none. */
    sayIfAny: (id: string, values?: Values): string | undefined => (id in messages ? say(id as Id, values) : undefined),
  };
}

export type MessageId = keyof typeof recipe;

/** What is said of a recipe, on every page that has one. */
export const { say, sayWith, sayIfAny } = sayer<MessageId>(recipe);
