import { Box, Typography } from '@mui/material';
import { useBendMap } from '../api/advice';
import { Dimmed } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { factsOf, methodOf } from '../methods/forms';
import { oddsInWords, rangeInWords } from '../odds/words';
import { usePlan } from '../plan/usePlan';
import { printLength } from '../units/printing';
import { MapPicture } from './MapPicture';
import { PieceMark } from './PieceMark';
import { cellAt } from './geometry';
import { MIDDLE_SHADE } from './shades';

/** The bend map: where the planned recipe would hold, whatever its thickness and radius. */
export function MapPart() {
  const { form, answer, current, change } = usePlan();
  const [system] = useUnits();
  const recipe = answer?.recipe;
  const method = methodOf(recipe ?? form);
  const { extent } = method;
  const { data: map, isPlaceholderData } = useBendMap(recipe, extent);
  const old = isPlaceholderData || !current;
  const thicknessMm = recipe?.blank.thicknessMm ?? 0;
  const radiusMm = recipe?.innerRadiusMm ?? 0;
  const move = (thickness: number, radius: number) => {
    const print = (mm: number) => (system === 'inch' ? printLength(mm, system) : `${Number(mm.toFixed(1))} mm`);
    const thick = print(Math.max(extent.thinnestMm, Math.min(extent.thickestMm, thickness)));
    change({
      ...methodOf(form).thickened(thick),
      radius: print(Math.max(extent.tightestMm, Math.min(extent.widestMm, radius))),
    });
  };
  const cell = map && cellAt(map, thicknessMm, radiusMm);
  const odds = cell && {
    probability: map.unbroken[cell.row]?.[cell.column] ?? 0, low: map.low[cell.row]?.[cell.column] ?? 0, high: map.high[cell.row]?.[cell.column] ?? 0,
  };
  return (
    <Box component="section" aria-label="Where it would hold" sx={{ minHeight: 560 }}>
      <Typography variant="h2" gutterBottom>Where it would hold</Typography>
      {map && recipe && odds ? (
        <>
          <Dimmed old={old}>
            <MapPicture map={map} thicknessMm={thicknessMm} radiusMm={radiusMm} support={factsOf(recipe.method).strap?.material} onMove={move} />
          </Dimmed>
          <Typography sx={{ mt: 1 }} aria-live="polite">
            {old
              ? 'Drawing the map …'
              : `${printLength(thicknessMm, system)}${method.ofThickness} at radius ${printLength(radiusMm, system)}: ${oddsInWords(odds.probability)} hold, ${rangeInWords(odds)}.`}
          </Typography>
          <Key />
          <HowComputed part="the-odds" />
        </>
      ) : (
        <Typography color="textSecondary">Drawing the map …</Typography>
      )}
    </Box>
  );
}

function Key() {
  const mark = (severity: 'CLEAN' | 'FLAW' | 'BROKEN', words: string) => (
    <Box component="span" sx={{ display: 'inline-flex', alignItems: 'center', gap: 0.5, mr: 2 }}>
      <Box component="svg" viewBox="-9 -9 18 18" aria-hidden sx={{ width: 18, height: 18, bgcolor: MIDDLE_SHADE, borderRadius: 0.5 }}>
        <PieceMark x={0} y={0} severity={severity} />
      </Box>
      {words}
    </Box>
  );
  return (
    <Typography component="p" variant="body2" color="textSecondary" sx={{ mt: 1 }}>
      Your pieces: {mark('CLEAN', 'clean')}{mark('FLAW', 'flawed')}{mark('BROKEN', 'broken')}; faint where the support was another.
      Beyond the dotted line 8 in 10 hold even at the cautious end of the range. Click a place, or move the cross-hair with the arrow
      keys.
    </Typography>
  );
}
