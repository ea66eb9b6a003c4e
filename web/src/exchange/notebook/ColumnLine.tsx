import { Box, Typography } from '@mui/material';
import type { NotebookAnswer } from '../../api/schema';
import { Choice } from '../../recipe/Choice';
import { Meaning } from './Meaning';
import type { ColumnMeans } from './said';

const DAY_ORDER = { DAY_FIRST: 'day first', MONTH_FIRST: 'month first' };

interface ColumnLineProps {
  means: ColumnMeans;
  view: NotebookAnswer['columns'][number] | undefined;
  targets: string[];
  onMeans: (column: string) => void;
  onChange: (part: Partial<ColumnMeans>) => void;
}

/** One column: what stands in it, what it is, and in what unit or order. */
export function ColumnLine({ means, view, targets, onMeans, onChange }: ColumnLineProps) {
  const units = view?.units ?? [];
  const guess = view?.guessed ? ' (a guess)' : '';
  return (
    <Box component="li" aria-label={means.heading || 'A column without a heading'}
      sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 260px 230px' }, alignItems: 'start', borderTop: 1, borderColor: 'divider', py: 1 }}>
      <Box sx={{ minWidth: 0 }}>
        <Typography sx={{ fontWeight: 600 }}>{means.heading || 'No heading'}</Typography>
        <Typography variant="body2" color="textSecondary" noWrap>{view?.samples.join(', ')}</Typography>
      </Box>
      <Meaning label="It is" options={targets} value={means.column} unsaid="" failed={false} onChange={onMeans} />
      <Box sx={{ minHeight: { md: 40 } }}>
        {units.length > 0 && <Choice label={`Bare numbers are${guess}`} options={Object.fromEntries(units.map((unit) => [unit, unit]))} value={means.unit} onChange={(unit) => { onChange({ unit }); }} />}
        {means.column === 'day' && <Choice label={`In its dates stands${guess}`} options={DAY_ORDER} value={means.dayOrder} onChange={(dayOrder) => { onChange({ dayOrder }); }} />}
        {means.column === '' && <Typography variant="body2" color="textSecondary" sx={{ pt: 1 }}>Goes into the note</Typography>}
      </Box>
    </Box>
  );
}
