import { Box } from '@mui/material';
import { memo } from 'react';
import type { StretchFields } from '../api/schema';
import { usePalette } from '../app/palette';
import type { UnitSystem } from '../app/units';
import { after, leftOf, partPath, type Grip, type Pose, type Run } from './geometry';
import { valueInWords } from './words';

/** Letters beside a bend [px]. */
const LETTERS = 14;

interface PartProps {
  pose: Pose;
  run: Run;
  thicknessMm: number;
  near: number | undefined;
  calm: string;
  hot: string;
  edge: string;
  line: number;
}

/** A part of the piece; the redder the nearer to breaking, all of it where it is asked as much as the wood bears. */
export const Part = memo(function Part({ pose, run, thicknessMm, near = 0, calm, hot, edge, line }: PartProps) {
  const path = partPath(pose, run, thicknessMm);
  return (
    <>
      <path d={path} fill={calm} stroke={edge} strokeWidth={line} strokeLinejoin="round" />
      {near > 0 && <path d={path} fill={hot} fillOpacity={Math.min(0.9, Math.max(0, (near - 0.35) / 0.75))} />}
    </>
  );
});

interface BendLabelProps {
  words: [string, string];
  at: Pose;
  /** How far to the left of the middle it stands. */
  away: number;
  perPx: number;
  /** How wide a ring lies round it; none for most. */
  ring: number;
}

/** What a bend is and how often it holds, outside it; round the worst of them a ring. */
export function BendLabel({ words, at, away, perPx, ring }: BendLabelProps) {
  const { data, text } = usePalette();
  const label = leftOf(at, away);
  const dx = label.x - at.x;
  const lean = Math.abs(away) * 0.35;
  const anchor = dx > lean ? 'start' : dx < -lean ? 'end' : 'middle';
  const above = label.y > at.y && anchor === 'middle' ? LETTERS * 1.1 : 0;
  const below = label.y < at.y && anchor === 'middle' ? LETTERS * 0.6 : 0;
  return (
    <g fontSize={LETTERS * perPx} fill={text.primary} textAnchor={anchor}>
      {ring > 0 && <circle cx={at.x} cy={-at.y} r={ring} fill="none" stroke={data.stretch} strokeWidth={2 * perPx} strokeDasharray={`${5 * perPx} ${4 * perPx}`} />}
      <text x={label.x} y={-label.y + (below - above) * perPx} fontWeight={600}>{words[0]}</text>
      <text x={label.x} y={-label.y + (below - above + LETTERS * 1.25) * perPx}>{words[1]}</text>
    </g>
  );
}

interface GripsProps {
  stretch: StretchFields;
  index: number;
  run: Run;
  pose: Pose;
  perPx: number;
  system: UnitSystem;
  pulling: Grip | undefined;
}

/** Where a part is taken hold of: its end, and an arc in its middle, too. */
export function Grips({ stretch, index, run, pose, perPx, system, pulling }: GripsProps) {
  const { background, primary } = usePalette();
  const end: Grip = { index, what: stretch.kind === 'ARC' ? 'angleDegrees' : 'lengthMm' };
  const grips: [Grip, Pose][] = [[end, after(pose, run)]];
  if (stretch.kind === 'ARC') grips.push([{ index, what: 'innerRadiusMm' }, after(pose, run, 0.5)]);
  return grips.map(([grip, at]) => {
    const value = stretch[grip.what] ?? 0;
    const held = pulling?.index === index && pulling.what === grip.what;
    const size = 7 * perPx;
    return (
      <Box component="g" key={grip.what} role="slider" tabIndex={0} aria-label={`${NAMED[grip.what]} of part ${index + 1}`} aria-valuemin={0} aria-valuenow={Math.round(value)}
        aria-valuetext={valueInWords(grip, value, system)} data-index={index} data-what={grip.what} transform={`translate(${at.x} ${-at.y})`}
        sx={{ '&:focus-visible .mark': { strokeWidth: 4.5 * perPx } }}>
        <circle r={2.3 * size} fill="transparent" />
        {grip.what === 'innerRadiusMm'
          ? <path className="mark" d={`M0 ${-size * 1.2}L${size * 1.2} 0L0 ${size * 1.2}L${-size * 1.2} 0Z`} fill={held ? primary.main : background.paper} stroke={primary.main} strokeWidth={2.2 * perPx} />
          : <circle className="mark" r={size} fill={held ? primary.main : background.paper} stroke={primary.main} strokeWidth={2.2 * perPx} />}
      </Box>
    );
  });
}

const NAMED = { lengthMm: 'Length', innerRadiusMm: 'Radius', angleDegrees: 'Angle' } as const;
