import { Alert, Box, Button, Paper, Typography } from '@mui/material';
import { useState, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { Problem } from '../api/client';
import { useRig, useRigAppraisal, useRigWrites } from '../api/queries';
import type { AppraisalAnswer, KeptRig } from '../api/schema';
import { useThings } from '../api/things';
import { Dimmed } from '../app/Dimmed';
import { useNotice } from '../app/notice';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { Choice } from '../recipe/Choice';
import { typedIn, useReadings } from '../units/reading';
import { ChamberDrawing } from './ChamberDrawing';
import { loadOf, MEASURED, NEVER_KEPT, rigForm, rigOf, USUAL_LOAD, type RigDraft, type RigForm } from './draft';
import { RigInputs } from './RigInputs';
import { changeInWords, holdInWords, powerInWords, roomInWords, timesInWords } from './words';

/** The steam boxes of the rig: one drawn with its load, and what it can hold. */
export function RigView() {
  const [search, setSearch] = useSearchParams();
  const { data: things } = useThings();
  const { data: planned } = useRig();
  const boxes = things?.filter(({ item }) => item.kind === 'STEAM_BOX') ?? [];
  const asked = Number(search.get('box') ?? planned?.itemId ?? boxes[0]?.id);
  const box = boxes.find(({ id }) => id === asked)?.id;
  const { data: kept } = useRig(box);
  if (!things || !planned) return null;
  const choice = boxes.length > 0 && (
    <Choice label="Which box" options={Object.fromEntries(boxes.map(({ id, item }) => [String(id), item.name]))} value={box === undefined ? undefined : String(box)}
      onChange={(id) => { setSearch({ box: id }, { replace: true }); }} />
  );
  return kept ? <Rig key={box ?? 'unnamed'} box={box} kept={kept} choice={choice} /> : null;
}

function Rig({ box, kept, choice }: { box: number | undefined; kept: KeptRig; choice: ReactNode }) {
  const [system] = useUnits();
  const [stored, setForm] = useStored<RigDraft>(box === undefined ? DRAFT : `${DRAFT}.${box}`, {});
  const form: RigForm = { ...rigForm(kept.rig, system), ...USUAL_LOAD, ...stored };
  const readings = useReadings(typedIn(form, MEASURED), system);
  const asked = rigOf(form, readings);
  const { data: answer, error, isPlaceholderData: old } = useRigAppraisal(asked?.rig, asked?.load);
  const { keep, planBy } = useRigWrites();
  const notify = useNotice();
  const [refusal, setRefusal] = useState<Error | null>(null);
  const refused = refusal ?? error;
  const problems = refused instanceof Problem ? Object.fromEntries(refused.errors.map((e) => [e.field.replace(/^(rig|load)\./, ''), e.message])) : {};
  const save = async () => {
    if (!asked) return;
    try {
      await keep.mutateAsync({ item: box, version: stored.from ?? kept.version ?? NEVER_KEPT, rig: asked.rig });
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
        {choice}
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
        <Button type="submit" variant="contained" disabled={!asked} loading={keep.isPending}>Save the rig</Button>
        {box !== undefined && kept.version !== NEVER_KEPT && (
          <Box sx={{ mt: 1, minHeight: 40, display: 'flex', alignItems: 'center' }}>
            {kept.planned ? <Typography variant="body2" color="textSecondary">Plans go by this box.</Typography>
              : <Button loading={planBy.isPending} onClick={() => { planBy.mutate(box, { onError: setRefusal }); }}>Plan by this box</Button>}
          </Box>
        )}
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

/** Where what is typed is kept until the box is. */
const DRAFT = 'brachion.rig';

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
      <Typography variant="body2" color="textSecondary" sx={{ borderLeft: 3, borderColor: 'data.flaw', pl: 1.25, mt: 1 }}>
        Never seal the chamber: vents and drain stay open. Generator and leads on a residual-current protected supply, away from drips,
        never run dry. Stand aside when you open the door. For wiring ask a licensed electrician and follow local codes.
      </Typography>
    </Box>
  );
}
