import { Alert, Box, Button, Paper, Typography } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, body } from '../api/client';
import type { InstrumentView, Told } from '../api/schema';
import { Field } from '../app/Field';
import { clockIsSet, serverNow } from '../bench/serverClock';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { printTime } from '../process/time';
import { printTemperature } from '../units/printing';

const INSTRUMENTS = ['instruments'];
const LOOK_EACH_MS = 3000;
/** One that was not heard for so long is off [s]. */
const SILENT_S = 300;

/** The thermometers, and the server's clock when they were looked at. */
async function look() {
  await clockIsSet();
  return { instruments: await body(api.GET('/api/instruments')), now: serverNow() };
}

function useWrites() {
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries({ queryKey: INSTRUMENTS });
  return {
    add: useMutation({ mutationFn: (name: string) => body(api.POST('/api/instruments', { body: { name } })), onSuccess }),
    remove: useMutation({
      mutationFn: ({ id, version }: InstrumentView) => body(api.DELETE('/api/instruments/{id}', { params: { path: { id }, query: { version } } })), onSuccess,
    }),
    putBack: useMutation({ mutationFn: (id: number) => body(api.POST('/api/instruments/{id}/restoration', { params: { path: { id } } })), onSuccess }),
  };
}

/** Thermometers that send what they read. */
export function InstrumentsView() {
  const { data, error } = useQuery({ queryKey: INSTRUMENTS, queryFn: look, refetchInterval: LOOK_EACH_MS });
  const [told, setTold] = useState<Told>();
  return (
    <>
      <Typography variant="h1" gutterBottom>Thermometers</Typography>
      <Typography sx={{ maxWidth: 720, mb: 2 }}>
        A thermometer in the chamber that sends what it reads decides on the bench when a piece is ready: its time in the heat is
        reckoned by what the chamber really was, and the curve stands in the record. A piece goes by the one that was heard last when it was put into the heat.
      </Typography>
      {error && <Alert severity="error">{error.message}</Alert>}
      <Box component="ul" aria-label="Thermometers" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5, maxWidth: 720 }}>
        {data?.instruments.map((instrument) => <Instrument key={instrument.id} instrument={instrument} now={data.now} />)}
      </Box>
      {data?.instruments.length === 0 && <Typography sx={{ py: 3 }}>There is none yet.</Typography>}
      <Add onTold={setTold} />
      {told && <HowToSend told={told} />}
    </>
  );
}

function Instrument({ instrument, now }: { instrument: InstrumentView; now: number }) {
  const [system] = useUnits();
  const { remove, putBack } = useWrites();
  const notify = useNotice();
  const failed = (error: Error) => { notify({ message: error.message }); };
  const { last } = instrument;
  const ago = last?.readAt === undefined ? Infinity : Math.max(0, (now - Date.parse(last.readAt)) / 1000);
  return (
    <Paper component="li" aria-label={instrument.name} sx={{ p: 2, display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', border: 1, borderColor: 'divider' }}>
      <Box sx={{ flexGrow: 1 }}>
        <Typography variant="h2">{instrument.name}</Typography>
        <Typography color="text.secondary">
          {last === undefined ? 'Not heard yet' : ago > SILENT_S ? `Silent for ${printTime(ago)}` : `Heard ${printTime(ago)} ago`}
        </Typography>
      </Box>
      <Typography sx={{ fontSize: '2rem', fontWeight: 600, fontVariantNumeric: 'tabular-nums', minWidth: 110, textAlign: 'right', color: ago > SILENT_S ? 'text.secondary' : 'text.primary' }}>
        {last?.celsius === undefined ? '—' : printTemperature(last.celsius, system)}
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

function Add({ onTold }: { onTold: (told: Told) => void }) {
  const [name, setName] = useState('');
  const [refusal, setRefusal] = useState<string>();
  const { add } = useWrites();
  const save = async () => {
    try {
      onTold(await add.mutateAsync(name));
      setName('');
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  return (
    <Box component="form" noValidate aria-label="Add a thermometer" onSubmit={(event) => { event.preventDefault(); void save(); }}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'start', mt: 3 }}>
      <Field label="Name of a thermometer" value={name} error={refusal !== undefined} sx={{ width: 260 }}
        onChange={(event) => { setRefusal(undefined); setName(event.target.value); }} slotProps={{ htmlInput: { maxLength: 80, autoComplete: 'off' } }} />
      <Button type="submit" variant="contained" loading={add.isPending} sx={{ minHeight: 40 }}>Add it</Button>
      {refusal && <Typography role="alert" variant="body2" color="error" sx={{ width: '100%' }}>{refusal}</Typography>}
    </Box>
  );
}

/** The one call it has to make, with its token, which is shown this once. */
function HowToSend({ told }: { told: Told }) {
  const address = `${window.location.origin}/api/instruments/${told.id}/readings`;
  return (
    <Alert severity="info" sx={{ mt: 2, maxWidth: 900 }}>
      <Typography sx={{ fontWeight: 600 }}>Its token is shown this once. It sends what it reads so, one reading or up to 1,000 at once:</Typography>
      <Box component="pre" aria-label="How it sends" sx={{ whiteSpace: 'pre-wrap', overflowWrap: 'anywhere', m: 0, mt: 1, userSelect: 'all' }}>
        {`curl -X POST ${address} \\
  -H "Authorization: Bearer ${told.token}" -H "Content-Type: application/json" \\
  -d '{"readings": [{"readAt": "${new Date().toISOString()}", "celsius": 97.5}]}'`}
      </Box>
    </Alert>
  );
}
