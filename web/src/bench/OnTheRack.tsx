import { Box, Typography } from '@mui/material';
import { useRack } from '../api/queries';
import type { BenchView } from '../api/schema';
import { passingInWords } from '../rack/words';
import { WeighIn } from '../rack/WeighIn';
import { today } from '../units/days';

/** A piece that dries: when it is dry by its weigh-ins, and one more weigh-in. */
export function OnTheRack({ piece }: { piece: BenchView }) {
  const { data: rack } = useRack();
  const drying = rack?.find(({ id }) => id === piece.rackId);
  return (
    <Box sx={{ minHeight: 150 }}>
      {drying && (
        <>
          <Typography variant="body2" sx={{ fontWeight: 600 }}>
            {drying.readings.length === 0 ? 'Not weighed yet; weighed, its date is known better.' : `By its weigh-ins: ${passingInWords(drying.below10, 10, today())}`}
          </Typography>
          <WeighIn drying={drying} />
        </>
      )}
    </Box>
  );
}
