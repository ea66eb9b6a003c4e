import { Box, Button } from '@mui/material';
import { useStored } from '../app/storage';
import { say } from '../messages/say';
import { RecipeSentence, type RecipeSentenceProps } from '../sentence/RecipeSentence';
import { RecipeInputs } from './RecipeInputs';
import type { RecipeState } from './useRecipe';
import { WaitLine } from './WaitLine';

/** How a person likes to enter a recipe. */
export type EntryMode = 'SENTENCE' | 'FIELDS';

/** The way of entering a recipe that was chosen last, in the plan and in the log alike. */
export function useEntryMode(): [EntryMode, (mode: EntryMode) => void] {
  return useStored<EntryMode>('brachion.recipeAs', 'SENTENCE');
}

/** The recipe to be entered, as a sentence or as plain fields. */
export function Recipe({ mode, said, ...props }: RecipeSentenceProps & { mode: EntryMode }) {
  return mode === 'SENTENCE' ? <RecipeSentence {...props} said={said} /> : <RecipeInputs {...props} />;
}

/** Below the recipe: what its answer still waits for, and the turn from the sentence to all fields and back. */
export function RecipeBar({ state, mode, onChange }: { state: RecipeState; mode: EntryMode; onChange: (mode: EntryMode) => void }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', columnGap: 1 }}>
      <Box sx={{ flexGrow: 1, minWidth: 0 }}><WaitLine state={state} /></Box>
      <Button size="small" sx={{ py: 0.25, flexShrink: 0 }} onClick={() => { onChange(mode === 'SENTENCE' ? 'FIELDS' : 'SENTENCE'); }}>
        {say(mode === 'SENTENCE' ? 'entry.fields' : 'entry.sentence')}
      </Button>
    </Box>
  );
}
