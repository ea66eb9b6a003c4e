import { Box } from '@mui/material';
import type { Progress } from '../api/schema';
import { usePalette } from '../app/palette';
import { marks, progressInWords, type Mark } from './words';

const SIZE = 20;

/** More than these would be a texture. */
const MOST = 60;

/** How far a job is, a bent piece drawn for each: whole, half filled, an outline, a dot, or broken. */
export function Marks({ progress }: { progress: Progress }) {
  const row = marks(progress).slice(0, MOST);
  return (
    <Box role="img" aria-label={progressInWords(progress)} sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, minHeight: SIZE }}>
      {row.map((mark, index) => <MarkOf key={index} mark={mark} />)}
    </Box>
  );
}

const ARCH = 'M4 17V10a6 6 0 0 1 12 0v7';

function MarkOf({ mark }: { mark: Mark }) {
  const { data, text, divider } = usePalette();
  const stroke = { good: data.clean, bent: data.clean, underWay: text.secondary, spoilt: data.broken, open: divider }[mark];
  return (
    <svg width={SIZE} height={SIZE} viewBox="0 0 20 20" fill="none" stroke={stroke} strokeWidth={mark === 'good' ? 4.5 : 2.2} aria-hidden>
      {mark === 'spoilt' ? <path d="M4 17V9l4 -5M12 5.5l4 4.5v7" /> : <path d={ARCH} strokeDasharray={mark === 'open' ? '1.5 3' : mark === 'underWay' ? '5 2.5' : 'none'} />}
    </svg>
  );
}
