import { Outlet } from 'react-router';
import { PartBar } from '../app/PartBar';

const PARTS = [
  { to: '/bench', label: 'Under way' },
  { to: '/bench/rack', label: 'Rack' },
];

/** What is being worked on now, and what hangs to dry. */
export function BenchPlace() {
  return (
    <>
      <PartBar label="Parts of the bench" parts={PARTS} />
      <Outlet />
    </>
  );
}
