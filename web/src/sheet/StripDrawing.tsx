import { Box } from '@mui/material';
import type { MeasuredOut, RecipeFields } from '../api/schema';
import { usePalette } from '../app/palette';
import { useUnits } from '../app/units';
import { factsOf } from '../methods/forms';
import { finishedMm } from '../recipe/form';
import { pliesInWords } from '../recipe/words';
import { valueInWords } from './words';

const WIDTH = 760;
/** Straight wood at each end of the bend, as a share of it. */
const END = 0.12;
const TOP = 46;
const THICKNESS = 34;
const HEIGHT = 128;

/** The piece laid out straight: where the bend begins and ends, with its plies or its cuts; along its length to scale. */
export function StripDrawing({ recipe, sheet }: { recipe: RecipeFields; sheet: MeasuredOut[] }) {
  const [system] = useUnits();
  const colours = usePalette();
  const { plies, cuts } = factsOf(recipe.method);
  const line = (measure: MeasuredOut['measure']) => sheet.find((each) => each.measure === measure);
  const arc = line('OUTER_ARC');
  if (!arc) return null;
  const from = (END / (1 + 2 * END)) * WIDTH;
  const to = WIDTH - from;
  const scale = (to - from) / arc.value;
  const words = (measure: MeasuredOut['measure']) => {
    const found = line(measure);
    return found ? valueInWords(found, system) : '';
  };
  const pitch = line('PITCH')?.value ?? 0;
  // from the outer face inwards; the last ply is as thick as what is left
  const under = (ply: number) => TOP + THICKNESS * Math.min(1, (ply * recipe.blank.thicknessMm) / finishedMm(recipe));
  const thick = under(1) - TOP;
  const web = cuts ? Math.min(thick, Math.max(2, thick * (cuts.webMm / recipe.blank.thicknessMm))) : 0;
  const sawn = cuts ? Math.max(1, plies - 1) : 0;
  const said = [`the bend is ${words('OUTER_ARC')} long on the outer face`, ...(cuts ? [`${words('CUTS')} cuts ${words('PITCH')} apart, ${words('CUT_DEPTH')} deep`] : []),
    ...(plies > 1 ? [pliesInWords(recipe, system)] : [])].join(', ');
  return (
    <Box component="svg" viewBox={`0 0 ${WIDTH} ${HEIGHT + (cuts && plies > 1 ? 22 : 0)}`} role="img" aria-label={`The piece laid out straight: ${said}`}
      sx={{ width: '100%', maxHeight: 170, display: 'block', fontFamily: 'fontFamily' }}>
      <rect x={1} y={TOP} width={WIDTH - 2} height={THICKNESS} fill={colours.data.calm} stroke={colours.text.primary} strokeWidth={1.2} />
      <rect x={from} y={TOP} width={to - from} height={THICKNESS} fill={colours.data.stretch} opacity={0.28} />
      {Array.from({ length: plies - 1 }, (_, ply) => (
        <line key={ply} x1={1} x2={WIDTH - 1} y1={under(ply + 1)} y2={under(ply + 1)} stroke={colours.text.primary} strokeWidth={0.8} />
      ))}
      {cuts && Array.from({ length: sawn * (line('CUTS')?.value ?? 0) }, (_, index) => (
        <rect key={index} x={from + Math.floor(index / sawn) * pitch * scale} y={under(index % sawn) + web} width={Math.max(1, cuts.kerfMm * scale)} height={thick - web + 0.8}
          fill={colours.background.paper} stroke={colours.text.primary} strokeWidth={0.7} />
      ))}
      <g stroke={colours.text.primary} strokeWidth={1.2}>
        {[from, to].map((x) => <line key={x} x1={x} x2={x} y1={TOP - 22} y2={TOP + THICKNESS + 10} />)}
        <line x1={from} x2={to} y1={TOP - 14} y2={TOP - 14} />
      </g>
      <g fontSize={15} fill={colours.text.primary} textAnchor="middle">
        <text x={WIDTH / 2} y={TOP - 22} fontWeight={600}>{words('OUTER_ARC')}</text>
        {cuts && <text x={WIDTH / 2} y={TOP + THICKNESS + 28}>{words('CUTS')} cuts, {words('PITCH')} apart, {words('CUT_DEPTH')} deep; the first where the curve begins</text>}
        {plies > 1 && <text x={WIDTH / 2} y={TOP + THICKNESS + (cuts ? 50 : 28)}>{pliesInWords(recipe, system)}, cut {words('PLY_LENGTH')} long</text>}
        {!cuts && plies === 1 && <text x={WIDTH / 2} y={TOP + THICKNESS + 28}>bend between the marks</text>}
      </g>
      <g fontSize={12} fill={colours.text.secondary}>
        <text x={4} y={TOP - 6}>outer face up</text>
      </g>
    </Box>
  );
}
