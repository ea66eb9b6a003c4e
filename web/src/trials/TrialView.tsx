import { Alert, Box, Button, Paper, Typography } from '@mui/material';
import { Link as RouterLink, useNavigate, useParams } from 'react-router';
import { useRecordForecast, useSetAside } from '../api/advice';
import { useTrial, useTrialWrites } from '../api/queries';
import type { TrialView as Trial } from '../api/schema';
import { useMadeWith } from '../api/things';
import { useNotice } from '../app/notice';
import { writeStored } from '../app/storage';
import { useUnits, type UnitSystem } from '../app/units';
import { BendDrawing } from '../bend/BendDrawing';
import { StrainAcross } from '../bend/StrainAcross';
import { setAsideInWords } from '../evidence/words';
import { usePlanIt } from '../plan/draft';
import { HowComputed } from '../help/HowComputed';
import { EMPTY_OUTCOME, LOG_DRAFT } from '../log/draft';
import { factsOf, methodOf } from '../methods/forms';
import { limitInWords, oddsInWords } from '../odds/words';
import { SaidRecipe } from '../sentence/SaidRecipe';
import { RecordsJob } from '../jobs/RecordsJob';
import { PhotosOf } from '../photo/PhotosOf';
import { formOf } from '../recipe/form';
import { useWoodName } from '../recipe/woodNames';
import { printDay } from '../units/days';
import { printLength } from '../units/printing';
import { ChamberRecord } from './ChamberRecord';
import { Diagnosis } from './Diagnosis';
import { factsInWords } from './facts';
import { OutcomeTag } from './OutcomeTag';

export function TrialView() {
  const id = Number(useParams().id);
  const { data: trial, error } = useTrial(Number.isInteger(id) ? id : undefined);
  if (error) return <Typography>{error.message}</Typography>;
  return trial ? <TrialPage key={trial.id} trial={trial} /> : null;
}

function TrialPage({ trial }: { trial: Trial }) {
  const [system] = useUnits();
  const { data } = useRecordForecast(trial.id, trial.version);
  const answer = data?.asDone;
  const name = useWoodName()(trial.recipe.blank.speciesId);
  const [limiting] = answer?.modes ?? [];
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', md: '1fr 360px' }, alignItems: 'start' }}>
      <Paper sx={{ p: 2 }}>
        <Box sx={{ height: { xs: 280, md: 430 } }}>
          {answer && <BendDrawing recipe={trial.recipe} section={answer.section} sheet={answer.sheet} flaw={trial.outcome.flaw} flawAt={trial.outcome.flawAt} />}
        </Box>
        <Box sx={{ minHeight: { xs: 130, sm: 190 } }}>{answer && <StrainAcross section={answer.section} />}</Box>
        <Box sx={{ mt: 2 }}><PhotosOf subject={{ trial: trial.id }} /></Box>
      </Paper>
      <Box>
        <Typography variant="h1">{name || '\u00a0'}</Typography>
        <Typography color="textSecondary">{printDay(trial.bentOn)}</Typography>
        <Typography sx={{ mt: 0.5 }}><SaidRecipe recipe={trial.recipe} /></Typography>
        <Box sx={{ my: 1.5 }}>
          <OutcomeTag outcome={trial.outcome} />
        </Box>
        {/* what may be tapped stands above all that comes later, so that it never moves away under a finger */}
        <Actions trial={trial} />
        <RecordsJob trial={trial} />
        <NotCounted id={trial.id} system={system} />
        <Facts trial={trial} system={system} />
        <ChamberRecord readings={trial.done.chamber} wantedC={factsOf(trial.recipe.method).heatC} heat={methodOf(trial.recipe).heat ?? ''} />
        {answer && limiting && (
          <Box sx={{ borderTop: 1, borderColor: 'divider', pt: 1.5, mt: 1.5 }}>
            <Typography>{limitInWords(limiting, trial.recipe, answer.section)}</Typography>
            <Typography>
              Knowing what the records say now, {oddsInWords(answer.unbroken.probability)} like it hold
              {data.planned ? `; done as planned, ${oddsInWords(data.planned.probability)}.` : '.'}
            </Typography>
            <HowComputed part="the-odds" />
          </Box>
        )}
        {trial.outcome.flaw && <Diagnosis id={trial.id} version={trial.version} seen={trial.outcome.flaw} />}
      </Box>
    </Box>
  );
}

/** A record that cannot be so says it itself. */
function NotCounted({ id, system }: { id: number; system: UnitSystem }) {
  const { data = [] } = useSetAside();
  const record = data.find((each) => each.trialId === id);
  if (!record) return null;
  return (
    <Alert severity="warning" sx={{ mb: 1.5 }}>
      No forecast counts this bend: {setAsideInWords(record, printLength(record.value, system))}. Correct it and it counts again.
    </Alert>
  );
}

function Facts({ trial, system }: { trial: Trial; system: UnitSystem }) {
  const { data: made } = useMadeWith(trial.id);
  const facts = factsInWords(trial, made, system);
  return (
    <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: '84px 1fr', rowGap: 0.75 }}>
      {facts.map(([term, text]) => (
        <Box key={`${term} ${text}`} sx={{ display: 'contents' }}>
          <Typography component="dt" variant="body2" color="textSecondary">{term}</Typography>
          <Typography component="dd" variant="body2" sx={{ m: 0, overflowWrap: 'anywhere' }}>{text}</Typography>
        </Box>
      ))}
    </Box>
  );
}

function Actions({ trial }: { trial: Trial }) {
  const [system] = useUnits();
  const navigate = useNavigate();
  const notify = useNotice();
  const { remove, restore } = useTrialWrites();
  const planIt = usePlanIt();
  const recipe = formOf(trial.recipe, system);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 2 }}>
      <Button variant="contained" onClick={() => { planIt(trial.recipe); }}>
        Try changes
      </Button>
      <Button variant="outlined" onClick={() => { writeStored(LOG_DRAFT, { recipe, outcome: EMPTY_OUTCOME }); void navigate('/records/new'); }}>
        Log one like it
      </Button>
      <Button component={RouterLink} to={`/records?compare=${trial.id}`}>Compare</Button>
      <Button component={RouterLink} to={`/records/${trial.id}/correct`}>Correct</Button>
      <Button component={RouterLink} to={`/records/logbook?one=${trial.id}`}>Print a card</Button>
      <Button
        color="error"
        loading={remove.isPending}
        onClick={() => {
          void remove
            .mutateAsync(trial)
            .then(() => navigate('/records'))
            .then(() => { notify({ message: 'Bend deleted.', undo: () => { restore.mutate(trial.id); } }); })
            .catch((error: Error) => { notify({ message: error.message }); });
        }}
      >
        Delete
      </Button>
    </Box>
  );
}
