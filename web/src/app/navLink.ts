/** What every link between places and parts has in common. */
export const NAV_LINK = {
  textDecoration: 'none',
  fontWeight: 600,
  whiteSpace: 'nowrap',
  '&:hover': { bgcolor: 'action.hover' },
  '&:focus-visible': { outline: '3px solid', outlineColor: 'primary.main', outlineOffset: -3 },
} as const;
