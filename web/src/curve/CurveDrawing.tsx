import { Box } from '@mui/material';
import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { ChainFields, CurveReading, StretchFields } from '../api/schema';
import { usePalette } from '../app/palette';
import { useSize } from '../app/useSize';
import { useUnits } from '../app/units';
import { oddsInWords } from '../odds/words';
import { BendLabel, Grips, Part } from './CurveMarks';
import { boxRound, poseAt, posesOf, pulled, runOf, settled, STEP, type Grip, type Pose } from './geometry';
import { bendLabel, valueInWords } from './words';

interface CurveDrawingProps {
  chain: ChainFields;
  thicknessMm: number;
  /** What is said of the curve, where that is still of so many parts. */
  answer: CurveReading | undefined;
  old: boolean;
  /** Something was pulled to another value and let go. */
  onPull: (grip: Grip, value: number) => void;
  /** A hand takes hold of something, or lets go of it. */
  onHold: (held: boolean) => void;
}

/** As high as it is drawn [px], and as wide as most screens show it before that is known. */
const HEIGHT = 400;
const WIDTH = 560;
/** Room for letters round it [px]. */
const MARGIN = 62;
/** A line of so many parts was drawn elsewhere and is not pulled about part by part. */
const MOST_HELD = 30;
/** With the shift key so many marks at once. */
const AT_ONCE = 8;

/** The piece along its curve, to be pulled at its joints and arcs, shaded by how near each place is to breaking. */
export function CurveDrawing({ chain: given, thicknessMm, answer, old, onPull, onHold }: CurveDrawingProps) {
  const [system] = useUnits();
  const { data, text } = usePalette();
  const [pulling, setPulling] = useState<{ grip: Grip; box: ReturnType<typeof boxRound>; value: number }>();
  const svg = useRef<SVGSVGElement>(null);
  // what is pulled is drawn here alone, so that a hand need not wait for the rest of the page
  const chain = useMemo(() => (pulling ? withPulled(given, pulling.grip, pulling.value) : given), [given, pulling]);
  const runs = useMemo(() => chain.stretches.map((stretch) => runOf(stretch, thicknessMm)), [chain, thicknessMm]);
  const poses = useMemo(() => posesOf(runs), [runs]);
  const whole = useMemo(() => boxRound(runs, poses, thicknessMm), [runs, poses, thicknessMm]);
  // while something is pulled the drawing stands still under the hand
  const [x, y, width, height] = pulling?.box ?? whole;
  // letters and grips are as large on the screen whatever the curve
  const shown = useSize(svg) ?? { width: WIDTH, height: HEIGHT };
  const perPx = Math.max(width / (shown.width - 2 * MARGIN), height / (shown.height - 2 * MARGIN));
  const margin = MARGIN * perPx;
  const near = answer?.near.length === runs.length ? answer.near : undefined;
  const bends = answer && answer.bends.every(({ last }) => last < runs.length) ? answer.bends : [];
  const worst = bends.length > 1 ? bends.find(({ unbroken }) => unbroken.probability === Math.min(...bends.map((each) => each.unbroken.probability))) : undefined;
  const held = runs.length <= MOST_HELD;
  const place = (event: PointerEvent) => {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.current?.getScreenCTM()?.inverse());
    return { x: at.x, y: -at.y };
  };
  const pull = (grip: Grip, to: { x: number; y: number }) =>
    settled(grip.what, pulled(grip, chain.stretches[grip.index] as StretchFields, poses[grip.index] as Pose, to, thicknessMm), system);
  return (
    <Box component="svg" ref={svg} role="group" aria-label="The curve" viewBox={`${x - margin} ${y - margin} ${width + 2 * margin} ${height + 2 * margin}`}
      sx={{ display: 'block', width: '100%', height: { xs: 300, sm: HEIGHT }, fontFamily: 'fontFamily', '& [role=slider]': { cursor: 'grab', touchAction: 'none', outline: 'none' } }}
      onPointerDown={(event: PointerEvent<SVGSVGElement>) => {
        const grip = gripAt(event.target as Element);
        if (!grip) return;
        event.preventDefault();
        event.currentTarget.setPointerCapture(event.pointerId);
        setPulling({ grip, box: whole, value: valueOf(chain, grip) });
        onHold(true);
      }}
      onPointerMove={(event: PointerEvent<SVGSVGElement>) => {
        if (!pulling) return;
        const value = pull(pulling.grip, place(event));
        if (value === pulling.value) return;
        setPulling({ ...pulling, value });
      }}
      onPointerUp={() => {
        if (pulling && pulling.value !== valueOf(given, pulling.grip)) onPull(pulling.grip, pulling.value);
        setPulling(undefined);
        onHold(false);
      }}
      onPointerCancel={() => {
        setPulling(undefined);
        onHold(false);
      }}
      onKeyDown={(event: KeyboardEvent) => {
        const grip = gripAt(event.target as Element);
        const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: AT_ONCE, PageDown: -AT_ONCE }[event.key];
        if (!grip || by === undefined) return;
        event.preventDefault();
        onPull(grip, settled(grip.what, valueOf(chain, grip) + by * (event.shiftKey ? AT_ONCE : 1) * STEP[grip.what][system], system));
      }}>
      {runs.map((run, index) => (
        <Part key={index} pose={poses[index] as Pose} run={run} thicknessMm={thicknessMm} near={old ? undefined : near?.[index]} calm={data.calm} hot={data.stretch} edge={text.primary} line={1.4 * perPx} />
      ))}
      {!pulling && bends.map((bend, index) => (
        <BendLabel key={index} words={[bendLabel(bend, system), old ? '' : oddsInWords(bend.unbroken.probability)]} at={poseAt(runs, poses, bend.tightestAtMm)}
          away={(bend.turn === 'LEFT' ? -1 : 1) * (thicknessMm / 2 + 26 * perPx)} perPx={perPx} ring={!old && bend === worst ? thicknessMm / 2 + 13 * perPx : 0} />
      ))}
      {held && runs.map((run, index) => <Grips key={index} stretch={chain.stretches[index] as StretchFields} index={index} run={run} pose={poses[index] as Pose} perPx={perPx} system={system} pulling={pulling?.grip} />)}
      {pulling && <text x={x - margin + 8 * perPx} y={y - margin + 22 * perPx} fontSize={18 * perPx} fontWeight={600} fill={text.primary}>{valueInWords(pulling.grip, pulling.value, system)}</text>}
    </Box>
  );
}

function gripAt(element: Element): Grip | undefined {
  const grip = element.closest('[data-what]');
  return grip ? { index: Number(grip.getAttribute('data-index')), what: grip.getAttribute('data-what') as Grip['what'] } : undefined;
}

function withPulled({ stretches }: ChainFields, { index, what }: Grip, value: number): ChainFields {
  return { stretches: stretches.map((stretch, at) => (at === index ? { ...stretch, [what]: value } : stretch)) };
}

function valueOf({ stretches }: ChainFields, { index, what }: Grip): number {
  return stretches[index]?.[what] ?? 0;
}
