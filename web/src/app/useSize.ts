import { useEffect, useState, type RefObject } from 'react';

/** How large something is on the screen [px], as large as it is just now; nothing before that is known. */
export function useSize(element: RefObject<Element | null>): { width: number; height: number } | undefined {
  const [size, setSize] = useState<{ width: number; height: number }>();
  useEffect(() => {
    const box = element.current;
    if (!box) return undefined;
    const look = () => {
      const { width, height } = box.getBoundingClientRect();
      if (width > 0 && height > 0) setSize({ width, height });
    };
    look();
    const watch = new ResizeObserver(look);
    watch.observe(box);
    return () => { watch.disconnect(); };
  }, [element]);
  return size;
}
