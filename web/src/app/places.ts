/** The places of the product, in the order of the work. */
export const PLACES = [
  { to: '/plan', label: 'Plan' },
  { to: '/stock', label: 'Stock' },
  { to: '/bench', label: 'Bench' },
  { to: '/records', label: 'Records' },
  { to: '/rig', label: 'Rig' },
] as const;

/** Where things stood before there were places; what was written down or bookmarked then still leads there. */
export const OLD_ADDRESSES: Record<string, string> = {
  '/forecast': '/plan',
  '/ways': '/plan/ways',
  '/map': '/plan/map',
  '/rack': '/bench/rack',
  '/trials': '/records',
  '/trials/tables': '/records/tables',
  '/trials/:id': '/records/:id',
  '/log': '/records/new',
  '/log/:id': '/records/:id/correct',
  '/evidence': '/records/evidence',
  '/woods': '/records/woods',
};
