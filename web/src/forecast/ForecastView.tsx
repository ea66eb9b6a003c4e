import { Box, Button, Paper, Typography } from '@mui/material';
import { useNavigate } from 'react-router';
import { useProcess, type Afterwards } from '../api/queries';
import { LeversPanel } from '../advice/LeversPanel';
import { useOnPhone } from '../app/phone';
import { useStored, writeStored } from '../app/storage';
import { useUnits } from '../app/units';
import { BendDrawing } from '../bend/BendDrawing';
import { StrainAcross } from '../bend/StrainAcross';
import { EMPTY_OUTCOME, LOG_DRAFT } from '../log/draft';
import { Grounds } from '../odds/Grounds';
import { OddsPanel } from '../odds/OddsPanel';
import { ProcessStrip } from '../process/ProcessStrip';
import type { StageChange } from '../process/StageHandle';
import { formOf, number } from '../recipe/form';
import { RecipeInputs } from '../recipe/RecipeInputs';
import { useRecipe } from '../recipe/useRecipe';
import { AFTERWARDS_DRAFT, ORDINARY_SHOP } from './draft';
import { useForecastDraft } from './useForecastDraft';

export function ForecastView() {
  const [form, setForm] = useForecastDraft();
  const [system] = useUnits();
  const { recipe, settled, readings, problems, forecast } = useRecipe(form);
  const [shop, setShop] = useStored<Afterwards>(AFTERWARDS_DRAFT, ORDINARY_SHOP);
  const afterwards = { ...shop, formHours: number(form.holdHours) ?? ORDINARY_SHOP.formHours };
  const process = useProcess(settled, afterwards);
  const navigate = useNavigate();
  const answer = forecast.data;
  const laminated = form.method === 'COLD_LAMINATION';
  const onPhone = useOnPhone();
  const changeStage = ({ kind, seconds }: StageChange) => {
    if (kind === 'SOAK') setForm({ ...form, soakHours: String(seconds / 3600) });
    if (kind === 'STEAM_BOX') setForm({ ...form, steamMinutes: String(seconds / 60) });
    if (kind === 'CARRY') setForm({ ...form, carrySeconds: String(seconds) });
    if (kind === 'FORM') setForm({ ...form, holdHours: String(seconds / 3600) });
    if (kind === 'RACK') setShop({ ...shop, rackDays: seconds / 86_400 });
  };
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2.5,
        gridTemplateColumns: { xs: '1fr', md: '330px 1fr', lg: '330px 1fr 320px' },
        alignItems: 'start',
      }}
    >
      <Typography variant="h1" sx={{ position: 'absolute', left: -9999 }}>
        Forecast
      </Typography>
      <Box sx={{ order: { xs: 4, md: 0 }, gridRow: { md: '1 / span 3', lg: '1 / span 2' } }}>
        <RecipeInputs form={form} readings={readings} problems={problems}
          onChange={(change) => { setForm({ ...form, ...change }); }} />
      </Box>
      <Paper sx={{ p: 2, order: { xs: 2, md: 0 } }}>
        {answer && recipe ? (
          <>
            <Box sx={{ height: { xs: 260, md: 330 } }}>
              <BendDrawing recipe={recipe} section={answer.section} small={onPhone} />
            </Box>
            <Typography variant="h3" sx={{ mt: 1 }}>
              Strain across the thickness
            </Typography>
            <StrainAcross section={answer.section} />
            <Grounds answer={answer} laminated={laminated} />
          </>
        ) : (
          <Waiting problems={Object.keys(problems).length} />
        )}
      </Paper>
      <Box sx={{ order: { xs: 1, md: 0 }, display: 'grid', gap: 2, justifyItems: 'start', '& > section': { width: '100%' } }}>
        {answer && recipe && (
          <>
            <OddsPanel answer={answer} laminated={laminated} />
            {settled && <LeversPanel recipe={settled} onTake={(changed) => { setForm(formOf(changed, system)); }} />}
            <Button
              variant="outlined"
              onClick={() => {
                writeStored(LOG_DRAFT, { recipe: form, outcome: EMPTY_OUTCOME });
                void navigate('/log');
              }}
            >
              Bend it and log how it went
            </Button>
          </>
        )}
      </Box>
      {process.data && form.method === 'STEAM_BOX' && (
        <Box sx={{ order: { xs: 3, md: 0 }, gridColumn: { lg: '2 / span 2' }, minWidth: 0 }}>
          <ProcessStrip answer={process.data} recipe={settled} afterwards={afterwards} onChange={changeStage} />
        </Box>
      )}
    </Box>
  );
}

export function Waiting({ problems }: { problems: number }) {
  return (
    <Typography color="text.secondary" sx={{ py: 6, textAlign: 'center' }}>
      {problems > 0 ? 'The drawing comes back once the marked entry can be read.' : 'Drawing the piece …'}
    </Typography>
  );
}
