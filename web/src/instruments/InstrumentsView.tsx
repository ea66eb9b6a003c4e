import { Alert, Box, Button, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import { heardAgo, useInstruments, useInstrumentWrites, type InstrumentKind } from '../api/instruments';
import type { InstrumentView, Told } from '../api/schema';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { printTime } from '../process/time';
import { Choice } from '../recipe/Choice';
import { KIND, lastInWords, SENT } from './words';

/** One that was not heard for so long is off [s]; a meter and a scale are silent while nobody uses them. */
const SILENT_S = 300;

/** What a new instrument has to be told, and its kind. */
interface Added {
  told: Told;
  kind: InstrumentKind;
}

/** Instruments that send what they read. */
export function InstrumentsView() {
  const { data, error } = useInstruments();
  const [added, setAdded] = useState<Added>();
  return (
    <>
      <Typography variant="h1" gutterBottom>Instruments</Typography>
      <Typography sx={{ maxWidth: 720, mb: 2 }}>
        A thermometer in the chamber that sends what it reads decides on the bench when a piece is ready: its time in the heat is
        reckoned by what the chamber really was, and the curve stands in the record. A piece goes by the one that was heard last when it was put into the heat. What a moisture meter or a
        scale reads is taken with a tap where it is asked for, and a room sensor knows the air that pieces dry in.
      </Typography>
      {error && <Alert severity="error">{error.message}</Alert>}
      <Box component="ul" aria-label="Instruments" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5, maxWidth: 720 }}>
        {data?.instruments.map((instrument) => <Instrument key={instrument.id} instrument={instrument} now={data.now} />)}
      </Box>
      {data?.instruments.length === 0 && <Typography sx={{ py: 3 }}>There is none yet.</Typography>}
      <Add onAdded={setAdded} />
      {added && <HowToSend added={added} />}
    </>
  );
}

function Instrument({ instrument, now }: { instrument: InstrumentView; now: number }) {
  const [system] = useUnits();
  const { remove, putBack } = useInstrumentWrites();
  const notify = useNotice();
  const failed = (error: Error) => { notify({ message: error.message }); };
  const ago = heardAgo(instrument, now);
  return (
    <Paper component="li" aria-label={instrument.name} sx={{ p: 2, display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', border: 1, borderColor: 'divider' }}>
      <Box sx={{ flexGrow: 1 }}>
        <Typography variant="h2">{instrument.name}</Typography>
        <Typography color="textSecondary">
          {KIND[instrument.kind]}; {instrument.last === undefined ? 'not heard yet' : ago > SILENT_S ? `silent for ${printTime(ago)}` : `heard ${printTime(ago)} ago`}
        </Typography>
      </Box>
      <Typography sx={{ fontSize: '2rem', fontWeight: 600, fontVariantNumeric: 'tabular-nums', minWidth: 110, textAlign: 'right', color: ago > SILENT_S ? 'text.secondary' : 'text.primary' }}>
        {lastInWords(instrument, system)}
      </Typography>
      <Button color="error" onClick={() => {
        void remove.mutateAsync(instrument)
          .then(() => { notify({ message: `${instrument.name} taken away. What it read stays in the records.`, undo: () => { putBack.mutate(instrument.id, { onError: failed }); } }); })
          .catch(failed);
      }}>
        Take it away
      </Button>
    </Paper>
  );
}

function Add({ onAdded }: { onAdded: (added: Added) => void }) {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<InstrumentKind>('THERMOMETER');
  const [refusal, setRefusal] = useState<string>();
  const { add } = useInstrumentWrites();
  const save = async () => {
    try {
      onAdded({ told: await add.mutateAsync({ name, kind }), kind });
      setName('');
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  return (
    <Box component="form" noValidate aria-label="Add an instrument" onSubmit={(event: React.FormEvent) => { event.preventDefault(); void save(); }} sx={{ mt: 3 }}>
      <Choice label="It measures" options={KIND} value={kind} onChange={setKind} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'start' }}>
        <Field label="Name of the instrument" value={name} error={refusal !== undefined} sx={{ width: 260 }}
          onChange={(event) => { setRefusal(undefined); setName(event.target.value); }} slotProps={{ htmlInput: { maxLength: 80, autoComplete: 'off' } }} />
        <Button type="submit" variant="contained" loading={add.isPending} sx={{ minHeight: 40 }}>Add it</Button>
        {refusal && <Typography role="alert" variant="body2" color="error" sx={{ width: '100%' }}>{refusal}</Typography>}
      </Box>
    </Box>
  );
}

/** The one call it has to make, with its token, which is shown this once. */
function HowToSend({ added: { told, kind } }: { added: Added }) {
  const address = `${window.location.origin}/api/instruments/${told.id}/readings`;
  return (
    <Alert severity="info" sx={{ mt: 2, maxWidth: 900 }}>
      <Typography sx={{ fontWeight: 600 }}>Its token is shown this once. It sends what it reads so, one reading or up to 1,000 at once:</Typography>
      <Box component="pre" aria-label="How it sends" sx={{ whiteSpace: 'pre-wrap', overflowWrap: 'anywhere', m: 0, mt: 1, userSelect: 'all' }}>
        {`curl -X POST ${address} \\
  -H "Authorization: Bearer ${told.token}" -H "Content-Type: application/json" \\
  -d '{"readings": [{"readAt": "${new Date().toISOString()}", ${SENT[kind]}}]}'`}
      </Box>
    </Alert>
  );
}
