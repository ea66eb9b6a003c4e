import { Box, Typography } from '@mui/material';
import { useState } from 'react';
import { Field } from '../app/Field';
import { say } from '../messages/words';
import { TERMS } from './terms';
import { TITLES, type TermName } from './titles';

const WORDS = (Object.keys(TERMS) as TermName[]).sort((one, other) => TITLES[one].localeCompare(TITLES[other], 'en'));

/** Every word of the trade that is explained, with its picture; the same as its “?” says. */
export function WordsView() {
  const [text, setText] = useState('');
  const wanted = text.trim().toLowerCase();
  const found = WORDS.filter((term) => `${TITLES[term]} ${TERMS[term].words}`.toLowerCase().includes(wanted));
  return (
    <>
      <Typography variant="h1">{say('title')}</Typography>
      <Typography color="textSecondary" sx={{ mb: 1.5 }}>{say('explained')}</Typography>
      <Field label={say('search')} value={text} sx={{ width: 280, mb: 2 }} onChange={(event) => { setText(event.target.value); }}
        slotProps={{ htmlInput: { type: 'search', autoComplete: 'off', maxLength: 80 } }} />
      <Typography role="status">{found.length === 0 && say('none', { text: text.trim() })}</Typography>
      <Box component="dl" sx={LIST}>
        {found.map((term) => (
          <Box key={term} id={term} sx={{ borderTop: 1, borderColor: 'divider', pt: 1 }}>
            <Typography component="dt" variant="h3">{TITLES[term]}</Typography>
            <Box component="dd" sx={{ m: 0 }}>
              <Box sx={{ maxWidth: 340 }}>{TERMS[term].picture}</Box>
              <Typography variant="body2">{TERMS[term].words}</Typography>
            </Box>
          </Box>
        ))}
      </Box>
    </>
  );
}

const LIST = { m: 0, display: 'grid', columnGap: 4, rowGap: 2, gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'repeat(2, minmax(0, 1fr))', lg: 'repeat(3, minmax(0, 1fr))' } } as const;
