// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { AddRound } from './AddRound';
import { TaskList } from './TaskList';

const round = '0b9f1f5e-6f0e-4b0f-9a55-0c9ad5a1f001';
const tasks = (): Schemas['CareTask'][] => {
  const task = yard.tasks()[0] as Schemas['CareTask'];
  return [1, 2, 3, 4].map((id) => ({
    ...task,
    id,
    kind: 'own',
    ends_by: 'date',
    note: id < 4 ? 'Against aphids' : 'Turn it',
    plant_number: `T-00${id}`,
    round: id < 4 ? round : null,
    due_on: '2026-04-02',
  }));
};

describe('a round of many plants', () => {
  beforeEach(openYard);

  test('is one line with one tick for all, and plant by plant beneath it', async () => {
    server.on(`PUT /rounds/${round}`, { round, tasks: 3 });
    server.on('PUT /tasks/2', tasks()[1]);
    const { hand } = show(<TaskList tasks={tasks()} withPlant />);
    expect(screen.getByText(/· 3 plants/)).toBeTruthy();
    expect(screen.getAllByRole('button', { name: /^Done: Against aphids/ })).toHaveLength(3);
    expect(screen.getAllByRole('button', { name: /Done: Turn it/ })).toHaveLength(1);
    await hand.click(screen.getByRole('button', { name: 'Done: Against aphids T-002' }));
    await waitFor(() => expect(server.asked('PUT /tasks/2')[0]?.body).toMatchObject({ do: 'done' }));
    await hand.click(screen.getByRole('button', { name: 'Done for all: Against aphids' }));
    await waitFor(() => expect(server.asked(`PUT /rounds/${round}`)[0]?.body).toEqual({ do: 'done' }));
    expect(await screen.findByText('Against aphids: done for 3.')).toBeTruthy();
  });

  test('is written down for a place, a group or the yard', async () => {
    server.on('POST /rounds', { round, tasks: 20 });
    const { hand } = show(<AddRound close={() => undefined} />);
    await hand.type(screen.getByLabelText('What'), 'Against aphids');
    await hand.type(screen.getByLabelText(/Every/), '14');
    await hand.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(server.asked('POST /rounds')[0]?.body).toMatchObject({ note: 'Against aphids', every_days: 14 }),
    );
    expect(server.asked('POST /rounds')[0]?.body).not.toHaveProperty('place');
  });
});
