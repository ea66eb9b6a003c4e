import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from '@mui/material';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useSpecies } from '../api/queries';
import type { RecipeFields } from '../api/schema';
import { Field } from '../app/Field';
import { number } from '../units/number';
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
  /** How many are usually laid there. */
  many?: number;
  /** Once it lies there. */
  onLaid?: () => void;
}

/** Lays the planned bend on the bench as a piece with a name, or as several. */
export function PutOnBench({ recipe, stale, called, jobId, many = 1, onLaid }: PutOnBenchProps) {
  const { data: species } = useSpecies();
  const [asking, setAsking] = useState(false);
  const [typed, setTyped] = useState<string>();
  const [written, setCount] = useState<string>();
  const count = written ?? String(Math.min(many, MOST));
  const laid = useRef(0);
  const [refusal, setRefusal] = useState<string>();
  const { plan } = useBenchWrites();
  const navigate = useNavigate();
  const name = typed ?? called ?? species?.find(({ id }) => id === recipe?.blank.speciesId)?.commonName ?? '';
  const put = async () => {
    if (!recipe) return;
    const pieces = number(count);
    if (pieces === undefined || !Number.isInteger(pieces) || pieces < 1 || pieces > MOST) {
      setRefusal(`One piece to ${MOST}, as a whole number.`);
      return;
    }
    try {
      // what a refusal interrupted goes on with the next
      for (let piece = laid.current + 1; piece <= pieces; laid.current = piece++) await plan.mutateAsync({ name: pieces === 1 ? name : `${name} ${piece}`, recipe, ...(jobId === undefined ? {} : { jobId }) });
      onLaid?.();
      await navigate('/bench');
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  return (
    <>
      <Button variant="outlined" disabled={stale || !recipe} sx={{ whiteSpace: 'nowrap', flexShrink: 0, minHeight: 40 }} onClick={() => { setAsking(true); }}>
        Put it on the bench
      </Button>
      <Dialog open={asking} onClose={() => { setAsking(false); }} fullWidth maxWidth="xs"
        slotProps={{ paper: { component: 'form', noValidate: true, onSubmit: (event: React.FormEvent) => { event.preventDefault(); void put(); } } as object }}>
        <DialogTitle>Put it on the bench</DialogTitle>
        <DialogContent>
          <Typography gutterBottom>It is followed there from the soak to its verdict, and becomes a record without being written down again.</Typography>
          <Field label="Name of the piece" value={name} error={refusal !== undefined} sx={{ mt: 1, width: '100%' }}
            onChange={(event) => { setRefusal(undefined); setTyped(event.target.value); }} slotProps={{ htmlInput: { maxLength: 120, autoComplete: 'off' } }} />
          <Field label="How many pieces" value={count} sx={{ mt: 2, width: 160 }}
            onChange={(event) => { setRefusal(undefined); setCount(event.target.value); }} slotProps={{ htmlInput: { inputMode: 'numeric', autoComplete: 'off' } }} />
          {refusal && <Typography role="alert" variant="body2" color="error">{refusal}</Typography>}
        </DialogContent>
        <DialogActions>
          <Button onClick={() => { setAsking(false); }}>Not now</Button>
          <Button type="submit" variant="contained" loading={plan.isPending}>Lay it there</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
