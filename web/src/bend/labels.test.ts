import { describe, expect, it } from 'vitest';
import { boxAround, bentLine, tailLength } from './geometry';
import { placeLabels, type Drawn, type Label } from './labels';

const WORDS = { stretched: 'stretched 1.8 %', squeezed: 'squeezed 10.4 %', radius: 'R 15 13/16"' };

function drawn(radius: number, thickness: number, degrees: number, lettering: number): Drawn {
  const outer = radius + thickness;
  const half = (Math.min(degrees, 356) * Math.PI) / 360;
  const tail = tailLength(radius, degrees);
  const box = boxAround([...bentLine(outer, half, tail), { x: 0, y: 0 }, ...bentLine(radius * 0.9, half, tail)], outer * 0.2);
  return { radius, outer, formRadius: radius * 0.84, half, tail, text: Math.max(box.width * 0.03, box.height * 0.045) * lettering };
}

/** Whether a point lies on form, piece or strap, by plane geometry: in the ring of the bend, or in the strip of a straight end. */
function onInk({ outer, formRadius, half, tail }: Drawn, x: number, y: number): boolean {
  const angle = Math.atan2(Math.abs(x), -y);
  const distance = Math.hypot(x, y);
  if (angle <= half && distance >= formRadius && distance <= outer) return true;
  // across and along the straight end, from where the curve stops
  const across = Math.abs(x) * Math.sin(half) - y * Math.cos(half);
  const on = Math.abs(x) * Math.cos(half) + y * Math.sin(half);
  return across >= formRadius && across <= outer && on >= 0 && on <= tail;
}

function pointsOf({ x, y, width, height }: Label): [number, number][] {
  const at = Array.from({ length: 9 }, (_, i) => i / 8 - 0.5);
  return at.flatMap((a) => at.map((b): [number, number] => [x + a * width, y + b * height]));
}

function overlap(a: Label, b: Label): boolean {
  return Math.abs(a.x - b.x) < (a.width + b.width) / 2 && Math.abs(a.y - b.y) < (a.height + b.height) / 2;
}

describe('what is written on the drawing', () => {
  const radii = [5, 20, 60, 150, 400, 2000];
  const shares = [0.005, 0.03, 0.1, 0.3, 1, 3];
  const angles = [1, 10, 30, 60, 90, 135, 180, 200, 201, 270, 330, 356, 720];

  it.each(angles)('lies on nothing drawn and on no other line, bent through %s°', (degrees) => {
    for (const radius of radii) for (const share of shares) for (const lettering of [1, 1.45, 2.3]) {
      const piece = drawn(radius, radius * share, degrees, lettering);
      const { stretched, squeezed, radius: length, arm } = placeLabels(piece, WORDS);
      const which = `radius ${radius}, thickness ${radius * share}, lettering ${lettering}`;
      for (const label of [stretched, squeezed, length]) {
        expect(pointsOf(label).filter(([x, y]) => onInk(piece, x, y)), which).toEqual([]);
        const onArm = Array.from({ length: 200 }, (_, i) => [(arm.x * i) / 199, (arm.y * i) / 199] as const)
          .filter(([x, y]) => Math.abs(x - label.x) < label.width / 2 && Math.abs(y - label.y) < label.height / 2);
        expect(onArm, which).toEqual([]);
      }
      expect(overlap(stretched, squeezed) || overlap(stretched, length) || overlap(squeezed, length), which).toBe(false);
    }
  });

  it('keeps clear of the mark of a flaw', () => {
    const piece = { ...drawn(152, 12.7, 180, 1), mark: 7 };
    expect(placeLabels(piece, WORDS).stretched.y + piece.text / 2).toBeLessThan(-piece.outer - 7);
  });

  it('stands inside the bend where there is room', () => {
    const piece = drawn(152, 12.7, 180, 1);
    const { squeezed, radius } = placeLabels(piece, WORDS);
    expect(squeezed.y).toBeGreaterThan(-piece.formRadius);
    expect(radius.y).toBeGreaterThan(-piece.formRadius);
  });
});
