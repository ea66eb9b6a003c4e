import { Box, Button, Typography } from '@mui/material';
import { useSheet, type SheetAsked } from '../api/sheets';
import type { SheetFields } from '../api/schema';
import { useStored } from '../app/storage';
import { useOnceCurrent } from '../app/useOnceCurrent';
import { useUnits } from '../app/units';
import { Choice } from '../recipe/Choice';
import { BARE } from '../units/reading';

const PAPER: Record<SheetFields['paper'], string> = { A5: 'A5', A4: 'A4', LETTER: 'Letter' };

/** What stands on a sheet, whatever it is printed on. */
export type SheetWords = Omit<SheetFields, 'paper' | 'units'>;

interface TakeSheetProps {
  words: SheetWords;
  /** What is asked with those words, once they are on a paper. */
  ask: (sheet: SheetFields) => SheetAsked;
  /** Whether what it would be about is on its way. */
  old?: boolean;
}

/** The size of the paper, and the sheet on it as PDF. */
export function TakeSheet({ words, ask, old = false }: TakeSheetProps) {
  const [system] = useUnits();
  const [paper, setPaper] = useStored<SheetFields['paper']>('brachion.paper', system === 'inch' ? 'LETTER' : 'A4');
  const { mutateAsync, error } = useSheet();
  const [waits, take] = useOnceCurrent<true>(!old, () => mutateAsync(ask({ ...words, paper, units: BARE[system] })));
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'flex-end', columnGap: 2 }}>
      <Choice label="Paper" options={PAPER} value={paper} onChange={setPaper} />
      <Button variant="outlined" sx={{ mb: 1 }} loading={waits !== undefined} onClick={() => { take(true); }}>Print as PDF</Button>
      <Typography role="alert" color="error" variant="body2" sx={{ flexBasis: '100%' }}>{error?.message}</Typography>
    </Box>
  );
}
