import { Alert, Box, Button, Link, Typography } from '@mui/material';
import { useRef, useState, type DragEvent } from 'react';
import { useExchangeWrites, useTableReading } from '../api/exchange';
import type { TableAnswer } from '../api/schema';
import { inThisShop } from '../api/shop';
import { useNotice } from '../app/notice';
import { TrialSummary } from '../trials/TrialSummary';
import { UnreadRow } from './UnreadRow';
import { bringInWords, holdsInWords, many } from './words';

/** A table is chosen or dropped, looked into, and brought in when the person says so. */
export function BringIn() {
  const [file, setFile] = useState<File | null>(null);
  const reading = useTableReading();
  const { bringIn } = useExchangeWrites();
  const notify = useNotice();
  const look = (chosen: File | undefined) => {
    if (!chosen) return;
    setFile(chosen);
    reading.mutate(chosen);
  };
  const put = async () => {
    if (!file) return;
    const { coming, left } = await bringIn.mutateAsync(file);
    notify({ message: `${many(coming, 'bend', 'bends')} brought in${left > 0 ? `, ${many(left, 'row waits', 'rows wait')} to be mended` : ''}.` });
    setFile(null);
    reading.reset();
  };
  const error = reading.error ?? bringIn.error;
  return (
    <Box component="section" aria-label="Bring in" sx={{ display: 'grid', gap: 2 }}>
      <DropPlace file={file} onFile={look} />
      {error && <Alert severity="error">{error.message}</Alert>}
      {file && reading.data && (
        <>
          <Alert severity={reading.data.left > 0 ? 'warning' : 'success'} role="status"
            action={reading.data.coming + reading.data.left > 0 && (
              <Button variant="contained" loading={bringIn.isPending} onClick={() => { void put().catch(() => undefined); }}>
                {bringInWords(reading.data)}
              </Button>
            )}>
            {holdsInWords(reading.data)}
          </Alert>
          <Rows table={reading.data} />
        </>
      )}
    </Box>
  );
}

const LIST = { listStyle: 'none', p: 0, m: 0, display: 'grid', gap: '1px', bgcolor: 'divider', border: 1, borderColor: 'divider' };

function Rows({ table }: { table: TableAnswer }) {
  return (
    <>
      {table.rows.length > 0 && (
        <Box>
          <Typography variant="h2" gutterBottom>Rows that cannot be read</Typography>
          <Box component="ul" aria-label="Rows that cannot be read" sx={LIST}>
            {table.rows.map((row) => <UnreadRow key={row.line} row={row} />)}
          </Box>
          <More shown={table.rows.length} of={table.left} />
        </Box>
      )}
      {table.trials.length > 0 && (
        <Box>
          <Typography variant="h2" gutterBottom>Bends that can come in</Typography>
          <Box component="ul" aria-label="Bends that can come in" sx={{ ...LIST, gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' } }}>
            {table.trials.map((trial, at) => <TrialSummary key={at} trial={trial} />)}
          </Box>
          <More shown={table.trials.length} of={table.coming} />
        </Box>
      )}
    </>
  );
}

function More({ shown, of }: { shown: number; of: number }) {
  return of > shown ? <Typography color="text.secondary">and {of - shown} more like these</Typography> : null;
}

function DropPlace({ file, onFile }: { file: File | null; onFile: (file: File | undefined) => void }) {
  const [over, setOver] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const drag = (inside: boolean) => (event: DragEvent) => {
    event.preventDefault();
    setOver(inside);
  };
  return (
    <Box
      onDragOver={drag(true)}
      onDragLeave={drag(false)}
      onDrop={(event) => {
        drag(false)(event);
        onFile(event.dataTransfer.files[0]);
      }}
      sx={{ p: 2.5, border: '2px dashed', borderColor: over ? 'primary.main' : 'divider', bgcolor: 'background.paper', display: 'grid', gap: 1.5 }}
    >
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button variant={file ? 'outlined' : 'contained'} onClick={() => { input.current?.click(); }}>
          {file ? 'Choose another table' : 'Choose a table'}
        </Button>
        <input ref={input} type="file" hidden accept=".csv,.tsv,.txt,text/csv" aria-label="Table of bends"
          onChange={(event) => {
            onFile(event.target.files?.[0]);
            // the same file can be chosen again after it was mended
            event.target.value = '';
          }} />
        <Typography>{file ? file.name : 'or drop it here. Nothing is kept until you have seen what it holds.'}</Typography>
      </Box>
      <Typography variant="body2" color="text.secondary">
        A table is a CSV file with a line for each bend. Headings name the column and its unit, as in
        “thickness [mm]” or “chamber [°F]”; a cell may bring its own, such as 3/8 in or 1 h 30 min. A number without any unit is not
        guessed at. For the headings known here, take out{' '}
        <Link href={inThisShop('/api/exchange/trials?units=METRIC')} download>your own bends</Link> and see.
      </Typography>
    </Box>
  );
}
