import { Box } from '@mui/material';
import type { FormReading } from '../api/schema';
import { usePalette } from '../app/palette';
import { ROLE } from './words';

/** The form with its holes, and the piece on it. */
export function FormDrawing({ form }: { form: FormReading }) {
  const { data, text, background } = usePalette();
  const [x = 0, y = 0, width = 1, height = 1] = form.box;
  const margin = 0.03 * Math.max(width, height);
  return (
    <Box component="svg" role="img" aria-label={`The form: ${form.parts.map(({ role, holes }) => `${ROLE[role]} with ${holes.length} holes`).join(', ')}`}
      viewBox={`${x - margin} ${y - margin} ${width + 2 * margin} ${height + 2 * margin}`} sx={{ display: 'block', width: '100%', maxHeight: 340 }}>
      <g stroke={text.primary} strokeWidth={1.4} strokeLinejoin="round" style={{ vectorEffect: 'non-scaling-stroke' }}>
        {form.parts.map(({ role, path, holes, marks }) => (
          <g key={role}>
            <path d={path} fill={data.form} vectorEffect="non-scaling-stroke" />
            {marks.map((mark) => <path key={mark} d={mark} fill={data.calm} fillOpacity={0.6} strokeDasharray="5 4" vectorEffect="non-scaling-stroke" />)}
            {holes.map((hole) => (
              <circle key={`${hole.xMm} ${hole.yMm}`} cx={hole.xMm} cy={hole.yMm} r={hole.diameterMm / 2} fill={hole.use === 'PEG' ? data.strap : background.default} vectorEffect="non-scaling-stroke" />
            ))}
          </g>
        ))}
        <path d={form.piece} fill={data.calm} vectorEffect="non-scaling-stroke" />
      </g>
    </Box>
  );
}

/** How the rectangles round all layers lie on the sheets. */
export function SheetDrawing({ form, lengthMm, widthMm }: { form: FormReading; lengthMm: number; widthMm: number }) {
  const { data, text, background } = usePalette();
  const apart = widthMm * 0.06;
  const height = form.sheets * (widthMm + apart);
  return (
    <Box component="svg" role="img" aria-label={`${form.laid.length} layers on ${form.sheets} sheets`} viewBox={`0 0 ${lengthMm} ${height}`} sx={{ display: 'block', width: '100%', maxHeight: 220 }}>
      {Array.from({ length: form.sheets }, (_, sheet) => (
        <rect key={sheet} x={0} y={sheet * (widthMm + apart)} width={lengthMm} height={widthMm} fill={background.paper} stroke={text.secondary} vectorEffect="non-scaling-stroke" />
      ))}
      {form.laid.map((laid, index) => (
        <rect key={index} x={laid.xMm} y={laid.sheet * (widthMm + apart) + laid.yMm} width={laid.lengthMm} height={laid.heightMm} fill={data.form} stroke={text.primary} vectorEffect="non-scaling-stroke" />
      ))}
    </Box>
  );
}
