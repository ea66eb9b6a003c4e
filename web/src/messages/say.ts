import type { ReactNode } from 'react';
import { createIntl, createIntlCache } from 'react-intl';
import recipe from './en/recipe.json';

/** What a person reads, by meaning; ICU messages. */
const MESSAGES = recipe;

export type MessageId = keyof typeof MESSAGES;

type Values = Record<string, string | number>;

const intl = createIntl({ locale: 'en', messages: MESSAGES }, createIntlCache());

/** A message as text. */
export function say(id: MessageId, values?: Values): string {
  return intl.formatMessage({ id }, values);
}

/** A message with parts of the page set in it: the words of a sentence, each a control. */
export function sayWith(id: MessageId, values: Record<string, ReactNode>): ReactNode {
  return intl.formatMessage({ id }, values as Record<string, string>);
}

/** A message that need not be there, such as the hint of a field that has none. */
export function sayIfAny(id: string, values?: Values): string | undefined {
  return id in MESSAGES ? say(id as MessageId, values) : undefined;
}
