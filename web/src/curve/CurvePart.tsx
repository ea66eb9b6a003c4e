import { Box, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import { Dimmed } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { usePlan } from '../plan/usePlan';
import { WaitLine } from '../recipe/WaitLine';
import { exactLength } from '../units/exact';
import { CurveDrawing } from './CurveDrawing';
import { CurveOdds } from './CurveOdds';
import { withValue } from './draft';
import { useFormEntry } from './formDraft';
import { FormPart } from './FormPart';
import type { Grip } from './geometry';
import { OverhangField } from './OverhangField';
import { PatternPart } from './PatternPart';
import { PipePart } from './PipePart';
import { StartFrom } from './StartFrom';
import { StrapPart } from './StrapPart';
import { StretchList } from './StretchList';
import { useCurve } from './useCurve';

/** A piece of several bends: its curve drawn and pulled into shape, its odds, the form it is bent on, patterns at full size. */
export function CurvePart() {
  const plan = usePlan();
  const [system] = useUnits();
  const curve = useCurve(plan.answer, plan.current);
  const [entry, wanted] = useFormEntry();
  const [held, setHeld] = useState(false);
  const { draft, chain, answer, current } = curve;
  const recipe = plan.answer?.recipe;
  if (!recipe || !draft || !chain) return null;
  const pull = (grip: Grip, value: number) => {
    curve.change({ ...draft, stretches: draft.stretches.map((each, index) => (index === grip.index ? withValue(each, grip.what, value) : each)) });
  };
  const old = !current || held;
  return (
    <>
      <StartFrom curve={curve} recipe={recipe} />
      <Box sx={TWO}>
        <Box sx={{ minWidth: 0 }}>
          <Paper sx={{ p: { xs: 0.5, sm: 1 } }}>
            <CurveDrawing chain={chain} thicknessMm={curve.thicknessMm} answer={answer} old={old} onPull={pull} onHold={setHeld} />
          </Paper>
          <WaitLine state={plan}>{' '}</WaitLine>
          <Typography role="alert" color="error" variant="body2" sx={{ minHeight: '1.5em' }}>{curve.failure}</Typography>
          <Typography variant="h2">Part by part</Typography>
          <StretchList draft={draft} readings={curve.readings} onChange={curve.change} />
          <Box sx={{ maxWidth: 240, mt: 2 }}><OverhangField draft={draft} readings={curve.readings} onChange={curve.change} /></Box>
        </Box>
        <Dimmed old={old} sx={{ minHeight: 420 }}>
          {answer && (
            <CurveOdds answer={answer} recipe={answer.asked.recipe} strapTurned={draft.strapTurned} onTurnStrap={(strapTurned) => { curve.change({ ...draft, strapTurned }); }}
              onPlan={(bend) => { plan.change({ radius: exactLength(bend.tightestMm, system), angle: String(Number(bend.angleDegrees.toFixed(1))) }); }} />
          )}
        </Dimmed>
      </Box>
      {answer?.strap && <StrapPart curve={answer.asked} strap={answer.strap} name={draft.name} old={old} />}
      {answer && answer.heated.length > 0 && <PipePart curve={answer.asked} heated={answer.heated} stripMm={answer.stockMm} name={draft.name} old={old} />}
      <FormPart curve={curve.asked} name={draft.name} old={old} entry={entry} wanted={wanted} />
      <PatternPart name={draft.name} curve={curve.asked} old={old} form={wanted} />
    </>
  );
}

const TWO = { display: 'grid', gap: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 300px' }, alignItems: 'start' } as const;
