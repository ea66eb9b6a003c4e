import { useRef, type FocusEvent, type KeyboardEvent, type PointerEvent } from 'react';
import type { BoardFields } from '../api/schema';
import { arrow } from '../app/arrows';
import { useUnits } from '../app/units';
import { settled, STEP, type Spot, type Thing } from './geometry';

/** What is done with what lies on a board. */
export interface Handling {
  chosen: Thing | undefined;
  onChoose: (thing: Thing) => void;
  /** Somewhere on its way; the last is where it was let go. */
  onMove: (thing: Thing, to: Spot, letGo: boolean) => void;
}

/** With the shift key so many marks of the rule at once. */
const AT_ONCE = 8;

/** Things on a board are dragged, and nudged by the arrow keys from mark to mark of the rule. One hand for the whole board. */
export function useHolding(board: BoardFields, handling: Handling | undefined) {
  const [system] = useUnits();
  const held = useRef<{ thing: Thing; x: number; y: number; from: Spot; to: Spot }>(undefined);
  if (!handling) return {};
  const move = (event: PointerEvent<SVGSVGElement>) => {
    if (!held.current) return;
    const { thing, x, y, from } = held.current;
    const perPx = board.lengthMm / (event.currentTarget.getBoundingClientRect().width || board.lengthMm);
    const to = settled(board, thing, { alongMm: from.alongMm + (event.clientX - x) * perPx, acrossMm: from.acrossMm - (event.clientY - y) * perPx }, system);
    if (to.alongMm === held.current.to.alongMm && to.acrossMm === held.current.to.acrossMm) return;
    held.current.to = to;
    handling.onMove(thing, to, false);
  };
  return {
    onFocus: (event: FocusEvent) => {
      const thing = thingAt(event.target);
      if (thing) handling.onChoose(thing);
    },
    onKeyDown: (event: KeyboardEvent) => {
      const thing = thingAt(event.target as Element);
      const to = arrow(event.key);
      const at = thing && board[thing.what][thing.index];
      if (!at || !to) return;
      event.preventDefault();
      const step = STEP[system] * (event.shiftKey ? AT_ONCE : 1);
      handling.onMove(thing, { alongMm: at.alongMm + to.right * step, acrossMm: at.acrossMm - to.down * step }, true);
    },
    onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
      const thing = thingAt(event.target as Element);
      const at = thing && board[thing.what][thing.index];
      if (!at) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      const from = { alongMm: at.alongMm, acrossMm: at.acrossMm };
      held.current = { thing, x: event.clientX, y: event.clientY, from, to: from };
      handling.onChoose(thing);
    },
    onPointerMove: move,
    onPointerUp: () => {
      const { thing, from, to } = held.current ?? {};
      held.current = undefined;
      if (thing && to && to !== from) handling.onMove(thing, to, true);
    },
    onPointerCancel: () => {
      const { thing, from } = held.current ?? {};
      held.current = undefined;
      if (thing && from) handling.onMove(thing, from, true);
    },
  };
}

function thingAt(element: Element): Thing | undefined {
  const grip = element.closest('[data-what]');
  const what = grip?.getAttribute('data-what');
  return what === 'blanks' || what === 'marks' ? { what, index: Number(grip?.getAttribute('data-index')) } : undefined;
}
