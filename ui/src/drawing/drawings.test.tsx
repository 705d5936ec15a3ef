import type { ReactElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { IntlProvider } from 'react-intl';
import { describe, expect, test } from 'vitest';

import type { Schemas } from '../api/client';
import { en } from '../catalogue';
import { CurveChart, CurveKey } from './CurveChart';
import { GradingStrip } from './GradingStrip';
import { LedgerBar } from './LedgerBar';
import { PlantingPicture } from './PlantingPicture';
import { PotOutline } from './PotOutline';
import { type DrawnMaterial, PotSection } from './PotSection';
import { Swatch } from './Swatch';

function draw(drawing: ReactElement, locale = 'en'): string {
  return renderToStaticMarkup(
    <IntlProvider locale={locale} messages={en}>
      {drawing}
    </IntlProvider>,
  );
}

const classShares = Array<number>(22).fill(0);
classShares[15] = 0.3;
classShares[16] = 0.5;
classShares[6] = 0.02;

const materials: DrawnMaterial[] = [
  { id: '1', kind: 'porous stone', colour: '#d8cdb8', classShares },
  { id: '2', kind: 'bark', colour: '#5f3b22', classShares: classShares.map((share) => share / 4) },
];

const levels = Array.from({ length: 33 }, (_, i) => i / 32);

function section(changed: Partial<Schemas['Section']> = {}): Schemas['Section'] {
  return {
    depth_cm: 8,
    bottom_cm: 0,
    top_cm: 7.2,
    dressing_cm: 0,
    outline: levels.map((along) => ({ z_cm: 8 * along, width_cm: 36 + 4 * along })),
    profile: levels.map((along) => ({
      z_cm: 7.2 * along,
      saturation: 1 - 0.8 * along,
      theta: 0.6 - 0.3 * along,
      air: 0.32 * along,
    })),
    layer: null,
    ...changed,
  };
}

function potSection(changed: Partial<Schemas['Section']> = {}, wetFootCm = 2.4): string {
  return draw(
    <PotSection section={section(changed)} materials={materials} packing={0.6} wetFootCm={wetFootCm} title="a pot" />,
  );
}

describe('the pot section', () => {
  test('is drawn to one scale: as wide as high for a pot as wide as deep', () => {
    const square = potSection({
      depth_cm: 20,
      top_cm: 19,
      outline: levels.map((along) => ({ z_cm: 20 * along, width_cm: 20 })),
      profile: levels.map((along) => ({ z_cm: 19 * along, saturation: 0.5, theta: 0.4, air: 0.2 })),
    });
    const inside = /class="pot-air" ?\/?>|d="(M[^"]+)" class="pot-air"/.exec(square)?.[1] ?? '';
    const points = [...inside.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);
    const span = (axis: 0 | 1) =>
      Math.max(...points.map((point) => point[axis])) - Math.min(...points.map((point) => point[axis]));
    expect(span(0)).toBeGreaterThan(100);
    expect(span(0)).toBeCloseTo(span(1), 0);
  });

  test('names the air at five heights and the wet foot', () => {
    const svg = potSection();
    for (const air of ['0%', '8%', '16%', '24%', '32%']) {
      expect(svg).toContain(`>${air}</text>`);
    }
    expect(svg).toContain('wet foot 2.4 cm');
    expect(svg).toContain('aria-label="a pot"');
  });

  test('says when all is wet, and shows no foot where there is none', () => {
    expect(potSection({}, 7.2)).toContain('wet to the top');
    expect(potSection({}, 0)).not.toContain('wet-foot');
  });

  test('is bluer below than above', () => {
    const opacities = [...potSection().matchAll(/class="water" opacity="([\d.]+)"/g)].map(([, opacity]) =>
      Number(opacity),
    );
    expect(opacities).toHaveLength(32);
    expect(opacities).toEqual([...opacities].sort((a, b) => b - a));
  });

  test('draws every material in its colour, and a layer under its line', () => {
    const plain = potSection();
    expect(plain).toContain('fill="#d8cdb8"');
    expect(plain).toContain('fill="#5f3b22"');
    expect(plain).not.toContain('layer-line');
    const layered = potSection({
      bottom_cm: 2,
      profile: section().profile.filter((point) => point.z_cm >= 2),
      layer: {
        component_id: 1,
        kind: 'solid stone',
        colour: '#8d9094',
        thickness_cm: 2,
        disconnect_head_cm: 5,
        packing_density: 0.55,
        class_shares: classShares,
        profile: levels.map((along) => ({ z_cm: 2 * along, saturation: 1, theta: 0.45, air: 0 })),
      },
    });
    expect(layered).toContain('layer-line');
    expect(layered).toContain('layer 2 cm');
  });
});

