import { Alert, Box, Button, FormControlLabel, Link, Switch, Typography } from '@mui/material';
import { useRef, useState, type ClipboardEvent, type DragEvent, type ReactNode } from 'react';
import { useExchangeWrites, useNotebook, useTableReading } from '../api/exchange';
import type { TableAnswer, Translation } from '../api/schema';
import { inThisShop } from '../api/shop';
import { newWork, type Work } from '../api/work';
import { Dimmed } from '../app/Dimmed';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { useStored } from '../app/storage';
import { say } from '../messages/exchange';
import { many } from '../units/number';
import { NotebookPart } from './notebook/NotebookPart';
import { useTranslation } from './notebook/useTranslation';
import { UnderstoodBend } from './UnderstoodBend';
import { UnderWay } from './UnderWay';
import { UnreadRow } from './UnreadRow';
import { useTakeBack } from './useTakeBack';
import { WhoseBends } from './WhoseBends';
import { bringInWords, holdsInWords } from './words';

/** A table is chosen or dropped, looked into, and brought in when the person says so; what is written otherwise than here is asked about first. */
export function BringIn() {
  const [file, setFile] = useState<File | null>(null);
  const [otherShop, setOtherShop] = useState('');
  /** Each table is asked anew whose it is. */
  const [round, setRound] = useState(0);
  const [work, setWork] = useState<Work>();
  const notebook = useNotebook();
  const { translated, busy, refusal, begin, end, change, say: sayOf, forget } = useTranslation();
  const reading = useTableReading();
  const { bringIn } = useExchangeWrites();
  const { take } = useTakeBack();
  const [whole, setWhole] = useStored('brachion.exchange.whole', false);
  const notify = useNotice();
  /** Work on the table at hand; once it is stopped, nothing of it is left, not even an error. */
  const working = async <T,>(start: (work: Work) => Promise<T>, stopped: () => void) => {
    const begun = newWork();
    setWork(begun);
    try {
      return await start(begun);
    } catch (error) {
      if (!begun.stopped.signal.aborted) throw error;
      stopped();
      notify({ message: 'Stopped. Nothing of the table was kept.' });
      return undefined;
    } finally {
      setWork(undefined);
    }
  };
  const readAs = (chosen: File, whose: string) => working((begun) => reading.mutateAsync({ file: chosen, otherShop: whose, work: begun }), reading.reset);
  const look = async (chosen: File | undefined) => {
    if (!chosen) return;
    setFile(chosen);
    end();
    reading.reset();
    bringIn.reset();
    const answer = await notebook.mutateAsync(chosen);
    if (answer.ours) await readAs(chosen, otherShop);
    else begin(chosen, answer);
  };
  const read = async (translation: Translation) => {
    const stands = await sayOf(translation);
    if (file && stands) await readAs(file, otherShop);
  };
  const isOf = (whose: string) => {
    if (whose === otherShop) return;
    setOtherShop(whose);
    if (file && reading.data) readAs(file, whose).catch(() => undefined);
  };
  const put = async () => {
    if (!file) return;
    const broughtIn = await working((begun) => bringIn.mutateAsync({ file, otherShop, whole, work: begun }), bringIn.reset);
    if (!broughtIn) return;
    const { coming, left, table } = broughtIn;
    notify({
      message: `${many(coming, 'bend', 'bends')} brought in${left > 0 ? `, ${many(left, 'row waits', 'rows wait')} to be mended` : ''}.`,
      undo: table === undefined ? undefined : () => { take(table, file.name); },
    });
    setFile(null);
    setOtherShop('');
    setRound(round + 1);
    end();
    reading.reset();
  };
  const error = work ? null : notebook.error ?? reading.error ?? bringIn.error;
  return (
    <Box component="section" aria-label="Import" sx={{ display: 'grid', gap: 2 }}>
      <DropPlace file={file} onFile={(chosen) => { void look(chosen).catch(() => undefined); }}>
        <WhoseBends key={round} otherShop={otherShop} onChange={isOf} />
      </DropPlace>
      {translated && (
        <NotebookPart key={translated.answer.shape} answer={translated.answer} translation={translated.translation} busy={busy || reading.isPending} refusal={refusal}
          onSaid={(translation) => { void sayOf(translation).catch(() => undefined); }} onRead={(translation) => { void read(translation).catch(() => undefined); }}
          onChange={(translation) => { change(translation); reading.reset(); }} onForget={() => { reading.reset(); void forget().catch(() => undefined); }} />
      )}
      {error && <Alert severity="error">{error.message}</Alert>}
      {work && <UnderWay work={work} doing={bringIn.isPending ? 'Bringing in' : 'Reading'} />}
      {file && !work && reading.data && (
        <>
          <Alert severity={reading.data.left > 0 ? 'warning' : 'success'} role="status"
            action={reading.data.coming + reading.data.left > 0 && (
              <Button variant="contained" disabled={whole && reading.data.left > 0} onClick={() => { void put().catch(() => undefined); }}>
                {bringInWords(reading.data)}
              </Button>
            )}>
            {holdsInWords(reading.data)}
          </Alert>
          {reading.data.left > 0 && (
            <FormControlLabel control={<Switch checked={whole} onChange={(_, only) => { setWhole(only); }} />} label="Only the whole table: nothing comes in until every row can be read" />
          )}
        </>
      )}
      {file && reading.data && <Dimmed old={work !== undefined}><Rows table={reading.data} /></Dimmed>}
    </Box>
  );
}

