import { Alert, Box, Button, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import { Problem } from '../api/client';
import { useRig, useRigAppraisal, useRigWrite } from '../api/queries';
import type { AppraisalAnswer, KeptRig } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { useNotice } from '../app/notice';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { typedIn, useReadings } from '../units/reading';
import { ChamberDrawing } from './ChamberDrawing';
import { loadOf, MEASURED, NEVER_KEPT, rigForm, rigOf, USUAL_LOAD, type RigDraft, type RigForm } from './draft';
import { RigInputs } from './RigInputs';
import { changeInWords, holdInWords, powerInWords, roomInWords, timesInWords } from './words';

/** The steam rig: the chamber drawn with its load, and what it can hold. */
export function RigView() {
  const { data } = useRig();
  return data ? <Rig kept={data} /> : null;
}

function Rig({ kept }: { kept: KeptRig }) {
  const [system] = useUnits();
  const [stored, setForm] = useStored<RigDraft>('brachion.rig', {});
  const form: RigForm = { ...rigForm(kept.rig, system), ...USUAL_LOAD, ...stored };
  const readings = useReadings(typedIn(form, MEASURED), system);
  const asked = rigOf(form, readings);
  const { data: answer, error, isPlaceholderData: old } = useRigAppraisal(asked?.rig, asked?.load);
  const write = useRigWrite();
  const notify = useNotice();
  const [refusal, setRefusal] = useState<Error | null>(null);
  const refused = refusal ?? error;
  const problems = refused instanceof Problem ? Object.fromEntries(refused.errors.map((e) => [e.field.replace(/^(rig|load)\./, ''), e.message])) : {};
  const save = async () => {
    if (!asked) return;
    try {
      await write.mutateAsync({ version: stored.from ?? kept.version ?? NEVER_KEPT, rig: asked.rig });
      setForm(loadOf(stored));
      notify({ message: 'The rig is kept.' });
    } catch (failed) {
      setRefusal(failed as Error);
    }
  };
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', md: '350px 1fr' }, alignItems: 'start' }}>
      <Box component="form" noValidate sx={{ order: { xs: 2, md: 0 } }} onSubmit={(event) => { event.preventDefault(); void save(); }}>
        <Typography variant="h1" sx={{ mb: 2 }}>Steam rig</Typography>
        <RigInputs form={form} readings={readings} problems={problems}
          onChange={(change) => { setRefusal(null); setForm({ from: kept.version ?? NEVER_KEPT, ...stored, ...change }); }} />
        {refused && (
          <Alert severity="error" sx={{ mb: 1 }}
            action={refused instanceof Problem && refused.status === 409 && (
              <Button color="inherit" onClick={() => { setRefusal(null); setForm(loadOf(stored)); }}>Show the kept rig</Button>
            )}>
            {refused.message}
          </Alert>
        )}
        <Button type="submit" variant="contained" disabled={!asked} loading={write.isPending}>Keep this rig</Button>
      </Box>
      <Dimmed old={old || error !== null} sx={{ minWidth: 0 }}>
        <Paper sx={{ p: 2, minHeight: ROOM }}>
          {answer && <ChamberDrawing rig={answer.rig} load={answer.load} answer={answer.appraisal} />}
          {answer && <Verdict answer={answer.appraisal} />}
        </Paper>
      </Dimmed>
    </Box>
  );
}

/** Room for drawing and verdict, so that nothing moves when they come [px]. */
const ROOM = { xs: 660, md: 560 };

function Verdict({ answer }: { answer: AppraisalAnswer }) {
  const [system] = useUnits();
  return (
    <Box aria-live="polite" sx={{ display: 'grid', gap: 0.75 }}>
      <Typography sx={{ fontFamily: 'h1.fontFamily', fontWeight: 600, fontSize: '1.5rem' }}>{holdInWords(answer, system)}</Typography>
      <Typography>{powerInWords(answer)}</Typography>
      <Typography>{timesInWords(answer)}</Typography>
      <Typography sx={answer.roomy ? {} : { fontWeight: 640, color: 'data.flaw' }}>{roomInWords(answer, system)}</Typography>
      {answer.changes.length > 0 && (
        <Box>
          <Typography variant="h2" sx={{ mt: 1 }}>Any one of these makes it hold easily</Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {answer.changes.map((change) => <Typography component="li" key={change.kind}>{changeInWords(change, system)}</Typography>)}
          </Box>
        </Box>
      )}
      {answer.changes.length === 0 && answer.hold !== 'EASILY' && (
        <Typography>Neither insulation nor more generators alone will do: make the chamber smaller as well.</Typography>
      )}
      <HowComputed part="the-steam-rig" />
      <Typography variant="body2" color="text.secondary" sx={{ borderLeft: 3, borderColor: 'data.flaw', pl: 1.25, mt: 1 }}>
        Never seal the chamber: vents and drain stay open. Generator and leads on a residual-current protected supply, away from drips,
        never run dry. Stand aside when you open the door. For wiring ask a licensed electrician and follow local codes.
      </Typography>
    </Box>
  );
}
