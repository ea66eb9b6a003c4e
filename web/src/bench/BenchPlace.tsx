import { Outlet } from 'react-router';
import { PartBar } from '../app/PartBar';

const PARTS = [
  { to: '/bench', label: 'Under way' },
  { to: '/bench/day', label: 'The day' },
  { to: '/bench/rack', label: 'Rack' },
];

/** What is being worked on now, what is to be done when, and what hangs to dry. */
export function BenchPlace() {
  return (
    <>
      <PartBar label="Parts of the bench" parts={PARTS} />
      <Outlet />
    </>
  );
}
