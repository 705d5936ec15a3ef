import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, test } from 'vitest';

import { gaps } from '../places/blend/verdicts/Quarrels';
import { harmless } from '../kit/lists/CsvButton';
import { PlainChart, spread } from './PlainChart';
import { TradeMap } from './TradeMap';
import { cells, crossing, TriangleMap } from './TriangleMap';

const plain = (value: number) => String(value);

describe('a triangle map', () => {
  test('is parted into as many small triangles as its steps squared', () => {
    for (const steps of [1, 2, 5]) {
      expect(cells(steps)).toHaveLength(steps * steps);
    }
    expect(
      cells(3)
        .flat()
        .every((parts) => Math.abs(parts.reduce((sum, part) => sum + part, 0) - 1) < 1e-12),
    ).toBe(true);
  });

  test('a contour crosses a small triangle where its level is', () => {
    const corner = [
      { parts: [1, 0, 0], value: 0 },
      { parts: [0, 1, 0], value: 2 },
      { parts: [0, 0, 1], value: 0 },
    ];
    const place = ([a = 0, b = 0]: number[]): [number, number] => [a, b];
    expect(crossing(corner, 1, place)).toEqual([
      [
        [0.5, 0.5],
        [0, 0.5],
      ],
    ]);
    expect(crossing(corner, 3, place)).toEqual([]);
    expect(crossing([undefined, ...corner.slice(1)], 1, place)).toEqual([]);
  });

  test('draws what is known, leaves open what is not, and can be reached by keyboard', () => {
    const points = cells(2)
      .flat()
      .map((parts) => ({ parts, value: parts[0] === 1 ? null : (parts[1] ?? 0) }));
    const drawn = renderToStaticMarkup(
      <TriangleMap
        points={points}
        steps={2}
        corners={['a', 'b', 'c']}
        at={[1, 0]}
        move={() => undefined}
        take={() => undefined}
        title="All"
        text={plain}
      />,
    );
    expect(drawn).toContain('fill="transparent"');
    expect(drawn).toContain('tabindex="0"');
    expect(drawn.match(/class="contour"/g)).toHaveLength(5);
  });
});

test('labels are moved apart and keep their order', () => {
  expect(spread([10, 12, 50])).toEqual([10, 25, 50]);
  expect(spread([12, 10])).toEqual([25, 10]);
  expect(spread([])).toEqual([]);
});

test('a chart names its curves, marks and levels', () => {
  const drawn = renderToStaticMarkup(
    <PlainChart
      title="Air by depth"
      xLabel="depth"
      yLabel="share"
      xText={plain}
      yText={plain}
      curves={[
        {
          label: 'air',
          colour: 'red',
          points: [
            { x: 1, y: 0.1 },
            { x: 9, y: 0.3 },
          ],
        },
      ]}
      marks={[{ x: 4, label: 'here' }]}
      levels={[{ y: 0.2, label: 'fails below' }]}
      dots={[{ x: 3, y: 0.2, label: 'Tray' }]}
    />,
  );
  for (const text of ['Air by depth', '>air<', '>here<', '>fails below<', '<title>Tray</title>']) {
    expect(drawn).toContain(text);
  }
  expect(drawn).not.toMatch(/NaN|Infinity/);
});

test('a trade map with one point alone still has its axes', () => {
  const drawn = renderToStaticMarkup(
    <TradeMap
      points={[{ id: '1', kind: 'this', x: 2, y: 0, label: 'this mix', say: 's' }]}
      title="t"
      xLabel="x"
      yLabel="y"
      xText={plain}
      yText={plain}
    />,
  );
  expect(drawn).toContain('this mix');
  expect(drawn).not.toMatch(/NaN|Infinity/);
});

test('a name that a spreadsheet would run is made harmless', () => {
  expect(harmless({ name: '=HYPERLINK("x")', air: -0.2, pot: 'Tray' })).toEqual({
    name: '\'=HYPERLINK("x")',
    air: -0.2,
    pot: 'Tray',
  });
});

test('figures of a quarrel are said as its sentence wants them', () => {
  const words = {
    n: (value: number) => value.toFixed(1),
    q: (value: number, measure: string) => `${value} ${measure}`,
    percent: (value: number) => `${value * 100}%`,
    month: () => 'March',
  } as never;
  const said = gaps(
    {
      share: 0.2,
      years: 3,
      other_years: 8,
      interval_h: 30,
      other_interval_h: 20,
      wet_kg: 4,
      other_wet_kg: 5,
      frost_cycles: 60,
      later_air: 0.1,
      day: 80,
      stage: null,
      cec: 3,
      holds: 'little',
    },
    words,
  );
  expect(said).toMatchObject({
    share: '20%',
    has: 'yes',
    years: '3.0',
    otherYears: '8.0',
    interval: '30.0',
    otherInterval: '20.0',
    kg: '4 kg',
    otherKg: '5 kg',
    frost: '60.0',
    laterAir: '10%',
    day: '21 March',
    stage: 'none',
    holds: 'little',
  });
  expect(gaps({ share: 0, day: null }, words)).toMatchObject({ has: 'no', day: 'none' });
});
