import { Box } from '@mui/material';
import { useEffect, type ReactNode } from 'react';
import Markdown from 'react-markdown';
import { useLocation } from 'react-router';
import gfm from 'remark-gfm';
import computation from '../../../docs/computation.md?raw';

/** The text of a heading and what stands in it. */
function textOf(node: ReactNode): string {
  if (Array.isArray(node)) return node.map((each) => textOf(each as ReactNode)).join('');
  return typeof node === 'string' ? node : '';
}

/** "The bend (`bending`, `method`)" is found under the-bend. */
export function anchorOf(heading: string): string {
  return heading.replace(/\(.*/, '').trim().toLowerCase().replace(/[^a-z]+/g, '-');
}

/** How everything is computed, the account that stands beside the code. */
export function ComputationView() {
  const { hash } = useLocation();
  useEffect(() => {
    if (hash) document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash]);
  return (
    <Box component="article" sx={ARTICLE}>
      <Markdown remarkPlugins={[gfm]} components={{ h2: ({ children }) => <h2 id={anchorOf(textOf(children))}>{children}</h2> }}>
        {computation}
      </Markdown>
    </Box>
  );
}

const ARTICLE = {
  maxWidth: 860,
  lineHeight: 1.6,
  '& h1, & h2': { fontFamily: 'h1.fontFamily', lineHeight: 1.2 },
  '& h2': { mt: 4, scrollMarginTop: 72 },
  '& table': { borderCollapse: 'collapse', overflowWrap: 'anywhere' },
  '& th, & td': { textAlign: 'left', verticalAlign: 'top', borderTop: 1, borderColor: 'divider', py: 0.75, pr: 2 },
  '& pre': { whiteSpace: 'pre-wrap', bgcolor: 'background.paper', p: 1.5 },
  '& code': { fontSize: '0.92em', overflowWrap: 'anywhere' },
} as const;
