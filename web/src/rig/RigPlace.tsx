import { Outlet } from 'react-router';
import { PartBar } from '../app/PartBar';

const PARTS = [
  { to: '/rig', label: 'Steam box' },
  { to: '/rig/instruments', label: 'Instruments' },
];

/** What heats, and what measures. */
export function RigPlace() {
  return (
    <>
      <PartBar label="Parts of the rig" parts={PARTS} />
      <Outlet />
    </>
  );
}
