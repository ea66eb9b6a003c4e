import { Box } from '@mui/material';
import { SHARE_OF_BEND, type AlongBend, type Flaw } from '../trials/words';
import type { MeasuredOut, RecipeFields, SectionView } from '../api/schema';
import { usePalette } from '../app/palette';
import { AcrossView, acrossHeight } from './AcrossView';
import { Around, BentOn, depthOf, looseOf } from './Around';
import { useUnits } from '../app/units';
import { factsOf, isSectionOf } from '../methods/forms';
import { printLength, printPercent } from '../units/printing';
import { band, bentLine, boxAround, pathOf, polar, tailLength, thickEnds } from './geometry';
import { placeLabels } from './labels';

interface BendDrawingProps {
  recipe: RecipeFields;
  section: SectionView;
  /** What is measured out for it, as far as it is drawn. */
  sheet?: MeasuredOut[] | undefined;
  flaw?: Flaw | undefined;
  /** Where along the bend it is; its middle unless it is said. */
  flawAt?: AlongBend | undefined;
  /** How much larger the lettering is, where the drawing is so small that it could not be read. */
  lettering?: number;
}

const LAYERS = 22;

/** The piece round its form, to scale, each depth coloured by how near it is to what it bears. */
export function BendDrawing({ recipe, section, sheet = [], flaw, flawAt = 'MIDDLE', lettering = 1 }: BendDrawingProps) {
  const [system] = useUnits();
  const colours = usePalette();
  const { angleDegrees } = recipe;
  const radius = recipe.innerRadiusMm;
  const facts = factsOf(recipe.method);
  const { strap: strapped, backed, cuts, acrossRiseMm, thinnedOverMm, bentOn } = facts;
  const stack = plied(recipe, section);
  const ply = stack[0].outer - radius;
  const outer = Math.max(...stack.map((one) => one.outer));
  const half = (Math.min(angleDegrees, 356) * Math.PI) / 360;
  const tail = tailLength(radius, angleDegrees);
  const strapMm = strapped ? Math.max(strapped.thicknessMm, outer * 0.02) : 0;
  const sheetMm = backed ? outer * 0.015 : 0;
  const whole = radius + recipe.blank.thicknessMm;
  const ends = thinnedOverMm !== undefined && whole > outer ? thickEnds(outer, whole, half, tail, thinnedOverMm) : [];
  const lines = [...bentLine(Math.max(outer + strapMm + sheetMm, ...(ends.length > 0 ? [whole] : [])), half, tail), { x: 0, y: 0 }, ...bentLine(radius * 0.9, half, tail)];
  const room = boxAround(lines, outer * 0.2);
  const text = Math.max(room.width * 0.03, room.height * 0.045) * lettering;
  const words = {
    stretched: `stretched ${printPercent(section.outerStrain)}`,
    squeezed: `${section.innerStrain > 0 ? 'stretched' : 'squeezed'} ${printPercent(section.innerStrain)}`,
    radius: `R ${printLength(radius, system)}`,
  };
  const labels = placeLabels({ radius, outer: outer + strapMm + sheetMm + looseOf(facts, text), formRadius: depthOf(facts, radius), half, tail, text,
    mark: flaw && flaw !== 'INNER_CREASE' ? markReach(outer - radius, text) * MARK_ABOVE : 0 }, words);
  const { arm } = labels;
  const written = (['stretched', 'squeezed', 'radius'] as const).map((name) => ({ name, at: labels[name] }));
  const across = acrossRiseMm === undefined ? undefined : { riseMm: acrossRiseMm, widthMm: recipe.blank.widthMm, thicknessMm: ply };
  const below = room.y + room.height + text;
  const box = boxAround([
    ...(across ? [-1, 1].map((side) => ({ x: (side * across.widthMm) / 2, y: below + acrossHeight(across, text) })) : []),
    { x: room.x, y: room.y }, { x: room.x + room.width, y: room.y + room.height },
    ...written.flatMap(({ at }) => [-1, 1].map((side) => ({ x: at.x + (side * at.width) / 2, y: at.y + side * text }))),
  ], 0);
  return (
    <Box
      component="svg"
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      role="img"
      aria-label={describe(recipe, section, system)}
      sx={{ width: '100%', height: '100%', display: 'block', fontFamily: 'fontFamily', overflow: 'visible' }}
    >
      <BentOn radius={radius} half={half} tail={tail} text={text} bentOn={bentOn} />
      {stack.map((one) => (
        <g key={one.inner}>
          <path d={band(one.inner, one.outer, half, tail)} fill={colours.data.calm} />
          {one.asked && layers(section).map(({ from, squeeze, share }) => (
            <path
              key={from}
              // each layer runs on to the outer face under the next one, so that no seam shows between them
              d={band(one.bent + from * (one.outer - one.bent), one.outer, half, tail)}
              fill={`color-mix(in oklab, ${colours.data.calm}, ${squeeze ? colours.data.squeeze : colours.data.stretch} ${Math.round(share * 100)}%)`}
            />
          ))}
          <path d={band(one.inner, one.outer, half, tail)} fill="none" stroke={colours.text.primary} strokeWidth={text * 0.045} />
          {cuts && one.sawn && <Cuts sheet={sheet} kerfMm={cuts.kerfMm} inner={one.inner} web={one.bent} half={half} colour={colours.background.paper} />}
        </g>
      ))}
      {ends.map((end) => <path key={end} d={end} fill={`color-mix(in oklab, ${colours.data.calm}, ${colours.data.stretch} ${isSectionOf(ply, section) ? 0 : Math.round(outerShare(section) * 100)}%)`}
        stroke={colours.text.primary} strokeWidth={text * 0.045} />)}
      {backed && <path d={band(outer, outer + sheetMm, half, tail)} fill={colours.data.strap} />}
      {strapped && (
        <path d={band(outer, outer + strapMm, half, tail)} fill={colours.data.strap} />
      )}
      <Around radius={radius} outer={outer} outermost={outer + strapMm + sheetMm} half={half} tail={tail} text={text} bark={recipe.blank.outerFace === 'BARK'} facts={facts} />
      {stack.length === 1 && stack[0].asked && section.neutralAxis > 0 && (
        <path d={pathOf(bentLine(stack[0].bent + section.neutralAxis * (outer - stack[0].bent), half, tail))} fill="none"
          stroke={colours.text.primary} strokeWidth={text * 0.07} strokeDasharray={`${text * 0.5} ${text * 0.35}`} />
      )}
      {across && <AcrossView across={across} top={below} text={text} />}
      {flaw && (
        <g transform={`rotate(${((2 * SHARE_OF_BEND[flawAt] - 1) * half * 180) / Math.PI})`}>
          <FlawMark flaw={flaw} inner={radius} outer={outer} size={text} colour={colours.data.broken} />
        </g>
      )}
      <g stroke={colours.text.secondary} strokeWidth={text * 0.06}>
        <line x1={0} y1={0} x2={arm.x} y2={arm.y} />
        <circle r={text * 0.16} fill={colours.text.secondary} />
      </g>
      <g fill={colours.text.primary} fontSize={text} textAnchor="middle">
        {written.map(({ name, at }) => (
          <text key={name} x={at.x} y={at.y} dominantBaseline="central">{words[name]}</text>
        ))}
      </g>
    </Box>
  );
}

