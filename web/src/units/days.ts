/** Today where the person is, as yyyy-mm-dd. */
export function today(now: Date = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** Months as British English shortens them; a list of days asks the browser for none of them. */
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sept', 'Oct', 'Nov', 'Dec'];

/** A day as it is said: 3 Dec 2026. */
export function printDay(day: string): string {
  return `${Number(day.slice(8, 10))} ${printMonth(day)}`;
}

/** A month, given as yyyy-mm, as it is said: Dec 2026. */
export function printMonth(month: string): string {
  return `${MONTHS[Number(month.slice(5, 7)) - 1] ?? ''} ${Number(month.slice(0, 4))}`;
}

/** Whole days from one day to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((noon(to).getTime() - noon(from).getTime()) / 86_400_000);
}

/** Noon is never the hour that summer time skips. */
function noon(day: string): Date {
  return new Date(`${day}T12:00`);
}
