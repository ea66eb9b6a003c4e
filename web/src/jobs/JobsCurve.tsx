import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useKeptCurves } from '../api/curves';
import { useJobWrites } from '../api/jobs';
import type { JobView, KeptCurve } from '../api/schema';
import { FormDialog } from '../app/FormDialog';
import { writeStored } from '../app/storage';
import { CURVE_DRAFT, draftOf } from '../curve/draft';
import { usePlanIt } from '../plan/draft';
import { Choice } from '../recipe/Choice';
import { planFor } from './draft';

const NONE = 'NONE';

/** The curve the pieces of a job are bent to: said, and opened beside its plan. */
export function JobsCurve({ view }: { view: JobView }) {
  const { job } = view;
  const { data: kept } = useKeptCurves();
  const [saying, setSaying] = useState(false);
  const planIt = usePlanIt();
  const curve = kept?.find(({ id }) => id === job.curveId);
  const open = ({ name, curve: { chain, strapTurned, overhangMm } }: KeptCurve) => {
    planFor(view.id);
    writeStored(CURVE_DRAFT, draftOf(chain, name, strapTurned, overhangMm));
    planIt(job.recipe, '/plan/curve');
  };
  return (
    <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, mt: 1 }}>
      <Typography variant="body2" color="textSecondary" sx={{ flexGrow: 1 }}>{kept && inWords(job.curveId, curve)}</Typography>
      {curve && <Button size="small" sx={{ flexShrink: 0 }} onClick={() => { open(curve); }}>Open the curve</Button>}
      <Button size="small" sx={{ flexShrink: 0 }} onClick={() => { setSaying(true); }}>Its curve</Button>
      {saying && kept && <WhichCurve view={view} kept={kept} onLeave={() => { setSaying(false); }} />}
    </Box>
  );
}

function inWords(id: number | undefined, curve: KeptCurve | undefined): string {
  if (curve) return `Bent to the curve “${curve.name}”`;
  return id === undefined ? 'Bent once, as planned.' : 'Its curve was let go.';
}

function WhichCurve({ view, kept, onLeave }: { view: JobView; kept: KeptCurve[]; onLeave: () => void }) {
  const { job } = view;
  const [chosen, setChosen] = useState(keyOf(kept.find(({ id }) => id === job.curveId)?.id));
  const { change } = useJobWrites();
  const keep = async () => {
    const rest = { ...job };
    delete rest.curveId;
    const next = kept.find(({ id }) => keyOf(id) === chosen)?.id;
    await change.mutateAsync({ view, job: { ...rest, ...(next === undefined ? {} : { curveId: next }) } });
    onLeave();
  };
  return (
    <FormDialog title={`The curve of ${job.name}`} keep="Save" maxWidth="xs" onKeep={keep} onLeave={onLeave}>
      <Choice label="Curves you kept" options={{ [NONE]: 'one bend, as planned', ...Object.fromEntries(kept.map(({ id, name }) => [keyOf(id), name])) }} value={chosen} onChange={setChosen} />
      {kept.length === 0 && <Typography variant="body2">Keep a curve on the plan under Curve; it is then offered here.</Typography>}
    </FormDialog>
  );
}

/** A key that is no number, so that choices stay in the order they are given. */
function keyOf(id: number | undefined): string {
  return id === undefined ? NONE : `curve ${id}`;
}
