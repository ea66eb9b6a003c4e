import { Box, Button, Typography } from '@mui/material';
import { useSoak } from '../api/queries';
import type { RecipeFields } from '../api/schema';
import { Field } from '../app/Field';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { useReadings } from '../units/reading';
import { printTime } from './time';

interface SoakPlanProps {
  recipe: RecipeFields | undefined;
  onTake: (seconds: number) => void;
}

const HOUR = 3600;

/** How long it must lie under water for a wanted moisture, on average and at the core. */
export function SoakPlan({ recipe, onTake }: SoakPlanProps) {
  const [wish, setWish] = useStored('brachion.soak', { mean: '20', core: '14' });
  const [system] = useUnits();
  const { mean, core } = useReadings({ mean: { measurement: 'MOISTURE', text: wish.mean }, core: { measurement: 'MOISTURE', text: wish.core } }, system);
  const { data, error } = useSoak(recipe, mean.value, core.value);
  const times = [data?.meanAfterS, data?.coreAfterS];
  const needed = times.every((time) => time !== undefined) ? Math.max(...(times as number[])) : undefined;
  const field = (name: 'mean' | 'core', label: string) => (
    <Field label={label} value={wish[name]} error={{ mean, core }[name].error !== undefined} sx={{ width: 92 }} slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
      onChange={(event) => { setWish({ ...wish, [name]: event.target.value }); }} />
  );
  return (
    <Box sx={{ mt: 1.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Typography variant="body2">Soak until it holds</Typography>
        {field('mean', 'Mean %')}
        {field('core', 'Core %')}
      </Box>
      <Typography variant="body2" sx={{ mt: 0.75 }} role={error ? 'alert' : undefined}>
        {error
          ? error.message
          : needed === undefined
            ? 'Not within 1,000 hours.'
            : needed < 60
              ? 'It holds that already.'
              : `About ${printTime(needed)}.`}
        {needed !== undefined && needed >= 60 && (
          <Button size="small" sx={{ ml: 1 }} onClick={() => { onTake(Math.max(1, Math.ceil(needed / HOUR)) * HOUR); }}>
            Soak it so long
          </Button>
        )}
      </Typography>
    </Box>
  );
}
