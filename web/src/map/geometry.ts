import { contours } from 'd3-contour';
import type { MapAnswer } from '../api/schema';

/** The picture in its own units; the strip below and beside it holds the scales. */
export const PICTURE = { left: 74, top: 14, width: 720, height: 460, bottom: 52 };

/** Both scales are logarithmic, as the map's steps are. */
export function placeOf(map: MapAnswer, thicknessMm: number, radiusMm: number): { x: number; y: number } {
  return {
    x: PICTURE.left + share(map.thicknessMm, thicknessMm) * PICTURE.width,
    // wide radii on top
    y: PICTURE.top + (1 - share(map.innerRadiusMm, radiusMm)) * PICTURE.height,
  };
}

function share(steps: number[], value: number): number {
  const [first = 1, last = 1] = [steps[0], steps.at(-1)];
  return Math.log(value / first) / Math.log(last / first);
}

/** Thickness and radius at a place of the picture. */
export function valueAt(map: MapAnswer, x: number, y: number): { thicknessMm: number; radiusMm: number } {
  const along = (steps: number[], at: number) => {
    const [first = 1, last = 1] = [steps[0], steps.at(-1)];
    return first * (last / first) ** Math.max(0, Math.min(1, at));
  };
  return {
    thicknessMm: along(map.thicknessMm, (x - PICTURE.left) / PICTURE.width),
    radiusMm: along(map.innerRadiusMm, 1 - (y - PICTURE.top) / PICTURE.height),
  };
}

/** The cell of the map nearest to a thickness and radius. */
export function cellAt(map: MapAnswer, thicknessMm: number, radiusMm: number): { row: number; column: number } {
  const cell = (steps: number[], value: number) =>
    Math.max(0, Math.min(steps.length - 1, Math.round(share(steps, value) * (steps.length - 1))));
  return { row: cell(map.innerRadiusMm, radiusMm), column: cell(map.thicknessMm, thicknessMm) };
}

/** Where a chance is at least so high, as paths of the picture. */
export function contourPaths(map: MapAnswer, grid: number[][], thresholds: number[]): { threshold: number; path: string }[] {
  const columns = map.thicknessMm.length;
  const rows = map.innerRadiusMm.length;
  return contours()
    .size([columns, rows])
    .thresholds(thresholds)(grid.flat())
    .map(({ value, coordinates }) => ({
      threshold: value,
      path: coordinates
        .flatMap((polygon) => polygon.map((ring) => `M${ring.map(([cx = 0, cy = 0]) => point(cx, cy, columns, rows)).join('L')}Z`))
        .join(''),
    }));
}

/** The contour's own coordinates have cell centres at halves. */
function point(cx: number, cy: number, columns: number, rows: number): string {
  const across = Math.max(0, Math.min(1, (cx - 0.5) / (columns - 1)));
  const up = Math.max(0, Math.min(1, (cy - 0.5) / (rows - 1)));
  return `${(PICTURE.left + across * PICTURE.width).toFixed(1)} ${(PICTURE.top + (1 - up) * PICTURE.height).toFixed(1)}`;
}
