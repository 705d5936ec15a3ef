import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { type PointerEvent, useLayoutEffect, useRef, useState } from 'react';

import type { Schemas } from '../api/client';
import { useWords } from '../i18n/words';
import styles from './drawing.module.css';

/** As wide as a desk has it, until the room is measured, px. */
const USUAL_WIDTH = 960;
const NARROWEST = 320;
const NARROW = 620;
const HEIGHT = 132;
const LEFT = 4;
const RIGHT = 112;
const TOP = 10;
const BOTTOM = 44;
/** Where days of want stand under the water, px. */
const WANT = 14;
const DAY_MS = 86_400_000;

interface Props {
  year: Schemas['SeasonYear'];
  title: string;
  /** Of another pot beside it, so that both have one height. */
  most?: number;
  /** Told which day is looked at, 0 the first; null when none is. */
  look?: (day: number | null) => void;
}

/** The date of a day of a strip. */
export const dayOf = (from: string, day: number) =>
  new Date(Date.parse(`${from}T12:00:00Z`) + day * DAY_MS).toISOString().slice(0, 10);

/**
 * A pot through a year: days across, one line of height. The band holds eight years of ten, the line is the middle one; below it days of want as strokes, longer the
 * more years have them. A slider beneath goes from day to day by keys.
 */
export function YearStrip({ year, title, most, look }: Props) {
  const { t, q, percent, date, month } = useWords();
  const [at, setAt] = useState<number | null>(null);
  const [figure, width] = useWidth();
  const days = year.middle.length;
  const x = scaleLinear([0, Math.max(1, days - 1)], [LEFT, width - RIGHT]);
  const y = scaleLinear([0, most ?? year.pot.full_l], [HEIGHT - BOTTOM, TOP]);
  const ground = HEIGHT - BOTTOM;
  const goTo = (day: number | null) => {
    setAt(day);
    look?.(day);
  };
  const pointed = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const day = Math.round(x.invert(((event.clientX - box.left) / box.width) * width));
    goTo(day >= 0 && day < days ? day : null);
  };
  const band = area<number>()
    .x((_, i) => x(i))
    .y0((_, i) => y(year.low[i] ?? 0))
    .y1((_, i) => y(year.high[i] ?? 0))(year.middle);
  const through = (values: number[]) =>
    line<number>()
      .x((_, i) => x(i))
      .y((value) => y(value))(values);
  const firsts = Array.from({ length: days }, (_, i) => i).filter((i) => dayOf(year.from, i).endsWith('-01'));
  // where there is no room every third month is named
  const months = width < NARROW ? firsts.filter((_, i) => i % 3 === 0) : firsts;
  const levels = [
    { at: year.pot.full_l, text: t('strip.full') },
    { at: year.pot.limit_l, text: t('strip.limit') },
  ];
  const says =
    at === null
      ? ''
      : t('strip.day', {
          date: date(dayOf(year.from, at)),
          middle: q(year.middle[at] ?? 0, 'L'),
          low: q(year.low[at] ?? 0, 'L'),
          high: q(year.high[at] ?? 0, 'L'),
          want: percent(year.want[at] ?? 0),
        });

  return (
    <figure className={styles.strip} ref={figure}>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={title}
        onPointerMove={pointed}
        onPointerLeave={() => goTo(null)}
      >
        {months.map((i) => (
          <g key={i} className={styles.axisText}>
            <line x1={x(i)} x2={x(i)} y1={TOP} y2={HEIGHT - 18} className={styles.grid} />
            <text x={x(i) + 3} y={HEIGHT - 5}>
              {month(Number(dayOf(year.from, i).slice(5, 7)) - 1, 'short')}
            </text>
          </g>
        ))}
        <path d={band ?? ''} className={styles.stripBand} />
        <path d={through(year.middle) ?? ''} className={styles.stripMiddle} />
        {year.was !== null && <path d={through(year.was.water_l) ?? ''} className={styles.stripWas} />}
        {levels.map(({ at: level, text }) => (
          <g key={text} className={styles.axisText}>
            <line
              x1={LEFT}
              x2={width - RIGHT}
              y1={y(level)}
              y2={y(level)}
              className={level === year.pot.limit_l ? styles.stripLimit : styles.grid}
            />
            <text x={width - RIGHT + 6} y={y(level) + 4}>
              {text}
            </text>
          </g>
        ))}
        {year.want.map((share, i) =>
          share <= 0 ? null : (
            <line
              key={i}
              x1={x(i)}
              x2={x(i)}
              y1={ground + 4}
              y2={ground + 4 + WANT * share}
              className={styles.stripWant}
            />
          ),
        )}
        <text x={width - RIGHT + 6} y={ground + 16} className={styles.axisText}>
          {t('strip.want')}
        </text>
        {at !== null && <line x1={x(at)} x2={x(at)} y1={TOP} y2={ground + 4 + WANT} className={styles.stripAt} />}
      </svg>
      <input
        type="range"
        className={styles.stripDay}
        min={0}
        max={days - 1}
        value={at ?? 0}
        aria-label={t('strip.which')}
        aria-valuetext={says === '' ? date(dayOf(year.from, 0)) : says}
        onChange={({ target }) => goTo(Number(target.value))}
      />
      <figcaption>{says === '' ? t('strip.hint') : says}</figcaption>
    </figure>
  );
}

/** How wide the picture is on the screen, so that a letter in it is as large as one beside it. */
function useWidth() {
  const figure = useRef<HTMLElement>(null);
  const [width, setWidth] = useState(USUAL_WIDTH);
  useLayoutEffect(() => {
    const element = figure.current;
    if (element === null || typeof ResizeObserver === 'undefined') {
      return undefined;
    }
    const watch = new ResizeObserver(() => setWidth(Math.max(NARROWEST, Math.round(element.clientWidth))));
    watch.observe(element);

    return () => watch.disconnect();
  }, []);

  return [figure, width] as const;
}
