import { Alert, Box, Button, MenuItem, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useSearchParams } from 'react-router';
import { useSetAside } from '../api/advice';
import { useRowsWaiting } from '../api/exchange';
import { useSpecies, useTrialCounts, useTrials, type TrialFilter } from '../api/queries';
import { SetAsideList } from '../evidence/SetAsideList';
import { many } from '../exchange/words';
import { METHOD } from '../methods/forms';
import { MOST_COMPARED } from './comparison';
import { TrialSummary } from './TrialSummary';
import { SEVERITY } from './words';

export function TrialsView() {
  const [filter, setFilter] = useState<TrialFilter>({});
  const [params] = useSearchParams();
  const [chosen, setChosen] = useState(() => params.get('compare')?.split(',').filter(Boolean).map(Number));
  const trials = useTrials(filter);
  const { data: setAside = [] } = useSetAside();
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
        <Comparing chosen={chosen} onChange={setChosen} />
      </Box>
      <SetAsideList setAside={setAside} />
      <Waiting />
      {trials.isError && <Typography color="error">{trials.error.message}</Typography>}
      {trials.isSuccess && shown.length === 0 && <Empty filtered={Object.values(filter).some(Boolean)} />}
      <Box
        component="ul"
        aria-label="Trials"
        sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: '1px', bgcolor: 'divider',
          gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' }, border: shown.length > 0 ? 1 : 0, borderColor: 'divider' }}
      >
        {shown.map((trial) => (
          <TrialSummary key={trial.id} trial={trial} to={`/records/${trial.id}`}
            choice={chosen && {
              chosen: chosen.includes(trial.id),
              onChange: (one) => { setChosen([...chosen.filter((id) => id !== trial.id), ...(one ? [trial.id] : [])].slice(-MOST_COMPARED)); },
            }} />
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

/** Chooses records to stand side by side. */
function Comparing({ chosen, onChange }: { chosen: number[] | undefined; onChange: (chosen: number[] | undefined) => void }) {
  if (!chosen) return <Button variant="outlined" sx={{ minHeight: 40 }} onClick={() => { onChange([]); }}>Compare</Button>;
  return (
    <Box sx={{ display: 'flex', gap: 1 }}>
      <Button component={RouterLink} to={`/records/compare?ids=${chosen.join(',')}`} variant="contained" disabled={chosen.length < 2} sx={{ minHeight: 40 }}>
        {chosen.length < 2 ? 'Choose two or more' : `Compare ${chosen.length}`}
      </Button>
      <Button sx={{ minHeight: 40 }} onClick={() => { onChange(undefined); }}>Not now</Button>
    </Box>
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

/** Rows that could not be read are not forgotten. */
function Waiting() {
  const { data = [] } = useRowsWaiting();
  if (data.length === 0) return null;
  return (
    <Alert severity="info" sx={{ mb: 2 }}
      action={<Button color="inherit" component={RouterLink} to="/records/tables">Mend them</Button>}>
      {many(data.length, 'row of a table waits', 'rows of tables wait')} to be mended; no forecast counts {data.length === 1 ? 'it' : 'them'} yet.
    </Alert>
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

function Empty({ filtered }: { filtered: boolean }) {
  return (
    <Box sx={{ py: 6, textAlign: 'center' }}>
      <Typography gutterBottom>{filtered ? 'No trial is like that.' : 'No bend has been written down yet.'}</Typography>
      {!filtered && (
        <Box sx={{ display: 'flex', gap: 1, justifyContent: 'center' }}>
          <Button component={RouterLink} to="/records/new" variant="contained">Log the first one</Button>
          <Button component={RouterLink} to="/records/tables" variant="outlined">Bring in a table</Button>
        </Box>
      )}
    </Box>
  );
}
