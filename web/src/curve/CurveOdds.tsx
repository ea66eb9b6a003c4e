import { Box, Button, FormControlLabel, Switch, Typography } from '@mui/material';
import type { CurveReading, RecipeFields } from '../api/schema';
import { useOld } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { factsOf } from '../methods/forms';
import { limitInWords, oddsInWords, rangeInWords } from '../odds/words';
import { about, bendLabel } from './words';

interface CurveOddsProps {
  answer: CurveReading & { asked: { overhangMm: number } };
  recipe: RecipeFields;
  strapTurned: boolean;
  onTurnStrap: (turned: boolean) => void;
  /** Makes the worst bend the planned one. */
  onPlan: (bend: CurveReading['bends'][number]) => void;
}

/** Will the whole piece bend: its odds, bend by bend, and what to cut for it. */
export function CurveOdds({ answer, recipe, strapTurned, onTurnStrap, onPlan }: CurveOddsProps) {
  const [system] = useUnits();
  const { bends, unbroken } = answer;
  const worst = bends.reduce<CurveReading['bends'][number] | undefined>((found, bend) => (found && found.unbroken.probability <= bend.unbroken.probability ? found : bend), undefined);
  const bothWays = new Set(bends.map(({ turn }) => turn)).size > 1;
  const { strap } = factsOf(recipe.method);
  const old = useOld();
  return (
    <Box component="section" aria-label="Odds of the curve" sx={{ display: 'grid', gap: 1.25 }}>
      <Box aria-live="polite">
        <Typography component="p" sx={{ fontFamily: 'h1.fontFamily', fontWeight: 600, fontSize: '2.1rem', lineHeight: 1.1 }}>{oddsInWords(unbroken.probability)}</Typography>
        <Typography>hold at every bend, {rangeInWords(unbroken)}</Typography>
        <Typography variant="body2" color="textSecondary">
          {togetherInWords(answer)}
        </Typography>
      </Box>
      {worst && bends.length > 1 && (
        <Typography sx={{ fontWeight: 600 }}>
          Bend {bends.indexOf(worst) + 1} decides: {bendLabel(worst, system)}, {about(worst.tightestAtMm, system)} along. {limitInWords({ mode: worst.limiting, ratio: worst.ratio }, recipe, { thicknessMm: worst.partMm })}
        </Typography>
      )}
      <Box component="ol" sx={{ m: 0, pl: 2.5, '& li': { pb: 0.25 } }}>
        {bends.map((bend) => (
          <li key={bend.first}>
            {bendLabel(bend, system)}: {oddsInWords(bend.unbroken.probability)}; form R {about(bend.formRadiusMm, system)}
            {bend.bareFace && <Typography component="span" variant="body2" sx={{ display: 'block', color: 'data.flaw' }}>The strap lies on its inner face.</Typography>}
          </li>
        ))}
      </Box>
      {strap && bothWays && (
        <FormControlLabel control={<Switch checked={strapTurned} onChange={(_, turned) => { onTurnStrap(turned); }} />} label="Strap turned over, or one on each face" />
      )}
      <Typography variant="body2">
        Cut the stock {about(answer.stockMm, system)} long, {about(answer.asked.overhangMm, system)} over at each end. Along the middle it is {about(answer.middleMm, system)}, along its left face {about(answer.leftMm, system)}, its right
        face {about(answer.rightMm, system)}.
      </Typography>
      {answer.crosses && <Typography variant="body2" sx={{ color: 'data.flaw' }}>The piece comes to lie on itself; it is bent out of the plane there.</Typography>}
      {worst && <Box><Button size="small" variant="outlined" disabled={old} onClick={() => { onPlan(worst); }}>Plan by {bends.length > 1 ? `bend ${bends.indexOf(worst) + 1}` : 'this bend'}</Button></Box>}
      <HowComputed part="curves" />
    </Box>
  );
}

/** Between what the odds of the whole lie, however much of what breaks one bend would break the others. */
function togetherInWords({ bends, eachForItself, asWorst }: CurveReading): string {
  if (bends.length < 2) return 'One bend, forecast as in the plan.';
  const [apart, together] = [oddsInWords(eachForItself), oddsInWords(asWorst)];
  return apart === together
    ? 'The same whether its bends break together or each for reasons of its own.'
    : `Between ${apart}, if each bend broke for reasons of its own, and ${together}, if the worst decided for all.`;
}
