import { Outlet } from 'react-router';
import { PartBar } from '../app/PartBar';

const PARTS = [
  { to: '/rig', label: 'Steam box' },
  { to: '/rig/things', label: 'Forms and straps' },
  { to: '/rig/instruments', label: 'Instruments' },
];

/** What heats, what pieces are made with, and what measures. */
export function RigPlace() {
  return (
    <>
      <PartBar label="Parts of the rig" parts={PARTS} />
      <Outlet />
    </>
  );
}
