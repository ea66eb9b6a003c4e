import { Box, Button, Link, MenuItem, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useSpecies, useTrialCounts, useTrials, type TrialFilter } from '../api/queries';
import type { TrialView } from '../api/schema';
import { useUnits } from '../app/units';
import { PieceGlyph } from '../bend/PieceGlyph';
import { METHOD, processLine, shapeLine, stockLine } from '../recipe/words';
import { printDay } from '../units/days';
import { OutcomeTag } from './OutcomeTag';
import { SEVERITY } from './words';

export function TrialsView() {
  const [filter, setFilter] = useState<TrialFilter>({});
  const trials = useTrials(filter);
  const shown = trials.data?.pages.flatMap((page) => page.trials) ?? [];
  const total = trials.data?.pages[0]?.total ?? 0;
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end', mb: 2 }}>
        <Box sx={{ flexGrow: 1 }}>
          <Typography variant="h1">Trials</Typography>
          <Counts />
        </Box>
        <Filters filter={filter} onChange={setFilter} />
      </Box>
      {trials.isError && <Typography color="error">{trials.error.message}</Typography>}
      {trials.isSuccess && shown.length === 0 && <Empty filtered={Object.values(filter).some(Boolean)} />}
      <Box
        component="ul"
        aria-label="Trials"
        sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: '1px', bgcolor: 'divider',
          gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' }, border: shown.length > 0 ? 1 : 0, borderColor: 'divider' }}
      >
        {shown.map((trial) => (
          <TrialRow key={trial.id} trial={trial} />
        ))}
      </Box>
      {trials.hasNextPage && (
        <Button sx={{ mt: 2 }} variant="outlined" loading={trials.isFetchingNextPage}
          onClick={() => { void trials.fetchNextPage(); }}>
          Show older ({total - shown.length} more)
        </Button>
      )}
    </>
  );
}

function Counts() {
  const { data } = useTrialCounts();
  if (!data) return null;
  const all = data.clean + data.flawed + data.broken;
  return (
    <Typography color="text.secondary">
      {all} bends written down: {data.clean} clean, {data.flawed} with a flaw, {data.broken} broken.
    </Typography>
  );
}

function Filters({ filter, onChange }: { filter: TrialFilter; onChange: (filter: TrialFilter) => void }) {
  const { data: species = [] } = useSpecies();
  const pick = (name: keyof TrialFilter, label: string, options: [string, string][]) => (
    <TextField select label={label} value={filter[name] ?? ''} sx={{ width: 170 }}
      onChange={(event) => { onChange({ ...filter, [name]: event.target.value || undefined }); }}>
      <MenuItem value="">all</MenuItem>
      {options.map(([value, text]) => (
        <MenuItem key={value} value={value}>{text}</MenuItem>
      ))}
    </TextField>
  );
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
      {pick('speciesId', 'Species', species.map((s) => [s.id, s.commonName]))}
      {pick('method', 'Method', Object.entries(METHOD))}
      {pick('severity', 'Ended', Object.entries(SEVERITY))}
    </Box>
  );
}

function TrialRow({ trial }: { trial: TrialView }) {
  const [system] = useUnits();
  const { data: species = [] } = useSpecies();
  const { recipe, outcome } = trial;
  const name = species.find((s) => s.id === recipe.blank.speciesId)?.commonName ?? recipe.blank.speciesId;
  return (
    <Box component="li" sx={{ bgcolor: 'background.paper', display: 'flex', gap: 2, p: 1.5, alignItems: 'center', position: 'relative',
      '&:hover': { bgcolor: 'background.default' } }}>
      <PieceGlyph recipe={recipe} severity={outcome.severity} flaw={outcome.flaw} />
      <Box sx={{ minWidth: 0, flexGrow: 1 }}>
        <Link component={RouterLink} to={`/trials/${trial.id}`} color="text.primary" underline="hover"
          sx={{ fontWeight: 620, '&::after': { content: '""', position: 'absolute', inset: 0 } }}>
          {name}
        </Link>{' '}
        <Typography component="span" color="text.secondary">{stockLine(recipe)}</Typography>
        <Typography variant="body2">{shapeLine(recipe, system)}</Typography>
        <Typography variant="body2" color="text.secondary">{processLine(recipe, system)}</Typography>
      </Box>
      <Box sx={{ textAlign: 'right', flexShrink: 0, maxWidth: 130 }}>
        <OutcomeTag outcome={outcome} />
        <Typography variant="body2" color="text.secondary" noWrap>
          <time dateTime={trial.bentOn}>{printDay(trial.bentOn)}</time>
        </Typography>
      </Box>
    </Box>
  );
}

function Empty({ filtered }: { filtered: boolean }) {
  return (
    <Box sx={{ py: 6, textAlign: 'center' }}>
      <Typography gutterBottom>{filtered ? 'No trial is like that.' : 'No bend has been written down yet.'}</Typography>
      {!filtered && (
        <Button component={RouterLink} to="/log" variant="contained">Log the first one</Button>
      )}
    </Box>
  );
}
