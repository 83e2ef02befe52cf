/** A number with decimal point or comma; null when it is none. */
export function readNumber(text: string): number | null {
  const plain = text.trim().replace(',', '.');
  if (plain === '') return null;
  const value = Number(plain);
  return Number.isFinite(value) ? value : null;
}
