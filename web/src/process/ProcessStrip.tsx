import { Box, ToggleButton, ToggleButtonGroup, Typography } from '@mui/material';
import { useState, type PointerEvent } from 'react';
import type { Afterwards } from '../api/queries';
import type { ProcessAnswer, RecipeFields, StageView } from '../api/schema';
import { useOnPhone } from '../app/phone';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { factsOf } from '../methods/forms';
import { printTemperature } from '../units/printing';
import { CrossSection } from './CrossSection';
import { SoakPlan } from './SoakPlan';
import { StageHandle, type StageChange } from './StageHandle';
import { StripMarks } from './StripMarks';
import { StripPicture } from './StripPicture';
import { stageSpans, valueAt } from './geometry';
import { RAMPS, type Shown } from './ramps';
import { printTime } from './time';
import { carryInWords, dryingInWords, SCHOOL, STAGE, steamingInWords, workingInWords } from './words';

const WIDTH = 1000;
const WIDTH_ON_PHONE = 400;
const HEIGHT = 170;

interface ProcessStripProps {
  answer: ProcessAnswer;
  recipe: RecipeFields | undefined;
  afterwards: Afterwards;
  onChange: (change: StageChange) => void;
}

interface Moment {
  stage: StageView;
  index: number;
  seconds: number;
  x: number;
}

/**
 * The process strip: time runs along, stage by stage, each on its own scale; depth runs down, outer face on top. The
 * ends of the stages are handles.
 */
export function ProcessStrip({ answer, recipe, afterwards, onChange }: ProcessStripProps) {
  const [shown, setShown] = useState<Shown>('softness');
  const [moment, setMoment] = useState<Moment>();
  const onPhone = useOnPhone();
  const width = onPhone ? WIDTH_ON_PHONE : WIDTH;
  const spans = stageSpans(answer.stages, width);
  const point = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const x = ((event.clientX - box.left) / box.width) * width;
    const index = spans.findIndex((span) => x >= span.from && x <= span.to);
    const span = spans[index];
    const stage = answer.stages[index];
    if (span && stage) setMoment({ stage, index, x, seconds: ((x - span.from) / (span.to - span.from)) * stage.seconds });
  };
  return (
    <Box component="section" aria-label="Process" sx={{ mt: 2 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, mb: 1 }}>
        <Typography variant="h2" sx={{ flexGrow: 1 }}>
          Heat and water through the piece
        </Typography>
        <HowComputed part="heat-and-water" />
        <Legend shown={shown} />
        <ToggleButtonGroup exclusive size="small" value={shown} aria-label="Shown on the strip"
          onChange={(_, chosen: Shown | null) => { if (chosen) setShown(chosen); }}>
          {(Object.keys(RAMPS) as Shown[]).map((each) => (
            <ToggleButton key={each} value={each}>{RAMPS[each].label}</ToggleButton>
          ))}
        </ToggleButtonGroup>
      </Box>
      <Box sx={{ position: 'relative' }}>
        <Box component="svg" viewBox={`0 0 ${width} ${HEIGHT + 54}`} role="img" aria-label={describe(answer)}
          onPointerMove={point} onPointerLeave={() => { setMoment(undefined); }}
          sx={{ width: '100%', display: 'block', fontFamily: 'fontFamily', touchAction: 'pan-y' }}>
          <StripPicture stages={answer.stages} spans={spans} shown={shown} height={HEIGHT} />
          <StripMarks answer={answer} width={width} height={HEIGHT} fontSize={onPhone ? 11 : 15} moment={moment?.x} />
        </Box>
        {answer.stages.map((stage, index) => (
          <StageHandle key={stage.kind} stage={stage} at={(spans[index]?.to ?? 0) / width}
            room={((spans[index]?.to ?? 0) - (spans[index]?.from ?? 0)) / width}
            height={HEIGHT / (HEIGHT + 54)} onChange={onChange} />
        ))}
      </Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', minHeight: 74 }}>
        <CrossSection recipe={recipe} afterwards={afterwards} shown={shown}
          moment={moment ? { stage: moment.index, seconds: moment.seconds } : pull(answer)} />
        <Typography variant="body2" color="textSecondary">
          {moment ? (
            <MomentLine moment={moment} />
          ) : (
            'Beside it the section as it is bent. Point at a moment to see and read it. Drag the end of a stage, or move it with the arrow keys.'
          )}
        </Typography>
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', md: '1.3fr 1fr 1fr' }, mt: 1 }}>
        <Typography variant="body2">
          {answer.stages.some((stage) => stage.kind === 'HOT_PIPE') ? workingInWords(answer.times) : steamingInWords(answer.times)}
          {answer.schools.length > 0 &&
            ` Rules of thumb say ${answer.schools.map((s) => `${printTime(s.minutes * 60)} (${SCHOOL[s.school]})`).join(', ')}.`}
        </Typography>
        <Box>
          <Typography variant="body2">{recipe && !factsOf(recipe.method).carried ? 'It is bent where it is hot: nothing cools before it is clamped.' : carryInWords(answer.times)}</Typography>
          <SoakPlan recipe={recipe} onTake={(seconds) => { onChange({ kind: 'SOAK', seconds }); }} />
        </Box>
        <Typography variant="body2">{dryingInWords(answer.times)}</Typography>
      </Box>
    </Box>
  );
}

