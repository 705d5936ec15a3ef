/** The number that somebody typed, with a point or a comma; null where it is none. */
export function typedNumber(text: string): number | null {
  const plain = text.trim().replace(',', '.');

  return /^-?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}

/** A number as somebody would type it. */
export function plain(value: number): string {
  return String(Math.round(value * 1e6) / 1e6);
}