const LIST = { listStyle: 'none', p: 0, m: 0, display: 'grid', gap: '1px', bgcolor: 'divider', border: 1, borderColor: 'divider' };

/** First the bends as they were understood, then what could not be read. */
function Rows({ table }: { table: TableAnswer }) {
  return (
    <>
      {table.trials.length > 0 && (
        <Box>
          <Typography variant="h2" gutterBottom>{say('understood')}</Typography>
          <Box component="ul" aria-label={say('understood')} sx={{ ...LIST, gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' } }}>
            {table.trials.map((trial, at) => <UnderstoodBend key={at} trial={trial} />)}
          </Box>
          <More shown={table.trials.length} of={table.coming} />
        </Box>
      )}
      {table.rows.length > 0 && (
        <Box>
          <Typography variant="h2" gutterBottom>{say('unread')}</Typography>
          <Box component="ul" aria-label={say('unread')} sx={LIST}>
            {table.rows.map((row) => <UnreadRow key={row.line} row={row} />)}
          </Box>
          <More shown={table.rows.length} of={table.left} />
        </Box>
      )}
    </>
  );
}

function More({ shown, of }: { shown: number; of: number }) {
  return of > shown ? <Typography color="textSecondary">{say('more', { more: of - shown })}</Typography> : null;
}

function DropPlace({ file, onFile, children }: { file: File | null; onFile: (file: File | undefined) => void; children: ReactNode }) {
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
        <input ref={input} type="file" hidden accept=".csv,.tsv,.txt,.xlsx,.ods,.json,text/csv" aria-label="Table of bends"
          onChange={(event) => {
            onFile(event.target.files?.[0]);
            // the same file can be chosen again after it was mended
            event.target.value = '';
          }} />
        <Typography>{file ? file.name : 'or drop it here. Nothing is kept until you have seen what it holds.'}</Typography>
      </Box>
      <Lines onFile={onFile} />
      {children}
      <Typography variant="body2" color="textSecondary">
        A table is a CSV file or a workbook (XLSX or ODS) with a line for each bend, under headings of your own: what they mean is asked once and remembered. A JSON document exported here comes in, too. A cell may bring its
        unit, such as 3/8 in or 1 h 30 min. For the headings known here, export{' '}
        <Link href={inThisShop('/api/exchange/trials?units=METRIC')} download>your own bends</Link> and see.
      </Typography>
    </Box>
  );
}

/** Cells that are pasted, and lines as they stand in a notebook of paper. */
function Lines({ onFile }: { onFile: (file: File) => void }) {
  const [text, setText] = useState('');
  const read = (lines: string, name: string) => { onFile(new File([lines], name, { type: 'text/csv' })); };
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }} onPaste={(event: ClipboardEvent) => {
      const cells = event.clipboardData.getData('text/plain');
      if (!cells.includes('\n')) return;
      event.preventDefault();
      read(cells, 'Pasted cells');
    }}>
      <Field label="Or paste cells with their headings, or lines of a notebook" value={text} multiline rows={4} onChange={(event) => { setText(event.target.value); }}
        helperText="One line a bend, such as 3/8 ash, 1.5h steam, strap, 7in, snapped" />
      <Button variant="outlined" disabled={text.trim() === ''} sx={{ minHeight: 40, flexShrink: 0 }} onClick={() => { read(text, 'Lines'); }}>Read it</Button>
    </Box>
  );
}
