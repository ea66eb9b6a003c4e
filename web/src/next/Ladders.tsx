import { Box, ButtonBase, Typography } from '@mui/material';
import { useNextTrials } from '../api/advice';
import type { RecipeFields, RungView } from '../api/schema';
import { usePalette } from '../app/palette';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { band } from '../bend/geometry';
import { Dimmed, useOld } from '../app/Dimmed';
import { HowComputed } from '../help/HowComputed';
import { oddsInWords } from '../odds/words';
import { Choice } from '../recipe/Choice';
import { printLength } from '../units/printing';

type By = 'radius' | 'thickness';

const BY: Record<By, string> = { radius: 'tighter radius', thickness: 'thicker stock' };

/** The ladder from a bend that is safe down to the one wanted, each step drawn to one scale. */
export function Ladders({ recipe, onTake }: { recipe: RecipeFields; onTake: (recipe: RecipeFields) => void }) {
  const [by, setBy] = useStored<By>('brachion.ladder', 'radius');
  const { data, isPlaceholderData: old } = useNextTrials(recipe);
  if (!data) return null;
  const rungs = by === 'radius' ? data.radiusLadder : data.thicknessLadder;
  const largest = Math.max(...rungs.map((rung) => outerRadius(rung)));
  return (
    <Box component="section" aria-label="Ladder">
      <Typography variant="h2" gutterBottom>Step down to it</Typography>
      <Choice label="Steps by" options={BY} value={by} onChange={setBy} />
      <Dimmed old={old}><Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, mt: 1, display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fit, minmax(120px, 1fr))' }}>
        {rungs.map((rung, i) => <Rung key={i} rung={rung} by={by} largest={largest} last={i === rungs.length - 1} onTake={onTake} />)}
      </Box></Dimmed>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
        {rungs.length === 1 ? 'It is safe to start at the target itself.' : 'Go on to the next step when a piece held; odds are as of today and move with every trial.'}
      </Typography>
      <HowComputed part="the-advice" />
    </Box>
  );
}

function outerRadius({ recipe }: RungView): number {
  return recipe.innerRadiusMm + recipe.blank.thicknessMm;
}

interface RungProps {
  rung: RungView;
  by: By;
  largest: number;
  last: boolean;
  onTake: (recipe: RecipeFields) => void;
}

function Rung({ rung, by, largest, last, onTake }: RungProps) {
  const old = useOld();
  const colours = usePalette();
  const [system] = useUnits();
  const { recipe, unbroken } = rung;
  const half = (Math.min(recipe.angleDegrees, 180) * Math.PI) / 360;
  return (
    <Box component="li">
      <ButtonBase disabled={old} onClick={() => { onTake(recipe); }}
        sx={{ display: 'block', width: '100%', textAlign: 'center', p: 1, border: last ? 2 : 1, borderColor: last ? 'primary.main' : 'divider', borderRadius: 1, '&:hover': { bgcolor: 'action.hover' } }}>
        <Box component="svg" viewBox={`${-largest} ${-largest} ${2 * largest} ${largest * 1.1}`} aria-hidden sx={{ width: '100%', height: 70 }}>
          <path d={band(recipe.innerRadiusMm, outerRadius(rung), half, 0)}
            fill={`color-mix(in oklab, ${colours.data.broken}, ${colours.data.clean} ${Math.round(unbroken.probability * 100)}%)`} />
        </Box>
        <Typography variant="body2" sx={{ fontWeight: 640 }}>
          {by === 'radius' ? `radius ${printLength(recipe.innerRadiusMm, system)}` : `${printLength(recipe.blank.thicknessMm, system)} thick`}
        </Typography>
        <Typography variant="body2">{oddsInWords(unbroken.probability)}</Typography>
      </ButtonBase>
    </Box>
  );
}
