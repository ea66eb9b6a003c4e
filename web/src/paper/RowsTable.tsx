import { Box } from '@mui/material';
import type { SheetFields } from '../api/schema';

/** What is measured out, each with its value. */
export function RowsTable({ rows, narrow = false }: { rows: NonNullable<SheetFields['rows']>; narrow?: boolean }) {
  return (
    <Box component="table" sx={narrow ? TABLE : { ...TABLE, maxWidth: 640, my: 1.5 }}>
      <tbody>{rows.map(({ label, value }) => <tr key={label}><th scope="row">{label}</th><td>{value}</td></tr>)}</tbody>
    </Box>
  );
}

const CELL = { py: 0.5, borderBottom: 1, borderColor: 'divider' } as const;
const TABLE = {
  borderCollapse: 'collapse', width: '100%', alignSelf: 'start',
  '& th': { ...CELL, textAlign: 'left', fontWeight: 400, pr: 2 },
  '& td': { ...CELL, textAlign: 'right', fontWeight: 600, fontSize: '1.05rem', fontVariantNumeric: 'tabular-nums' },
} as const;
