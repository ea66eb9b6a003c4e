/** A plain number with point or comma. Anything with a unit is a measurement, which the server reads. */
export function number(text: string): number | undefined {
  const plain = text.trim();
  // 1,440 could be thousands or a decimal
  if (!/^\d+([.,]\d+)?$/.test(plain) || /^\d{1,3},\d{3}$/.test(plain)) return undefined;
  return Number(plain.replace(',', '.'));
}
