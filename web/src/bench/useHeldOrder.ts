import { useEffect, useRef, useState, type PointerEventHandler } from 'react';

/**
 * Things in the order they come in, but in the order they had while a hand is pressing: what is pressed does not move from under it.
 *
 * @returns the things, and what hears of the hand where they are shown
 */
export function useHeldOrder<T extends { id: number }>(things: T[]): [T[], { onPointerDownCapture: PointerEventHandler }] {
  const [held, setHeld] = useState<number[]>();
  const shown = useRef<number[]>([]);
  const order = held === undefined ? things : [...things].sort((a, b) => placeIn(held, a.id) - placeIn(held, b.id));
  useEffect(() => { shown.current = order.map(({ id }) => id); });
  useEffect(() => {
    if (held === undefined) return undefined;
    let after: ReturnType<typeof setTimeout> | undefined;
    // the click comes after the hand is lifted
    const lifted = () => { after = setTimeout(() => { setHeld(undefined); }); };
    window.addEventListener('pointerup', lifted);
    window.addEventListener('pointercancel', lifted);
    return () => {
      clearTimeout(after);
      window.removeEventListener('pointerup', lifted);
      window.removeEventListener('pointercancel', lifted);
    };
  }, [held]);
  return [order, { onPointerDownCapture: () => { setHeld(shown.current); } }];
}

/** What was not there stands last. */
function placeIn(held: number[], id: number): number {
  const place = held.indexOf(id);
  return place < 0 ? held.length : place;
}
