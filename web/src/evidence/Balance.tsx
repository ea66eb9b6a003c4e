import { Box, Typography } from '@mui/material';
import type { RuleEvidence } from '../api/schema';
import { usePalette } from '../app/palette';
import { questionInWords, saidBy, tippedInWords } from './words';

const MOST_TILT = 15;

/** A bent rib on a peg with an answer hanging from each end; the records' side hangs lower, and is green once they speak for it. */
export function Balance({ evidence }: { evidence: RuleEvidence }) {
  const colours = usePalette();
  const { asks, first, second } = questionInWords(evidence.rule);
  const tilt = (0.5 - evidence.tip) * 2 * MOST_TILT;
  const radians = (tilt * Math.PI) / 180;
  const [dx, dy] = [104 * Math.cos(radians), 104 * Math.sin(radians)];
  const pan = (side: -1 | 1, chosen: boolean) => (
    <g transform={`translate(${140 + side * dx} ${52 + side * dy})`} stroke={colours.text.primary} fill="none">
      <line y2={16} strokeWidth={1.2} />
      <rect x={-26} y={16} width={52} height={9} rx={2} strokeWidth={1.4} fill={chosen ? colours.data.clean : colours.data.form} />
    </g>
  );
  const said = saidBy(evidence);
  return (
    <Box component="li" sx={{ border: 1, borderColor: 'divider', borderRadius: 1, bgcolor: 'background.paper', p: 1.5 }}>
      <Typography variant="h3">{asks}</Typography>
      <Box component="svg" viewBox="0 0 280 112" role="img" sx={{ width: '100%', maxWidth: 320, display: 'block', mx: 'auto' }}
        aria-label={`${first} against ${second}: ${tippedInWords(evidence)}`}>
        <path d="M140 52L131 108H149Z" fill={colours.data.form} stroke={colours.text.primary} strokeWidth={1.2} />
        <path d={`M${140 - dx} ${52 - dy}Q140 ${22 - Math.abs(dy) * 0.2} ${140 + dx} ${52 + dy}`} fill="none" stroke={colours.data.stretch} strokeWidth={5} strokeLinecap="round" />
        {pan(-1, said === 'FIRST')}
        {pan(1, said === 'SECOND')}
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
        <Typography variant="body2" sx={{ fontWeight: 600 }}>{first}</Typography>
        <Typography variant="body2" sx={{ fontWeight: 600, textAlign: 'right' }}>{second}</Typography>
      </Box>
      <Typography variant="body2" color="textSecondary">{tippedInWords(evidence)}</Typography>
    </Box>
  );
}
