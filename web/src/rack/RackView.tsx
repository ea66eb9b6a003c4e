import { Alert, Box, Button, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import { useRack, useRackWrites, useSpecies } from '../api/queries';
import type { DryingView } from '../api/schema';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { woodName } from '../recipe/woodNames';
import { printDay, today } from '../units/days';
import { printLength, printTemperature } from '../units/printing';
import { DryingCurve } from './DryingCurve';
import { HangForm } from './HangForm';
import { WeighIn } from './WeighIn';
import { paceInWords, passingInWords } from './words';

export function RackView() {
  const { data: pieces, error } = useRack();
  const { data: species } = useSpecies();
  const [hanging, setHanging] = useState(false);
  return (
    <>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 2 }}>
        <Typography variant="h1" sx={{ flexGrow: 1 }}>On the rack</Typography>
        <HowComputed part="heat-and-water" />
        <Button variant={hanging ? 'text' : 'contained'} onClick={() => { setHanging(!hanging); }}>
          {hanging ? 'Cancel' : 'Put on the rack'}
        </Button>
      </Box>
      {hanging && <HangForm onHung={() => { setHanging(false); }} />}
      {error && <Alert severity="error">{error.message}</Alert>}
      {pieces?.length === 0 && !hanging && <Typography sx={{ py: 6, textAlign: 'center' }}>Nothing hangs to dry.</Typography>}
      <Box component="ul" aria-label="Pieces on the rack"
        sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' } }}>
        {species && pieces?.map((drying) => <PieceOnTheRack key={drying.id} drying={drying} wood={woodName(species, drying.piece.speciesId)} />)}
      </Box>
    </>
  );
}

function PieceOnTheRack({ drying, wood }: { drying: DryingView; wood: string }) {
  const [system] = useUnits();
  const { takeOff, putBack, takeBack } = useRackWrites();
  const notify = useNotice();
  const { piece } = drying;
  const failed = (error: Error) => { notify({ message: error.message }); };
  return (
    <Paper component="li" sx={{ p: 2, border: 1, borderColor: 'divider' }}>
      <Typography variant="h2">{piece.name}</Typography>
      <Typography variant="body2" color="textSecondary" gutterBottom>
        {wood}, {printLength(piece.thicknessMm, system)} ×{' '}
        {printLength(piece.widthMm, system)}, since {printDay(piece.startedOn)} in {printTemperature(piece.shopC, system)} and{' '}
        {piece.shopHumidityPercent} % humidity
      </Typography>
      <DryingCurve drying={drying} />
      <Typography sx={{ fontWeight: 600 }}>{passingInWords(drying.below10, 10, today())}</Typography>
      <Typography>{passingInWords(drying.below8, 8, today())}</Typography>
      <Typography variant="body2" color="textSecondary">{paceInWords(drying)}</Typography>
      <WeighIn drying={drying} />
      <Box sx={{ display: 'flex', gap: 1 }}>
        {drying.readings.length > 0 && (
          <Button size="small" onClick={() => { takeBack.mutate(drying, { onError: failed }); }}>
            Take back the last weigh-in
          </Button>
        )}
        <Button size="small" color="error"
          onClick={() => {
            void takeOff.mutateAsync(drying)
              .then(() => { notify({ message: `${piece.name} taken off the rack.`, undo: () => { putBack.mutate(drying.id); } }); })
              .catch(failed);
          }}>
          Take it off
        </Button>
      </Box>
    </Paper>
  );
}
