import { useState } from 'react';
import { useLayout } from '../api/stock';
import type { BoardFields, RecipeFields } from '../api/schema';

/** What the blanks on a board that changes under the hand are worth: the last of its layouts is asked about as soon as the one before is answered. */
export function useLatestLayout(board: BoardFields, recipe: RecipeFields | undefined) {
  const [asked, setAsked] = useState(board);
  const { data: layout, isPlaceholderData } = useLayout(asked, recipe);
  if (asked !== board && !isPlaceholderData) setAsked(board);
  return { layout, old: isPlaceholderData || asked !== board };
}
