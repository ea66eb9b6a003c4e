import { Box, Button, Link, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useProposal } from '../api/stock';
import type { BoardFields, LayoutReading, RecipeFields } from '../api/schema';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { usePlannedJob } from '../jobs/usePlannedJob';
import { METHOD } from '../methods/forms';
import { shapeLine } from '../recipe/words';
import { wholeNumber } from '../units/number';
import { printLength } from '../units/printing';

interface ForTheBendProps {
  board: BoardFields;
  /** The planned bend, once it is read. */
  recipe: RecipeFields | undefined;
  size: LayoutReading['size'];
  onChange: (board: BoardFields) => void;
}

/** Lays blanks for the planned bend on the board where their odds are best. */
export function ForTheBend({ board, recipe, size, onChange }: ForTheBendProps) {
  const [system] = useUnits();
  const [name, setName] = useState('Blank');
  const [count, setCount] = useState('1');
  const [refusal, setRefusal] = useState<string>();
  const proposal = useProposal();
  const [job] = usePlannedJob();
  const notify = useNotice();
  const lay = async () => {
    const wanted = wholeNumber(count);
    if (wanted === undefined) {
      setRefusal('Say how many, as a whole number.');
      return;
    }
    if (!recipe) return;
    try {
      const { blanks } = await proposal.mutateAsync({ board, recipe, name, wanted, ...(job ? { jobId: job.id } : {}) });
      if (blanks.length < wanted) setRefusal(blanks.length === 0 ? 'There is no room for another one.' : `There is room for ${blanks.length} only.`);
      if (blanks.length > 0) {
        onChange({ ...board, blanks: [...board.blanks, ...blanks] });
        notify({ message: blanks.length === 1 ? '1 blank laid on.' : `${blanks.length} blanks laid on.`, undo: () => { onChange(board); } });
      }
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  return (
    <Box component="form" noValidate aria-label="Blanks for the planned bend" onSubmit={(event: React.FormEvent) => { event.preventDefault(); void lay(); }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
        <Typography variant="h2" sx={{ flexGrow: 1 }}>For the planned bend</Typography>
        <HowComputed part="the-stock" />
      </Box>
      <Typography variant="body2" sx={{ minHeight: '3.2em' }}>
        {recipe ? `${METHOD[recipe.method.kind]}, ${shapeLine(recipe, system)}.` : 'Reading the plan …'}{job ? ` For ${job.job.name}.` : ''}{' '}
        <Link component={RouterLink} to="/plan">Change the plan</Link>
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ minHeight: '1.6em', mb: 1 }}>
        {size && `Sawn ${printLength(size.lengthMm, system)} × ${printLength(size.widthMm, system)}; ${eachInWords(size.piecesEach)}`}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
        <Field label="Called" value={name} helperText=" " onChange={(event) => { setName(event.target.value); }} slotProps={{ htmlInput: { maxLength: 100, autoComplete: 'off' } }} />
        <Field label="How many" value={count} sx={{ width: 110, flexShrink: 0 }} helperText=" " onChange={(event) => { setRefusal(undefined); setCount(event.target.value); }}
          slotProps={{ htmlInput: { inputMode: 'numeric', autoComplete: 'off' } }} />
        <Button type="submit" variant="contained" loading={proposal.isPending} disabled={!recipe} sx={{ flexShrink: 0, minHeight: 40 }}>Lay where best</Button>
      </Box>
      <Typography role="alert" variant="body2" color="error" sx={{ minHeight: '1.6em' }}>{refusal}</Typography>
    </Box>
  );
}

function eachInWords(pieces: number): string {
  if (pieces === 0) return 'the board is thinner than the piece.';
  return pieces === 1 ? 'one piece from each.' : `${pieces} pieces from each, sawn through the thickness.`;
}
