import { Box } from '@mui/material';
import { memo, useId } from 'react';
import type { BoardFields, LaidFields, LaidReading, MarkFields } from '../api/schema';
import { usePalette } from '../app/palette';
import { useUnits, type UnitSystem } from '../app/units';
import { oddsInWords } from '../odds/words';
import { ruleMarks, sameThing, type Thing } from './geometry';
import { MarkShape } from './MarkShape';
import { useHolding, type Handling } from './useHolding';
import { MARK, placeLabel } from './words';

interface BoardDrawingProps {
  board: BoardFields;
  /** What each blank is made of, where that is known. */
  readings?: LaidReading[] | undefined;
  /** Whether those belong to another layout. */
  old?: boolean;
  handling?: Handling | undefined;
  /** A board is drawn so wide that it can be taken hold of [px]. */
  leastPx?: number;
}

/** A board on its face, to scale, the grain along it. What moves on it is drawn anew alone, so that a full board can be dragged on. */
export function BoardDrawing({ board, readings, old = false, handling, leastPx = 24 }: BoardDrawingProps) {
  const [system] = useUnits();
  const { data, text } = usePalette();
  const clip = useId();
  const holding = useHolding(board, handling);
  const { lengthMm, widthMm } = board;
  const chosen = (thing: Thing) => sameThing(handling?.chosen, thing);
  return (
    <Box sx={{ overflowX: 'auto', pb: 0.5 }}>
      <Box sx={{ minWidth: `${Math.round((leastPx / widthMm) * lengthMm)}px` }}>
        <div style={{ position: 'relative', aspectRatio: `${lengthMm} / ${widthMm}` }}>
          <Box component="svg" viewBox={`0 0 ${lengthMm} ${widthMm}`} preserveAspectRatio="none" role="group" aria-label={`Board ${board.name}`} {...holding} sx={FACE}>
            <defs><clipPath id={clip}><rect width={lengthMm} height={widthMm} /></clipPath></defs>
            <rect width={lengthMm} height={widthMm} fill={data.calm} fillOpacity={0.55} stroke={text.secondary} strokeWidth={1.2} vectorEffect="non-scaling-stroke" />
            <g clipPath={`url(#${clip})`}>
              <Grain lengthMm={lengthMm} widthMm={widthMm} grainRun={board.grainRun} />
              {board.marks.map((mark, index) => (
                <MarkOnBoard key={index} mark={mark} index={index} boardWidthMm={widthMm} system={system} held={handling !== undefined} chosen={chosen({ what: 'marks', index })} />
              ))}
            </g>
            {board.blanks.map((blank, index) => (
              <BlankOnBoard key={index} blank={blank} index={index} boardWidthMm={widthMm} system={system} held={handling !== undefined} chosen={chosen({ what: 'blanks', index })}
                trouble={readings?.[index]?.trouble !== undefined} spoilt={(readings?.[index]?.inBend.length ?? 0) > 0} />
            ))}
          </Box>
          {board.blanks.map((blank, index) => (
            <Lettering key={index} blank={blank} number={index + 1} lengthMm={lengthMm} widthMm={widthMm} odds={oddsLabel(readings?.[index])} old={old} />
          ))}
        </div>
        {handling && <Rule lengthMm={lengthMm} system={system} />}
      </Box>
    </Box>
  );
}

const FACE = {
  // a hand that drags on it selects no text on its way, which the browser could take for a drag of its own
  position: 'absolute', inset: 0, width: '100%', height: '100%', overflow: 'visible', userSelect: 'none',
  '& [data-what]': { cursor: 'grab', touchAction: 'none', outline: 'none' }, '& [data-what]:focus-visible rect': { strokeWidth: 4 },
} as const;

function oddsLabel(reading: LaidReading | undefined): string {
  if (!reading) return '';
  if (reading.trouble) return '✕';
  return reading.unbroken ? oddsInWords(reading.unbroken.probability) : '';
}

interface GrainProps {
  lengthMm: number;
  widthMm: number;
  grainRun: number | undefined;
}

/** Lines along the board that climb as the grain does; straight where nobody looked. */
const Grain = memo(function Grain({ lengthMm, widthMm, grainRun }: GrainProps) {
  const { divider } = usePalette();
  const rise = grainRun === undefined ? 0 : lengthMm / grainRun;
  const lines = Math.min(60, Math.ceil((widthMm + rise) / (widthMm / 7)));
  return Array.from({ length: lines }, (_, line) => {
    const from = widthMm + rise - ((line + 0.5) * widthMm) / 7;
    return <line key={line} x1={0} y1={from} x2={lengthMm} y2={from - rise} stroke={divider} strokeWidth={1.2} vectorEffect="non-scaling-stroke" />;
  });
});

