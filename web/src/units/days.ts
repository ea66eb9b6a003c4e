/** Today where the person is, as yyyy-mm-dd. */
export function today(now: Date = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** A day as it is said: 3 Dec 2026. */
export function printDay(day: string): string {
  return noon(day).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
}

/** A month, given as yyyy-mm, as it is said: Dec 2026. */
export function printMonth(month: string): string {
  return noon(`${month}-01`).toLocaleDateString('en-GB', { month: 'short', year: 'numeric' });
}

/** Whole days from one day to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((noon(to).getTime() - noon(from).getTime()) / 86_400_000);
}

/** Noon is never the hour that summer time skips. */
function noon(day: string): Date {
  return new Date(`${day}T12:00`);
}
