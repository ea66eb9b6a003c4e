import { Box, Button, Typography } from '@mui/material';
import { useNavigate } from 'react-router';
import { useProcess, type Afterwards } from '../api/queries';
import { LeversPanel } from '../advice/LeversPanel';
import { Dimmed } from '../app/Dimmed';
import { Fold } from '../app/Fold';
import { useOnPhone } from '../app/phone';
import { useStored, writeStored } from '../app/storage';
import { useUnits } from '../app/units';
import { StrainAcross } from '../bend/StrainAcross';
import { EMPTY_OUTCOME, LOG_DRAFT } from '../log/draft';
import { cautionOf } from '../methods/caution';
import { factsOf, methodOf } from '../methods/forms';
import { Help } from '../help/Help';
import { HowComputed } from '../help/HowComputed';
import { Grounds } from '../odds/Grounds';
import { OddsPanel } from '../odds/OddsPanel';
import { ProcessStrip } from '../process/ProcessStrip';
import type { StageChange } from '../process/StageHandle';
import { Caution } from '../recipe/fields';
import type { Answer } from '../recipe/useRecipe';
import { shapeLine } from '../recipe/words';
import { AFTERWARDS_DRAFT, USUALLY_AFTERWARDS } from './draft';
import { PieceDrawn } from './PieceBand';
import { usePlan } from './usePlan';

/** The piece, the odds, what limits it and what to change in one look; below it why, and heat and water on the way. */
export function ForecastPart() {
  const plan = usePlan();
  const { answer, current, form, take } = plan;
  const [system] = useUnits();
  const onPhone = useOnPhone();
  const navigate = useNavigate();
  const log = (
    <Button variant="outlined" sx={{ justifySelf: 'start' }}
      onClick={() => {
        writeStored(LOG_DRAFT, { recipe: form, outcome: EMPTY_OUTCOME });
        void navigate('/records/new');
      }}
    >
      Bend it and log how it went
    </Button>
  );
  const odds = answer && (
    <OddsPanel {...answer}>
      <LeversPanel recipe={answer.recipe} stale={!current} onTake={take} />
      {log}
    </OddsPanel>
  );
  return (
    <>
      <Box sx={LOOK}>
        <Box sx={{ minWidth: 0 }}>
          {!onPhone && <PieceDrawn state={plan} height={DRAWING} lettering={0.9} />}
          <Dimmed old={!current} sx={{ minHeight: 24 }}>
            {answer && !onPhone && <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>{shapeLine(answer.recipe, system)}</Typography>}
          </Dimmed>
          {onPhone && <Dimmed old={!current}>{odds}</Dimmed>}
          <Caution>{cautionOf(form)}</Caution>
          <Fold when={onPhone} title="Why: strain, records, springback">
            <Dimmed old={!current} sx={{ mt: 2, minHeight: { sm: 400 } }}>{answer && <Why {...answer} />}</Dimmed>
          </Fold>
        </Box>
        {!onPhone && <Dimmed old={!current} sx={{ minHeight: 900 }}>{odds}</Dimmed>}
      </Box>
      {answer && methodOf(answer.recipe).followed && <Fold when={onPhone} title="Heat and water on the way"><HeatAndWater /></Fold>}
    </>
  );
}

/** Why the odds are what they are: the strain across the section, and what they rest on. */
function Why(answer: Answer) {
  return (
    <>
      <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 1.5 }}>
        <Typography variant="h2">Strain across the thickness</Typography>
        <Help of="neutralAxis" />
        <HowComputed part="the-bend" />
      </Box>
      <StrainAcross section={answer.forecast.section} />
      <Grounds {...answer} />
    </>
  );
}

/** Height of the drawing [px]: with the sentence above it, it fills what a screen of 800 shows. */
const DRAWING = 430;

const LOOK = { display: 'grid', gap: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) 360px' }, alignItems: 'start', mb: 2.5 } as const;

/** The process strip; dragging a stage on it changes the recipe. */
function HeatAndWater() {
  const { answer, current, form, change } = usePlan();
  const [kept, setKept] = useStored<Afterwards>(AFTERWARDS_DRAFT, USUALLY_AFTERWARDS);
  const recipe = answer?.recipe;
  const afterwards = { formHours: (recipe && factsOf(recipe.method).holdHours) ?? USUALLY_AFTERWARDS.formHours, rackDays: kept.rackDays };
  const { data, isPlaceholderData } = useProcess(recipe, afterwards);
  const changeStage = ({ kind, seconds }: StageChange) => {
    const typed = methodOf(form).stages(form).find((stage) => stage.kind === kind);
    if (typed) change({ [typed.field]: String(seconds / typed.unitSeconds) });
    else if (kind === 'RACK') setKept({ ...kept, rackDays: seconds / 86_400 });
  };
  return (
    <Dimmed old={isPlaceholderData || !current} sx={{ minHeight: { xs: 720, sm: 520 } }}>
      {data && <ProcessStrip answer={data} recipe={recipe} afterwards={afterwards} onChange={changeStage} />}
    </Dimmed>
  );
}
