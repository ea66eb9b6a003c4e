import { Box } from '@mui/material';
import type { SectionView } from '../api/schema';
import { usePalette } from '../app/palette';
import { printPercent } from '../units/printing';

const WIDTH = 360;
const HEIGHT = 150;
const TOP = 26;
const BOTTOM = 128;
const MIDDLE = WIDTH / 2;
const LIMIT = 95;
/** Beyond this many times its limit, a strain is drawn at the edge of the picture with an arrow. */
const MOST = 1.75;

/**
 * Strain across the thickness, each side measured against what that face bears, so that both limits stand equally far
 * out and the line tells at a glance which one it comes to first.
 */
export function StrainAcross({ section }: { section: SectionView }) {
  const colours = usePalette();
  const stretch = section.outerStrain / section.tensionLimit;
  // a plate that is held at its edges may be stretched all through
  const through = section.innerStrain > 0;
  const squeeze = through ? -section.innerStrain / section.tensionLimit : -section.innerStrain / section.compressionLimit;
  const axisY = BOTTOM - section.neutralAxis * (BOTTOM - TOP);
  const outerX = MIDDLE + Math.min(MOST, stretch) * LIMIT;
  const innerX = MIDDLE - Math.min(MOST, squeeze) * LIMIT;
  const label = { fontSize: 12.5, fill: colours.text.primary };
  const quiet = { fontSize: 11.5, fill: colours.text.secondary };
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={
        `Strain across the thickness. Outer face at ${Math.round(stretch * 100)} per cent of the stretch it bears, ` +
        `inner face at ${Math.round(Math.abs(squeeze) * 100)} per cent of the ${through ? 'stretch' : 'squeeze'} it bears.`
      }
      sx={{ width: '100%', maxHeight: 190, display: 'block', fontFamily: 'fontFamily' }}
    >
      <rect x={MIDDLE - LIMIT} y={TOP} width={2 * LIMIT} height={BOTTOM - TOP} fill={colours.data.calm} opacity={0.5} />
      {through ? (
        <path d={`M${MIDDLE} ${TOP}L${outerX} ${TOP}L${innerX} ${BOTTOM}L${MIDDLE} ${BOTTOM}Z`} fill={colours.data.stretch} />
      ) : (
        <>
          <path d={`M${MIDDLE} ${axisY}L${innerX} ${BOTTOM}L${MIDDLE} ${BOTTOM}Z`} fill={colours.data.squeeze} />
          <path d={`M${MIDDLE} ${axisY}L${outerX} ${TOP}L${MIDDLE} ${TOP}Z`} fill={colours.data.stretch} />
        </>
      )}
      <line x1={MIDDLE} x2={MIDDLE} y1={TOP} y2={BOTTOM} stroke={colours.text.secondary} strokeWidth={1} />
      <g stroke={colours.text.primary} strokeWidth={2}>
        <line x1={MIDDLE + LIMIT} x2={MIDDLE + LIMIT} y1={TOP - 8} y2={(TOP + BOTTOM) / 2} />
        <line x1={MIDDLE - LIMIT} x2={MIDDLE - LIMIT} y1={(TOP + BOTTOM) / 2} y2={BOTTOM + 8} />
      </g>
      {!through && (
        <line x1={MIDDLE - LIMIT} x2={MIDDLE + LIMIT} y1={axisY} y2={axisY} stroke={colours.text.primary}
          strokeWidth={1.2} strokeDasharray="5 4" />
      )}
      <text x={MIDDLE + LIMIT} y={12} textAnchor="middle" {...label}>
        bears {printPercent(section.tensionLimit)}
      </text>
      <text x={MIDDLE - LIMIT} y={HEIGHT - 2} textAnchor="middle" {...label}>
        bears {printPercent(section.compressionLimit)}
      </text>
      <text x={2} y={TOP + 10} {...quiet}>outer face</text>
      <text x={WIDTH - 2} y={BOTTOM - 3} textAnchor="end" {...quiet}>inner face</text>
      {!through && <text x={2} y={Math.max(TOP + 26, axisY + 4)} {...quiet}>neutral</text>}
    </Box>
  );
}
