import type { DayPieceView, DayReading, DaySheetFields, DaySlotView, JobView, RigItemView } from '../api/schema';
import { methodOf } from '../methods/forms';
import type { SheetWords } from '../paper/TakeSheet';
import { wantedLine } from '../jobs/words';
import { dayOf, printTimeOfDay, printWeekday, printWhen } from '../units/clock';
import { today } from '../units/days';
import { midnights, type Lane } from './lanes';
import { workOfHands } from './next';
import { GOES_ON, hoursInWords, workInWords } from './words';

type WorkDay = DaySheetFields['days'][number];
const MINUTE_MS = 60_000;
const DAY_MINUTES = 1440;
/** As many days as a sheet may have. */
const MOST_DAYS = 62;

/** What stands above the days on paper. */
export function sheetWords(day: DayReading, pieces: DayPieceView[], jobs: JobView[]): SheetWords {
  const planned = jobs.filter(({ id }) => pieces.some(({ jobId }) => jobId === id));
  const cautions = [...new Set(planned.map(({ job }) => methodOf(job.recipe).caution))].join(' ');
  return { title: 'The day', lines: [hoursInWords(day.hours), ...planned.map(({ job }) => `${job.name}: ${wantedLine(job, today())}`)].slice(0, 30), cautions: cautions === '' ? [] : [cautions], code: `${window.location.origin}/bench` };
}

/** Minutes on the clock from a midnight on, where the person is. */
function clockMinutes(moment: number, midnight: number): number {
  const at = new Date(moment);
  const days = Math.round((new Date(at.getFullYear(), at.getMonth(), at.getDate()).getTime() - midnight) / (DAY_MINUTES * MINUTE_MS));
  return days * DAY_MINUTES + at.getHours() * 60 + at.getMinutes();
}

/** The days of a stretch of time on which anything is done, each as it is hung up. */
export function daysOnPaper(slots: DaySlotView[], pieces: DayPieceView[], things: RigItemView[], lanes: Lane[], open: { from: number; to: number }, fromMs: number, toMs: number): WorkDay[] {
  return midnights(fromMs, toMs).map((midnight) => {
    const day = dayOf(new Date(midnight).toISOString());
    const work = workOfHands(slots).filter(({ beginsAt }) => dayOf(beginsAt) === day);
    const clocks = work.flatMap(({ beginsAt, handsOffAt }) => [beginsAt, handsOffAt].map((moment) => clockMinutes(Date.parse(moment), midnight)));
    const from = Math.min(open.from, ...clocks);
    const to = Math.max(open.to, ...clocks);
    return {
      heading: printWeekday(new Date(midnight).toISOString()),
      work: work.map((slot) => ({ time: printTimeOfDay(slot.beginsAt), what: pieces[slot.piece] ? workInWords(slot, pieces[slot.piece] as DayPieceView, things) : '' })),
      goesOn: overnight(slots, pieces, midnight, day),
      from, to: Math.max(from + 60, to),
      // clamps go with their forms
      lanes: lanes.filter(({ kind }) => kind !== 'CLAMPS').map(({ label, bars }) => ({
        label, bars: bars.map((bar) => ({ from: clockMinutes(bar.fromMs, midnight), to: clockMinutes(bar.toMs, midnight), row: bar.row, name: pieces[bar.piece]?.name ?? '', number: String(pieces[bar.piece]?.number || '') }))
          .filter((bar) => bar.to > from && bar.from < to).map((bar) => ({ ...bar, from: Math.max(0, bar.from), to: Math.min(2 * DAY_MINUTES, bar.to) })),
      })).filter(({ bars }) => bars.length > 0),
    };
  }).filter(({ work }) => work.length > 0).slice(0, MOST_DAYS);
}

/** What goes on by itself beyond the end of a day, and until when. */
function overnight(slots: DaySlotView[], pieces: DayPieceView[], midnight: number, day: string): string[] {
  const next = new Date(midnight).setDate(new Date(midnight).getDate() + 1);
  const on = slots.filter(({ beginsAt, endsAt }) => Date.parse(beginsAt) < next && dayOf(beginsAt) <= day && Date.parse(endsAt) > next);
  return [...new Set(on.map(({ step }) => GOES_ON[step]))].filter((where) => where !== undefined)
    .map((where) => `${where} overnight: ${on.filter(({ step }) => GOES_ON[step] === where).map((slot) => `${pieces[slot.piece]?.name ?? ''} until ${printWhen(slot.endsAt)}`).join('; ')}`);
}
