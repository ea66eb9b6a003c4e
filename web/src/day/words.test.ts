import { describe, expect, it } from 'vitest';
import type { ConflictView, DaySlotView, JobOutlook } from '../api/schema';
import { conflictInWords, gainInWords, hoursInWords, lackingInWords, outlookInWords, overrunInWords, refusedInWords, workInWords } from './words';

const soon = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString();
const OUTLOOK: JobOutlook = {
  jobId: 1, name: 'Ribs', wanted: 12, pieces: 14, perPiece: { probability: 0.86, low: 0.7, high: 0.95 }, worthPlanning: true, plannedAt: soon(9), earliest: soon(6), middle: soon(8), latest: soon(8),
};

describe('words of the day', () => {
  it('says when a shop works', () => {
    expect(hoursInWords({ people: 1, days: '12345', opens: '08:00', closes: '17:00:00' })).toBe('Mon to Fri, 08:00 to 17:00, 1 pair of hands');
    expect(hoursInWords({ people: 2, days: '146', opens: '07:30', closes: '12:00' })).toBe('Mon, Thu, Sat, 07:30 to 12:00, 2 pairs of hands');
  });

  it('says when enough are done and how sure that is', () => {
    expect(outlookInWords(OUTLOOK, 14)).toMatch(/^14 pieces to begin\. Enough good pieces about \w{3} \d+ \w+\. The last one planned is done/);
    expect(outlookInWords({ ...OUTLOOK, latest: soon(12), dueOn: soon(10).slice(0, 10), inTime: 0.8 }, 0)).toMatch(/, 1 time in 10 after .* By \w{3} .* 8 in 10 times\./);
    expect(outlookInWords({ ...OUTLOOK, wanted: 0 }, 0)).toBe('Enough good pieces are done.');
    expect(outlookInWords({ ...OUTLOOK, worthPlanning: false, perPiece: { probability: 0.1, low: 0, high: 0.2 } }, 3)).toBe('Only 1 in 10 pieces come good. Change its plan before its day.');
  });

  it('says what one more would gain and what is not there', () => {
    const things = [{ id: 3, version: 0, item: { kind: 'FORM' as const, name: 'Rim form', room: 1, note: '' } }];
    expect(gainInWords({ itemId: 3, more: 1, minutes: 2880 }, things)).toBe('One more like Rim form: done 2 days sooner.');
    expect(gainInWords({ more: 1, minutes: 20 }, things)).toBe('Another pair of hands: done 20 min sooner.');
    expect(lackingInWords(['FORM', 'STRAP'])).toContain('form, strap');
  });

  const pieces = ['Ribs 1', 'Ribs 2', 'Ribs 3', 'Ribs 4', 'Ribs 5'].map((name, at) => ({ jobId: 1, number: at + 1, name }));
  const form = [{ id: 3, version: 0, item: { kind: 'FORM' as const, name: 'Rim form', room: 1, note: '' } }];
  const conflict: ConflictView = { piece: 4, asked: true, kind: 'THING_TAKEN', step: 'HEATING', items: [3], holders: [0] };
  const slot: DaySlotView = { piece: 4, step: 'HEATING', begun: false, beginsAt: soon(1), handsOffAt: soon(1), readyAt: soon(1), endsAt: soon(1), tooLongMinutes: 0, people: 1, overrunMinutes: 0, items: [] };

  it('says what keeps a piece', () => {
    expect(conflictInWords(conflict, 'HEATING', pieces, form)).toBe('Rim form is taken by Ribs 1');
    expect(conflictInWords({ ...conflict, step: 'BENDING' }, 'HEATING', pieces, form)).toBe('it could not be bent while it is hot, because Rim form is taken by Ribs 1');
    expect(conflictInWords({ ...conflict, kind: 'HANDS_BUSY', items: [], holders: [0, 1, 2, 3] }, 'HEATING', pieces, form)).toBe('hands are busy with Ribs 1 and Ribs 2 and Ribs 3 and 1 more');
    expect(conflictInWords({ ...conflict, kind: 'CLOSED', items: [], holders: [] }, 'HEATING', pieces, form)).toContain('the heat is not up yet');
    expect(refusedInWords(conflict, slot, pieces, form)).toMatch(/^Ribs 5 goes on \w{3} .* and not when you asked: Rim form is taken by Ribs 1\.$/);
  });

  it('says when more than one pair of hands is wanted, and when even they are too slow for the glue', () => {
    expect(workInWords({ ...slot, step: 'GLUING', people: 2 }, { jobId: 1, number: 5, name: 'Ribs 5' }, form)).toBe('Ribs 5: glue and clamp, 2 pairs of hands');
    expect(overrunInWords({ ...slot, step: 'GLUING', overrunMinutes: 8 }, { jobId: 1, number: 5, name: 'Ribs 5' })).toContain('the glue is set 8 min before the last clamp is on');
  });
});
