import type { SchoolView, StageView, TimesReading } from '../api/schema';
import { printTime } from './time';

export const STAGE: Record<StageView['kind'], string> = {
  SOAK: 'Soak',
  STEAM_BOX: 'Steam',
  STEAM_BAG: 'Steam bag',
  STEAM_ON: 'Steam left on',
  HOT_BATH: 'Hot bath',
  SIMMER: 'Simmer',
  HOT_PIPE: 'Hot pipe',
  CARRY: 'Carry',
  FORM: 'On the form',
  RACK: 'Rack',
};

export const SCHOOL: Record<SchoolView['school'], string> = {
  THREE_QUARTERS_AN_INCH: '45 min an inch',
  HOUR_AN_INCH: 'an hour an inch',
  FLAT_HOUR: 'a fixed hour',
  TWO_HOURS: 'two hours at least',
};

/** How long one place is worked on a pipe: there the back is meant to stay firm. */
export function workingInWords({ softAfterS }: TimesReading): string {
  return softAfterS === undefined
    ? 'Most of it does not get soft on this pipe: a hotter pipe, more contact or thinner stock.'
    : `Most of it is soft after ${printTime(softAfterS)}, its back too. Bend before: what is still firm there holds the outer face like a strap.`;
}

/** How long it must steam, and why. */
export function steamingInWords({ hotAfterS, softAfterS, governedBy }: TimesReading): string {
  const hot = hotAfterS === undefined ? 'The core does not get hot in eight hours' : `The core is hot after ${printTime(hotAfterS)}`;
  const soft =
    softAfterS === undefined
      ? 'most of it is still not soft after eight hours'
      : softAfterS < 1
        ? 'it was soft from the start'
        : `most of it is soft after ${printTime(softAfterS)}`;
  const why =
    governedBy === 'HEAT'
      ? 'It is wet enough and only has to get hot.'
      : 'It is hot long before it is wet: steam has to carry water in, which is far slower. A soak shortens it.';
  return `${hot}; ${soft}. ${why}`;
}

export function carryInWords({ carryLimitS }: TimesReading): string {
  if (carryLimitS === undefined) return 'It stays soft for more than ten minutes after the pull.';
  if (carryLimitS < 1) return 'Its outer face is hard already when it is pulled.';
  return `Clamp it within ${printTime(carryLimitS)} of the pull: then the outer face is half hard.`;
}

export function dryingInWords({ coldAfterS, below10AfterS, below8AfterS }: TimesReading): string {
  const cold = coldAfterS === undefined ? '' : `Cold on the form after ${printTime(coldAfterS)}; a day is better against springback. `;
  const ten = below10AfterS === undefined ? 'It does not dry below 10 % in this shop' : `Below 10 % after ${printTime(below10AfterS)}`;
  const eight = below8AfterS === undefined ? 'never below 8 % in this air.' : `below 8 % after ${printTime(below8AfterS)}.`;
  return `${cold}${ten}; ${eight}`;
}
