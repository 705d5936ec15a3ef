import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';

import { useWords } from '../../i18n/words';
import styles from './library.module.css';

export const DRAGGED = ['tmin', 'tmax', 'rain_mm'] as const;
export type Dragged = (typeof DRAGGED)[number];
export type Year = Record<Dragged, number>[];

const WIDTH = 720;
/** Where each is drawn, from the top, and what stands at its upper and lower end; what one step of a hand or a key is. */
const WARMTH = { top: 12, bottom: 232, high: 45, low: -25, step: 0.5, leap: 5 };
const RAIN = { top: 252, bottom: 342, high: 400, low: 0, step: 5, leap: 25 };
const HEIGHT = 364;
const BAR = WIDTH / 12;
const HANDLE = 14;

const scaleOf = (column: Dragged) => (column === 'rain_mm' ? RAIN : WARMTH);
const between = (low: number, value: number, high: number) => Math.min(high, Math.max(low, value));

function heightOf(column: Dragged, value: number): number {
  const { top, bottom, high, low } = scaleOf(column);

  return top + ((high - between(low, value, high)) / (high - low)) * (bottom - top);
}

/** What a month may be taken to: the coldest is never above the warmest. One that is beyond what is drawn is not cut off by a step. */
export function held(column: Dragged, value: number, month: Record<Dragged, number>): number {
  const { high, low, step } = scaleOf(column);
  const stepped = Math.round(value / step) * step;
  const [least, most] = [Math.min(low, month[column]), Math.max(high, month[column])];

  return between(column === 'tmax' ? month.tmin : least, stepped, column === 'tmin' ? month.tmax : most);
}

interface Props {
  year: Year;
  change: (month: number, column: Dragged, value: number) => void;
}

/** A year as bars that are dragged: the coldest and the warmest of each month, and its rain. By keys, up and down change one, left and right go from month to month. */
export function YearBars({ year, change }: Props) {
  const { t, q, cell, month } = useWords();
  const drawing = useRef<SVGSVGElement>(null);
  const [at, setAt] = useState<Record<Dragged, number>>({ tmin: 0, tmax: 0, rain_mm: 0 });

  const drag = (column: Dragged, i: number) => (event: PointerEvent<SVGElement>) => {
    const box = drawing.current?.getBoundingClientRect();
    const row = year[i];
    if (box === undefined || row === undefined || !event.currentTarget.hasPointerCapture(event.pointerId)) {
      return;
    }
    const { top, bottom, high, low } = scaleOf(column);
    const y = ((event.clientY - box.top) / box.height) * HEIGHT;
    change(i, column, held(column, high - ((y - top) / (bottom - top)) * (high - low), row));
  };
  const key = (column: Dragged, i: number) => (event: KeyboardEvent<SVGElement>) => {
    const row = year[i];
    const { step, leap, high, low } = scaleOf(column);
    const moves: Record<string, number> = {
      ArrowUp: step,
      ArrowDown: -step,
      PageUp: leap,
      PageDown: -leap,
      Home: low - high,
      End: high - low,
    };
    const sideways = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    const by = moves[event.key];
    if (row === undefined || (sideways === undefined && by === undefined)) {
      return;
    }
    event.preventDefault();
    if (by !== undefined) {
      change(i, column, held(column, row[column] + by, row));

      return;
    }
    const next = (i + (sideways ?? 0) + 12) % 12;
    setAt({ ...at, [column]: next });
    drawing.current?.querySelector<SVGElement>(`[data-handle="${column}-${next}"]`)?.focus();
  };

  return (
    <svg
      ref={drawing}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className={styles.bars}
      role="group"
      aria-label={t('site.bars')}
    >
      <line x1={0} x2={WIDTH} y1={heightOf('tmin', 0)} y2={heightOf('tmin', 0)} className={styles.barsZero} />
      <line x1={0} x2={WIDTH} y1={RAIN.bottom} y2={RAIN.bottom} className={styles.barsFloor} />
      {year.map((row, i) => {
        const x = i * BAR;

        return (
          <g key={i}>
            <rect
              x={x + 14}
              y={heightOf('tmax', row.tmax)}
              width={BAR - 28}
              height={Math.max(0, heightOf('tmin', row.tmin) - heightOf('tmax', row.tmax))}
              className={styles.barsWarmth}
            />
            <rect
              x={x + 10}
              y={heightOf('rain_mm', row.rain_mm)}
              width={BAR - 20}
              height={RAIN.bottom - heightOf('rain_mm', row.rain_mm)}
              className={styles.barsRain}
            />
            {DRAGGED.map((column) => (
              <g key={column}>
                <rect
                  data-handle={`${column}-${i}`}
                  role="slider"
                  tabIndex={at[column] === i ? 0 : -1}
                  aria-label={`${month(i)}, ${t(`site.bars.${column}`)}`}
                  aria-orientation="vertical"
                  aria-valuemin={scaleOf(column).low}
                  aria-valuemax={scaleOf(column).high}
                  aria-valuenow={row[column]}
                  aria-valuetext={q(row[column], column === 'rain_mm' ? 'rain' : 'degC')}
                  x={x + 4}
                  y={heightOf(column, row[column]) - HANDLE / 2}
                  width={BAR - 8}
                  height={HANDLE}
                  rx={3}
                  className={styles.barsHandle}
                  onFocus={() => setAt({ ...at, [column]: i })}
                  onPointerDown={(event) => {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    event.currentTarget.focus();
                  }}
                  onPointerMove={drag(column, i)}
                  onKeyDown={key(column, i)}
                />
                <text
                  x={x + BAR / 2}
                  y={heightOf(column, row[column]) + 4}
                  textAnchor="middle"
                  className={styles.barsValue}
                  aria-hidden="true"
                >
                  {cell(row[column], column === 'rain_mm' ? 'rain' : 'degC')}
                </text>
              </g>
            ))}
            <text x={x + BAR / 2} y={HEIGHT - 4} textAnchor="middle" className={styles.barsText} aria-hidden="true">
              {month(i, 'short')}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
