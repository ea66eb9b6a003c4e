import { describe, expect, it } from 'vitest';
import { carryInWords, dryingInWords, steamingInWords, workingInWords } from './words';

const TIMES = { hotAfterS: 900, softAfterS: 960, governedBy: 'HEAT' as const, carryLimitS: 47, coldAfterS: 840, below10AfterS: 86_400 * 12 };

describe('how long a process takes, in words', () => {
  it('says when it is hot and soft, and what that waits for', () => {
    expect(steamingInWords(TIMES)).toBe('The core is hot after 15 min; most of it is soft after 16 min. It is wet enough and only has to get hot.');
    expect(steamingInWords({ ...TIMES, softAfterS: 7200, governedBy: 'WATER' })).toContain('A soak shortens it.');
  });

  it('does not make up a time that never comes', () => {
    const never = steamingInWords({ governedBy: 'WATER' });
    expect(never).toContain('does not get hot in eight hours');
    expect(never).toContain('still not soft after eight hours');
    expect(steamingInWords({ ...TIMES, softAfterS: 0 })).toContain('soft from the start');
  });

  it('says how soon it must be clamped', () => {
    expect(carryInWords(TIMES)).toBe('Clamp it within 47 s of the pull: then the outer face is half hard.');
    expect(carryInWords({ governedBy: 'HEAT' })).toContain('more than ten minutes');
    expect(carryInWords({ governedBy: 'HEAT', carryLimitS: 0 })).toContain('hard already');
  });

  it('says when it is cold and dry, and what this air never reaches', () => {
    expect(dryingInWords(TIMES)).toBe(
      'Cold on the form after 14 min; a day is better against springback. Below 10 % after 12 days; never below 8 % in this air.',
    );
    expect(dryingInWords({ governedBy: 'HEAT' })).toContain('does not dry below 10 %');
  });
});

it('says of a pipe when its back gets soft, which it should not', () => {
  expect(workingInWords({ ...TIMES, softAfterS: 300 })).toContain('soft after 5 min, its back too. Bend before');
  expect(workingInWords({ governedBy: 'HEAT' })).toContain('thinner stock');
});
