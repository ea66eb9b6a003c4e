import { Alert, Box, Button } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { BenchView } from '../api/schema';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { EMPTY_OUTCOME, type OutcomeForm } from '../log/draft';
import { missingFromOutcome, outcomeOf, outcomeTyped } from '../log/outcome';
import { OutcomeInputs } from '../log/OutcomeInputs';
import { methodOf } from '../methods/forms';
import { readNow, useReadings } from '../units/reading';
import { useBenchWrites } from './useBenchWrites';
import { tooLongInWords } from './words';

/** How a piece came out; what was noted on its way is there already. With it the piece becomes a record. */
export function Verdict({ piece, onClose }: { piece: BenchView; onClose: () => void }) {
  const [system] = useUnits();
  const [outcome, setOutcome] = useState<OutcomeForm>(() => ({ ...EMPTY_OUTCOME, ...noted(piece) }));
  const [refusal, setRefusal] = useState<string>();
  const { judge } = useBenchWrites();
  const navigate = useNavigate();
  const notify = useNotice();
  const typed = outcomeTyped(outcome);
  const readings = useReadings(typed, system);
  const save = async () => {
    const unsaid = missingFromOutcome(outcome, {});
    if (unsaid) { setRefusal(unsaid); return; }
    try {
      const read = await readNow(typed, system);
      const unread = missingFromOutcome(outcome, read);
      if (unread) { setRefusal(unread); return; }
      const { trialId } = await judge.mutateAsync({ piece, verdict: { outcome: outcomeOf(outcome, read), note: outcome.note } });
      notify({ message: `${piece.name} is a record now, with everything that was measured on its way.` });
      await navigate(`/records/${trialId}`);
    } catch (error) {
      setRefusal((error as Error).message);
    }
  };
  return (
    <Box component="form" noValidate aria-label={`Verdict on ${piece.name}`} onSubmit={(event) => { event.preventDefault(); void save(); }}>
      {piece.tooLong.length > 0 && (
        <Alert severity="info" sx={{ mb: 1 }}>
          {tooLongInWords(piece.tooLong)} It goes into the record as planned; correct it there if you know better.
        </Alert>
      )}
      <OutcomeInputs outcome={outcome} neverSeen={methodOf(piece.recipe).neverSeen} readings={readings} patternMm={piece.recipe.innerRadiusMm} dated={false}
        onChange={(change) => { setRefusal(undefined); setOutcome({ ...outcome, ...change }); }} />
      {refusal && <Alert severity="warning" sx={{ mb: 1 }}>{refusal}</Alert>}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" size="large" loading={judge.isPending}>Save as a record</Button>
        <Button size="large" onClick={onClose}>Not yet</Button>
      </Box>
    </Box>
  );
}

/** What was noted on its way; a crease beside feathers was seen, too. */
export function noted({ said }: Pick<BenchView, 'said'>): Partial<OutcomeForm> {
  const saw = (tap: string) => said.some((each) => each.tap === tap);
  const seen = [...(saw('FEATHERS') ? ['OUTER_SPLINTER' as const] : []), ...(saw('CREASE') ? ['INNER_CREASE' as const] : [])];
  const [flaw, other] = seen;
  const also = other ? { also: [{ flaw: other, severity: 'FLAW' as const }] } : {};
  if (saw('BROKE')) return { severity: 'BROKEN', ...(flaw ? { flaw } : {}), ...also };
  return flaw ? { severity: 'FLAW', flaw, ...also } : {};
}
