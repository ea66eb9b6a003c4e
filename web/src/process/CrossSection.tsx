import { Box } from '@mui/material';
import { useEffect, useState } from 'react';
import { useCrossSection, type Afterwards } from '../api/queries';
import type { RecipeFields, SectionAnswer } from '../api/schema';
import { usePalette } from '../app/palette';
import { RAMPS, type Shown } from './ramps';

const LARGEST = 110;
const HEIGHT = 64;
/** A pointer that runs on asks for nothing [ms]. */
const REST = 60;

interface CrossSectionProps {
  recipe: RecipeFields | undefined;
  afterwards: Afterwards;
  shown: Shown;
  moment: { stage: number; seconds: number } | undefined;
}

/** The piece cut across at the moment looked at, to scale, outer face on top. */
export function CrossSection({ recipe, afterwards, shown, moment }: CrossSectionProps) {
  const colours = usePalette();
  const stage = moment?.stage;
  const seconds = moment && Math.round(moment.seconds * 10) / 10;
  const [rested, setRested] = useState(moment);
  useEffect(() => {
    const timer = setTimeout(() => {
      setRested(stage === undefined || seconds === undefined ? undefined : { stage, seconds });
    }, REST);
    return () => {
      clearTimeout(timer);
    };
  }, [stage, seconds]);
  const { data } = useCrossSection(recipe, afterwards, rested);
  if (!recipe || !data) return null;
  const { thicknessMm, widthMm } = recipe.blank;
  const scale = Math.min(LARGEST / widthMm, HEIGHT / thicknessMm);
  const [width, height] = [widthMm * scale, thicknessMm * scale];
  return (
    <Box component="svg" viewBox={`0 0 ${width} ${height}`} role="img" aria-label={describe(data)}
      sx={{ width, height, flexShrink: 0, border: 1, borderColor: 'text.primary' }}>
      {cells(data[shown], width, height).map((cell) => (
        <rect key={`${cell.x} ${cell.y}`} {...cell} fill={RAMPS[shown].colour(cell.value)} />
      ))}
      <line x1={0} x2={width} y1={height} y2={height} stroke={colours.text.primary} strokeWidth={2} />
    </Box>
  );
}

/** Both halves of the width are alike; the rows come from the inner face on, and it lies at the bottom. */
function cells(rows: number[][], width: number, height: number) {
  return rows.flatMap((row, depth) => {
    const mirrored = [...[...row].reverse(), ...row];
    const [w, h] = [width / mirrored.length, height / rows.length];
    // a hair over the edge, so that no seam shows
    return mirrored.map((value, column) => ({ value, x: column * w, y: height - (depth + 1) * h, width: w + 0.3, height: h + 0.3 }));
  });
}

function describe({ softness, moisture }: SectionAnswer): string {
  const middle = Math.floor(softness.length / 2);
  const edge = (softness[middle]?.length ?? 1) - 1;
  return (
    `Cross-section: core softness ${(softness[middle]?.[0] ?? 0).toFixed(2)} at ${Math.round(moisture[middle]?.[0] ?? 0)} per cent, ` +
    `edge ${(softness[middle]?.[edge] ?? 0).toFixed(2)} at ${Math.round(moisture[middle]?.[edge] ?? 0)} per cent.`
  );
}
