// @vitest-environment happy-dom

import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { pointMark } from './pointMark';
import TrainerPage from './TrainerPage';

const pot = (id: number): Schemas['TrainerPot'] => ({
  id,
  plant: `Made-up pine ${id}`,
  site: 'hill',
  exposure: 'full_sun',
  habit_h: 24,
  mix: [{ name: 'Pumice 3-6 mm', kind: 'porous stone', colour: '#cccccc', parts: 2 }],
  depth_cm: 6.5,
  volume_l: 3.4,
  holes: 2,
  hole_cm: 2.2,
  outline: [
    { z_cm: 0, width_cm: 30 },
    { z_cm: 6.5, width_cm: 34 },
  ],
  stick_day: 0.8,
  choices: ['deeper', 'holes', 'none', 'rinse'],
});
const told = (): Schemas['TrainerAnswered'] => {
  const { pot: section } = { pot: yard.evaluation().section };

  return {
    pot: 1,
    points: 3.5,
    answers: [
      { asked: 'air', given: '20', right: '22', points: 1 },
      { asked: 'run_through_s', given: '12', right: '10.6', points: 0.9 },
      { asked: 'hours', given: '20', right: '40', points: 0.4 },
      { asked: 'look', given: 'damp', right: 'dark', points: 0.5 },
      { asked: 'mend', given: 'deeper', right: 'none', points: 0 },
    ],
    rating: 'good',
    verdicts: [{ criterion: 'air', value: 0.22, low: 0.18, high: 0.38, level: 'good' }],
    mends: ['none'],
    section,
    materials: [],
    packing: 0.5,
    wet_foot_cm: 2,
    scores: [{ on: '2026-03-04', share: 0.7, pots: 1 }],
  };
};

beforeEach(() => {
  openYard();
  server.on('GET /trainer', () => ({
    pots: [pot(1), pot(2), pot(3)],
    looks: ['wet', 'dark', 'damp', 'pale', 'dry'],
    scores: [],
    done: [2],
  }));
});

const guess = async (hand: ReturnType<typeof show>['hand']) => {
  await hand.write(await screen.findByLabelText('Air after watering'), '20');
  await hand.write(screen.getByLabelText('Water runs through in'), '12');
  await hand.write(screen.getByLabelText('On a hot day it lasts'), '20');
  await hand.click(screen.getByRole('radio', { name: 'damp' }));
  await hand.click(screen.getByRole('radio', { name: 'A deeper pot' }));
};

test('a pot is guessed, and only then cut open: what was guessed beside what it is, and why', async () => {
  server.on('POST /trainer/1/answers', told);
  const { hand } = show(<TrainerPage />, '/log/trainer');
  await guess(hand);
  expect(screen.queryByText('3.5 of 5 points')).toBeNull();
  await hand.click(screen.getByRole('button', { name: 'Cut it open' }));
  expect(await screen.findByText('3.5 of 5 points')).toBeTruthy();
  expect(server.asked('POST /trainer/1/answers')[0]?.body).toEqual({
    air: 20,
    run_through_s: 12,
    hours: 20,
    look: 'damp',
    mend: 'deeper',
  });
  const row = (name: string) => screen.getByRole('rowheader', { name }).closest('tr') as HTMLElement;
  expect(row('Air').textContent).toBe('Air20 %22 %● 1');
  expect(row('Mend').textContent).toBe('MendA deeper potNothing: it is well○ 0');
  expect(screen.getByText(/wants 18% to 38%/)).toBeTruthy();
  // it stays open although it is done now
  expect(screen.getByRole('button', { name: 'Pot 1, done' }).getAttribute('aria-current')).toBe('true');
  expect(screen.getByText(/70% over 1 pot/)).toBeTruthy();
  await hand.click(screen.getByRole('button', { name: 'Next pot' }));
  expect(await screen.findByRole('heading', { name: 'Pot 2' })).toBeTruthy();
});

test('what is left out or no number is said, and nothing is sent', async () => {
  const { hand } = show(<TrainerPage />, '/log/trainer');
  await hand.write(await screen.findByLabelText('Air after watering'), 'much');
  await hand.click(screen.getByRole('button', { name: 'Cut it open' }));
  expect(await screen.findAllByText('Choose one.')).toHaveLength(2);
  expect((screen.getByLabelText('Air after watering') as HTMLInputElement).value).toBe('much');
  expect(server.asked('POST /trainer/1/answers')).toHaveLength(0);
});

test('what the server refuses is said at its field', async () => {
  server.on('POST /trainer/1/answers', () => refused({ path: 'air', message: 'From 0 to 100.' }));
  const { hand } = show(<TrainerPage />, '/log/trainer');
  await guess(hand);
  await hand.click(screen.getByRole('button', { name: 'Cut it open' }));
  expect(await screen.findByText('From 0 to 100.')).toBeTruthy();
});

test('pots are chosen, those that are done are marked', async () => {
  const { hand } = show(<TrainerPage />, '/log/trainer');
  const pots = within(await screen.findByRole('navigation', { name: 'Pots' }));
  expect(pots.getByRole('button', { name: 'Pot 2, done' })).toBeTruthy();
  await hand.click(pots.getByRole('button', { name: 'Pot 3' }));
  await waitFor(() => expect(window.location.search).toBe('?pot=3'));
  expect(screen.getByText(/Made-up pine 3, Full sun, on a hill/)).toBeTruthy();
});

test('how near a guess was is a shape too', () => {
  expect([1, 0.8, 0.5, 0.35, 0.2, 0].map(pointMark)).toEqual(['●', '●', '◐', '◐', '○', '○']);
});
