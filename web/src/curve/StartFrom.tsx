import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useFamiliar, useKeptCurves, useKeptCurveWrites } from '../api/curves';
import type { RecipeFields } from '../api/schema';
import { KeepDialog } from '../app/KeepDialog';
import { LetGo } from '../app/LetGo';
import { useNotice } from '../app/notice';
import { Tray } from '../app/Tray';
import { BringLineDialog } from './BringLineDialog';
import { draftOf, type CurveDraft } from './draft';
import { TraceDialog } from './TraceDialog';
import type { Curve } from './useCurve';
import { FAMILIAR } from './words';

/** Where a curve comes from: one everybody knows by name, a drawing or places, one that was kept. */
export function StartFrom({ curve, recipe }: { curve: Curve; recipe: RecipeFields }) {
  const { draft, chain } = curve;
  const familiar = useFamiliar();
  const { data: kept = [] } = useKeptCurves();
  const { keep, discard, restore } = useKeptCurveWrites();
  const [open, setOpen] = useState<'line' | 'trace' | 'keep'>();
  const notify = useNotice();
  const failed = (error: Error) => { notify({ message: error.message }); };
  const take = (next: CurveDraft) => {
    curve.change(next);
    if (draft) notify({ message: 'Another curve.', undo: () => { curve.change(draft); } });
  };
  const here = kept.find(({ curve: each }) => draft?.name === each.name);
  return (
    <Box sx={{ display: 'grid', gap: 1, mb: 1.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Tray aria-label="Start from" options={FAMILIAR} chosen={() => false} onTap={(chosen) => {
          familiar.mutateAsync({ curve: chosen, innerRadiusMm: recipe.innerRadiusMm, angleDegrees: recipe.angleDegrees })
            .then((found) => { take(draftOf(found, '', draft?.strapTurned, draft?.overhangMm)); }).catch(failed);
        }} />
        <Button size="small" onClick={() => { setOpen('line'); }}>A drawing or places …</Button>
        <Button size="small" onClick={() => { setOpen('trace'); }}>Trace a picture …</Button>
      </Box>
      <Box role="group" aria-label="Kept curves" sx={KEPT}>
        {kept.map(({ id, name, curve: each }) => (
          <Button key={id} size="small" variant={name === here?.name ? 'contained' : 'outlined'} aria-pressed={name === here?.name}
            onClick={() => { take(draftOf(each.chain, name, each.strapTurned, each.overhangMm)); }}>{name}</Button>
        ))}
        <Button size="small" disabled={!chain} onClick={() => { setOpen('keep'); }}>Save this curve …</Button>
        {here && <LetGo kept={here} discard={(id) => discard.mutateAsync(id)} restore={(id) => restore.mutateAsync(id)} />}
        {kept.length === 0 && <Typography variant="body2" color="textSecondary">Curves you keep stand here.</Typography>}
      </Box>
      {open === 'line' && <BringLineDialog thicknessMm={curve.thicknessMm} onLeave={() => { setOpen(undefined); }} onBring={(next) => { take(draftOf(next, '', draft?.strapTurned, draft?.overhangMm)); }} />}
      {open === 'trace' && <TraceDialog thicknessMm={curve.thicknessMm} onLeave={() => { setOpen(undefined); }} onBring={(next) => { take(draftOf(next, '', draft?.strapTurned, draft?.overhangMm)); }} />}
      {open === 'keep' && draft && chain && (
        <KeepDialog title="Save this curve" explained="The curve alone is kept; wood, section and way stay those of the plan." name={draft.name} onLeave={() => { setOpen(undefined); }}
          onKeep={async (name) => { curve.change({ ...draft, name: (await keep.mutateAsync({ name, chain, strapTurned: draft.strapTurned, ...(curve.asked ? { overhangMm: curve.asked.overhangMm } : {}) })).name }); }} />
      )}
    </Box>
  );
}

/** On a phone they stand in a row that is pushed along, so that it is as high before they have come. */
const KEPT = { display: 'flex', flexWrap: { xs: 'nowrap', sm: 'wrap' }, overflowX: { xs: 'auto', sm: 'visible' }, gap: 1, alignItems: 'center', minHeight: 40, '& > *': { flexShrink: 0 } } as const;
