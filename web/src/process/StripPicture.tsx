import { useMemo } from 'react';
import type { StageView } from '../api/schema';
import { valueAt, type Span } from './geometry';
import { RAMPS, type Shown } from './ramps';

const COLUMNS = 160;

interface StripPictureProps {
  stages: StageView[];
  spans: Span[];
  shown: Shown;
  height: number;
}

/** The coloured strip itself, painted once for each answer and drawn as one picture. Outer face on top. */
export function StripPicture({ stages, spans, shown, height }: StripPictureProps) {
  const pictures = useMemo(() => stages.map((stage) => paint(stage, shown)), [stages, shown]);
  return (
    <g>
      {pictures.map((picture, index) => {
        const span = spans[index] ?? { from: 0, to: 0 };
        return (
          <image key={index} href={picture} x={span.from} y={0} width={span.to - span.from} height={height}
            preserveAspectRatio="none" />
        );
      })}
    </g>
  );
}

function paint(stage: StageView, shown: Shown): string {
  const depths = stage.frames[0]?.[shown].length ?? 0;
  const canvas = document.createElement('canvas');
  canvas.width = COLUMNS;
  canvas.height = depths;
  const brush = canvas.getContext('2d');
  if (!brush) return '';
  for (let column = 0; column < COLUMNS; column++) {
    const values = valueAt(stage.frames, ((column + 0.5) / COLUMNS) * stage.seconds, shown);
    values.forEach((value, depth) => {
      brush.fillStyle = RAMPS[shown].colour(value);
      brush.fillRect(column, depths - 1 - depth, 1, 1);
    });
  }
  return canvas.toDataURL();
}