test('the ledger names all seven shares in order, with litres', () => {
  const ledger = { solid: 0.27, sealed: 0.08, locked: 0.09, slow: 0.11, buffer: 0.03, easy: 0.22, air: 0.2 };
  const html = draw(<LedgerBar ledger={ledger} volumeL={7} />);
  const names = [...html.matchAll(/<\/span>([A-Z][a-z ]+)<\/dt>/g)].map(([, name]) => name);
  expect(names).toEqual(['Solid', 'Sealed', 'Locked', 'Slow', 'Buffer', 'Easy water', 'Air']);
  expect(html).toContain('27% <small>1.89 L</small>');
  expect(html).toContain('flex-grow:0.22');
});

test('the grading strip stacks materials on an axis in mm and marks its quantiles', () => {
  const svg = draw(
    <GradingStrip
      materials={materials}
      quantiles={[
        { q: 10, sizeMm: 3.1 },
        { q: 50, sizeMm: 4.2 },
        { q: 90, sizeMm: 6.6 },
      ]}
      finesBelowHalf={0.024}
    />,
  );
  expect(svg).toContain('D50 4.2');
  expect(svg).toContain('2.4% finer than 0.5 mm');
  expect(svg).toContain('a tenth is below 3.1 mm, half below 4.2 mm, nine tenths below 6.6 mm');
  expect([...svg.matchAll(/<rect /g)].length).toBeGreaterThanOrEqual(4);
  expect(svg).toMatch(/>4<\/text>/);
});

test('numbers are written as the reader writes them', () => {
  const ledger = { solid: 0.5, sealed: 0, locked: 0, slow: 0, buffer: 0, easy: 0.25, air: 0.25 };
  expect(draw(<LedgerBar ledger={ledger} volumeL={3} />, 'de')).toContain('1,5 L');
});

test('an outline fills its box and stays in it', () => {
  const svg = draw(<PotOutline outline={section().outline} width={56} height={34} label="a tray" />);
  const path = /d="([^"]+)"/.exec(svg)?.[1] ?? '';
  const points = [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)(?=[LMz])/g)].map(
    ([, x, y]) => [Number(x), Number(y)] as const,
  );
  expect(Math.min(...points.map(([x]) => x))).toBeGreaterThanOrEqual(2.9);
  expect(Math.max(...points.map(([x]) => x))).toBeLessThanOrEqual(53.1);
  expect(Math.max(...points.map(([, y]) => y))).toBeLessThanOrEqual(31.1);
  expect(svg).toContain('role="img"');
  expect(draw(<PotOutline outline={section().outline} width={56} height={34} />)).toContain('aria-hidden="true"');
});

test('a swatch is the same for the same material and differs by kind', () => {
  const bark = draw(<Swatch kind="bark" colour="#5f3b22" />);
  expect(draw(<Swatch kind="bark" colour="#5f3b22" />)).toBe(bark);
  expect(draw(<Swatch kind="charcoal" colour="#5f3b22" />)).not.toBe(bark);
});

