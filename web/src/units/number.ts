/** A plain number with point or comma. Anything with a unit is a measurement, which the server reads. */
export function number(text: string): number | undefined {
  const plain = text.trim();
  // 1,440 could be thousands or a decimal
  if (!/^\d+([.,]\d+)?$/.test(plain) || /^\d{1,3},\d{3}$/.test(plain)) return undefined;
  return Number(plain.replace(',', '.'));
}

/** A whole number from one on. */
export function wholeNumber(text: string, most = Infinity): number | undefined {
  const whole = number(text);
  return whole !== undefined && Number.isInteger(whole) && whole >= 1 && whole <= most ? whole : undefined;
}

/** How many pieces are meant; throws what is wrong with it. */
export function piecesOf(text: string, most: number): number {
  const pieces = wholeNumber(text, most);
  if (pieces === undefined) throw new Error(`One piece to ${most}, as a whole number.`);
  return pieces;
}

/** So many things, said of one or of more. */
export function many(count: number, one: string, more: string): string {
  return `${count} ${count === 1 ? one : more}`;
}
