import type { DryingView, PassingReading } from '../api/schema';
import { printDay } from '../units/days';

/** When a moisture is passed: about 3 Dec 2026, between 30 Nov 2026 and 8 Dec 2026. */
export function passingInWords(passing: PassingReading, percent: number, today: string): string {
  if (passing.latest !== undefined && passing.latest <= today) return `Below ${percent} % now, as far as can be told.`;
  if (passing.middle === undefined) {
    return passing.earliest === undefined
      ? `Not below ${percent} % within half a year: the air of the shop does not allow it.`
      : `Perhaps never below ${percent} % in this air.`;
  }
  const latest = passing.latest === undefined ? 'much later' : printDay(passing.latest);
  const earliest = passing.earliest === undefined || passing.earliest < today ? 'now' : printDay(passing.earliest);
  return `Below ${percent} % about ${printDay(passing.middle)}, between ${earliest} and ${latest}.`;
}

/** How this board dries beside what its species would say. */
export function paceInWords({ pace, readings }: DryingView): string {
  if (readings.length === 0) {
    return 'Not weighed yet: each weigh-in narrows the date. Its moisture at the start is taken to be known to 2 points, the air to 5 %.';
  }
  if (pace.high < 0.9) return `This piece dries slower than its species would say, at about ${pace.middle.toFixed(1)} times the pace.`;
  if (pace.low > 1.1) return `This piece dries faster than its species would say, at about ${pace.middle.toFixed(1)} times the pace.`;
  return 'This piece dries about as its species would say.';
}
