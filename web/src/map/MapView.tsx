import { Box, Button, Typography } from '@mui/material';
import { useNavigate } from 'react-router';
import { useBendMap, type Extent } from '../api/advice';
import { useUnits } from '../app/units';
import { useForecastDraft } from '../forecast/useForecastDraft';
import { Waiting } from '../forecast/ForecastView';
import { oddsInWords, rangeInWords } from '../odds/words';
import { RecipeInputs } from '../recipe/RecipeInputs';
import { useRecipe } from '../recipe/useRecipe';
import { printLength } from '../units/printing';
import { MapPicture } from './MapPicture';
import { PieceMark } from './PieceMark';
import { cellAt } from './geometry';
import { MIDDLE_SHADE } from './shades';

const SOLID: Extent = { thinnestMm: 2, thickestMm: 40, tightestMm: 30, widestMm: 1200 };
const PLY: Extent = { thinnestMm: 0.5, thickestMm: 10, tightestMm: 50, widestMm: 2500 };

/** The bend map: where this recipe would hold, whatever its thickness and radius. */
export function MapView() {
  const [form, setForm] = useForecastDraft();
  const [system] = useUnits();
  const navigate = useNavigate();
  const { recipe, settled, readings, problems } = useRecipe(form);
  const extent = form.method === 'COLD_LAMINATION' ? PLY : SOLID;
  const { data: map, isPlaceholderData: old } = useBendMap(settled, extent);
  const thicknessMm = recipe?.blank.thicknessMm ?? 0;
  const radiusMm = recipe?.innerRadiusMm ?? 0;
  const move = (thickness: number, radius: number) => {
    const print = (mm: number) => (system === 'inch' ? printLength(mm, system) : `${Number(mm.toFixed(1))} mm`);
    setForm({
      ...form,
      thickness: print(Math.max(extent.thinnestMm, Math.min(extent.thickestMm, thickness))),
      radius: print(Math.max(extent.tightestMm, Math.min(extent.widestMm, radius))),
    });
  };
  const cell = map && cellAt(map, thicknessMm, radiusMm);
  const odds = cell && {
    probability: map.unbroken[cell.row]?.[cell.column] ?? 0, low: map.low[cell.row]?.[cell.column] ?? 0, high: map.high[cell.row]?.[cell.column] ?? 0,
  };
  return (
    <Box sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: { xs: '1fr', md: '330px 1fr' }, alignItems: 'start' }}>
      <Box sx={{ order: { xs: 2, md: 0 } }}>
        <RecipeInputs form={form} readings={readings} problems={problems} onChange={(change) => { setForm({ ...form, ...change }); }} />
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="h1" gutterBottom>Where it would hold</Typography>
        {map && recipe && odds ? (
          <>
            <Box sx={{ opacity: old ? 0.4 : 1 }}>
              <MapPicture map={map} thicknessMm={thicknessMm} radiusMm={radiusMm} support={recipe.steam?.strap?.material} onMove={move} />
            </Box>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center', mt: 1 }}>
              <Typography sx={{ flexGrow: 1 }} aria-live="polite">
                {old
                  ? 'Drawing the map …'
                  : `${printLength(thicknessMm, system)} at radius ${printLength(radiusMm, system)}: ${oddsInWords(odds.probability)} hold, ${rangeInWords(odds)}.`}
              </Typography>
              <Button variant="outlined" onClick={() => { void navigate('/forecast'); }}>Try it in the forecast</Button>
            </Box>
            <Key />
          </>
        ) : (
          <Waiting problems={Object.keys(problems).length} />
        )}
      </Box>
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
    <Typography component="p" variant="body2" color="text.secondary" sx={{ mt: 1 }}>
      Your pieces: {mark('CLEAN', 'clean')}{mark('FLAW', 'flawed')}{mark('BROKEN', 'broken')}; faint where the support was another.
      Beyond the dotted line 8 in 10 hold even at the cautious end of the range. Click a place, or move the cross-hair with the arrow
      keys.
    </Typography>
  );
}
