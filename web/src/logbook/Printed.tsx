import { Box, Button, GlobalStyles } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { Choice } from '../recipe/Choice';

const PAPER = { A5: 'A5', letter: 'Letter' } as const;
type Paper = keyof typeof PAPER;

/** What goes on paper in letters so large, and beside it what does not: the size of the paper, and the way back. */
export function Printed({ back, backTo, letters = '11pt', children }: { back: string; backTo: string; letters?: string; children: React.ReactNode }) {
  const [paper, setPaper] = useState<Paper>('A5');
  return (
    <>
      <GlobalStyles styles={onPaper(paper, letters)} />
      <Box className="unprinted" sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'flex-end', gap: 2, mb: 2 }}>
        <Choice label="Paper" options={PAPER} value={paper} onChange={setPaper} />
        <Button variant="contained" sx={{ mb: 1 }} onClick={() => { window.print(); }}>Print</Button>
        <Button component={RouterLink} to={back} sx={{ mb: 1 }}>{backTo}</Button>
      </Box>
      <Box component="section" aria-label="On paper" sx={{ maxWidth: 640, bgcolor: 'background.paper', p: 2, border: 1, borderColor: 'divider', '@media print': { maxWidth: 'none', p: 0, border: 0 } }}>
        {children}
      </Box>
    </>
  );
}

/** On paper there are the records and nothing else, black on white, with the number of the page at its foot. */
function onPaper(paper: Paper, letters: string) {
  return {
    '@page': { size: paper, margin: '14mm 12mm 16mm' },
    '@media print': {
      '@page': { '@bottom-center': { content: 'counter(page)', fontFamily: 'sans-serif', fontSize: '9pt' } },
      'html, body': { background: '#fff !important', fontSize: letters },
      'header, footer, nav, .unprinted, .MuiSnackbar-root': { display: 'none !important' },
      'main#main': { padding: '0 !important', maxWidth: 'none', minHeight: 0 },
      'main#main *': { color: '#000 !important' },
    },
  } as const;
}
