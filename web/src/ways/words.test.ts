import { describe, expect, it } from 'vitest';
import { STEAMED } from '../testing';
import { fellOutInWords, hoursInWords, triedInWords } from './words';

describe('ways in words', () => {
  it('says when the piece is off the form', () => {
    expect(hoursInWords({ hours: 24.5 })).toBe('off the form after 25 h');
    expect(hoursInWords({ hours: 72 })).toBe('off the form after 3 days');
    expect(hoursInWords({ hours: 63 })).toBe('off the form after 2.6 days');
  });

  it('says why others fell out, with the one that came nearest', () => {
    const words = fellOutInWords({ because: 'DRY_WOOD', count: 340, best: STEAMED, unbroken: 0.61 }, 'inch');
    expect(words).toContain('340 because the wood is too dry');
    expect(words).toContain('6 in 10');
    expect(words).toContain('60 min steam at 208 °F');
  });

  it('says how far the records go', () => {
    expect(triedInWords({ trialsNear: 12, ofThisWood: 4, ofOtherShops: 0, beyondRecords: false, shorterThanSchools: false })).toBe('12 of your trials asked about as much, 4 of this wood');
    expect(triedInWords({ trialsNear: 12, ofThisWood: 4, ofOtherShops: 5, beyondRecords: false, shorterThanSchools: false })).toBe('7 of your trials and 5 of other shops’ asked about as much, 4 of this wood');
    expect(triedInWords({ trialsNear: 6, ofThisWood: 6, ofOtherShops: 0, beyondRecords: false, shorterThanSchools: false })).toContain('all of this wood');
    expect(triedInWords({ trialsNear: 3, ofThisWood: 0, ofOtherShops: 0, beyondRecords: false, shorterThanSchools: false })).toContain('none of this wood');
    expect(triedInWords({ trialsNear: 0, ofThisWood: 0, ofOtherShops: 0, beyondRecords: false, shorterThanSchools: false })).toBe('None of your trials asked about as much');
    expect(triedInWords({ trialsNear: 0, ofThisWood: 0, ofOtherShops: 0, beyondRecords: true, shorterThanSchools: false })).toContain('Beyond your records');
    expect(triedInWords({ trialsNear: 3, ofThisWood: 3, ofOtherShops: 0, beyondRecords: false, shorterThanSchools: true })).toContain('shorter than any rule of thumb says');
  });

  it('has words for a reason only the records know', () => {
    expect(fellOutInWords({ because: 'BOARD', count: 2, best: STEAMED, unbroken: 0.5 }, 'metric')).toContain('your records speak against them');
  });
});
