import { Button } from '@mui/material';
import { useStored } from '../app/storage';
import { say } from '../messages/say';
import { RecipeSentence, type RecipeSentenceProps } from '../sentence/RecipeSentence';
import { RecipeInputs } from './RecipeInputs';

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

/** Turns from the sentence to all fields and back. */
export function EntryModeButton({ mode, onChange }: { mode: EntryMode; onChange: (mode: EntryMode) => void }) {
  return (
    <Button size="small" sx={{ py: 0.25, flexShrink: 0 }} onClick={() => { onChange(mode === 'SENTENCE' ? 'FIELDS' : 'SENTENCE'); }}>
      {say(mode === 'SENTENCE' ? 'entry.fields' : 'entry.sentence')}
    </Button>
  );
}
