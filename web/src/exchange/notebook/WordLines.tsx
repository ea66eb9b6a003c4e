import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import type { NotebookAnswer, Translation } from '../../api/schema';
import { many } from '../../units/number';
import { Meaning } from './Meaning';
import { unsaid } from './said';

interface WordLinesProps {
  words: Translation['words'];
  views: NotebookAnswer['words'];
  /** Whether it was to be read so and could not. */
  failed: boolean;
  onMeans: (place: number, means: string) => void;
}

/** Words in columns of words: those nobody can tell are asked, the others can be looked at. */
export function WordLines({ words, views, failed, onMeans }: WordLinesProps) {
  // what was asked stays in its place once it is answered
  const [asked] = useState(() => unsaid(words));
  const open = new Set([...asked, ...unsaid(words)]);
  const [all, setAll] = useState(false);
  const understood = words.length - open.size;
  if (words.length === 0) return null;
  return (
    <Box component="section" aria-label="Its words" sx={{ mt: 2 }}>
      <Typography variant="h3" sx={{ mb: 1 }}>Its words</Typography>
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', sm: 'repeat(2, 1fr)', lg: 'repeat(3, 1fr)' } }}>
        {words.map((word, place) => (open.has(place) || all) && (
          <Meaning key={`${word.column} ${word.text}`} label={`${word.column}: “${word.text}”, ${many(views[place]?.count ?? 0, 'row', 'rows')}`} options={views[place]?.offered ?? []}
            value={word.means} unsaid="What does it mean?" failed={failed} onChange={(means) => { onMeans(place, means); }} />
        ))}
      </Box>
      {understood > 0 && (
        <Button size="small" aria-expanded={all} onClick={() => { setAll(!all); }}>
          {all ? 'Only what was asked' : `Look at ${many(understood, 'word', 'words')} that ${understood === 1 ? 'is' : 'are'} understood`}
        </Button>
      )}
    </Box>
  );
}
