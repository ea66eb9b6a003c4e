import { Link } from '@mui/material';
import { Link as RouterLink } from 'react-router';

/** The parts of the account of the computation, by the headings of docs/computation.md. */
export const PARTS = {
  'heat-and-water': 'Heat and water',
  'the-bend': 'The bend',
  'what-nobody-has-measured': 'What nobody has measured',
  'the-steam-rig': 'The steam rig',
  'the-odds': 'The odds',
  'the-advice': 'The advice',
} as const;

/** Leads to how a number is computed. */
export function HowComputed({ part }: { part: keyof typeof PARTS }) {
  return (
    <Link component={RouterLink} to={`/help/computation#${part}`} variant="body2" sx={{ color: 'text.secondary' }}>
      How this is computed
    </Link>
  );
}
