import type { ConflictView, GainView, HoursFields, JobOutlook, DayPieceView, RigItemView, DaySlotView } from '../api/schema';
import { KIND } from '../rig/things/words';
import { oddsInWords } from '../odds/words';
import { printTime } from '../process/time';
import { dayOf, printWeekday, printWhen } from '../units/clock';
import { many } from '../units/number';

/** What hands do at the beginning of a stretch of work. */
export const DO: Record<DaySlotView['step'], string> = {
  PLANNED: 'begin', PREPARED: 'prepare', SOAKING: 'into the water', HEATING: 'into the heat', BENDING: 'bend and clamp', ON_FORM: 'on the form', DRYING: 'off the form, hang to dry',
  GLUING: 'glue and clamp', IN_CLAMPS: 'bend and clamp', FINISHED: 'out of the clamps', JUDGED: 'judge',
};

const NUMBER_OF_DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

/** When a shop works: Mon to Fri, 08:00 to 17:00, 1 pair of hands. */
export function hoursInWords({ days, opens, closes, people }: HoursFields): string {
  const numbers = [...days].map(Number);
  const first = numbers[0] ?? 1;
  const inARow = numbers.every((day, at) => day === first + at);
  const name = (day: number) => NUMBER_OF_DAYS[day - 1] ?? '';
  const said = numbers.length > 2 && inARow ? `${name(first)} to ${name(first + numbers.length - 1)}` : numbers.map(name).join(', ');
  return `${said}, ${opens.slice(0, 5)} to ${closes.slice(0, 5)}, ${people} ${people === 1 ? 'pair' : 'pairs'} of hands`;
}

/** How many pieces of a job are to be begun, when it is done, and how sure that is. */
export function outlookInWords({ plannedAt, dueOn, inTime, middle, latest, wanted, pieces, perPiece, worthPlanning }: JobOutlook, toBegin: number): string {
  if (wanted === 0) return 'Enough good pieces are done.';
  if (pieces === 0) return 'No piece of it is planned.';
  if (!worthPlanning) return `Only ${oddsInWords(perPiece.probability)} pieces come good. Change its plan before its day.`;
  const late = dayOf(middle) === dayOf(latest) ? '' : `, 1 time in 10 after ${printWeekday(latest)}`;
  const sure = dueOn && inTime !== undefined ? ` By ${printWeekday(`${dueOn}T12:00`)} ${oddsInWords(inTime)} times.` : '';
  const begin = toBegin === 0 ? '' : `${many(toBegin, 'piece', 'pieces')} to begin. `;
  return `${begin}Enough good pieces about ${printWeekday(middle)}${late}.${sure} The last one planned is done ${printWeekday(plannedAt)}.`;
}

/** Whether what is shown is what people count on. */
export function stateInWords(madeAt: string | undefined, inForce: boolean, mine: boolean): string {
  if (madeAt === undefined) return 'Not in force yet';
  if (inForce) return `In force, made ${printWhen(madeAt)}`;
  return mine ? 'Not in force yet' : 'The bench went another way than planned. This is the plan mended, with as little changed as can be';
}

/** Things by their keys, as far as they are still there. */
function inTheRig(ids: number[], things: RigItemView[]): RigItemView['item'][] {
  return ids.flatMap((id) => things.filter((thing) => thing.id === id).map(({ item }) => item));
}

/** What holds the work up: what one more of something would gain. */
export function gainInWords({ itemId, more, minutes }: GainView, things: RigItemView[]): string {
  const [thing] = inTheRig(itemId === undefined ? [] : [itemId], things);
  const what = thing ? (more > 1 ? `${more} more like ${thing.name}` : `One more like ${thing.name}`) : 'Another pair of hands';
  return `${what}: done ${printTime(60 * minutes)} sooner.`;
}

/** What is needed and not in the rig. */
export function lackingInWords(kinds: (keyof typeof KIND)[]): string {
  return `Nothing in your rig fits as ${kinds.map((kind) => KIND[kind]).join(', ')}; it is planned as if there were always one free.`;
}

/** A stretch of work as somebody reads it off a list: 08:30 Ribs 1, into the heat, Plywood box. */
export function workInWords(slot: DaySlotView, piece: DayPieceView, things: RigItemView[]): string {
  const names = inTheRig(slot.items, things).filter(({ kind }) => kind !== 'CLAMPS').map(({ name }) => name);
  return [`${piece.name}: ${DO[slot.step]}`, ...(slot.people > 1 ? [`${slot.people} pairs of hands`] : []), ...names].join(', ');
}

/** Where a piece is while nobody is at it. */
export const GOES_ON: Partial<Record<DaySlotView['step'], string>> = {
  SOAKING: 'In the water', HEATING: 'In the heat', BENDING: 'On the form', DRYING: 'Drying', GLUING: 'In clamps', IN_CLAMPS: 'In clamps',
};

/** What could not follow in time, where it is not the next step that is kept. */
const FOLLOWS: Partial<Record<DaySlotView['step'], string>> = {
  HEATING: 'it could not go into the heat in time', BENDING: 'it could not be bent while it is hot', DRYING: 'it could not come off the form', GLUING: 'it could not be glued in time',
  IN_CLAMPS: 'it could not be clamped in time', FINISHED: 'it could not come out of the clamps',
};
const MOST_NAMED = 3;

/** What keeps a piece from going on. */
export function conflictInWords({ kind, step, items, holders }: ConflictView, next: DaySlotView['step'], pieces: DayPieceView[], things: RigItemView[]): string {
  const follows = step === next ? '' : FOLLOWS[step];
  const names = holders.slice(0, MOST_NAMED).map((holder) => pieces[holder]?.name ?? '');
  const whose = [...names, ...(holders.length > MOST_NAMED ? [`${holders.length - MOST_NAMED} more`] : [])].join(' and ');
  const named = inTheRig(items, things).map(({ name }) => name).join(' or ');
  const what = { CLOSED: step === 'HEATING' ? 'nobody is in the shop for long enough, or the heat is not up yet' : 'nobody is in the shop for long enough',
    HANDS_BUSY: `hands are busy with ${whose}`, THING_TAKEN: `${named} is taken by ${whose}` }[kind];
  return follows ? `${follows}, because ${what}` : what;
}

/** What cannot be had as somebody asked for it. */
export function refusedInWords(conflict: ConflictView, slot: DaySlotView, pieces: DayPieceView[], things: RigItemView[]): string {
  return `${pieces[slot.piece]?.name ?? ''} goes on ${printWhen(slot.beginsAt)} and not when you asked: ${conflictInWords(conflict, slot.step, pieces, things)}.`;
}

/** Glue that sets before the clamps are on. */
export function overrunInWords(slot: DaySlotView, piece: DayPieceView): string {
  return `${piece.name}: the glue is set ${printTime(60 * slot.overrunMinutes)} before the last clamp is on. Take a slower one, or more hands.`;
}

/** What had to wait too long. */
export function tooLongInWords(slot: DaySlotView, piece: DayPieceView): string {
  return `${piece.name} waits ${printTime(60 * slot.tooLongMinutes)} longer than it should ${slot.step === 'HEATING' ? 'in the heat' : slot.step === 'SOAKING' ? 'in the water' : ''}`.trim() + '.';
}
