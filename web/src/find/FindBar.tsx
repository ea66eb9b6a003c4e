import { Box, Button, Chip, MenuItem, TextField } from '@mui/material';
import { useEffect, useState } from 'react';
import { useNamesOfValues } from '../api/find';
import { Field } from '../app/Field';
import { useUnits } from '../app/units';
import { Narrow } from './Narrow';
import { withCondition, type Facts, type Question } from './question';
import { conditionInWords } from './values';

/** So long after the last key is the question asked [ms]. */
const PAUSE_MS = 250;

interface FindBarProps {
  question: Question;
  facts: Facts;
  onChange: (question: Question) => void;
}

/** Which records are looked for, in what order they stand, and by what they are counted. */
export function FindBar({ question, facts, onChange }: FindBarProps) {
  const [system] = useUnits();
  const nameOf = useNamesOfValues();
  const [narrowing, setNarrowing] = useState<string>();
  const all = Object.values(facts);
  const fact = narrowing === undefined ? undefined : facts[narrowing];
  const pick = (label: string, value: string | undefined, none: string, which: typeof all, onPick: (key: string | undefined) => void) => (
    <TextField select size="small" label={label} value={value ?? ''} sx={{ width: 170 }} onChange={(event) => { onPick(event.target.value || undefined); }} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}>
      <MenuItem value="">{none}</MenuItem>
      {which.map(({ key, title }) => <MenuItem key={key} value={key}>{title}</MenuItem>)}
    </TextField>
  );
  const groups = all.filter(({ kind }) => kind !== 'DAY');
  const { rows, columns, sortBy } = question;
  return (
    <Box component="section" aria-label="Find">
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1 }}>
        <Words words={question.words} onChange={(words) => { onChange({ ...question, words }); }} />
        {pick('Only by', narrowing, 'any fact', all, setNarrowing)}
        {pick('Counted by', rows, 'nothing', groups, (key) => { onChange({ ...question, rows: key, columns: key && columns }); })}
        {rows === undefined ? (
          <>
            {pick('In order of', sortBy, 'the newest', all, (key) => { onChange({ ...question, sortBy: key, falling: true }); })}
            {sortBy !== undefined && <Button size="small" onClick={() => { onChange({ ...question, falling: !question.falling }); }}>{question.falling ? 'Greatest first' : 'Smallest first'}</Button>}
          </>
        ) : pick('And by', columns, 'nothing else', groups.filter(({ key }) => key !== rows), (key) => { onChange({ ...question, columns: key }); })}
      </Box>
      {question.conditions.length > 0 && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1 }}>
          {question.conditions.flatMap((condition) => {
            const known = facts[condition.fact];
            const words = known && conditionInWords(known, condition, system, (key) => nameOf(condition.fact, key));
            return words === undefined ? [] : [
              <Chip key={condition.fact} label={words} variant="outlined" sx={{ height: 36, maxWidth: '100%' }} onClick={() => { setNarrowing(condition.fact); }}
                onDelete={() => { onChange(withCondition(question, condition.fact, undefined)); }} />,
            ];
          })}
          <Button size="small" onClick={() => { setNarrowing(undefined); onChange({ ...question, conditions: [] }); }}>Any record</Button>
        </Box>
      )}
      {fact && (
        <Narrow fact={fact} question={question} onLeave={() => { setNarrowing(undefined); }}
          onChange={(condition) => { onChange(withCondition(question, fact.key, condition)); }} />
      )}
    </Box>
  );
}

/** Words to look for; asked once the hand rests. What is typed stays, unless other words are asked for from elsewhere. */
function Words({ words, onChange }: { words: string; onChange: (words: string) => void }) {
  const [text, setText] = useState(words);
  const [asked, setAsked] = useState(words);
  const [seen, setSeen] = useState(words);
  if (seen !== words) {
    setSeen(words);
    if (words !== asked) {
      setText(words);
      setAsked(words);
    }
  }
  useEffect(() => {
    if (text.trim() === asked.trim()) return undefined;
    const later = setTimeout(() => {
      setAsked(text);
      onChange(text);
    }, PAUSE_MS);
    return () => { clearTimeout(later); };
  }, [text, asked, onChange]);
  return (
    <Field label="Words in notes and names" value={text} sx={{ width: 240 }} onChange={(event) => { setText(event.target.value); }}
      slotProps={{ htmlInput: { maxLength: 200, autoComplete: 'off', type: 'search' } }} />
  );
}
