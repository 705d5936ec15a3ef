// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import { describe, expect, test } from 'vitest';

import { show } from '../../testing/show';
import { LoadTable } from './LoadTable';
import { grouped, type ScoopedLine, type ShownLoad } from './loads';
import { ScoopNotes } from './ScoopNotes';

const line = (component_id: number, scoops: number | null, changed: Partial<ScoopedLine> = {}): ScoopedLine => ({
  component_id,
  scoops,
  scoop_l: 1,
  ml: 0,
  litres: scoops ?? 0,
  ...changed,
});
const load = (number: number, lines: ScoopedLine[], mixed = false): ShownLoad => ({
  number,
  lines,
  mixed,
  litres: lines.reduce((sum, each) => sum + each.litres, 0),
});
const row = (component_id: number, name: string, deviation_share: number | null = 0) => ({
  component_id,
  name,
  kind: 'porous stone' as const,
  colour: '#d8cdb8',
  true_share: 0.5,
  deviation_share,
});

describe('loads', () => {
  test('that are alike and follow each other stand together', () => {
    const alike = [line(1, 8), line(2, 6)];
    const groups = grouped([load(3, [line(1, 6), line(2, 4.5)]), load(1, alike), load(2, alike)]);
    expect(groups.map(({ from, to }) => [from, to])).toEqual([
      [1, 2],
      [3, 3],
    ]);
  });

  test.each([
    ['a gap in the numbers', [load(1, [line(1, 2)]), load(3, [line(1, 2)])]],
    ['one of them mixed already', [load(1, [line(1, 2)], true), load(2, [line(1, 2)])]],
    ['other millilitres', [load(1, [line(1, 2)]), load(2, [line(1, 2, { ml: 40 })])]],
    ['another scoop', [load(1, [line(1, 2)]), load(2, [line(1, 2, { scoop_l: 0.5 })])]],
    ['another component', [load(1, [line(1, 2)]), load(2, [line(2, 2)])]],
  ])('do not stand together with %s', (_, loads) => {
    expect(grouped(loads)).toHaveLength(2);
  });
});

describe('the table of loads', () => {
  test('tells scoops, millilitres and another scoop, and how far a part is off', () => {
    show(
      <LoadTable
        scoopL={1}
        loads={[
          load(1, [line(1, 8), line(2, 2, { ml: 340, litres: 2.34 })]),
          load(2, [line(1, 0, { ml: 60, litres: 0.06 }), line(2, 3, { scoop_l: 0.25, litres: 0.75 })]),
        ]}
        rows={[row(1, 'Pumice', 0.048), row(2, 'Lava', -0.03)]}
      />,
    );
    const head = screen.getAllByRole('columnheader').map((cell) => cell.textContent);
    expect(head.slice(0, 4)).toEqual(['Component', 'Load 110.3 L', 'Load 20.81 Lscoop of 0.25 L', 'In all']);
    const cells = (name: RegExp) =>
      within(screen.getByRole('row', { name }))
        .getAllByRole('cell')
        .map((cell) => cell.textContent);
    expect(cells(/Pumice/)).toEqual(['8', '60 ml', '8.06 L', '50%5% more']);
    expect(cells(/Lava/)).toEqual(['2+ 340 ml', '3', '3.09 L', '50%3% less']);
  });

  test('says nothing of a deviation that is none, nor of a component that is not in the mix', () => {
    show(
      <LoadTable scoopL={1} loads={[load(1, [line(1, 8)], true)]} rows={[row(1, 'Pumice'), row(2, 'Granite', null)]} />,
    );
    expect(screen.queryByText(/more|less/)).toBeNull();
    expect(screen.getByRole('columnheader', { name: /Load 1/ }).textContent).toContain('✓');
    expect(within(screen.getByRole('row', { name: /Granite/ })).getAllByRole('cell')[0]?.textContent).toBe('–');
  });

  test('tells litres where nobody counted scoops', () => {
    show(
      <LoadTable
        scoopL={1}
        loads={[load(1, [line(1, null, { scoop_l: null, litres: 4.2 })], true)]}
        rows={[row(1, 'Pumice')]}
      />,
    );
    expect(within(screen.getByRole('row', { name: /Pumice/ })).getAllByRole('cell')[0]?.textContent).toBe('4.2 L');
  });
});

describe('what has to be said of scoops', () => {
  const nameOf = (id: number) => ['', 'Pumice', 'Lava', 'Charcoal'][id] ?? '';

  test('is said once for each thing, with all of its parts', () => {
    show(
      <ScoopNotes
        nameOf={nameOf}
        warnings={[
          { code: 'nearest', part: null },
          { code: 'millilitres', part: 1 },
          { code: 'millilitres', part: 2 },
          { code: 'too_small', part: 3 },
        ]}
      />,
    );
    expect(screen.getAllByRole('listitem').map((item) => item.textContent)).toEqual([
      expect.stringContaining('the nearest half scoops'),
      expect.stringContaining('Half scoops would distort Pumice, Lava'),
      expect.stringContaining('Charcoal: too little to measure'),
    ]);
  });

  test('is nothing where all is well', () => {
    const { container } = show(<ScoopNotes warnings={[]} nameOf={nameOf} />);
    expect(container.querySelector('ul')).toBeNull();
  });
});
