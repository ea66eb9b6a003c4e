import { Box, Button, ToggleButton, ToggleButtonGroup, Typography } from '@mui/material';
import { useState } from 'react';
import { useFamiliar, useKeptCurves, useKeptCurveWrites } from '../api/curves';
import type { RecipeFields } from '../api/schema';
import { useNotice } from '../app/notice';
import { TRAY } from '../recipe/Choice';
import { BringLineDialog } from './BringLineDialog';
import { draftOf, type CurveDraft } from './draft';
import { KeepDialog } from './KeepDialog';
import { TraceDialog } from './TraceDialog';
import type { Curve } from './useCurve';
import { FAMILIAR } from './words';

/** Where a curve comes from: one everybody knows by name, a drawing or places, one that was kept. */
export function StartFrom({ curve, recipe }: { curve: Curve; recipe: RecipeFields }) {
  const { draft, chain } = curve;
  const familiar = useFamiliar();
  const { data: kept = [] } = useKeptCurves();
  const { discard, restore } = useKeptCurveWrites();
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
        <ToggleButtonGroup exclusive size="small" aria-label="Start from" value={null} sx={TRAY}
          onChange={(_, chosen: keyof typeof FAMILIAR | null) => {
            if (!chosen) return;
            // a spiral of less than a turn is an arc
            const angleDegrees = chosen === 'SPIRAL' ? Math.max(450, recipe.angleDegrees) : Math.min(recipe.angleDegrees, chosen === 'S' ? 90 : 720);
            familiar.mutateAsync({ curve: chosen, innerRadiusMm: recipe.innerRadiusMm, angleDegrees })
              .then((found) => { take(draftOf(found, '', draft?.strapTurned)); }).catch(failed);
          }}>
          {(Object.keys(FAMILIAR) as (keyof typeof FAMILIAR)[]).map((each) => <ToggleButton key={each} value={each}>{FAMILIAR[each]}</ToggleButton>)}
        </ToggleButtonGroup>
        <Button size="small" onClick={() => { setOpen('line'); }}>A drawing or places …</Button>
        <Button size="small" onClick={() => { setOpen('trace'); }}>Trace a picture …</Button>
      </Box>
      <Box role="group" aria-label="Kept curves" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center', minHeight: 32 }}>
        {kept.map(({ id, name, curve: each }) => (
          <Button key={id} size="small" variant={name === here?.name ? 'contained' : 'outlined'} aria-pressed={name === here?.name}
            onClick={() => { take(draftOf(each.chain, name, each.strapTurned)); }}>{name}</Button>
        ))}
        <Button size="small" disabled={!chain} onClick={() => { setOpen('keep'); }}>Keep this curve …</Button>
        {here && (
          <Button size="small" onClick={() => {
            discard.mutateAsync(here.id).then(() => { notify({ message: `“${here.name}” is no longer kept.`, undo: () => { restore.mutate(here.id, { onError: failed }); } }); }).catch(failed);
          }}>Do not keep it</Button>
        )}
        {kept.length === 0 && <Typography variant="body2" color="text.secondary">Curves you keep stand here.</Typography>}
      </Box>
      {open === 'line' && <BringLineDialog thicknessMm={curve.thicknessMm} onLeave={() => { setOpen(undefined); }} onBring={(next) => { take(draftOf(next, '', draft?.strapTurned)); }} />}
      {open === 'trace' && <TraceDialog thicknessMm={curve.thicknessMm} onLeave={() => { setOpen(undefined); }} onBring={(next) => { take(draftOf(next, '', draft?.strapTurned)); }} />}
      {open === 'keep' && draft && chain && (
        <KeepDialog name={draft.name} chain={chain} strapTurned={draft.strapTurned} onLeave={() => { setOpen(undefined); }} onKept={(name) => { curve.change({ ...draft, name }); }} />
      )}
    </Box>
  );
}
