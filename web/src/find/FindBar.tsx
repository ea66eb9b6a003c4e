import { Box, Button, Chip } from '@mui/material';
import { memo, useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { Field } from '../app/Field';
import { Pick } from '../app/Pick';
import { isSearching } from '../app/reach';
import { useUnits } from '../app/units';
import { say } from '../messages/records';
import { useNamesOfValues } from './names';
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
export const FindBar = memo(function FindBar({ question, facts, onChange }: FindBarProps) {
  const [narrowing, setNarrowing] = useState<string>();
  const all = Object.values(facts);
  const fact = narrowing === undefined ? undefined : facts[narrowing];
  const groups = all.filter(({ kind }) => kind !== 'DAY');
  const { rows, columns, sortBy } = question;
  return (
    <Box component="section" aria-label="Find">
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1 }}>
        <Words words={question.words} onChange={(words) => { onChange({ ...question, words }); }} />
        <Pick label={say('filter')} value={narrowing} none={say('filter.none')} options={all} onPick={setNarrowing} />
        <Pick label={say('group')} value={rows} none={say('group.none')} options={groups} onPick={(key) => { onChange({ ...question, rows: key, columns: key && columns }); }} />
        {rows === undefined ? (
          <>
            <Pick label={say('sort')} value={sortBy} none={say('sort.none')} options={all} onPick={(key) => { onChange({ ...question, sortBy: key, falling: true }); }} />
            {sortBy !== undefined && <Button size="small" onClick={() => { onChange({ ...question, falling: !question.falling }); }}>{question.falling ? say('sort.largest') : say('sort.smallest')}</Button>}
          </>
        ) : (
          <Pick label={say('group.then')} value={columns} none={say('group.thenNone')} options={groups.filter(({ key }) => key !== rows)} onPick={(key) => { onChange({ ...question, columns: key }); }} />
        )}
      </Box>
      {question.conditions.length > 0 && <Conditions question={question} facts={facts} onChange={onChange} onNarrow={setNarrowing} />}
      {fact && (
        <Narrow fact={fact} question={question} onLeave={() => { setNarrowing(undefined); }}
          onChange={(condition) => { onChange(withCondition(question, fact.key, condition)); }} />
      )}
    </Box>
  );
});

interface ConditionsProps extends FindBarProps {
  /** Opens one of them, or none. */
  onNarrow: (fact: string | undefined) => void;
}

/** What is asked of them, each as it is said. */
function Conditions({ question, facts, onChange, onNarrow }: ConditionsProps) {
  const [system] = useUnits();
  const nameOf = useNamesOfValues();
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1 }}>
      {question.conditions.flatMap((condition) => {
        const known = facts[condition.fact];
        const words = known && conditionInWords(known, condition, system, (key) => nameOf(condition.fact, key));
        return words === undefined ? [] : [
          <Chip key={condition.fact} label={words} variant="outlined" sx={{ height: 36, maxWidth: '100%' }} onClick={() => { onNarrow(condition.fact); }}
            onDelete={() => { onChange(withCondition(question, condition.fact, undefined)); }} />,
        ];
      })}
      <Button size="small" onClick={() => { onNarrow(undefined); onChange({ ...question, conditions: [] }); }}>{say('filter.clear')}</Button>
    </Box>
  );
}

/** Words to look for; asked once the hand rests. What is typed stays, unless other words are asked for from elsewhere. */
function Words({ words, onChange }: { words: string; onChange: (words: string) => void }) {
  const { state } = useLocation();
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
    <Field label={say('search')} value={text} sx={{ width: 240 }} onChange={(event) => { setText(event.target.value); }}
      slotProps={{ htmlInput: { maxLength: 200, autoComplete: 'off', type: 'search', autoFocus: isSearching(state) } }} />
  );
}
