// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';

import { server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { LayerSection } from './LayerSection';
import { PottedDrawer } from './PottedDrawer';
import { TellModal } from './TellModal';

describe('potted without a day', () => {
  beforeEach(openYard);

  test('is written with its date, ball and height; half a ball is not', async () => {
    const plant = { ...yard.plant().plant, id: 7, pot_id: 1, recipe_id: 1 };
    server.on('POST /plants/7/potted', {});
    const { hand } = show(<PottedDrawer plant={plant} close={() => undefined} />);
    await hand.type(screen.getByLabelText('Ball length'), '14');
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    expect(server.asked('POST /plants/7/potted')).toHaveLength(0);
    await hand.type(screen.getByLabelText('Ball width'), '12');
    await hand.type(screen.getByLabelText('Ball height'), '5');
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(server.asked('POST /plants/7/potted')[0]?.body).toMatchObject({
        pot_id: 1,
        recipe_id: 1,
        drawn: false,
        plan: { ball: { length_cm: 14, width_cm: 12, height_cm: 5 }, height: { how: 'flush', cm: 0 } },
      }),
    );
  });
});

describe('a group', () => {
  beforeEach(openYard);

  test('is split by a number', async () => {
    const plant = { ...yard.plant().plant, id: 7, count: 12 };
    server.on('POST /plants/7/split', { ...plant, id: 8, number: 'T-099', count: 5 });
    const { hand } = show(<TellModal plant={plant} what="split" close={() => undefined} taken={() => undefined} />);
    const field = screen.getByLabelText('How many of 12');
    await hand.clear(field);
    await hand.type(field, '5');
    await hand.click(screen.getByRole('button', { name: 'Write it down' }));
    await waitFor(() => expect(server.asked('POST /plants/7/split')[0]?.body).toEqual({ count: 5 }));
  });
});

describe('offspring', () => {
  beforeEach(openYard);
  const plant = () => ({ ...yard.plant().plant, id: 7 });

  test('of a division are to be potted with what was divided; cuttings alone', async () => {
    server.on('POST /plants/7/offspring', {
      data: [
        { ...plant(), id: 31 },
        { ...plant(), id: 32 },
      ],
    });
    const taken = vi.fn();
    const { hand } = show(<TellModal plant={plant()} what="offspring" close={() => undefined} taken={taken} />);
    await hand.click(screen.getByRole('button', { name: 'Write it down' }));
    await waitFor(() => expect(taken).toHaveBeenLastCalledWith([31, 32]));
    fireEvent.mouseDown(screen.getByRole('combobox'));
    await hand.click(await screen.findByTitle(/division/i));
    await hand.click(screen.getByRole('button', { name: 'Write it down' }));
    await waitFor(() => expect(taken).toHaveBeenLastCalledWith([7, 31, 32]));
    expect(server.asked('POST /plants/7/offspring')[1]?.body).toMatchObject({ kind: 'division', count: 1 });
  });
});

describe('a layer on its mother', () => {
  beforeEach(openYard);

  test('tells how it looked, and hands its top on once it is separated', async () => {
    const layer = {
      put_on: '2026-05-01',
      wrap: 'Moss in foil',
      litres: 0.6,
      looks: [{ on: '2026-07-01', roots: 'enough' as const, text: 'white' }],
    };
    const plant = { ...yard.plant().plant, id: 7, air_layer: layer };
    server.on('POST /plants/7/layer', { ...plant, id: 31, air_layer: null });
    const separated = vi.fn();
    const { hand } = show(<LayerSection plant={plant} separated={separated} />);
    expect(screen.getByText(/Moss in foil, 0.6 L/)).toBeTruthy();
    expect(screen.getByText(/roots enough/)).toBeTruthy();
    await hand.click(screen.getByRole('button', { name: 'Separate it' }));
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(separated).toHaveBeenCalledWith(31));
    expect(server.asked('POST /plants/7/layer')[0]?.body).toMatchObject({ do: 'separate' });
  });
});
