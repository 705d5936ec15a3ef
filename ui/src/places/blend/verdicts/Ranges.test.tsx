// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { describe, expect, test } from 'vitest';

import type { Schemas } from '../../../api/client';
import { server } from '../../../testing/server';
import { show } from '../../../testing/show';
import { yard } from '../../../testing/yard';
import { Certainty } from './Certainty';
import { Ranges } from './Ranges';

const question = {
  parts: [{ component_id: 1, parts: 1 }],
  pot_id: 3,
  plant_group: 'desert',
} as Schemas['EvaluationInput'];

function openIt() {
  const box = screen.getByText('From where to where, in two of three cases').closest('details') as HTMLDetailsElement;
  box.open = true;
  fireEvent(box, new Event('toggle'));
}

describe('how sure a mix is', () => {
  test('ranges are asked for once somebody opens them, each in its unit', async () => {
    server.on('POST /views/ranges', {
      draws: 400,
      figures: [
        { name: 'years', low: 1.2, high: null },
        { name: 'drought', low: 0, high: 0.31 },
        { name: 'cost', low: 1.5, high: 1.75 },
        { name: 'run_through_s', low: 5.9, high: 19 },
      ],
    });
    show(<Ranges question={question} />);
    expect(server.asked('POST /views/ranges')).toEqual([]);
    openIt();
    expect(await screen.findByText('Years until it fails 1.2 to more than 8')).toBeTruthy();
    expect(screen.getByText('Short of water in a hot spell 0% to 31%')).toBeTruthy();
    expect(screen.getByText('Mix of one pot €1.50 to €1.75')).toBeTruthy();
    expect(screen.getByText('Run-through, s 5.9 to 19')).toBeTruthy();
    await waitFor(() => expect(server.asked('POST /views/ranges').map((call) => call.body)).toEqual([question]));
  });

  test('what contributes is listed, with the test that would narrow it and by how much', () => {
    const evaluation = yard.evaluation();
    const figures = evaluation.uncertainty ?? [];
    show(<Certainty figures={figures} evaluation={evaluation} />);
    const told = figures.find((each) => each.name === 'air');
    const first = told?.most[0];
    expect(screen.getAllByText('What contributes, and what would narrow it').length).toBeGreaterThan(3);
    if (first?.after != null) {
      expect(screen.getAllByText(/\(10 min: a jug\) would bring it to ± /).length).toBeGreaterThan(0);
    }
    expect(screen.getAllByText(/from the width of the crown\.$/).length).toBeGreaterThan(0);
  });
});