describe('a chart of curves', () => {
  const curves = [
    {
      label: 'one',
      colour: '#a00',
      points: [
        { x: 1, y: 0 },
        { x: 10, y: 0.5 },
        { x: 100, y: 1 },
      ],
    },
    {
      label: 'two',
      colour: '#0a0',
      points: [
        { x: 1, y: 0.2 },
        { x: 100, y: 0.4 },
      ],
      filled: true,
    },
  ];
  const chart = draw(
    <CurveChart
      title="curves"
      curves={curves}
      xTicks={[0.1, 1, 10, 100, 1000]}
      xLabel="size, mm"
      yLabel="finer"
      xText={(x) => `x${x}`}
      yText={(y) => `y${y}`}
      yTop={1}
    />,
  );

  test('has a logarithmic axis with only the ticks it spans', () => {
    const at = (tick: number) => Number(new RegExp(`<text x="([\\d.]+)"[^>]*>x${tick}</text>`).exec(chart)?.[1]);
    expect(chart).not.toContain('>x0.1<');
    expect(chart).not.toContain('>x1000<');
    expect(at(10) - at(1)).toBeCloseTo(at(100) - at(10), 6);
  });

  test('names its axes and tells curves apart by dashes as well as colour', () => {
    expect(chart).toContain('size, mm');
    expect(chart).toContain('finer');
    expect(new Set([...chart.matchAll(/stroke-dasharray="([^"]*)"/g)].map(([, dash]) => dash)).size).toBe(2);
    expect(draw(<CurveKey curves={curves} />)).toMatch(/one.*two/);
  });
});

describe('a ball in its pot', () => {
  const fit = {
    fits: true,
    over_cm: 0,
    thin_cm: 0,
    beside_cm: 4,
    across_cm: 3,
    left_cm: 4,
    right_cm: 4,
    front_cm: 3,
    back_cm: 3,
    foot_cm: 1,
    top_cm: 6,
    collar_cm: 6,
    collar_over_rim_cm: -0.5,
    collar_over_surface_cm: 0,
    collar_tilt_cm: 0,
    bed_cm: 1,
    mound_cm: 0,
    beneath_l: 0.5,
    beside_l: 1,
    above_l: 0,
    wedge_l: 0,
  };
  const wired = (wires: number | null, turn_deg = 0) =>
    draw(
      <PlantingPicture
        section={{
          is_rectangle: true,
          depth_cm: 7,
          surface_cm: 6.5,
          outline: levels.map((along) => ({ z_cm: 7 * along, width_cm: 26 + 4 * along, breadth_cm: 18 + 4 * along })),
        }}
        fit={fit}
        ball={{ length_cm: 20, width_cm: 10 }}
        placing={{ x_cm: 0, y_cm: 0, turn_deg }}
        lean={null}
        slope={null}
        trunkMm={20}
        wire={wires === null ? null : { gauge_mm: 2, wires, length_cm: 80, through: 'outlets' }}
        place={null}
      />,
    );
  const lines = (picture: string) =>
    [...picture.matchAll(/<line x1="([\d.]+)" x2="([\d.]+)"/g)].map((found) => Number(found[2]) - Number(found[1]));
  // 226 px for 30 cm
  const scale = 226 / 30;

  test('shows each wire over it and to both sides of it, and none where it is not tied', () => {
    expect(lines(wired(null)).filter((px) => Math.abs(px - 20.8 * scale) < 0.01)).toHaveLength(0);
    expect(lines(wired(1)).filter((px) => Math.abs(px - 20.8 * scale) < 0.01)).toHaveLength(1);
    expect(lines(wired(2)).filter((px) => Math.abs(px - 20.8 * scale) < 0.01)).toHaveLength(2);
  });

  test('leads a wire over the side that a turned ball shows', () => {
    expect(lines(wired(1, 90)).filter((px) => Math.abs(px - 10.8 * scale) < 0.01)).toHaveLength(1);
  });
});
