import { Link } from '@mui/material';
import { Link as RouterLink } from 'react-router';

/** The parts of the account of the computation, by the headings of docs/computation.md. */
export const PARTS = ['where-the-figures-come-from', 'heat-and-water', 'the-bend', 'what-nobody-has-measured', 'the-steam-rig', 'the-odds', 'the-advice', 'the-sheet', 'the-bench', 'the-day', 'the-things-in-the-rig', 'the-record', 'the-stock',
  'jobs-and-hands', 'photographs', 'curves'] as const;

/** Leads to how a number is computed. */
export function HowComputed({ part }: { part: (typeof PARTS)[number] }) {
  return (
    <Link component={RouterLink} to={`/help/computation#${part}`} variant="body2" sx={{ color: 'text.secondary' }}>
      How this is computed
    </Link>
  );
}
