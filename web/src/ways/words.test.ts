import { describe, expect, it } from 'vitest';
import { STEAMED } from '../testing';
import { daysInWords, fellOutInWords, hoursInWords, triedInWords } from './words';

describe('ways in words', () => {
  it('says hours and days as they are said of work', () => {
    expect(hoursInWords(0.7)).toBe('40 min');
    expect(hoursInWords(1.52)).toBe('1.5 h');
    expect(hoursInWords(24.5)).toBe('25 h');
    expect(hoursInWords(72)).toBe('3 days');
    expect(hoursInWords(62)).toBe('2.5 days');
    expect(daysInWords(1)).toBe('1 day');
    expect(daysInWords(11.6)).toBe('12 days');
  });

  it('says why others fell out, with the one that came nearest', () => {
    const words = fellOutInWords({ because: 'DRY_WOOD', count: 340, best: STEAMED, unbroken: 0.61 }, 'inch');
    expect(words).toContain('340 because the wood is too dry');
    expect(words).toContain('6 in 10');
    expect(words).toContain('60 min steam at 208 °F');
  });

  it('says how far the records go', () => {
    expect(triedInWords({ trialsNear: 12, ofThisWood: 4, ofOtherShops: 0, beyondRecords: false, shorterThanSchools: false })).toBe('12 of your bends were about as hard, 4 of this wood');
    expect(triedInWords({ trialsNear: 12, ofThisWood: 4, ofOtherShops: 5, beyondRecords: false, shorterThanSchools: false })).toBe('7 of your bends and 5 of other shops’ were about as hard, 4 of this wood');
    expect(triedInWords({ trialsNear: 6, ofThisWood: 6, ofOtherShops: 0, beyondRecords: false, shorterThanSchools: false })).toContain('all of this wood');
    expect(triedInWords({ trialsNear: 3, ofThisWood: 0, ofOtherShops: 0, beyondRecords: false, shorterThanSchools: false })).toContain('none of this wood');
    expect(triedInWords({ trialsNear: 0, ofThisWood: 0, ofOtherShops: 0, beyondRecords: false, shorterThanSchools: false })).toBe('None of your bends was about as hard');
    expect(triedInWords({ trialsNear: 0, ofThisWood: 0, ofOtherShops: 0, beyondRecords: true, shorterThanSchools: false })).toBe('Harder than anything you have logged');
    expect(triedInWords({ trialsNear: 3, ofThisWood: 3, ofOtherShops: 0, beyondRecords: false, shorterThanSchools: true })).toContain('Heated for less time than any rule of thumb says');
  });

  it('has words for a reason only the records know', () => {
    expect(fellOutInWords({ because: 'BOARD', count: 2, best: STEAMED, unbroken: 0.5 }, 'metric')).toContain('your records speak against them');
  });
});
