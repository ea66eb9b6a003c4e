/** A time as it is said at the bench: 25 s, 8 min, 2 h 10 min, 9 days. */
export function printTime(seconds: number): string {
  if (seconds < 90) return `${Math.round(seconds)} s`;
  const minutes = Math.round(seconds / 60);
  if (minutes < 90) return `${minutes} min`;
  if (minutes < 36 * 60) {
    const rest = minutes % 60;
    return rest === 0 ? `${minutes / 60} h` : `${Math.floor(minutes / 60)} h ${rest} min`;
  }
  const days = minutes / 1440;
  return `${days < 10 ? Number(days.toFixed(1)) : Math.round(days)} days`;
}
