import { interpolateRgb } from 'd3-interpolate';

/** What the strip can show. */
export type Shown = 'softness' | 'moisture' | 'celsius';

interface Ramp {
  label: string;
  low: string;
  high: string;
  colour: (value: number) => string;
}

/** Blue-black through grey to straw: even in lightness, so that it reads without colour as well. */
function ramp(label: string, from: number, to: number, low: string, high: string, colours: [string, string, string]): Ramp {
  const [first, middle, last] = colours;
  const lower = interpolateRgb(first, middle);
  const upper = interpolateRgb(middle, last);
  return {
    label,
    low,
    high,
    colour: (value) => {
      const along = Math.max(0, Math.min(1, (value - from) / (to - from)));
      return along < 0.5 ? lower(along * 2) : upper(along * 2 - 1);
    },
  };
}

export const RAMPS: Record<Shown, Ramp> = {
  softness: ramp('How soft', 0, 1, 'hard', 'soft', ['#22335c', '#8b8478', '#f3cf6b']),
  moisture: ramp('How wet', 4, 30, 'dry', 'wet', ['#f2e3c2', '#7aa7ad', '#123f63']),
  celsius: ramp('How hot', 15, 100, 'cold', 'hot', ['#1f2f4a', '#b0553f', '#fbd9a0']),
};
