import { Box, Button, Typography } from '@mui/material';
import type { RecipeFields, WayBeside } from '../api/schema';
import { useOld } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { BendDrawing } from '../bend/BendDrawing';
import { say } from '../messages/ways';
import { cautionOf } from '../methods/caution';
import { springbackLengths } from '../odds/groundsInWords';
import { limitInWords, rangeInWords } from '../odds/words';
import { formOf } from '../recipe/form';
import { SaidRecipe } from '../sentence/SaidRecipe';
import { printLength } from '../units/printing';
import { hoursInWords, missingInWords, neededInWords } from './words';

/** A way that was opened: the piece drawn, its recipe said, and all there is to know before it is chosen. */
export function OpenedWay({ way, wanted, onTake }: { way: WayBeside; wanted: number; onTake: (recipe: RecipeFields) => void }) {
  const [system] = useUnits();
  const old = useOld();
  const { recipe, section, unbroken, planned, dryDays } = way;
  const missing = missingInWords(way);
  const dries = dryDays === undefined ? say('opened.neverDry') : dryDays === 0 ? '' : say('opened.dries', { days: Math.max(1, Math.round(dryDays)) });
  return (
    <Box sx={{ display: 'grid', columnGap: 3, rowGap: 1, gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '280px minmax(0, 1fr)' }, py: 0.5 }}>
      <Box sx={{ height: 170 }}><BendDrawing recipe={recipe} section={section} sheet={way.sheet} lettering={1.6} /></Box>
      <Box sx={{ display: 'grid', gap: 0.75, alignContent: 'start', maxWidth: '80ch' }}>
        <Typography><SaidRecipe recipe={recipe} /></Typography>
        <Typography variant="body2">{say('opened.range', { range: rangeInWords(unbroken) })} {unbroken.probability < wanted && limitInWords(way.limiting, recipe, section)}</Typography>
        <Typography variant="body2">
          {say('opened.springback', { radius: printLength(recipe.innerRadiusMm, system), ...springbackLengths(way.springback, system) })}{' '}
          {say('opened.time', { hours: hoursInWords(way.hours), yours: hoursInWords(way.attentionHours) })} {dries}
        </Typography>
        <Typography variant="body2">
          {say('opened.needs', { things: neededInWords(way) })} {missing && <b>{say('opened.missing', { things: missing })}</b>}
        </Typography>
        <Typography variant="body2" color="textSecondary">{cautionOf(formOf(recipe, system))}</Typography>
        {!planned && <Button variant="outlined" disabled={old} sx={{ justifySelf: 'start' }} onClick={() => { onTake(recipe); }}>{say('use')}</Button>}
      </Box>
    </Box>
  );
}
