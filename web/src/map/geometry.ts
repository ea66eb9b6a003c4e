import { contours } from 'd3-contour';
import type { MapAnswer } from '../api/schema';

/** The picture in its own units; the strips below and beside it hold the scales. */
export interface Frame {
  left: number;
  top: number;
  width: number;
  height: number;
  bottom: number;
}

export const FRAME: Frame = { left: 74, top: 14, width: 720, height: 460, bottom: 52 };

/** As wide as a phone, so that what is written on it keeps its size there. */
export const FRAME_ON_PHONE: Frame = { left: 58, top: 8, width: 292, height: 320, bottom: 48 };

/** Both scales are logarithmic, as the map's steps are. */
export function placeOf(frame: Frame, map: MapAnswer, thicknessMm: number, radiusMm: number): { x: number; y: number } {
  return {
    x: frame.left + share(map.thicknessMm, thicknessMm) * frame.width,
    // wide radii on top
    y: frame.top + (1 - share(map.innerRadiusMm, radiusMm)) * frame.height,
  };
}

function share(steps: number[], value: number): number {
  const [first = 1, last = 1] = [steps[0], steps.at(-1)];
  return Math.log(value / first) / Math.log(last / first);
}

/** Thickness and radius at a place of the picture. */
export function valueAt(frame: Frame, map: MapAnswer, x: number, y: number): { thicknessMm: number; radiusMm: number } {
  const along = (steps: number[], at: number) => {
    const [first = 1, last = 1] = [steps[0], steps.at(-1)];
    return first * (last / first) ** Math.max(0, Math.min(1, at));
  };
  return {
    thicknessMm: along(map.thicknessMm, (x - frame.left) / frame.width),
    radiusMm: along(map.innerRadiusMm, 1 - (y - frame.top) / frame.height),
  };
}

/** The cell of the map nearest to a thickness and radius. */
export function cellAt(map: MapAnswer, thicknessMm: number, radiusMm: number): { row: number; column: number } {
  const cell = (steps: number[], value: number) =>
    Math.max(0, Math.min(steps.length - 1, Math.round(share(steps, value) * (steps.length - 1))));
  return { row: cell(map.innerRadiusMm, radiusMm), column: cell(map.thicknessMm, thicknessMm) };
}

/** Where a chance is at least so high, as paths of the picture. */
export function contourPaths(frame: Frame, map: MapAnswer, grid: number[][], thresholds: number[]): { threshold: number; path: string }[] {
  const columns = map.thicknessMm.length;
  const rows = map.innerRadiusMm.length;
  return contours()
    .size([columns, rows])
    .thresholds(thresholds)(grid.flat())
    .map(({ value, coordinates }) => ({
      threshold: value,
      path: coordinates
        .flatMap((polygon) => polygon.map((ring) => `M${ring.map(([cx = 0, cy = 0]) => point(frame, cx, cy, columns, rows)).join('L')}Z`))
        .join(''),
    }));
}

/** The contour's own coordinates have cell centres at halves. */
function point(frame: Frame, cx: number, cy: number, columns: number, rows: number): string {
  const across = Math.max(0, Math.min(1, (cx - 0.5) / (columns - 1)));
  const up = Math.max(0, Math.min(1, (cy - 0.5) / (rows - 1)));
  return `${(frame.left + across * frame.width).toFixed(1)} ${(frame.top + (1 - up) * frame.height).toFixed(1)}`;
}
