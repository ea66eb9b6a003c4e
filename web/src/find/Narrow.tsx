import { Box, Button, Checkbox, FormControlLabel, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import { useTally } from '../api/find';
import type { ConditionFields, FactView } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { Field } from '../app/Field';
import { useUnits } from '../app/units';
import { say } from '../messages/records';
import { exactLength, exactTemperature } from '../units/exact';
import { MeasureField } from '../units/MeasureField';
import { number } from '../units/number';
import { readNow, useReadings } from '../units/reading';
import { withCondition, type Question } from './question';
import { wordOf } from './values';

interface NarrowProps {
  fact: FactView;
  question: Question;
  onChange: (condition: ConditionFields | undefined) => void;
  onLeave: () => void;
}

/** What one fact must be is said here: of words which, with how many records there are of each; of numbers and days between what. */
export function Narrow({ fact, question, onChange, onLeave }: NarrowProps) {
  const condition = question.conditions.find((each) => each.fact === fact.key);
  return (
    <Paper component="section" aria-label={say('filter.by', { fact: fact.title })} variant="outlined" sx={{ p: 1.5, mb: 2 }}>
      <Typography variant="h3" gutterBottom>{fact.title}</Typography>
      {fact.kind === 'NUMBER' && <Numbers key={fact.key} fact={fact} condition={condition} onChange={onChange} />}
      {fact.kind === 'DAY' && <Days fact={fact} condition={condition} onChange={onChange} />}
      {(fact.kind === 'WORD' || fact.kind === 'NAMED') && <Words fact={fact} question={question} chosen={condition?.among ?? []} onChange={onChange} />}
      <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
        <Button size="small" variant="outlined" onClick={onLeave}>{say('filter.done')}</Button>
        {condition && <Button size="small" onClick={() => { onChange(undefined); onLeave(); }}>{say('filter.any')}</Button>}
      </Box>
    </Paper>
  );
}

function Words({ fact, question, chosen, onChange }: { fact: FactView; question: Question; chosen: string[]; onChange: NarrowProps['onChange'] }) {
  const { data, isPlaceholderData } = useTally(withCondition(question, fact.key, undefined), fact.key);
  if (!data || data.rows.length === 0) return <Typography sx={{ minHeight: 42 }}>{data ? say('filter.unsaid') : ''}</Typography>;
  // what was counted by another fact is no answer here
  const of = data.asked.rows === fact.key ? data.rows : [];
  return (
    <Dimmed old={isPlaceholderData}>
      <Box role="group" aria-label={fact.title} sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, maxHeight: 260, overflowY: 'auto' }}>
        {of.map(({ key, label }, place) => (
          <FormControlLabel key={key} label={`${wordOf(fact.key, key, label)} (${data.cells[place]?.[0]?.trials ?? 0})`}
            control={<Checkbox size="small" checked={chosen.includes(key)} onChange={(_, taken) => {
              const among = taken ? [...chosen, key] : chosen.filter((each) => each !== key);
              onChange(among.length === 0 ? undefined : { fact: fact.key, among });
            }} />} />
        ))}
      </Box>
    </Dimmed>
  );
}

function Days({ fact, condition, onChange }: { fact: FactView; condition: ConditionFields | undefined; onChange: NarrowProps['onChange'] }) {
  const take = (part: { since?: string; until?: string }) => {
    const { since, until } = { since: condition?.since ?? '', until: condition?.until ?? '', ...part };
    onChange(since === '' && until === '' ? undefined : { fact: fact.key, ...(since ? { since } : {}), ...(until ? { until } : {}) });
  };
  return (
    <Box sx={{ display: 'flex', gap: 1, maxWidth: 360 }}>
      <Field label={say('filter.since')} type="date" value={condition?.since ?? ''} onChange={(event) => { take({ since: event.target.value }); }} />
      <Field label={say('filter.until')} type="date" value={condition?.until ?? ''} onChange={(event) => { take({ until: event.target.value }); }} />
    </Box>
  );
}

type Bound = 'from' | 'below';

function Numbers({ fact, condition, onChange }: { fact: FactView; condition: ConditionFields | undefined; onChange: NarrowProps['onChange'] }) {
  const [system] = useUnits();
  const exact = (value: number | undefined) => (value === undefined ? '' : fact.measurement === 'LENGTH' ? exactLength(value, system)
    : fact.measurement === 'TEMPERATURE' ? exactTemperature(value, system) : String(value));
  const [typed, setTyped] = useState({ from: exact(condition?.from), below: exact(condition?.below) });
  // what has no measurement of its own is a number and nothing else
  const { measurement } = fact;
  const readings = useReadings(measurement ? { from: { measurement, text: typed.from }, below: { measurement, text: typed.below } } : {}, system) as Record<Bound, { error?: string }>;
  const take = async () => {
    const read = measurement ? await readNow({ from: { measurement, text: typed.from }, below: { measurement, text: typed.below } }, system)
      : { from: { value: number(typed.from) }, below: { value: number(typed.below) } };
    const { from, below } = { from: typed.from.trim() === '' ? undefined : read.from.value, below: typed.below.trim() === '' ? undefined : read.below.value };
    const unread = (typed.from.trim() !== '' && from === undefined) || (typed.below.trim() !== '' && below === undefined);
    // what cannot be read says so below its field and waits there
    if (unread || (from === condition?.from && below === condition?.below)) return;
    onChange(from === undefined && below === undefined ? undefined : { fact: fact.key, ...(from === undefined ? {} : { from }), ...(below === undefined ? {} : { below }) });
  };
  const field = (bound: Bound, label: string) => (measurement ? (
    <MeasureField label={label} measurement={measurement} text={typed[bound]} reading={readings[bound]} problem={readings[bound].error}
      onChange={(text) => { setTyped({ ...typed, [bound]: text }); }} />
  ) : (
    <Field label={label} value={typed[bound]} error={typed[bound].trim() !== '' && number(typed[bound]) === undefined} helperText=" "
      onChange={(event) => { setTyped({ ...typed, [bound]: event.target.value }); }} slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }} />
  ));
  return (
    <Box sx={{ display: 'flex', gap: 1, maxWidth: 360 }} onBlur={() => { void take(); }} onKeyDown={(event) => { if (event.key === 'Enter') void take(); }}>
      {field('from', say('filter.from'))}
      {field('below', say('filter.below'))}
    </Box>
  );
}
