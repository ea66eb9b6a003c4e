import { Box, Button, Typography } from '@mui/material';
import { useNavigate } from 'react-router';
import { useProcess, type Afterwards } from '../api/queries';
import { LeversPanel } from '../advice/LeversPanel';
import { Dimmed } from '../app/Dimmed';
import { useOnPhone } from '../app/phone';
import { useStored, writeStored } from '../app/storage';
import { StrainAcross } from '../bend/StrainAcross';
import { EMPTY_OUTCOME, LOG_DRAFT } from '../log/draft';
import { factsOf, methodOf } from '../methods/forms';
import { Help } from '../help/Help';
import { HowComputed } from '../help/HowComputed';
import { Grounds } from '../odds/Grounds';
import { OddsPanel } from '../odds/OddsPanel';
import { ProcessStrip } from '../process/ProcessStrip';
import type { StageChange } from '../process/StageHandle';
import { AFTERWARDS_DRAFT, USUALLY_AFTERWARDS } from './draft';
import { usePlan } from './usePlan';

/** Why the odds are what they are: what to change, strain, grounds, and heat and water on the way. */
export function ForecastPart() {
  const { answer, current, form, take } = usePlan();
  const onPhone = useOnPhone();
  const navigate = useNavigate();
  if (!answer) return null;
  const { recipe, forecast } = answer;
  return (
    <>
      <Dimmed old={!current} sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 320px' }, alignItems: 'start', mb: 2.5 }}>
        <Box sx={{ order: { xs: 2, lg: 0 }, minWidth: 0 }}>
          {onPhone && <Box sx={{ mb: 2 }}><OddsPanel {...answer} /></Box>}
          <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 1.5 }}>
            <Typography variant="h2">Strain across the thickness</Typography>
            <Help of="neutralAxis" />
            <HowComputed part="the-bend" />
          </Box>
          <StrainAcross section={forecast.section} />
          <Grounds {...answer} />
        </Box>
        <Box sx={{ display: 'grid', gap: 2, justifyItems: 'start', '& > section': { width: '100%' } }}>
          <LeversPanel recipe={recipe} stale={!current} onTake={take} />
          <Button
            variant="outlined"
            onClick={() => {
              writeStored(LOG_DRAFT, { recipe: form, outcome: EMPTY_OUTCOME });
              void navigate('/records/new');
            }}
          >
            Bend it and log how it went
          </Button>
        </Box>
      </Dimmed>
      {methodOf(recipe).followed && <HeatAndWater />}
    </>
  );
}

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
