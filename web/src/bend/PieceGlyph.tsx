import type { RecipeFields } from '../api/schema';
import { factsOf } from '../methods/forms';
import { OF_GLUE, type Flaw, type Severity } from '../trials/words';
import styles from '../trials/OutcomeTag.module.css';
import { band, bentLine, boxAround, pathOf, tailLength } from './geometry';

/** A trial small enough for a list: the piece to its own scale, in the colour of how it ended, broken where it broke. */
export function PieceGlyph({ recipe, severity, flaw }: { recipe: RecipeFields; severity: Severity; flaw?: Flaw | undefined }) {
  const radius = recipe.innerRadiusMm;
  const thickness = recipe.blank.thicknessMm * factsOf(recipe.method).plies;
  // a thin piece on a wide form would vanish at this size
  const outer = radius + Math.max(thickness, radius * 0.06);
  const half = (Math.min(recipe.angleDegrees, 356) * Math.PI) / 360;
  const tail = tailLength(radius, recipe.angleDegrees);
  const box = boxAround(bentLine(outer, half, tail), outer * 0.14);
  const middle = (radius + outer) / 2;
  const size = outer * 0.13;
  return (
    <svg width={72} height={56} viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`} aria-hidden fill="currentColor" className={styles[severity]} style={{ display: 'block', flexShrink: 0, overflow: 'visible' }}>
      {severity === 'BROKEN' && !(flaw && OF_GLUE.includes(flaw)) ? (
        <BrokenHalves radius={radius} outer={outer} half={half} tail={tail} />
      ) : (
        <path d={band(radius, outer, half, tail)} />
      )}
      {severity === 'FLAW' && (
        <path d={`M${-size} ${-middle + size * 0.8}L0 ${-outer - size * 1.2}L${size} ${-middle + size * 0.8}Z`} />
      )}
    </svg>
  );
}

function BrokenHalves({ radius, outer, half, tail }: { radius: number; outer: number; half: number; tail: number }) {
  const points = (r: number) => bentLine(r, half, tail);
  const inner = points(radius);
  const back = points(outer);
  const cut = Math.floor(inner.length / 2);
  const part = (from: number, to: number) =>
    `${pathOf([...inner.slice(from, to), ...back.slice(from, to).reverse()])}Z`;
  return (
    <>
      <path d={part(0, cut - 2)} transform={`translate(${-outer * 0.05} ${-outer * 0.02})`} />
      <path d={part(cut + 3, inner.length)} transform={`translate(${outer * 0.05} ${outer * 0.08})`} />
    </>
  );
}
