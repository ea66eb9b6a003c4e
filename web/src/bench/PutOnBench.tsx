import { Box, Button, Typography } from '@mui/material';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useSpecies } from '../api/queries';
import type { RecipeFields, UsedFields } from '../api/schema';
import { useThingsFor } from '../api/things';
import { Dimmed } from '../app/Dimmed';
import { Field } from '../app/Field';
import { FormDialog } from '../app/FormDialog';
import { piecesOf } from '../units/number';
import { NothingThere } from './MadeWith';
import { suggested, Things } from './Things';
import { useBenchWrites } from './useBenchWrites';

/** A box is not loaded with more at once. */
const MOST = 24;

interface PutOnBenchProps {
  recipe: RecipeFields | undefined;
  stale: boolean;
  /** What the piece is called already. */
  called?: string;
  /** The job it is for. */
  jobId?: number | undefined;
  /** The blank it is sawn from. */
  blank?: { stockId: number; blankName: string };
  /** How many are usually laid there. */
  many?: number;
  /** Once it lies there. */
  onLaid?: () => void;
}

/** Lays the planned bend on the bench as a piece with a name, or as several. */
export function PutOnBench({ recipe, stale, ...how }: PutOnBenchProps) {
  const [asking, setAsking] = useState(false);
  return (
    <>
      <Button variant="outlined" disabled={stale || !recipe} sx={{ whiteSpace: 'nowrap', flexShrink: 0, minHeight: 40 }} onClick={() => { setAsking(true); }}>
        Put it on the bench
      </Button>
      {asking && recipe && <PutDialog recipe={recipe} {...how} onLeave={() => { setAsking(false); }} />}
    </>
  );
}

function PutDialog({ recipe, called, jobId, blank, many = 1, onLaid, onLeave }: Omit<PutOnBenchProps, 'stale' | 'recipe'> & { recipe: RecipeFields; onLeave: () => void }) {
  const { data: species } = useSpecies();
  const [typed, setTyped] = useState<string>();
  const [count, setCount] = useState(String(Math.min(many, MOST)));
  const laid = useRef(0);
  const { plan } = useBenchWrites();
  const navigate = useNavigate();
  const { data: choices, isPlaceholderData } = useThingsFor(recipe, jobId);
  const [chosen, setChosen] = useState<UsedFields[]>();
  const madeWith = chosen ?? suggested(choices ?? []);
  const name = typed ?? called ?? species?.find(({ id }) => id === recipe.blank.speciesId)?.commonName ?? '';
  const put = async () => {
    const pieces = piecesOf(count, MOST);
    // what a refusal interrupted goes on with the next
    for (let piece = laid.current + 1; piece <= pieces; laid.current = piece++) {
      await plan.mutateAsync({ name: pieces === 1 ? name : `${name} ${piece}`, recipe, ...(jobId === undefined ? {} : { jobId }), ...blank, madeWith });
    }
    onLaid?.();
    await navigate('/bench');
  };
  return (
    <FormDialog title="Put it on the bench" keep="Lay it there" maxWidth="xs" onKeep={put} onLeave={onLeave}>
      <Typography gutterBottom>It is followed there from the soak to its verdict, and becomes a record without being written down again.</Typography>
      <Field label="Name of the piece" value={name} sx={{ mt: 1, width: '100%' }}
        onChange={(event) => { setTyped(event.target.value); }} slotProps={{ htmlInput: { maxLength: 120, autoComplete: 'off' } }} />
      <Field label="How many pieces" value={count} sx={{ mt: 2, width: 160 }}
        onChange={(event) => { setCount(event.target.value); }} slotProps={{ htmlInput: { inputMode: 'numeric', autoComplete: 'off' } }} />
      <Typography variant="h3" sx={{ mt: 2 }}>Made with</Typography>
      <Box sx={{ minHeight: 120 }}>
        {choices?.length === 0 && <NothingThere />}
        {choices && <Dimmed old={isPlaceholderData}><Things choices={choices} chosen={madeWith} onChange={setChosen} /></Dimmed>}
      </Box>
    </FormDialog>
  );
}
