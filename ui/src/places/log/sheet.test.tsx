// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, test } from 'vitest';

import { refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import SheetPage from './SheetPage';

const open = () =>
  show(
    <Routes>
      <Route path="/log/:id" element={<SheetPage />} />
    </Routes>,
    '/log/1',
  );
const mixed = () => ({
  ...yard.batch(),
  mixed_at: '2026-03-05T08:00:00+00:00',
  mixed_by: 'Orsolt',
  taken: [
    { component_id: 1, lot_id: 4, litres: 12 },
    { component_id: 2, lot_id: null, litres: 3.5 },
  ],
});

beforeEach(() => {
  openYard();
  server.on('GET /batches/1', yard.batch());
});

describe('a batch that is mixed', () => {
  test('is drawn from the bins for whoever mixed it', async () => {
    server.on('POST /batches/1/mixed', mixed());
    const { hand } = open();
    expect(await screen.findByText('Not mixed yet: nothing is drawn from the bins.')).toBeTruthy();
    await hand.write(screen.getByLabelText('Who mixed it'), 'Orsolt');
    await hand.click(screen.getByRole('button', { name: 'It is mixed: draw it from the bins' }));
    expect(await screen.findByText(/Drawn March 5, 2026 for Orsolt: 15.5 L from the bins/)).toBeTruthy();
    expect(server.asked('POST /batches/1/mixed').map((call) => call.body)).toEqual([{ person: 'Orsolt' }]);
  });

  test('says what is short, and keeps the name', async () => {
    server.on('POST /batches/1/mixed', () => refused({ path: 'stock', message: 'Of pumice 3 L are there.' }));
    const { hand } = open();
    await hand.write(await screen.findByLabelText('Who mixed it'), 'Orsolt');
    await hand.click(screen.getByRole('button', { name: 'It is mixed: draw it from the bins' }));
    expect(await screen.findByText('Of pumice 3 L are there.')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Who mixed it').value).toBe('Orsolt');
  });

  test('is taken back', async () => {
    server.on('GET /batches/1', mixed());
    server.on('DELETE /batches/1/mixed', yard.batch());
    const { hand } = open();
    await hand.click(await screen.findByRole('button', { name: 'Take that back' }));
    await waitFor(() => expect(server.asked('DELETE /batches/1/mixed')).toHaveLength(1));
    expect(await screen.findByText('Not mixed yet: nothing is drawn from the bins.')).toBeTruthy();
  });
});
