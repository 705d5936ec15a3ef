/** The sign that parts thousands where the page is read: a comma, a point, or a space. */
function groupSign(locale: string): string {
  return new Intl.NumberFormat(locale).formatToParts(11111).find(({ type }) => type === 'group')?.value ?? '';
}

function decimalSign(locale: string): string {
  return new Intl.NumberFormat(locale).formatToParts(0.5).find(({ type }) => type === 'decimal')?.value ?? '.';
}

/** How the words of this page are written; see reader.tsx. */
function pageLocale(): string {
  return (typeof document === 'undefined' ? '' : document.documentElement.lang) || 'en';
}

/**
 * The number that somebody typed, with a point or a comma, with thousands parted or not; null where it is none. Where both signs stand, the last one is the decimal
 * sign; one sign alone parts thousands only if it does so where the page is read and three digits follow ("1.234" is 1,234 in Indonesian).
 */
export function typedNumber(text: string, locale = pageLocale()): number | null {
  const signs = text.trim().replace(/(?<=\d)[\u00a0\u202f '](?=\d{3}(\D|$))/gu, '');
  const grouped = /^-?[1-9]\d{0,2}([.,])\d{3}(?:\1\d{3})*(?:(?!\1)[.,]\d*)?$/.exec(signs);
  const [, sign = ''] = grouped ?? [];
  const rest = sign === '' ? '' : signs.replaceAll(sign, '');
  const isGrouped = sign !== '' && (signs.split(sign).length > 2 || /[.,]/.test(rest) || sign === groupSign(locale));
  const plain = (isGrouped ? rest : signs).replace(',', '.');

  return /^-?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}

/** A number or a range ("2-4") that somebody typed: its middle and half its width; null where it is neither. */
export function typedRange(text: string, locale = pageLocale()): { middle: number; spread: number } | null {
  const [from, to, ...rest] = text.split(/(?<=\d)\s*[-–]\s*(?=\d)/).map((end) => typedNumber(end, locale));
  if (from === null || from === undefined || to === null || rest.length > 0 || (to ?? from) < from) {
    return null;
  }

  return { middle: (from + (to ?? from)) / 2, spread: ((to ?? from) - from) / 2 };
}

/** A number or a range as somebody would type it. */
export function plainRange(middle: number, spread: number): string {
  return spread > 0 ? `${plain(middle - spread)}–${plain(middle + spread)}` : plain(middle);
}

/** A number as somebody would type it. */
export function plain(value: number): string {
  return String(Math.round(value * 1e6) / 1e6).replace('.', decimalSign(pageLocale()));
}
