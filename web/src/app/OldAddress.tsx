import { generatePath, Navigate, useLocation, useParams } from 'react-router';

/** Leads from where something stood to where it stands. */
export function OldAddress({ to }: { to: string }) {
  const params = useParams();
  const { search, hash } = useLocation();
  return <Navigate to={{ pathname: generatePath(to, params), search, hash }} replace />;
}
