import { Box, Popover } from '@mui/material';
import { useEffect, useRef, useState } from 'react';
import { unsaidIf } from '../app/reach';
import { BoardField } from '../recipe/BoardField';
import type { RecipeInputsProps } from '../recipe/fields';
import { PersonField } from '../recipe/PersonField';
import { SourceField } from '../recipe/SourceField';
import type { RecipeForm } from '../recipe/form';
import { SpeciesChoice } from '../recipe/SpeciesChoice';
import { ThingField, useThingsFor } from '../recipe/ThingField';
import { useWoodName, woodInSentence } from '../recipe/woodNames';
import { say, type MessageId } from '../messages/say';
import type { Found } from './saying';
import styles from './sentence.module.css';

interface LookedForProps extends RecipeInputsProps {
  field: Found;
}

interface FoundWordProps extends LookedForProps {
  /** What it is called now, if it has a name. */
  named: string | undefined;
}

/** What is found by its name: a tap opens the field in which it is looked for. */
export function FoundWord({ field, named, ...props }: FoundWordProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const word = named ?? say(`field.${field}.unsaid` as MessageId);
  const label = say(`field.${field}`);
  const problem = field === 'form' || field === 'strap' ? undefined : props.problems[field];
  return (
    <span className={styles.word}>
      <button type="button" aria-haspopup="dialog" aria-expanded={anchor !== null} aria-label={`${label}: ${word}`} title={problem} {...unsaidIf(named === undefined)}
        className={problem === undefined ? (named === undefined ? styles.unsaid : undefined) : styles.wrong}
        onClick={(event) => { setAnchor(event.currentTarget); }}>
        {word}
      </button>
      {anchor && (
        <Popover open anchorEl={anchor} onClose={() => { setAnchor(null); }} anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
          slotProps={{ paper: { role: 'dialog', 'aria-label': say('found.dialog', { label }) } }}>
          <Looked onDone={() => { setAnchor(null); }} field={field} {...props} />
        </Popover>
      )}
    </span>
  );
}

/** The field itself; it has the focus as soon as it is there, and goes once something was taken or Enter says that will do. */
function Looked({ field, onDone, ...props }: LookedForProps & { onDone: () => void }) {
  const room = useRef<HTMLDivElement>(null);
  useEffect(() => { room.current?.querySelector('input')?.select(); }, []);
  const take = (change: Parameters<RecipeInputsProps['onChange']>[0]) => {
    props.onChange(change);
    onDone();
  };
  return (
    <Box ref={room} sx={{ p: 2, pb: 1, width: 320, maxWidth: '90vw' }}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' || field === 'speciesId') return;
        // the word has the focus next, and the same key would open it anew
        event.preventDefault();
        onDone();
      }}>
      {field === 'speciesId' && (
        <SpeciesChoice speciesId={props.form.speciesId} problem={props.problems.speciesId} onChange={(speciesId) => { take({ speciesId }); }} />
      )}
      {field === 'board' && <BoardField {...props} />}
      {field === 'source' && <SourceField {...props} />}
      {field === 'person' && <PersonField {...props} />}
      {field === 'form' && <ThingField {...props} kind="FORM" onChange={take} />}
      {field === 'strap' && <ThingField {...props} kind="STRAP" onChange={take} />}
    </Box>
  );
}

/** What everything that is found by its name is called now, if it has one. */
export function useNamed(form: RecipeForm): Record<Found, string | undefined> {
  const woodOf = useWoodName();
  const onForm = useThingsFor('FORM', form).agrees;
  const strap = useThingsFor('STRAP', form).agrees;
  const typed = (name: string) => name.trim() || undefined;
  return {
    speciesId: woodInSentence(woodOf(form.speciesId)), form: onForm?.name, strap: strap?.name,
    board: typed(form.board), source: typed(form.source), person: typed(form.person),
  };
}