interface OnBoardProps {
  index: number;
  boardWidthMm: number;
  system: UnitSystem;
  /** Whether it can be taken hold of. */
  held: boolean;
  chosen: boolean;
}

/** What a hand or a key may take hold of, and what it is called. */
function grip(held: boolean, { what, index }: Thing, label: string, chosen: boolean) {
  return held ? { tabIndex: 0, role: 'button', 'aria-label': label, 'aria-pressed': chosen, 'data-what': what, 'data-index': index } : {};
}

const MarkOnBoard = memo(function MarkOnBoard({ mark, index, boardWidthMm, system, held, chosen }: OnBoardProps & { mark: MarkFields }) {
  const { primary } = usePalette();
  const top = boardWidthMm - mark.acrossMm - mark.widthMm;
  // something small is taken hold of by more than itself
  const more = Math.max(0, 30 - Math.min(mark.lengthMm, mark.widthMm)) / 2;
  return (
    <g {...grip(held, { what: 'marks', index }, `${MARK[mark.kind]} ${placeLabel(mark, system)}`, chosen)}>
      <MarkShape mark={mark} top={top} />
      {held && (
        <rect x={mark.alongMm - more} y={top - more} width={mark.lengthMm + 2 * more} height={mark.widthMm + 2 * more} fill="transparent" stroke={chosen ? primary.main : 'none'}
          strokeWidth={2.4} vectorEffect="non-scaling-stroke" />
      )}
    </g>
  );
});

interface BlankOnBoardProps extends OnBoardProps {
  blank: LaidFields;
  trouble: boolean;
  spoilt: boolean;
}

const BlankOnBoard = memo(function BlankOnBoard({ blank, index, boardWidthMm, system, held, chosen, trouble, spoilt }: BlankOnBoardProps) {
  const { primary, background, error, data } = usePalette();
  const edge = trouble ? error.main : chosen ? primary.main : data.strap;
  const top = boardWidthMm - blank.acrossMm - blank.widthMm;
  return (
    <g {...grip(held, { what: 'blanks', index }, `${blank.name} ${placeLabel(blank, system)}`, chosen)}>
      <rect x={blank.alongMm} y={top} width={blank.lengthMm} height={blank.widthMm} fill={blank.cut ? background.default : background.paper} fillOpacity={blank.cut ? 0.95 : 0.5} stroke={edge}
        strokeWidth={chosen ? 2.6 : 1.4} strokeDasharray={trouble ? '6 4' : 'none'} vectorEffect="non-scaling-stroke" />
      <rect x={blank.alongMm + blank.bentFromMm} y={top} width={blank.bentToMm - blank.bentFromMm} height={blank.widthMm} fill={spoilt ? data.stretch : primary.main}
        fillOpacity={spoilt ? 0.3 : 0.16} />
    </g>
  );
});

interface LetteringProps {
  blank: LaidFields;
  number: number;
  lengthMm: number;
  widthMm: number;
  odds: string;
  old: boolean;
}

/** A blank's number and its odds, as large as the text around however the board is scaled. */
const Lettering = memo(function Lettering({ blank, number, lengthMm, widthMm, odds, old }: LetteringProps) {
  const { text } = usePalette();
  return (
    <div aria-hidden style={{ position: 'absolute', transform: 'translateY(-50%)', display: 'flex', justifyContent: 'center', gap: 8, fontSize: '0.8rem', lineHeight: 1,
      pointerEvents: 'none', whiteSpace: 'nowrap', color: text.primary, left: `${(100 * blank.alongMm) / lengthMm}%`, width: `${(100 * blank.lengthMm) / lengthMm}%`,
      top: `${100 * (1 - (blank.acrossMm + blank.widthMm / 2) / widthMm)}%` }}>
      {number}
      <span style={{ opacity: old ? 0.4 : 1, fontWeight: 650 }}>{odds}</span>
    </div>
  );
});

const Rule = memo(function Rule({ lengthMm, system }: { lengthMm: number; system: UnitSystem }) {
  return (
    <Box aria-hidden sx={{ position: 'relative', height: 22, fontSize: '0.75rem', color: 'text.secondary' }}>
      {ruleMarks(lengthMm, system).map((mark) => (
        <Box key={mark} sx={{ position: 'absolute', left: `${(100 * mark) / lengthMm}%`, borderLeft: 1, borderColor: 'text.secondary', pl: 0.5, lineHeight: 1.3 }}>
          {system === 'inch' ? `${Math.round(mark / 304.8)} ft` : `${mark / 1000} m`}
        </Box>
      ))}
    </Box>
  );
});
