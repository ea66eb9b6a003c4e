import { describe, expect, it } from 'vitest';
import { ANSWER } from '../testing';
import { doubtInWords, likenessInWords, missingInWords, nearInWords, springbackInWords, strapInWords, tablesInWords, trialsInWords } from './groundsInWords';

describe('what the odds rest on, in words', () => {
  it('names radii where wood is softened and strengths where it is bent dry', () => {
    expect(tablesInWords(true, false, '9 in 10')).toBe('published radii. The radii alone say 9 in 10.');
    expect(tablesInWords(true, true, '9 in 10')).toBe('published radii (estimated for this species). The radii alone say 9 in 10.');
    expect(tablesInWords(false, true, '9 in 10')).toBe('published strengths. Those alone say 9 in 10.');
  });

  it('says how many records stand behind it, and how many of them were bent this way', () => {
    expect(trialsInWords({ trialsOfFamily: 40, trialsThisWay: 40, trialsNear: 7, ofOtherShops: { ofFamily: 0, near: 0 } }, 'lamination')).toBe('40 of your lamination trials, 7 of them asked about as much,');
    expect(trialsInWords({ trialsOfFamily: 40, trialsThisWay: 3, trialsNear: 7, ofOtherShops: { ofFamily: 0, near: 0 } }, 'hot-bending')).toContain('3 of them bent this way');
    expect(trialsInWords({ trialsOfFamily: 40, trialsThisWay: 0, trialsNear: 7, ofOtherShops: { ofFamily: 0, near: 0 } }, 'hot-bending')).toContain('none of them bent this way');
  });

  it('says of one record what is said of one', () => {
    expect(nearInWords({ trialsNear: 1, ofOtherShops: { ofFamily: 0, near: 0 } })).toBe('1 of your bends was about as hard.');
    expect(nearInWords({ trialsNear: 6, ofOtherShops: { ofFamily: 9, near: 2 } })).toBe('4 of your bends and 2 of other shops’ were about as hard.');
  });

  it('asks about green wood that is dry', () => {
    expect(doubtInWords({ kind: 'GREEN_BUT_DRY', given: 6, usual: 20 }, 'inch')).toContain('Green wood at 6 %?');
  });

  it('says temperatures and radii in the person’s own units', () => {
    expect(doubtInWords({ kind: 'HOTTER_THAN_BOILING', given: 98, usual: 94.3 }, 'inch')).toContain('208 °F');
    expect(doubtInWords({ kind: 'TIGHTER_THAN_A_FORM', given: 9.525, usual: 12.7 }, 'inch')).toContain('3/8"');
    expect(doubtInWords({ kind: 'TIGHTER_THAN_A_FORM', given: 9.525, usual: 12.7 }, 'metric')).toContain('12.7 mm');
  });

  const springback = {
    releasedRadiusMm: 158.75, releasedRadiusLowMm: 152.4, releasedRadiusHighMm: 165.1, computedReleasedRadiusMm: 160, formRadiusMm: 146.05,
    measured: 12,
  };

  it('gives the form that allows for springback and what it goes by', () => {
    const words = springbackInWords(springback, 152.4, 'inch');
    expect(words).toContain('6 1/4"');
    expect(words).toContain('make the form 5 3/4"');
    expect(words).toContain('12 pieces you measured');
    expect(springbackInWords({ ...springback, measured: 0 }, 152.4, 'inch')).toContain('as computed');
  });

  it('says what a measurement is worth, and when it is worth nothing', () => {
    expect(missingInWords({ what: 'MOISTURE', widthNow: 0.4, widthThen: 0.3 })).toBe('Measure its moisture: on average the range shrinks by 25 %.');
    expect(missingInWords({ what: 'GRAIN_SLOPE', widthNow: 0.4, widthThen: 0.395 })).toContain('hardly');
  });

  it('names what records have in common', () => {
    expect(likenessInWords(['SPECIES', 'STRETCH'])).toBe('same wood, stretched as much');
    expect(likenessInWords([])).toBe('little in common');
  });
});

it('says what a strap pulls and presses, and what of that is too much', () => {
  const section = { ...ANSWER.section, strapPullN: 4448, strapStressMpa: 120, strapBearsMpa: 250, endPressureMpa: 3, endCrushingMpa: 12 };
  expect(strapInWords(section, 'inch')).toBe('The strap pulls with 1000 lb on its anchor and presses the end grain with 25 % of what it bears hot.');
  expect(strapInWords({ ...section, strapStressMpa: 300 }, 'inch')).toContain('take a thicker one');
  expect(strapInWords({ ...section, endPressureMpa: 15 }, 'metric')).toContain('would crush the end grain');
});
