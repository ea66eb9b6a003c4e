import { Link, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';

export function NotHere() {
  return (
    <>
      <Typography variant="h1">There is nothing at this address</Typography>
      <Link component={RouterLink} to="/records">
        Go to the trials
      </Link>
    </>
  );
}