/**
 * One ply of a piece, which may be all of it.
 *
 * inner, outer: radii of its faces [mm]; bent: radius from which on it bends, which under saw cuts is that of its web; sawn: whether it has
 * cuts; asked: whether it is what the section is of.
 */
interface Ply {
  inner: number;
  outer: number;
  bent: number;
  sawn: boolean;
  asked: boolean;
}

/** A piece from the form outwards. */
function plied(recipe: RecipeFields, section: SectionView): [Ply, ...Ply[]] {
  const { plies, cleanMm, cuts, thinnedMm = Infinity } = factsOf(recipe.method);
  const ply = Math.min(recipe.blank.thicknessMm, thinnedMm);
  const one = (inner: number, thick: number, sawn: boolean): Ply => {
    const bends = sawn && cuts ? Math.min(cuts.webMm, thick) : thick;
    // where one ply is unlike the others, or the middle is thinned, the section is of what decides
    const whole = cleanMm === undefined && thinnedMm === Infinity;
    return { inner, outer: inner + thick, bent: inner + thick - bends, sawn, asked: whole || isSectionOf(bends, section) };
  };
  const first = one(recipe.innerRadiusMm, cleanMm ?? ply, cuts !== undefined && cleanMm === undefined);
  return [first, ...Array.from({ length: plies - 1 }, (_, index) => one(first.outer + index * ply, ply, cuts !== undefined))];
}