/** The moment the stock is pulled: the end of the heat. */
function pull(answer: ProcessAnswer): { stage: number; seconds: number } | undefined {
  const index = answer.stages.findIndex(({ softens }) => softens);
  const stage = answer.stages[index];
  return stage && { stage: index, seconds: stage.seconds };
}

function Legend({ shown }: { shown: Shown }) {
  const ramp = RAMPS[shown];
  const span = shown === 'softness' ? [0, 1] : shown === 'moisture' ? [4, 30] : [15, 100];
  const stops = [0, 0.25, 0.5, 0.75, 1].map((s) => ramp.colour((span[0] ?? 0) + s * ((span[1] ?? 1) - (span[0] ?? 0))));
  return (
    <Typography component="div" variant="body2" sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
      {ramp.low}
      <Box aria-hidden sx={{ width: 90, height: 12, background: `linear-gradient(90deg, ${stops.join(',')})` }} />
      {ramp.high}
    </Typography>
  );
}

function MomentLine({ moment: { stage, seconds } }: { moment: Moment }) {
  const [system] = useUnits();
  const at = (shown: Shown) => valueAt(stage.frames, seconds, shown);
  const [soft, wet, hot] = [at('softness'), at('moisture'), at('celsius')];
  const core = Math.floor(soft.length / 2);
  const last = soft.length - 1;
  return (
    <>
      {STAGE[stage.kind]}, {printTime(seconds)}: outer face {printTemperature(hot[last] ?? 0, system)}, core{' '}
      {printTemperature(hot[core] ?? 0, system)}; outer face {(wet[last] ?? 0).toFixed(1)} % wet, core{' '}
      {(wet[core] ?? 0).toFixed(1)} %; softness outside {(soft[last] ?? 0).toFixed(2)}, core {(soft[core] ?? 0).toFixed(2)}.
    </>
  );
}

function describe(answer: ProcessAnswer): string {
  const stages = answer.stages.map((stage) => {
    const end = stage.frames.at(-1);
    const core = end ? Math.floor(end.softness.length / 2) : 0;
    return end
      ? `${STAGE[stage.kind]} for ${printTime(stage.seconds)}: at its end the core is at ${Math.round(end.celsius[core] ?? 0)} degrees Celsius, ` +
          `${Math.round(end.moisture[core] ?? 0)} per cent wet, softness ${(end.softness[core] ?? 0).toFixed(2)}`
      : '';
  });
  return `Process strip. ${stages.join('. ')}.`;
}
