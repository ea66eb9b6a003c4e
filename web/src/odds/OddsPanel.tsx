import { Box, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { ForecastAnswer, Odds } from '../api/schema';
import { usePalette } from '../app/palette';
import { HowComputed } from '../help/HowComputed';
import { methodOf } from '../methods/forms';
import type { Answer } from '../recipe/useRecipe';
import { Doubts } from './Grounds';
import { nearInWords } from './groundsInWords';
import { blemishesInWords, hiddenInWords, limitInWords, oddsInWords, rangeInWords, reasonsInWords } from './words';

interface OddsPanelProps extends Answer {
  /** What stands between what limits it and all that is of less weight. */
  children?: ReactNode;
}

/** Will it bend: the odds in plain words, the range, what limits it and why, what to change, then all else. */
export function OddsPanel({ recipe, forecast: answer, children }: OddsPanelProps) {
  return (
    <Box component="section" aria-label="Odds" sx={{ display: 'grid', gap: 1.25 }}>
      <Box aria-live="polite">
        <Typography component="p" sx={{ fontFamily: 'h1.fontFamily', fontWeight: 600, fontSize: '2.3rem', lineHeight: 1.1 }}>
          {oddsInWords(answer.unbroken.probability, answer.evidence.trialsOfFamily)}
        </Typography>
        <Typography>
          hold without breaking, {rangeInWords(answer.unbroken)}
        </Typography>
      </Box>
      <TenPieces odds={answer.unbroken} hidden={answer.hidden} />
      <Limits recipe={recipe} forecast={answer} most={1} />
      {children}
      <Reasons recipe={recipe} forecast={answer} after={1} />
      <Box>
        <Typography variant="body2" sx={answer.evidence.beyondRecords ? { fontWeight: 600, color: 'data.flaw' } : { color: 'text.secondary' }}>
          {answer.evidence.beyondRecords ? 'Harder than anything you have logged.' : nearInWords(answer.evidence)}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {hiddenInWords(answer.hidden, answer.evidence.trialsOfFamily)}{' '}
          {oddsInWords(answer.clean.probability, answer.evidence.trialsOfFamily)} come out clean, {rangeInWords(answer.clean)}.
        </Typography>
      </Box>
      {blemishesInWords(answer.blemishes).map((sentence) => <Typography key={sentence} variant="body2">{sentence}</Typography>)}
      <Doubts answer={answer} />
      {answer.fit.behind && (
        <Typography variant="body2" role="status">Your last change to the records is still being counted in.</Typography>
      )}
      <Box><HowComputed part="the-odds" /></Box>
    </Box>
  );
}

/** What limits the bend, and the weightiest reasons with what to do about each. */
export function Limits({ recipe, forecast, most }: Answer & { most?: number }) {
  const [limiting] = forecast.modes;
  if (!limiting) return null;
  return (
    <Box>
      <Typography sx={{ fontWeight: 600 }}>{limitInWords(limiting, recipe, forecast.section)}</Typography>
      <Reasons recipe={recipe} forecast={forecast} most={most} />
    </Box>
  );
}

/** Why what limits it does, and what to do about it, the weightiest first. */
function Reasons({ recipe, forecast, after = 0, most }: Answer & { after?: number; most?: number | undefined }) {
  const [limiting] = forecast.modes;
  const reasons = limiting ? reasonsInWords(limiting, methodOf(recipe)).slice(after, most) : [];
  return reasons.map((sentence) => <Typography key={sentence} sx={{ mt: 0.5 }}>{sentence}</Typography>);
}

/** The odds where there is little room: how many hold, the range, and whether the records say anything of it. */
export function OddsInShort({ answer }: { answer: ForecastAnswer }) {
  const { unbroken, evidence } = answer;
  return (
    <Box aria-live="polite">
      <Typography sx={{ fontFamily: 'h1.fontFamily', fontWeight: 600, fontSize: '1.5rem', lineHeight: 1.1 }}>
        {oddsInWords(unbroken.probability, evidence.trialsOfFamily)}
      </Typography>
      <Typography variant="body2">hold, {rangeInWords(unbroken)}</Typography>
      {evidence.beyondRecords && <Typography variant="body2" sx={{ fontWeight: 600, color: 'data.flaw' }}>harder than anything you have logged</Typography>}
    </Box>
  );
}

interface TenPiecesProps {
  odds: Odds;
  /** Share of the pieces that breaks for reasons nothing measured explains. */
  hidden: number;
}

/**
 * Ten pieces of stock in a row: those that hold are whole, the rest snapped, a bracket under the range. At the far end a
 * strip is crossed out, as wide as the share that breaks unforeseen.
 */
function TenPieces({ odds, hidden }: TenPiecesProps) {
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
      <line x1={300 - hidden * 300} x2={300} y1={39} y2={39} stroke={colours.data.broken} strokeWidth={4} strokeDasharray="1.5 1.5" />
      <path d={`M${odds.low * 300} 42v6H${odds.high * 300}v-6`} fill="none" stroke={colours.text.primary} strokeWidth={2} />
      <circle cx={odds.probability * 300} cy={48} r={3.5} fill={colours.text.primary} />
    </Box>
  );
}
