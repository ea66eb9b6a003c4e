import { Alert, Box, Button, Typography } from '@mui/material';
import type { NotebookAnswer, Translation } from '../../api/schema';
import { Dimmed } from '../../app/Dimmed';
import { ColumnLine } from './ColumnLine';
import { GivenLine } from './GivenLine';
import { askedInWords, withColumn, withGiven, withWord } from './said';
import { WordLines } from './WordLines';

interface NotebookPartProps {
  answer: NotebookAnswer;
  /** What the person says by now. */
  translation: Translation;
  /** Whether what was said is under way. */
  busy: boolean;
  refusal: string | undefined;
  /** Columns were said to be others, so that other words and other gaps are to be looked for. */
  onSaid: (translation: Translation) => void;
  /** It is to be read so. */
  onRead: (translation: Translation) => void;
  onForget: () => void;
  onChange: (translation: Translation) => void;
}

/** What somebody's own table is taken to mean: its columns, its words, and what no column says. All of it can be said otherwise. */
export function NotebookPart({ answer, translation, busy, refusal, onSaid, onRead, onForget, onChange }: NotebookPartProps) {
  return (
    <Box component="section" aria-label="What your table means" sx={{ display: 'grid', gap: 2, p: 2.5, bgcolor: 'background.paper', border: 1, borderColor: 'divider' }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5, flexWrap: 'wrap' }}>
        <Typography variant="h2" sx={{ flexGrow: 1 }}>What your table means</Typography>
        {answer.remembered && <Typography variant="body2" color="textSecondary">As you said of a table under these headings.</Typography>}
        {answer.remembered && <Button size="small" onClick={onForget}>Begin afresh</Button>}
      </Box>
      <Dimmed old={busy}>
        <Typography variant="h3" sx={{ mb: 1 }}>Its columns</Typography>
        <Box component="ul" aria-label="Columns" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {translation.columns.map((means, place) => (
            <ColumnLine key={place} means={means} view={answer.columns[place]} targets={answer.targets}
              onMeans={(column) => { const said = withColumn(translation, place, { column }); onChange(said); onSaid(said); }}
              onChange={(part) => { onChange(withColumn(translation, place, part)); }} />
          ))}
        </Box>
        <WordLines key={JSON.stringify(answer.words.map(({ column, text }) => [column, text]))} words={translation.words} views={answer.words} failed={refusal !== undefined}
          onMeans={(place, means) => { onChange(withWord(translation, place, means)); }} />
        {translation.given.length > 0 && (
          <Box component="section" aria-label="What no column says" sx={{ mt: 2 }}>
            <Typography variant="h3" sx={{ mb: 1 }}>What no column says, for all its bends</Typography>
            {answer.given.some(({ mayStay }) => mayStay) && (
              <Typography variant="body2" color="textSecondary" sx={{ mb: 1.5 }}>What may stay unknown is supposed as usual, and forecasts count with what it could have been.</Typography>
            )}
            <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: 'repeat(2, 1fr)', lg: 'repeat(3, 1fr)' } }}>
              {translation.given.map((given, place) => (
                <GivenLine key={given.column} given={given} view={answer.given[place]} failed={refusal !== undefined} onChange={(text) => { onChange(withGiven(translation, place, text)); }} />
              ))}
            </Box>
          </Box>
        )}
      </Dimmed>
      {refusal && <Alert severity="error">{refusal}</Alert>}
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, flexWrap: 'wrap' }}>
        <Button variant="contained" loading={busy} onClick={() => { onRead(translation); }}>Read it so</Button>
        <Typography role="status" variant="body2">{askedInWords(translation, answer.given)}</Typography>
      </Box>
    </Box>
  );
}
