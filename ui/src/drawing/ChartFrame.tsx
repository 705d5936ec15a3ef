import type { ReactNode } from 'react';

import styles from './drawing.module.css';

/** The size of a chart, and the room round its field. */
export interface Box {
  width: number;
  height: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
}

export interface Tick {
  at: number;
  text: string;
}

interface Props {
  box: Box;
  title: string;
  className?: string | undefined;
  xTicks: Tick[];
  yTicks: Tick[];
  xLabel?: string;
  yLabel: string;
  /** How far left of the field the name of the y axis begins. */
  outdent?: number;
  /** Whether the x axis is a line with a stroke at each tick. */
  ruled?: boolean;
  /** What lies under the lines of the axes. */
  beneath?: ReactNode;
  children: ReactNode;
}

/** From where to where the axes of a chart go, for scales. */
export const field = ({ width, height, left, right, top, bottom }: Box) => ({
  x: [left, width - right] as [number, number],
  y: [height - bottom, top] as [number, number],
});

/** What all charts have in common: the picture with its title, lines of the y axis, ticks of the x axis, and names of both. */
export function ChartFrame(props: Props) {
  const {
    box,
    title,
    className,
    xTicks,
    yTicks,
    xLabel,
    yLabel,
    outdent = 40,
    ruled = false,
    beneath,
    children,
  } = props;
  const [from, to] = field(box).x;
  const [ground] = field(box).y;

  return (
    <svg className={className} viewBox={`0 0 ${box.width} ${box.height}`} role="img" aria-label={title}>
      {beneath}
      {yTicks.map(({ at, text }) => (
        <g key={at} className={styles.axis}>
          <line x1={from} x2={to} y1={at} y2={at} className={styles.grid} />
          <text x={from - 6} y={at + 4} textAnchor="end">
            {text}
          </text>
        </g>
      ))}
      {xTicks.map(({ at, text }) => (
        <g key={at} className={ruled ? styles.axis : undefined}>
          {ruled && <line x1={at} x2={at} y1={ground} y2={ground + 4} />}
          <text x={at} y={ground + 17} textAnchor="middle" className={ruled ? undefined : styles.axisText}>
            {text}
          </text>
        </g>
      ))}
      {ruled && <line x1={from} x2={to} y1={ground} y2={ground} className={styles.axis} />}
      {children}
      <text x={from - outdent} y={14} className={styles.caption}>
        {yLabel}
      </text>
      {xLabel !== undefined && (
        <text x={(from + to) / 2} y={box.height - 6} textAnchor="middle" className={styles.caption}>
          {xLabel}
        </text>
      )}
    </svg>
  );
}

/** Where the ticks of a scale stand and what they say. */
export function ticksOf(scale: (value: number) => number, values: number[], text: (value: number) => string): Tick[] {
  return values.map((value) => ({ at: scale(value), text: text(value) }));
}

/** Those of a set of values that lie between two, and at them. */
export function within(values: number[], [from = 0, to = 0]: number[]): number[] {
  return values.filter((value) => value >= from * 0.999 && value <= to * 1.001);
}

/** Curves are told apart by dashes as well as by colour, in this order. */
export const dashesOf = (i: number) => ['', '7 4', '2 3', '9 3 2 3'][i % 4];
