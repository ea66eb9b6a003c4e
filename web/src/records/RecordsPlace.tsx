import { Outlet } from 'react-router';
import { PartBar } from '../app/PartBar';

const PARTS = [
  { to: '/records', label: 'Bends' },
  { to: '/records/evidence', label: 'Evidence' },
  { to: '/records/woods', label: 'Woods' },
  { to: '/records/names', label: 'Names' },
  { to: '/records/tables', label: 'Import and export' },
];

/** What the shop has bent, what that says, and how it comes in and goes out. */
export function RecordsPlace() {
  return (
    <>
      <PartBar label="Parts of the records" parts={PARTS} />
      <Outlet />
    </>
  );
}
