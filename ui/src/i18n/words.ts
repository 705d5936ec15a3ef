import { useMemo } from 'react';
import { useIntl } from 'react-intl';

import { decimalsOf, fieldUnit, type Measure, MEASURES, shownIn, unitOf } from './measures';
import { useReader } from './reader';

/** Every word there is; each room adds its own from the file of words beside it. */
export interface Catalogue {}
export type MessageId = keyof Catalogue;

type Gaps = Record<string, string | number>;

/** Sentences, numbers and dates in the language of the reader. */
export interface Words {
  t: (id: MessageId, gaps?: Gaps) => string;
  /** A number with at most so many significant digits. */
  n: (value: number, digits?: number) => string;
  /** A figure of a measure with its unit, in the reader's units, to as many decimals as such a figure bears. */
  q: (value: number, measure: Measure) => string;
  /** The same in the one unit of a column, whose head says it. */
  cell: (value: number, measure: Measure) => string;
  /** The figure in that one unit as a number, for the scale of a picture. */
  shown: (value: number, measure: Measure) => number;
  /** The word of that one unit. */
  unit: (measure: Measure) => string;
  percent: (share: number, digits?: number) => string;
  money: (value: number, currency: string) => string;
  /** A price for one of what is kept, for one of the reader's unit. */
  priceOf: (price: number, measure: Measure, currency: string) => string;
  date: (iso: string) => string;
  /** Hour and minute. */
  time: (iso: string) => string;
  /** A day as short as it can be, for tables. */
  day: (iso: string) => string;
  /** The day of the week, short. */
  weekday: (iso: string) => string;
  /** A month, 0 to 11, by its name. */
  month: (index: number, length?: 'long' | 'short') => string;
}

/** What is less than nothing, but not by so much that it is told, is nothing. */
const SIGN = 'negative';

export function useWords(): Words {
  const intl = useIntl();
  const { units } = useReader();

  return useMemo(() => {
    const inUnit = (value: number, unit: ReturnType<typeof unitOf>) =>
      intl.formatNumber(shownIn(value, unit), {
        maximumFractionDigits: decimalsOf(shownIn(value, unit), unit),
        signDisplay: SIGN,
      });

    // a column's head and a label say the unit of what stands under them
    const heads = Object.fromEntries(MEASURES.map((measure) => [`${measure}Unit`, fieldUnit(measure, units).word]));

    return {
      t: (id, gaps) => intl.formatMessage({ id }, { ...heads, ...gaps }),
      q: (value, measure) => {
        const unit = unitOf(value, measure, units);

        return `${inUnit(value, unit)} ${unit.word}`;
      },
      cell: (value, measure) => inUnit(value, fieldUnit(measure, units)),
      // eight inches are eight, not 7.999999999999999
      shown: (value, measure) => Number(shownIn(value, fieldUnit(measure, units)).toPrecision(12)),
      unit: (measure) => fieldUnit(measure, units).word,
      n: (value, digits = 3) => intl.formatNumber(value, { maximumSignificantDigits: digits, signDisplay: SIGN }),
      percent: (share, digits = 0) =>
        intl.formatNumber(share, {
          style: 'percent',
          minimumFractionDigits: digits,
          maximumFractionDigits: digits,
          signDisplay: SIGN,
        }),
      money: (value, currency) => intl.formatNumber(value, { style: 'currency', currency }),
      priceOf: (price, measure, currency) =>
        intl.formatNumber(price / fieldUnit(measure, units).per, { style: 'currency', currency }),
      month: (index, length = 'long') => intl.formatDate(new Date(2026, index, 15), { month: length }),
      date: (iso) => intl.formatDate(noonOf(iso), { year: 'numeric', month: 'long', day: 'numeric' }),
      weekday: (iso) => intl.formatDate(noonOf(iso), { weekday: 'short' }),
      time: (iso) => intl.formatTime(iso, { hour: 'numeric', minute: '2-digit' }),
      day: (iso) => intl.formatDate(noonOf(iso), { year: 'numeric', month: 'short', day: 'numeric' }),
    };
  }, [intl, units]);
}

/** A day without a time is the same day wherever the reader is. */
function noonOf(iso: string): string {
  return iso.length === 10 ? `${iso}T12:00` : iso;
}
