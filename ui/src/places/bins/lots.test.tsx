// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { Lots } from './Lots';
import { StockSection } from './StockSection';

const lot = (changed: Partial<Schemas['Lot']> = {}): Schemas['Lot'] => ({
  id: 7,
  component_id: 1,
  name: 'P-spring',
  delivered_on: '2026-03-04',
  quantity_l: 120,
  stock_l: 80,
  price: 60,
  price_per_l: 0.5,
  note: '',
  measured: { properties: {}, findings: {} },
  held_at: null,
  held_note: '',
  archived: false,
  ...changed,
});
const page = (...rows: Schemas['Lot'][]) => ({ data: rows, page: 1, per_page: 100, total: rows.length });

beforeEach(openYard);

describe('a delivery', () => {
  test('is held with a reason, and says so', async () => {
    server.on('GET /components/1/lots', page(lot()));
    server.on('PUT /lots/7/held', () => {
      server.on('GET /components/1/lots', page(lot({ held_at: '2026-05-01T09:00:00Z', held_note: 'smells sour' })));
      return lot();
    });
    const { hand } = show(<Lots component={yard.component()} />);
    await hand.click(await screen.findByRole('button', { name: 'Hold P-spring' }));
    const dialog = await screen.findByRole('dialog');
    await hand.write(within(dialog).getByLabelText('What is wrong with it'), 'smells sour');
    await hand.click(within(dialog).getByRole('button', { name: 'Hold' }));
    expect(await screen.findByText(/Held since May 1, 2026: smells sour/)).toBeTruthy();
    expect(server.asked('PUT /lots/7/held').map((call) => call.body)).toEqual([{ held: true, note: 'smells sour' }]);
  });

  test('is not held without a reason, which is said at the field', async () => {
    server.on('GET /components/1/lots', page(lot()));
    server.on('PUT /lots/7/held', () => refused({ path: 'note', message: 'Say what is wrong.' }));
    const { hand } = show(<Lots component={yard.component()} />);
    await hand.click(await screen.findByRole('button', { name: 'Hold P-spring' }));
    const dialog = await screen.findByRole('dialog');
    await hand.click(within(dialog).getByRole('button', { name: 'Hold' }));
    expect((await screen.findAllByText('Say what is wrong.')).length).toBeGreaterThan(0);
  });

  test('is let go', async () => {
    server.on('GET /components/1/lots', page(lot({ held_at: '2026-05-01T09:00:00Z', held_note: 'smells sour' })));
    server.on('PUT /lots/7/held', lot());
    const { hand } = show(<Lots component={yard.component()} />);
    await hand.click(await screen.findByRole('button', { name: 'Let go P-spring' }));
    await waitFor(() => expect(server.asked('PUT /lots/7/held')[0]?.body).toEqual({ held: false }));
  });

  test('is followed to where it went', async () => {
    server.on('GET /components/1/lots', page(lot()));
    server.on('GET /lots/7/uses', {
      batches: [{ id: 3, name: 'Spring trays', litres: 12 }],
      loads: [
        {
          day_id: 2,
          day: 'Long bench',
          recipe: 'Ridge pines',
          number: 1,
          mixed_at: '2026-05-01T09:00:00Z',
          litres: 5.2,
        },
      ],
      bins: [{ id: 44, name: 'Left: Ridge pines', stock_l: 1.5 }],
      plants: [{ id: 5, number: 'T-005', name: 'Brook maple', potted_on: '2026-05-01' }],
    });
    const { hand } = show(<Lots component={yard.component()} />);
    await hand.click(await screen.findByRole('button', { name: 'Where it went P-spring' }));
    const plant = await screen.findByRole('link', { name: 'T-005 Brook maple' });
    expect(plant.getAttribute('href')).toBe('/plants/5');
    expect(screen.getByRole('link', { name: 'Long bench' }).getAttribute('href')).toBe('/days/2');
    expect(screen.getByText(/Ridge pines, load 1, 5.2 L/)).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Left: Ridge pines' }).getAttribute('href')).toBe('/bins/44');
    expect(screen.getByRole('link', { name: 'Spring trays' }).getAttribute('href')).toBe('/log/3');
  });

  test('of which nothing was mixed went nowhere', async () => {
    server.on('GET /components/1/lots', page(lot()));
    server.on('GET /lots/7/uses', { batches: [], loads: [], bins: [], plants: [] });
    const { hand } = show(<Lots component={yard.component()} />);
    await hand.click(await screen.findByRole('button', { name: 'Where it went P-spring' }));
    expect(await screen.findByText('Nothing of it was mixed yet.')).toBeTruthy();
  });
});

describe('a count of the whole', () => {
  const open = async () => {
    server.on('GET /components/1/lots', page(lot(), lot({ id: 8, name: 'P-autumn', stock_l: 30 })));
    const opened = show(<StockSection sheet={yard.sheet()} />);
    await opened.hand.click(screen.getByRole('button', { name: 'Correct the stock' }));
    await opened.hand.write(await screen.findByLabelText('There are now'), '95');
    return opened;
  };

  test('says what was counted of single deliveries, where somebody did', async () => {
    server.on('POST /components/1/movements', {
      id: 1,
      lot_id: 8,
      kind: 'count',
      litres: -7.5,
      stock_after_l: 95,
      note: '',
      moved_at: '2026-05-01T09:00:00Z',
    });
    const { hand } = await open();
    await hand.click(await screen.findByText('Say what was counted of each delivery'));
    await hand.write(screen.getByLabelText('Of P-autumn'), '22.5');
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(server.asked('POST /components/1/movements')).toHaveLength(1));
    expect(server.asked('POST /components/1/movements')[0]?.body).toEqual({
      kind: 'count',
      note: '',
      counted_l: 95,
      lots: [{ lot_id: 8, counted_l: 22.5 }],
    });
  });

  test('marks what is no number and sends nothing', async () => {
    const { hand } = await open();
    await hand.click(await screen.findByText('Say what was counted of each delivery'));
    await hand.write(screen.getByLabelText('Of P-spring'), 'some');
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    expect(screen.getByLabelText('Of P-spring').getAttribute('aria-invalid')).toBe('true');
    expect(server.asked('POST /components/1/movements')).toHaveLength(0);
  });
});
