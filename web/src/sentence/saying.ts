import { Fragment, createElement, type ReactNode } from 'react';
import { sayWith, type MessageId } from '../messages/say';
import { methodOf } from '../methods/forms';
import { isSoaked } from '../methods/hotWood/form';
import { CHOICES, type Chosen } from '../recipe/choices';
import { placesOf, type Measured, type RecipeForm } from '../recipe/form';

/** What is found by its name in a field of its own. */
export type Found = 'speciesId' | 'board' | 'source' | 'person' | 'form' | 'strap';

const FOUND: Found[] = ['speciesId', 'board', 'source', 'person', 'form', 'strap'];

/** Shows each kind of word, whether to be changed or to be read. */
export interface Wording {
  measured: (field: Measured) => ReactNode;
  chosen: (field: Chosen) => ReactNode;
  found: (field: Found) => ReactNode;
  way: () => ReactNode;
}

/** A recipe as it is said: the sentence itself, and what is said beside it. */
export interface Said {
  sentence: ReactNode;
  asides: ReactNode[];
}

/**
 * Says a recipe in a sentence, its words shown as they are asked for. Which phrases there are is decided by what is chosen, never by
 * what is half typed: a word keeps its place while it is changed.
 *
 * @param plywood whether its wood is plywood, which is not said again where it is sawn
 */
export function sayRecipe(form: RecipeForm, wording: Wording, which: 'bend' | 'logged' | 'kept', plywood = false): Said {
  const places = placesOf(form);
  const measured = (Object.keys(places) as Measured[]).map((field) => [field, wording.measured(field)]);
  const chosen = (Object.keys(CHOICES) as Chosen[]).map((field) => [field, wording.chosen(field)]);
  const found = FOUND.map((field) => [field, wording.found(field)]);
  const words = {
    ...(Object.fromEntries([...measured, ...chosen, ...found]) as Record<string, ReactNode>),
    method: wording.way(),
    soaked: said(isSoaked(form)), strapped: said(form.support !== 'NONE'), shaved: said(form.atBend === 'THINNED'),
    carried: said(places.carrySeconds !== undefined), plywood: said(plywood),
  };
  const parts = {
    ...words,
    ...(places.soakHours ? { soak: keyed('soak', sayWith('part.soak', words)) } : {}),
    ...(takesStrap(form) ? { strap: keyed('strap', sayWith('part.strap', words)) } : {}),
  };
  // which way it is has no part in the key, so that words that ways share keep the focus
  const way = keyed('way', sayWith(`way.${form.method}`, parts));
  return {
    sentence: sayWith(`sentence.${which}`, { ...parts, way }),
    asides: asidesOf(form).map((aside) => keyed(aside, sayWith(`aside.${aside}` as MessageId, words))),
  };
}

/** A phrase within another; text stays text. */
function keyed(key: string, phrase: ReactNode): ReactNode {
  return typeof phrase === 'string' ? phrase : createElement(Fragment, { key }, phrase);
}

function said(is: boolean): string {
  return is ? 'yes' : 'no';
}

/** What is said beside the sentence: the stock as far as somebody looked, and whence and whose it is. */
function asidesOf(form: RecipeForm): string[] {
  const { rounds, asides } = methodOf(form);
  return [
    'moisture', 'grain', 'rings', 'knots', 'face', ...(rounds ? ['section'] : []), ...asides, 'form', ...(takesStrap(form) && form.support !== 'NONE' ? ['strap'] : []),
    'board', 'source', 'person',
  ];
}

function takesStrap(form: RecipeForm): boolean {
  return placesOf({ ...form, support: 'STEEL' }).strapThickness !== undefined;
}
