import { describe, expect, test } from 'vitest';

import { type Bed, classSizeMm, type Grain, layGrains, type Material } from './grains';
import { grainPaths } from './grainShapes';
import { markColour } from './shade';

const bed: Bed = { from: 1, to: 7, widthAt: (z) => 10 + z };

function of(size: number, share = 1, id = 'a'): Material {
  const classShares = Array<number>(22).fill(0);
  classShares[size] = share;

  return { id, classShares };
}

function area(grains: Grain[]): number {
  return grains.reduce((sum, grain) => sum + Math.PI * grain.radius ** 2, 0);
}

describe('grains in a bed', () => {
  const laid = layGrains(bed, [of(16, 0.6), of(14, 0.4, 'b')], 0.6, 0.1);
  const all = [...laid.values()].flat();

  test('stay inside it', () => {
    for (const { x, y, radius } of all) {
      expect(y).toBeGreaterThanOrEqual(bed.from);
      expect(y).toBeLessThanOrEqual(bed.to);
      expect(Math.abs(x) + radius * 0.85).toBeLessThanOrEqual(bed.widthAt(y) / 2);
    }
  });

  test('hardly overlap', () => {
    const deep = all.flatMap((one, i) =>
      all
        .slice(i + 1)
        .filter((other) => Math.hypot(one.x - other.x, one.y - other.y) < 0.7 * Math.max(one.radius, other.radius)),
    );
    expect(deep).toEqual([]);
  });

  test('fill a good part of what the packing says, and never more', () => {
    const whole = ((bed.widthAt(bed.from) + bed.widthAt(bed.to)) / 2) * (bed.to - bed.from);
    expect(area(all) / whole).toBeGreaterThan(0.3);
    expect(area(all) / whole).toBeLessThan(0.66);
  });

  test('lie in the same places for the same mix, and mostly so for a like one', () => {
    expect(layGrains(bed, [of(16, 0.6), of(14, 0.4, 'b')], 0.6, 0.1)).toEqual(laid);
    const like = layGrains(bed, [of(16, 0.62), of(14, 0.38, 'b')], 0.6, 0.1).get('a') ?? [];
    const same = like.filter((grain) =>
      (laid.get('a') ?? []).some((before) => before.x === grain.x && before.y === grain.y),
    );
    expect(same.length / like.length).toBeGreaterThan(0.9);
  });

  test('come in the sizes that were asked for', () => {
    for (const { radius } of laid.get('a') ?? []) {
      expect(radius * 20).toBeGreaterThan(classSizeMm(16) * 0.84);
      expect(radius * 20).toBeLessThan(classSizeMm(16) * 1.16);
    }
  });

  test('are left out where they are finer than a dot, and where there is no bed', () => {
    expect(layGrains(bed, [of(3)], 0.6, 0.1).get('a')).toEqual([]);
    expect(layGrains({ ...bed, to: 1 }, [of(16)], 0.6, 0.1).get('a')).toEqual([]);
  });
});

test('every kind has its own form, in one path', () => {
  const grains = [{ x: 0, y: 1, radius: 0.3, turn: 0.4 }];
  const kinds = [
    'porous stone',
    'clay granule',
    'solid stone',
    'light filler',
    'bark',
    'organic',
    'soil',
    'charcoal',
  ] as const;
  const paths = kinds.map((kind) => grainPaths(grains, kind, 20, 100, 100, 'x').body);
  expect(new Set(paths).size).toBe(kinds.length);
  for (const path of paths) {
    expect(path).toMatch(/^M[-\d. L]+z$/);
  }
});

test('marks are darker, on near-black lighter', () => {
  expect(markColour('#ffffff')).toBe('rgb(140 140 140)');
  expect(markColour('#26272a')).toBe('rgb(108 109 112)');
});
