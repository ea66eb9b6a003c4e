import { Box, Typography } from '@mui/material';
import type { ForecastAnswer, Odds } from '../api/schema';
import { usePalette } from '../app/palette';
import { Doubts } from './Grounds';
import { limitInWords, oddsInWords, rangeInWords, reasonsInWords } from './words';

interface OddsPanelProps {
  answer: ForecastAnswer;
  laminated: boolean;
}

/** Will it bend: the odds in plain words, the range, what limits it and why. */
export function OddsPanel({ answer, laminated }: OddsPanelProps) {
  const [limiting] = answer.modes;
  return (
    <Box component="section" aria-label="Odds" sx={{ display: 'grid', gap: 1.5 }}>
      <Doubts answer={answer} />
      <Box aria-live="polite">
        <Typography component="p" sx={{ fontFamily: 'h1.fontFamily', fontWeight: 680, fontSize: '2.1rem', lineHeight: 1.1 }}>
          {oddsInWords(answer.unbroken.probability)}
        </Typography>
        <Typography>
          hold without breaking, {rangeInWords(answer.unbroken)}
        </Typography>
      </Box>
      <TenPieces odds={answer.unbroken} />
      <Typography variant="body2" color="text.secondary">
        {oddsInWords(answer.clean.probability)} come out clean, {rangeInWords(answer.clean)}.
      </Typography>
      {limiting && (
        <Box>
          <Typography sx={{ fontWeight: 600 }}>{limitInWords(limiting)}</Typography>
          {reasonsInWords(limiting, laminated).map((sentence) => (
            <Typography key={sentence} sx={{ mt: 0.5 }}>
              {sentence}
            </Typography>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** Ten pieces of stock in a row: those that hold are whole, the rest snapped, a bracket under the range. */
function TenPieces({ odds }: { odds: Odds }) {
  const colours = usePalette();
  const whole = Math.round(odds.probability * 10);
  return (
    <Box component="svg" viewBox="0 0 300 52" aria-hidden sx={{ width: '100%', maxWidth: 340, display: 'block' }}>
      {Array.from({ length: 10 }, (_, i) =>
        i < whole ? (
          <path key={i} d={`M${i * 30 + 5} 34V20a10 10 0 0 1 20 0v14`} fill="none" strokeWidth={5} stroke={colours.data.clean} />
        ) : (
          <path key={i} d={`M${i * 30 + 5} 34V20l7 -8M${i * 30 + 17} 16l8 6v12`} fill="none" strokeWidth={4} stroke={colours.data.broken} opacity={0.75} />
        ),
      )}
      <path d={`M${odds.low * 300} 42v6H${odds.high * 300}v-6`} fill="none" stroke={colours.text.primary} strokeWidth={2} />
      <circle cx={odds.probability * 300} cy={48} r={3.5} fill={colours.text.primary} />
    </Box>
  );
}
