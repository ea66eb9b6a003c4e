import { Alert, Link, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import type { SetAside } from '../api/schema';
import { useUnits } from '../app/units';
import { printLength } from '../units/printing';
import { setAsideInWords } from './words';

/** Records no forecast counts, each with the reason and a way to it. */
export function SetAsideList({ setAside }: { setAside: SetAside[] }) {
  const [system] = useUnits();
  if (setAside.length === 0) return null;
  return (
    <Alert severity="warning" sx={{ mb: 2 }}>
      Set aside, because it cannot be so; correct it and it counts again:
      {setAside.map((record) => (
        <Typography key={record.trialId} variant="body2">
          <Link component={RouterLink} to={`/records/${record.trialId}`}>Trial {record.trialId}</Link>:{' '}
          {setAsideInWords(record, printLength(record.value, system))}.
        </Typography>
      ))}
    </Alert>
  );
}