/** Saw cuts as they have closed once the curve is reached. */
function Cuts({ sheet, kerfMm, inner, web, half, colour }: { sheet: MeasuredOut[]; kerfMm: number; inner: number; web: number; half: number; colour: string }) {
  const measured = (measure: MeasuredOut['measure']) => sheet.find((line) => line.measure === measure)?.value ?? 0;
  const count = measured('CUTS');
  const room = Math.max(0, measured('ROOM_LEFT'));
  return Array.from({ length: count }, (_, index) => {
    const at = -half + ((index + 0.5) / count) * 2 * half;
    const corner = (radius: number, width: number) => polar(radius, at + width / (2 * radius));
    return <path key={index} fill={colour} d={`${pathOf([corner(inner * 0.999, -room), corner(web, -kerfMm), corner(web, kerfMm), corner(inner * 0.999, room)])}Z`} />;
  });
}

/** How near the outer face is to its limit; 1 and over is full colour. */
function outerShare(section: SectionView): number {
  return Math.max(0, Math.min(1, section.outerStrain / section.tensionLimit));
}

/** Depths of the section with how near each is to its limit; 1 and over is full colour. */
function layers(section: SectionView) {
  return Array.from({ length: LAYERS }, (_, i) => {
    const from = i / LAYERS;
    const middle = (i + 0.5) / LAYERS;
    const squeeze = middle < section.neutralAxis;
    const asked = squeeze
      ? -section.innerStrain * (1 - middle / section.neutralAxis)
      : (section.outerStrain * (middle - section.neutralAxis)) / (1 - section.neutralAxis);
    const bears = squeeze ? section.compressionLimit : section.tensionLimit;
    return { from, squeeze, share: Math.min(1, asked / bears) };
  });
}

/** How far the mark of a flaw reaches at most above the outer face, as a share of its size. */
const MARK_ABOVE = 0.5;

/** Size of the mark of a flaw on a piece of a depth [mm]. */
function markReach(depth: number, lettering: number): number {
  return Math.max(depth, lettering * 0.8);
}

function FlawMark({ flaw, inner, outer, size, colour }: { flaw: Flaw; inner: number; outer: number; size: number; colour: string }) {
  const stroke = { fill: 'none', stroke: colour, strokeWidth: size * 0.16, strokeLinejoin: 'round' as const };
  const depth = outer - inner;
  const reach = markReach(depth, size);
  switch (flaw) {
    case 'SNAP':
      return <path {...stroke} d={`M0 ${-outer - reach * 0.4}l${reach * 0.22} ${reach * 0.5}l${-reach * 0.44} ${reach * 0.4}l${reach * 0.44} ${reach * 0.4}l${-reach * 0.3} ${reach * 0.5}`} />;
    case 'OUTER_SPLINTER':
      return <path {...stroke} d={`M${-reach} ${-outer + depth * 0.3}L${reach * 0.2} ${-outer - reach * 0.45}M${-reach * 0.3} ${-outer + depth * 0.3}L${reach * 0.9} ${-outer - reach * 0.45}`} />;
    case 'EDGE_CRACK':
      return <path {...stroke} d={`M0 ${-outer - reach * 0.2}l${reach * 0.2} ${reach * 0.35}l${-reach * 0.3} ${reach * 0.35}`} />;
    case 'INNER_CREASE':
      return <path {...stroke} d={`M${-reach * 0.7} ${-inner}l${reach * 0.35} ${-depth * 0.35}l${reach * 0.35} ${depth * 0.35}l${reach * 0.35} ${-depth * 0.35}l${reach * 0.35} ${depth * 0.35}`} />;
    default:
      return <path {...stroke} d={pathOf(bentLine((inner + outer) / 2, 0.35, 0))} />;
  }
}

function describe(recipe: RecipeFields, section: SectionView, system: 'inch' | 'metric'): string {
  const { plies: count, cleanMm, acrossRiseMm } = factsOf(recipe.method);
  const clean = cleanMm === undefined ? '' : `a clean one of ${printLength(cleanMm, system)}, the others `;
  const plies = count > 1 ? `${count} plies, ${clean || 'each '}` : '';
  return (
    `The piece on its form: ${plies}${printLength(recipe.blank.thicknessMm, system)} thick, inner radius ` +
    `${printLength(recipe.innerRadiusMm, system)}, bent through ${recipe.angleDegrees} degrees. ` +
    `The outer face is stretched ${printPercent(section.outerStrain)} of the ${printPercent(section.tensionLimit)} it bears, ` +
    (section.innerStrain > 0
      ? `the inner face ${printPercent(section.innerStrain)}, too.`
      : `the inner face squeezed ${printPercent(section.innerStrain)} of ${printPercent(section.compressionLimit)}. ` +
        `The neutral axis lies ${Math.round(section.neutralAxis * 100)} per cent of the way out.`) +
    (acrossRiseMm === undefined ? '' : ` Across the grain it rises ${printLength(acrossRiseMm, system)} over ${printLength(recipe.blank.widthMm, system)}.`)
  );
}
