import { describe, expect, it } from 'vitest';
import type { DayPieceView, DaySlotView, RigItemView } from '../api/schema';
import { inRows, lanesOf, midnights, nameIn } from './lanes';

const at = (hour: number, minute = 0) => new Date(2026, 11, 1, hour, minute).toISOString();

function slot(piece: number, step: DaySlotView['step'], from: number, to: number, items: number[]): DaySlotView {
  return { piece, step, begun: false, beginsAt: at(from), handsOffAt: at(from, 5), readyAt: at(to), endsAt: at(to), tooLongMinutes: 0, people: 1, overrunMinutes: 0, items };
}

const thing = (id: number, kind: string, name: string) => ({ id, version: 0, item: { kind, name, room: 1, note: '' } }) as RigItemView;

describe('lanes', () => {
  it('puts bars that overlap below one another and the next where there is room', () => {
    const bar = (slotAt: number, fromMs: number, toMs: number) => ({ slot: slotAt, piece: slotAt, fromMs, toMs });
    expect(inRows([bar(0, 0, 10), bar(1, 5, 15), bar(2, 10, 20)]).map(({ row }) => row)).toEqual([0, 1, 0]);
  });

  it('has one for the hands, one for each thing taken up in the order of work, and one for what needs none', () => {
    const lanes = lanesOf([slot(0, 'HEATING', 8, 9, [7]), slot(0, 'BENDING', 9, 15, [3]), slot(0, 'DRYING', 15, 20, [])], [thing(3, 'FORM', 'Rim form'), thing(7, 'STEAM_BOX', 'Box'), thing(9, 'FORM', 'Never used')]);
    expect(lanes.map(({ label }) => label)).toEqual(['Hands', 'Box', 'Rim form', 'Drying']);
    expect(lanes[0]?.bars).toHaveLength(3);
  });

  it('says in a bar what there is room for', () => {
    const piece: DayPieceView = { name: 'Snowshoe frames 12', number: 12 };
    expect(nameIn(piece, 400)).toBe('Snowshoe frames 12');
    expect(nameIn(piece, 40)).toBe('12');
    expect(nameIn(piece, 10)).toBe('');
  });

  it('knows every day of a run, also where the clocks are changed', () => {
    const days = midnights(new Date(2026, 9, 24, 9).getTime(), new Date(2026, 9, 27, 9).getTime());
    expect(days.map((day) => new Date(day).getHours())).toEqual([0, 0, 0, 0]);
    expect(days.map((day) => new Date(day).getDate())).toEqual([24, 25, 26, 27]);
  });
});
