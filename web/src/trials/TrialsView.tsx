import { Alert, Box, Button, Typography } from '@mui/material';
import { useCallback, useMemo, useState } from 'react';
import { Link as RouterLink, useSearchParams } from 'react-router';
import { useSetAside } from '../api/advice';
import { useRowsWaiting } from '../api/exchange';
import { useFacts, useHowMany } from '../api/find';
import { useTrialCounts } from '../api/queries';
import { Dimmed } from '../app/Dimmed';
import { SetAsideList } from '../evidence/SetAsideList';
import { FindBar } from '../find/FindBar';
import { narrows, questionOf, withCondition, withQuestion, type Question } from '../find/question';
import { RecordList } from '../find/RecordList';
import { TallyTable } from '../find/TallyTable';
import { Views } from '../find/Views';
import { say } from '../messages/records';
import { MOST_COMPARED } from './comparison';

/** The records: found by words and facts, in a list or counted. */
export function TrialsView() {
  const [params, setParams] = useSearchParams();
  const [chosen, setChosen] = useState(() => params.get('compare')?.split(',').filter(Boolean).map(Number));
  const question = useMemo(() => questionOf(params), [params]);
  const facts = useFacts();
  const ask = useCallback((next: Question) => { setParams((now) => withQuestion(now, next), { replace: true, preventScrollReset: true }); }, [setParams]);
  const { data: total, isPlaceholderData: old, error } = useHowMany(question);
  const choose = useCallback((id: number, one: boolean) => {
    setChosen((now) => [...(now ?? []).filter((each) => each !== id), ...(one ? [id] : [])].slice(-MOST_COMPARED));
  }, []);
  const { data: setAside = [] } = useSetAside();
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end', mb: 2 }}>
        <Box sx={{ flexGrow: 1, flexBasis: { xs: '100%', sm: 'auto' } }}>
          <Typography variant="h1">{say('title')}</Typography>
          <Counts />
        </Box>
        <Button component={RouterLink} to={`/records/logbook?${withQuestion(new URLSearchParams(), question).toString()}`} sx={{ minHeight: 40 }}>{say('logbook')}</Button>
        <Comparing chosen={chosen} onChange={setChosen} />
      </Box>
      <SetAsideList setAside={setAside} />
      <Waiting />
      <FindBar question={question} facts={facts} onChange={ask} />
      {error && <Typography role="alert" color="error">{error.message}</Typography>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2, minHeight: 44, mb: 0.5 }}>
        <Typography role="status" sx={{ minWidth: narrows(question) ? { xs: 0, sm: 220 } : 0 }}>{total !== undefined && narrows(question) && (old ? '' : say('matching', { total }))}</Typography>
        <Views question={question} onAsk={ask} />
      </Box>
      {total === 0 && !old && <Empty filtered={narrows(question)} />}
      {question.rows === undefined ? (
        <Dimmed old={old}>
          <RecordList question={question} total={total ?? 0} chosen={chosen} onChoose={choose} />
        </Dimmed>
      ) : total !== 0 && (
        <TallyTable question={question} facts={facts} rows={question.rows} columns={question.columns}
          onOpen={(conditions) => { ask(conditions.reduce<Question>((narrower, condition) => withCondition(narrower, condition.fact, condition), { ...question, rows: undefined, columns: undefined })); }} />
      )}
    </>
  );
}

/** Chooses records to stand side by side. */
function Comparing({ chosen, onChange }: { chosen: number[] | undefined; onChange: (chosen: number[] | undefined) => void }) {
  if (!chosen) return <Button variant="outlined" sx={{ minHeight: 40 }} onClick={() => { onChange([]); }}>{say('compare')}</Button>;
  return (
    <Box sx={{ display: 'flex', gap: 1 }}>
      <Button component={RouterLink} to={`/records/compare?ids=${chosen.join(',')}`} variant="contained" disabled={chosen.length < 2} sx={{ minHeight: 40 }}>
        {say('compare.chosen', { chosen: chosen.length })}
      </Button>
      <Button sx={{ minHeight: 40 }} onClick={() => { onChange(undefined); }}>{say('compare.leave')}</Button>
    </Box>
  );
}

function Counts() {
  const { data } = useTrialCounts();
  if (!data) return <Typography sx={{ minHeight: { xs: '3em', sm: '1.5em' } }} />;
  const all = data.clean + data.flawed + data.broken;
  return (
    <Typography color="textSecondary">
      {say('counts', { all, others: data.ofOtherShops, clean: data.clean, flawed: data.flawed, broken: data.broken })}
    </Typography>
  );
}

/** Rows that could not be read are not forgotten. */
function Waiting() {
  const { data = [] } = useRowsWaiting();
  if (data.length === 0) return null;
  return (
    <Alert severity="info" sx={{ mb: 2 }}
      action={<Button color="inherit" component={RouterLink} to="/records/tables">{say('waiting.mend')}</Button>}>
      {say('waiting', { rows: data.length })}
    </Alert>
  );
}

function Empty({ filtered }: { filtered: boolean }) {
  return (
    <Box sx={{ py: 6, textAlign: 'center' }}>
      <Typography gutterBottom>{say(filtered ? 'none' : 'empty')}</Typography>
      {!filtered && (
        <Box sx={{ display: 'flex', gap: 1, justifyContent: 'center' }}>
          <Button component={RouterLink} to="/records/new" variant="contained">{say('empty.log')}</Button>
          <Button component={RouterLink} to="/records/tables" variant="outlined">{say('empty.import')}</Button>
        </Box>
      )}
    </Box>
  );
}
