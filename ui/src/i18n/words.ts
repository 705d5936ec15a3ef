import { useMemo } from 'react';
import { useIntl } from 'react-intl';

/** Every word there is; each room adds its own from the file of words beside it. */
export interface Catalogue {}
export type MessageId = keyof Catalogue;

type Gaps = Record<string, string | number>;

/** Sentences, numbers and dates in the language of the reader. */
export interface Words {
  t: (id: MessageId, gaps?: Gaps) => string;
  /** A number with at most so many significant digits. */
  n: (value: number, digits?: number) => string;
  percent: (share: number, digits?: number) => string;
  money: (value: number, currency: string) => string;
  date: (iso: string) => string;
  /** Hour and minute. */
  time: (iso: string) => string;
  /** A day as short as it can be, for tables. */
  day: (iso: string) => string;
  /** A month, 0 to 11, by its name. */
  month: (index: number, length?: 'long' | 'short') => string;
}

export function useWords(): Words {
  const intl = useIntl();

  return useMemo(
    () => ({
      t: (id, gaps) => intl.formatMessage({ id }, gaps),
      n: (value, digits = 3) => intl.formatNumber(value, { maximumSignificantDigits: digits }),
      percent: (share, digits = 0) =>
        intl.formatNumber(share, { style: 'percent', minimumFractionDigits: digits, maximumFractionDigits: digits }),
      money: (value, currency) => intl.formatNumber(value, { style: 'currency', currency }),
      month: (index, length = 'long') => intl.formatDate(new Date(2026, index, 15), { month: length }),
      date: (iso) => intl.formatDate(noonOf(iso), { year: 'numeric', month: 'long', day: 'numeric' }),
      time: (iso) => intl.formatTime(iso, { hour: 'numeric', minute: '2-digit' }),
      day: (iso) => intl.formatDate(noonOf(iso), { year: 'numeric', month: 'short', day: 'numeric' }),
    }),
    [intl],
  );
}

/** A day without a time is the same day wherever the reader is. */
function noonOf(iso: string): string {
  return iso.length === 10 ? `${iso}T12:00` : iso;
}
