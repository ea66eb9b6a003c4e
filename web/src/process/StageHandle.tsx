import { Box } from '@mui/material';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { StageView } from '../api/schema';
import { printTime } from './time';
import { STAGE } from './words';

/** A stage given another length [s]. */
export interface StageChange {
  kind: StageView['kind'];
  seconds: number;
}

interface Steps {
  small: number;
  large: number;
  least: number;
  most: number;
}

/** What one press of an arrow or page key is worth [s], and how far it goes. */
const STEPS: Partial<Record<StageView['kind'], Steps>> = {
  SOAK: { small: 3600, large: 6 * 3600, least: 3600, most: 1000 * 3600 },
  STEAM_ON: { small: 300, large: 900, least: 60, most: 36_000 },
  CARRY: { small: 1, large: 10, least: 1, most: 900 },
  FORM: { small: 3600, large: 12 * 3600, least: 3600, most: 2000 * 3600 },
  RACK: { small: 86_400, large: 7 * 86_400, least: 86_400, most: 400 * 86_400 },
};

const HEAT: Steps = { small: 300, large: 1800, least: 60, most: 86_400 };

interface StageHandleProps {
  stage: StageView;
  /** Where the stage ends, as a share of the strip. */
  at: number;
  /** How much of the strip the stage takes. */
  room: number;
  /** How much of the height is strip. */
  height: number;
  onChange: (change: StageChange) => void;
}

/** The end of a stage, to be dragged or moved with the arrow keys. The stage keeps its room; its time changes. */
export function StageHandle({ stage, at, room, height, onChange }: StageHandleProps) {
  const started = useRef<{ x: number; seconds: number; width: number } | null>(null);
  const steps = stage.softens ? HEAT : STEPS[stage.kind];
  if (!steps) return null;
  const set = (seconds: number) => {
    const stepped = Math.round(seconds / steps.small) * steps.small;
    const kept = Math.max(steps.least, Math.min(steps.most, stepped));
    if (kept !== stage.seconds) onChange({ kind: stage.kind, seconds: kept });
  };
  const press = (event: KeyboardEvent) => {
    const by = { ArrowRight: steps.small, ArrowUp: steps.small, ArrowLeft: -steps.small, ArrowDown: -steps.small,
      PageUp: steps.large, PageDown: -steps.large }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    set(stage.seconds + by);
  };
  const grab = (event: PointerEvent<HTMLElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    const width = (event.currentTarget.parentElement?.clientWidth ?? 1) * room;
    started.current = { x: event.clientX, seconds: stage.seconds, width };
  };
  const drag = (event: PointerEvent<HTMLElement>) => {
    const from = started.current;
    // a whole stage's room doubles or halves twice over, so that seconds and weeks drag alike
    if (from) set(from.seconds * 4 ** ((event.clientX - from.x) / from.width));
  };
  return (
    <Box
      role="slider"
      tabIndex={0}
      aria-label={`End of ${STAGE[stage.kind].toLowerCase()}`}
      aria-valuemin={steps.least}
      aria-valuemax={steps.most}
      aria-valuenow={Math.round(stage.seconds)}
      aria-valuetext={printTime(stage.seconds)}
      onKeyDown={press}
      onPointerDown={grab}
      onPointerMove={drag}
      onPointerUp={() => { started.current = null; }}
      sx={{
        position: 'absolute', top: 0, height: `${height * 100}%`, left: `calc(${at * 100}% - 12px)`, width: 24,
        cursor: 'ew-resize', touchAction: 'none',
        '&::after': { content: '""', position: 'absolute', left: 8, top: '50%', width: 8, height: 34, mt: '-17px', borderRadius: 1,
          bgcolor: 'background.paper', border: 2, borderColor: 'text.primary' },
        '&:focus-visible': { outline: '3px solid', outlineColor: 'primary.main' },
      }}
    />
  );
}
