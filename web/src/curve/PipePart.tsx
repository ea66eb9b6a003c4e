import { Box, Typography } from '@mui/material';
import type { AskedCurve } from '../api/curves';
import type { ZoneView } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { usePalette } from '../app/palette';
import { useStored } from '../app/storage';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { METHODS } from '../methods/forms';
import { RowsTable } from '../paper/RowsTable';
import { TakeSheet } from '../paper/TakeSheet';
import { Choice } from '../recipe/Choice';
import { inOrder, PIPE_LINES, PIPE_ORDER, zoneRows, type PipeOrder } from './words';

interface PipePartProps {
  curve: AskedCurve;
  heated: ZoneView[];
  /** Length of the strip before it is bent [mm]. */
  stripMm: number;
  name: string;
  old: boolean;
}

/** A curve made over a hot pipe: what of the strip is heated for each bend, on which face, in what order. */
export function PipePart({ curve, heated, stripMm, name, old }: PipePartProps) {
  const [system] = useUnits();
  const [order, setOrder] = useStored<PipeOrder>('brachion.pipeOrder', 'TIGHTEST');
  const rows = zoneRows(heated, order, system);
  return (
    <Box component="section" aria-label="On the pipe" sx={{ mt: 3 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>On the pipe</Typography>
      <Choice label="Which bend first" options={PIPE_ORDER} value={order} onChange={setOrder} />
      <Dimmed old={old}>
        <Strip heated={inOrder(heated, order)} stripMm={stripMm} />
        <RowsTable rows={rows} />
        {PIPE_LINES.map((line) => <Typography key={line} sx={{ maxWidth: 640 }}>{line}</Typography>)}
      </Dimmed>
      <Box sx={{ mt: 1 }}>
        <TakeSheet old={old} words={{ title: `${name || 'Curve'}: on the pipe`, lines: PIPE_LINES, rows, cautions: [METHODS.HOT_PIPE.caution] }}
          ask={(sheet) => ({ about: 'pipe', asked: { sheet, curve, tightestFirst: order === 'TIGHTEST' } })} />
      </Box>
      <HowComputed part="curves" />
    </Box>
  );
}

const WIDE = 600;
const TOP = 22;
const HIGH = 16;

/** The straight strip with the lengths that are heated, numbered in the order of work, the face on the pipe drawn heavy. */
function Strip({ heated, stripMm }: { heated: ZoneView[]; stripMm: number }) {
  const colours = usePalette();
  const at = (mm: number) => (mm / stripMm) * WIDE;
  return (
    <Box component="svg" viewBox={`-4 0 ${WIDE + 8} 50`} aria-hidden sx={{ width: '100%', maxWidth: 640, display: 'block', my: 1 }}>
      <rect x={0} y={TOP} width={WIDE} height={HIGH} fill={colours.data.calm} stroke={colours.text.primary} strokeWidth={1} />
      {heated.map(({ fromMm, toMm, down }, index) => {
        const face = down === 'LEFT' ? TOP : TOP + HIGH;
        return (
          <g key={fromMm}>
            <rect x={at(fromMm)} y={TOP} width={at(toMm - fromMm)} height={HIGH} fill={colours.data.stretch} opacity={0.35} />
            <line x1={at(fromMm)} x2={at(toMm)} y1={face} y2={face} stroke={colours.data.stretch} strokeWidth={4} />
            <text x={at((fromMm + toMm) / 2)} y={TOP - 7} textAnchor="middle" fontSize={13} fontWeight={600} fill={colours.text.primary}>{index + 1}</text>
          </g>
        );
      })}
    </Box>
  );
}
