import { printDay } from './days';

const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const WEEKDAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];

/** The day a moment is of where the person is, as yyyy-mm-dd. */
export function dayOf(moment: string): string {
  const at = new Date(moment);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}

/** A time of day: 14:05. */
export function printTimeOfDay(moment: string): string {
  return TIME.format(new Date(moment));
}

/** Dates further off are said with their year [ms]. */
const FAR_OFF_MS = 200 * 86_400_000;

/** A day of the week with its date: Thu 3 Dec, and the year where it is far off. */
export function printWeekday(moment: string, now = Date.now()): string {
  const day = printDay(dayOf(moment));
  return `${WEEKDAYS[new Date(moment).getDay()] ?? ''} ${Math.abs(Date.parse(moment) - now) > FAR_OFF_MS ? day : day.replace(/ \d+$/, '')}`;
}

/** A moment: Thu 3 Dec, 14:05. */
export function printWhen(moment: string): string {
  return `${printWeekday(moment)}, ${printTimeOfDay(moment)}`;
}
