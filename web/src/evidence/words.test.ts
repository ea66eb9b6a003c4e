import { describe, expect, it } from 'vitest';
import { constantInWords, effectInWords, firmestFirst, hiddenShareInWords, openInWords, proneInWords, saidBy, setAsideInWords, tippedInWords } from './words';

const evidence = { rule: 'RINGS', tip: 0.8, noMatter: 0.2, trials: 40, more: 27, boards: 9, effect: 0.5, sd: 0.6 } as const;

it('speaks of what hides flaws only where the records do', () => {
  expect(proneInWords([{ times: 1.1 }, { source: 'yard', times: 0.9 }])).toEqual([]);
  expect(proneInWords([{ times: 2 }, { source: 'the yard', times: 0.5 }])).toEqual([
    'Pieces with knots or wild grain in the bend hide such a flaw 2.0 times as often as usual stock.',
    'Boards from the yard hide such a flaw 2.0 times less often than usual stock.',
  ]);
});

describe('what the records say, in words', () => {
  it('says for which answer and how strongly', () => {
    expect(tippedInWords(evidence)).toBe('4 to 1 for “on edge”, from 40 bends.');
    expect(tippedInWords({ ...evidence, tip: 0.2 })).toBe('4 to 1 for “flat to the form”, from 40 bends.');
    expect(tippedInWords({ ...evidence, tip: 0.999 })).toContain('More than 99 to 1');
  });

  it('says of an open question what it rests on and how many bends more would tell', () => {
    expect(openInWords({ ...evidence, trials: 0, tip: 0.5 })).toBe('no bend has a say yet');
    expect(openInWords({ ...evidence, tip: 0.53 })).toBe('40 bends; about 30 more would tell if there is a clear difference');
    expect(openInWords({ ...evidence, tip: 0.53, more: 1 })).toContain('about 1 more would tell');
    expect(openInWords({ ...evidence, tip: 0.53, more: 1234 })).toContain('about 1,500 more');
    expect(openInWords({ ...evidence, tip: 0.53, more: 0 })).toBe('40 bends; a clear difference would have shown by now');
    expect(tippedInWords({ ...evidence, tip: 0.55, noMatter: 0.8 })).toBe('Most likely no difference worth the name, from 40 bends.');
  });

  it('says why bends of one board or of one way decide nothing', () => {
    expect(openInWords({ ...evidence, boards: 1, tip: 0.5 })).toBe('40 bends, but one of the ways from one board or one day alone');
    expect(openInWords({ ...evidence, boards: 0, trials: 7, tip: 0.5 })).toBe('7 bends, and nothing to compare with');
    expect(openInWords({ ...evidence, boards: 1, trials: 1, more: 0, tip: 0.5 })).toBe('1 bend, but one of the ways from one board or one day alone');
  });

  it('puts what is said most firmly first, what does not matter last, and leaves out what is open', () => {
    const [firm, leaning, none, open] = [{ ...evidence, tip: 0.05 }, { ...evidence, tip: 0.7 }, { ...evidence, tip: 0.5, noMatter: 0.9 }, { ...evidence, tip: 0.5 }];
    expect(firmestFirst([none, open, leaning, firm])).toEqual([firm, leaning, none]);
  });

  it('says what share breaks for no reason anyone sees', () => {
    expect(hiddenShareInWords({ probability: 0.021, low: 0.004, high: 0.028 })).toBe('About 2 in 100 of your pieces break for no reason we can see (0 to 3).');
    expect(hiddenShareInWords({ probability: 0.002, low: 0, high: 0.008 })).toBe('Fewer than 1 in 100 of your pieces break for no reason we can see (0 to 1).');
  });

  it('speaks for an answer, in green too, only where its words name one', () => {
    expect([0.5, 0.58, 0.62, 0.76, 0.3].map((tip) => saidBy({ ...evidence, tip }))).toEqual(['UNDECIDED', 'UNDECIDED', 'FIRST', 'FIRST', 'SECOND']);
    expect([0.62, 0.76].map((tip) => saidBy({ ...evidence, tip, noMatter: 0.8 }))).toEqual(['NO_DIFFERENCE', 'FIRST']);
    expect(saidBy({ ...evidence, tip: 0.5, noMatter: 0.7 })).toBe('UNDECIDED');
    expect(saidBy({ ...evidence, trials: 0, tip: 0.9 })).toBe('NOTHING');
  });

  it('says an effect as more or less trouble, and when it is not sure', () => {
    expect(effectInWords({ mean: Math.log(2), sd: 0.1 })).toBe('2.0 × more trouble');
    expect(effectInWords({ mean: -Math.log(2), sd: 0.9 })).toBe('2.0 × less trouble, not sure');
    expect(effectInWords({ mean: 0.01, sd: 0.1 })).toBe('no different');
  });

  it('says at what heat wood softens in the degrees of the person', () => {
    const softening = { constant: 'SOFTENING', usual: 0, likely: -3, low: -6, high: 2, steps: 0.5, learned: 0.3 } as const;
    expect(constantInWords(softening, 'metric').says).toBe('About 3 °C less than most wood is taken to, between 6 °C less and 2 °C more.');
    expect(constantInWords(softening, 'inch').says).toContain('5 °F less');
    expect(constantInWords({ ...softening, learned: 0 }, 'inch').says).toContain('nothing learned yet');
  });

  it('speaks of box and stops as of things to look at, and says what else it may be', () => {
    const box = { constant: 'BOX_HEAT', usual: 0, likely: 12, low: 7, high: 17, steps: 2.4, learned: 0.5, rival: 'SOFTENING' } as const;
    expect(constantInWords(box, 'metric').says).toBe('About 12 °C less than was written down, between 7 °C and 17 °C. The records cannot tell this from '
      + '“at what heat wood softens”: a second thermometer beside the stock would, or trials near the limit, dry and wet.');
    const stops = { constant: 'STOPS', usual: 0, likely: 1.6, low: -0.1, high: 2.4, steps: 2, learned: 0.3 } as const;
    expect(constantInWords(stops, 'metric').says).toBe('About 1.6 mm beyond the gap written down, between nothing and 2.4 mm.');
    expect(constantInWords(stops, 'inch').says).toContain('1/16"');
    expect(constantInWords({ ...box, likely: -5, low: -9, high: -1 }, 'metric').says).toBe('No colder than was written down.');
    expect(constantInWords({ ...stops, likely: 0, high: 0.6 }, 'metric').says).toBe('They hold as written down, or off by 0.6 mm at most.');
    expect(constantInWords({ ...stops, learned: 0 }, 'inch').says).toContain('Taken as written down; nothing learned yet.');
  });

  it('says why a record is set aside', () => {
    expect(setAsideInWords({ trialId: 3, why: 'RELEASED_IN_OTHER_UNIT', value: 8 }, '8 mm')).toContain('8 mm');
  });
});
