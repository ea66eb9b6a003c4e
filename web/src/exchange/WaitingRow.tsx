import { Alert, Box, Button, Typography } from '@mui/material';
import { useId, useState } from 'react';
import { useExchangeWrites } from '../api/exchange';
import type { Kept } from '../api/schema';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { rowInWords } from './words';

/** A row that waits: the cells at fault as fields, the others on request; read again as often as it takes. */
export function WaitingRow({ kept, onMended }: { kept: Kept; onMended: () => void }) {
  const { row } = kept;
  // a column the table does not have gets a cell of its own
  const missing = row.faults.map((fault) => fault.heading)
    .filter((heading) => heading !== '' && !row.cells.some((cell) => cell.heading === heading));
  const [cells, setCells] = useState([...row.cells, ...missing.map((heading) => ({ heading, text: '' }))]);
  const [whole, setWhole] = useState(false);
  const { mend, discard, restore } = useExchangeWrites();
  const notify = useNotice();
  const title = useId();
  const faultOf = (heading: string) => row.faults.find((fault) => fault.heading === heading);
  const homeless = row.faults.filter((fault) => fault.heading === '');
  const readAgain = async () => {
    const { trialId } = await mend.mutateAsync({ row: kept, cells });
    if (trialId !== undefined) onMended();
  };
  const drop = async () => {
    await discard.mutateAsync(kept.id);
    notify({ message: `Line ${row.line} of ${kept.fileName} discarded.`, undo: () => { restore.mutate(kept.id); } });
  };
  return (
    <Box component="form" noValidate aria-labelledby={title} onSubmit={(event) => { event.preventDefault(); void readAgain().catch(() => undefined); }}
      sx={{ bgcolor: 'background.paper', p: 2, border: 1, borderColor: 'divider', display: 'grid', gap: 1.5 }}>
      <Typography id={title} variant="body2" color="textSecondary">
        {kept.fileName}, line {row.line}
      </Typography>
      <Typography variant="body2">{rowInWords(row)}</Typography>
      {homeless.map((fault) => (
        <Alert key={fault.message} severity="warning">{fault.message}</Alert>
      ))}
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: 'repeat(auto-fill, minmax(260px, 1fr))' } }}>
        {cells.map((cell, at) => {
          const fault = faultOf(cell.heading);
          if (!whole && !fault) return null;
          return (
            <Field key={`${cell.heading} ${at}`} label={cell.heading || 'beyond the headings'} value={cell.text}
              error={fault !== undefined} helperText={fault?.message}
              onChange={(event) => { setCells(cells.map((other, i) => (i === at ? { ...cell, text: event.target.value } : other))); }} />
          );
        })}
      </Box>
      {mend.error && <Alert severity="error">{mend.error.message}</Alert>}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button type="submit" variant="contained" loading={mend.isPending}>Read again</Button>
        <Button variant="outlined" aria-expanded={whole} onClick={() => { setWhole(!whole); }}>
          {whole ? 'Just what is wrong' : 'The whole row'}
        </Button>
        <Button color="inherit" onClick={() => { void drop(); }}>Discard</Button>
      </Box>
    </Box>
  );
}
