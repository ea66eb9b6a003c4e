import type { FrameView, StageView } from '../api/schema';
import type { Shown } from './ramps';

/** Where a stage lies on the strip, in its units. */
export interface Span {
  from: number;
  to: number;
}

/**
 * Room for each stage. A carry of seconds and a rack of weeks share one strip, so each has its own scale; the share is
 * by what there is to see.
 */
const SHARE: Record<StageView['kind'], number> = {
  SOAK: 3, STEAM_BOX: 5, STEAM_BAG: 5, HOT_BATH: 5, STEAM_ON: 3, SIMMER: 5, HOT_PIPE: 5, CARRY: 3, FORM: 3.2, RACK: 3,
};

export function stageSpans(stages: StageView[], width: number): Span[] {
  const all = stages.reduce((sum, stage) => sum + SHARE[stage.kind], 0);
  let reached = 0;
  return stages.map((stage) => {
    const from = reached;
    reached += (SHARE[stage.kind] / all) * width;
    return { from, to: reached };
  });
}

/** The last moment that has begun at a time. */
export function frameAt(frames: FrameView[], seconds: number): number {
  let index = 0;
  while (index + 1 < frames.length && (frames[index + 1] as FrameView).seconds <= seconds) index++;
  return index;
}

/** Values over the depth at a time, between the moments before and after. */
export function valueAt(frames: FrameView[], seconds: number, shown: Shown): number[] {
  const index = frameAt(frames, seconds);
  const before = frames[index] as FrameView;
  const after = frames[index + 1];
  if (!after) return before[shown];
  const share = (seconds - before.seconds) / (after.seconds - before.seconds);
  return before[shown].map((value, depth) => value + share * ((after[shown][depth] as number) - value));
}
