import { Box } from '@mui/material';
import type { AppraisalAnswer, LoadFields, RigFields } from '../api/schema';
import { usePalette } from '../app/palette';
import { useOnPhone } from '../app/phone';
import { useUnits } from '../app/units';
import { RAMPS } from '../process/ramps';
import { many } from '../units/number';
import { printLength, printTemperature } from '../units/printing';
import { holdInWords, roomInWords } from './words';

const WIDTH = 640;
const LENGTHWAYS = 300;
const DOWEL_MM = 10;

interface ChamberDrawingProps {
  rig: RigFields;
  load: LoadFields;
  answer: AppraisalAnswer;
}

/** The chamber from the side and from its door, to scale each, with the load in it and its heat. */
export function ChamberDrawing({ rig, load, answer }: ChamberDrawingProps) {
  const colours = usePalette();
  const [system] = useUnits();
  const { lengthMm = 1, widthMm = 1, heightMm = 1, wallThicknessMm = 0, insulationThicknessMm = 0, generators = 1, generatorWatts = 0 } = rig;
  const { thicknessMm = 1, widthMm: pieceMm = 1, lengthMm: pieceLengthMm = 1, across = 1, layers = 1 } = load;
  const grown = wallThicknessMm + insulationThicknessMm;
  const scale = Math.min(470 / (lengthMm + 2 * grown), 130 / (heightMm + 2 * grown));
  const door = Math.min(110 / (widthMm + 2 * grown), 120 / (heightMm + 2 * grown));
  const heat = RAMPS.celsius.colour(answer.reachesC);
  const floor = 150;
  const shell = (x: number, lengthPx: number, s: number) => (
    <>
      <rect x={x - grown * s} y={floor - (heightMm + grown) * s} width={lengthPx + 2 * grown * s} height={(heightMm + 2 * grown) * s} fill={colours.data.form} stroke={colours.text.primary} />
      <rect x={x - wallThicknessMm * s} y={floor - (heightMm + wallThicknessMm) * s} width={lengthPx + 2 * wallThicknessMm * s} height={(heightMm + 2 * wallThicknessMm) * s} fill={colours.data.calm} stroke={colours.text.secondary} />
      <rect x={x} y={floor - heightMm * s} width={lengthPx} height={heightMm * s} fill={heat} />
    </>
  );
  const from = 20 + grown * scale;
  const doorFrom = 520 + grown * door;
  const text = { fontSize: useOnPhone() ? 20 : 14, fill: colours.text.primary };
  return (
    <Box component="svg" viewBox={`0 0 ${WIDTH} ${LENGTHWAYS}`} role="img" sx={{ width: '100%', display: 'block', fontFamily: 'fontFamily' }}
      aria-label={`The chamber, ${printLength(lengthMm, system)} long with ${many(across * layers, 'piece', 'pieces')} in it. ${holdInWords(answer, system)} ${roomInWords(answer, system)}`}>
      {shell(from, lengthMm * scale, scale)}
      {Array.from({ length: layers }, (_, layer) => {
        const y = floor - (layer * (thicknessMm + DOWEL_MM) + DOWEL_MM + thicknessMm) * scale;
        return (
          <g key={layer}>
            <rect x={from + 4} y={y} width={Math.max(2, pieceLengthMm * scale - 8)} height={Math.max(1.5, thicknessMm * scale)} fill={colours.data.strap} />
            {[0.12, 0.5, 0.88].map((at) => (
              <circle key={at} cx={from + pieceLengthMm * scale * at} cy={y + (thicknessMm + DOWEL_MM / 2) * scale} r={Math.max(1, (DOWEL_MM / 2) * scale)} fill={colours.background.paper} />
            ))}
          </g>
        );
      })}
      <text x={from + lengthMm * scale} y={floor + grown * scale + 22} textAnchor="end" {...text}>{printLength(lengthMm, system)} inside</text>
      <Vent x={from + lengthMm * scale - 12} y={floor - (heightMm + grown) * scale} height={grown * scale} />
      <text x={from + (lengthMm * scale) / 2} y={floor - heightMm * scale + 17} textAnchor="middle" {...text} fill="#18272b" fontWeight={640}>{printTemperature(answer.reachesC, system)}</text>
      {shell(doorFrom, widthMm * door, door)}
      {Array.from({ length: layers * across }, (_, i) => {
        const [layer, place] = [Math.floor(i / across), i % across];
        const gap = (widthMm - across * pieceMm) / (across + 1);
        return (
          <rect key={i} x={doorFrom + (gap + place * (pieceMm + gap)) * door} y={floor - (layer * (thicknessMm + DOWEL_MM) + DOWEL_MM + thicknessMm) * door}
            width={pieceMm * door} height={thicknessMm * door} fill={colours.data.strap} />
        );
      })}
      <text x={WIDTH - 4} y={floor + grown * door + 24} textAnchor="end" {...text}>from the door</text>
      {Array.from({ length: Math.min(4, generators) }, (_, i) => (
        <g key={i} transform={`translate(${30 + i * 108} 214)`}>
          <path d={`M42 0V${floor + grown * scale - 214}`} fill="none" stroke={colours.text.secondary} strokeWidth={4} />
          <rect width={84} height={56} rx={6} fill={colours.background.paper} stroke={colours.text.primary} strokeWidth={1.5} />
          <rect x={4} y={26} width={76} height={26} rx={3} fill={colours.data.squeeze} opacity={0.45} />
          <text x={42} y={18} textAnchor="middle" {...text}>{generatorWatts} W</text>
        </g>
      ))}
    </Box>
  );
}

/** The open vent at the far end, steam leaving it. */
function Vent({ x, y, height }: { x: number; y: number; height: number }) {
  const colours = usePalette();
  return (
    <g>
      <rect x={x - 4} y={y - 0.5} width={8} height={height + 1} fill={colours.background.paper} />
      <path d={`M${x} ${y - 3}q-7 -9 0 -17t0 -17`} fill="none" stroke={colours.text.secondary} strokeWidth={1.5} strokeDasharray="5 3" />
    </g>
  );
}
