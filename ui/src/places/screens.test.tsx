// @vitest-environment happy-dom
import { screen, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { Route, Routes } from 'react-router';
import { beforeEach, describe, expect, test } from 'vitest';

import { Nowhere } from '../shell/Nowhere';
import { Shell } from '../shell/Shell';
import { offline, server } from '../testing/server';
import { show } from '../testing/show';
import { openYard } from '../testing/yard';
import BenchPage from './bench/BenchPage';
import TestPage from './bench/TestPage';
import ToolsPage from './bench/ToolsPage';
import BinsPage from './bins/BinsPage';
import CompareComponentsPage from './bins/CompareComponentsPage';
import ComponentPage from './bins/ComponentPage';
import DayBenchPage from './days/DayBenchPage';
import DayPage from './days/DayPage';
import DayPrintPage from './days/DayPrintPage';
import DaysPage from './days/DaysPage';
import LibraryPage from './library/LibraryPage';
import LogPage from './log/LogPage';
import SheetPage from './log/SheetPage';
import FertilisersPage from './plants/FertilisersPage';
import PlantPage from './plants/PlantPage';
import PlantsPage from './plants/PlantsPage';
import AwayPage from './season/AwayPage';
import RoundPage from './season/RoundPage';
import WeatherPage from './season/WeatherPage';
import YearPage from './season/YearPage';
import StartPage from './start/StartPage';
import PotsPage from './pots/PotsPage';
import CalendarPage from './today/CalendarPage';
import TodayPage from './today/TodayPage';

/** A place at its address, what is there once it is loaded, and the question that it cannot do without. */
const SCREENS: [string, string, string, ReactNode, string | RegExp, string][] = [
  ['Today', '/today', '/today', <TodayPage key="" />, 'Running low', 'GET /today'],
  ['Calendar', '/calendar', '/calendar', <CalendarPage key="" />, 'Open tasks of this month', ''],
  ['Bins', '/bins', '/bins', <BinsPage key="" />, /entries/, 'GET /components'],
  ['Component', '/bins/1', '/bins/:id', <ComponentPage key="" />, 'How long it lasts', ''],
  ['Components side by side', '/bins/compare?ids=1', '/bins/compare', <CompareComponentsPage key="" />, /./, ''],
  ['Bench', '/bench', '/bench', <BenchPage key="" />, /place to begin/, ''],
  ['Tools', '/bench/tools', '/bench/tools', <ToolsPage key="" />, 'Bench scale', ''],
  ['A test', '/bench/tests/2', '/bench/tests/:id', <TestPage key="" />, 'What it changes', ''],
  ['The first questions', '/start', '/start', <StartPage key="" />, 'What do you want to pot?', ''],
  ['Pots', '/pots', '/pots', <PotsPage key="" />, /entries/, 'GET /pots'],
  ['Plants', '/plants', '/plants', <PlantsPage key="" />, /entries/, 'GET /plants'],
  ['A plant', '/plants/5', '/plants/:id', <PlantPage key="" />, /What the stick should look like/, 'GET /plants/5'],
  ['Fertilisers', '/fertilisers', '/fertilisers', <FertilisersPage key="" />, '3 entries', 'GET /fertilisers'],
  ['Potting days', '/days', '/days', <DaysPage key="" />, /entries/, 'GET /days'],
  ['A potting day', '/days/1', '/days/:id', <DayPage key="" />, '12 entries', 'GET /days/1'],
  ['At the bench', '/days/1/bench', '/days/:id/bench', <DayBenchPage key="" />, 'Load is mixed', 'GET /days/1'],
  ['A day on paper', '/days/1/print', '/days/:id/print', <DayPrintPage key="" />, /Gate pine/, 'GET /days/1'],
  ['The round', '/season', '/season', <RoundPage key="" />, /to see to by tomorrow/, 'GET /round'],
  ['A year', '/season/year?plant=5', '/season/year', <YearPage key="" />, 'Days of want', ''],
  ['Nobody comes', '/season/away?days=7', '/season/away', <AwayPage key="" />, /come into want/, ''],
  ['Weather', '/season/weather?site=1', '/season/weather', <WeatherPage key="" />, 'Days as they were', ''],
  ['Log', '/log', '/log', <LogPage key="" />, 'T-001 Gate pine', 'GET /diary'],
  ['A mixing sheet', '/log/1', '/log/:id', <SheetPage key="" />, /L for/, ''],
  ['Libraries', '/blend/library', '/blend/library', <LibraryPage key="" />, /entries/, 'GET /sites'],
];

const placed = (path: string, page: ReactNode) => (
  <Routes>
    <Route path={path} element={page} />
    <Route path="*" element={<Nowhere />} />
  </Routes>
);

describe.each(SCREENS)('%s', (_, at, path, page, ready, needs) => {
  beforeEach(openYard);

  test('shows what the yard has', async () => {
    show(placed(path, page), at);
    expect((await screen.findAllByText(ready)).length).toBeGreaterThan(0);
    expect(document.body.textContent).not.toMatch(/undefined|NaN|\[object/);
  });

  test.runIf(needs !== '')('says that it cannot be had, and asks again when told to', async () => {
    server.on(needs, offline);
    const { hand } = show(placed(path, page), at);
    const again = await screen.findAllByRole('button', { name: 'Try again' });
    const asked = server.asked(needs).length;
    openYard();
    await hand.click(again[0] as HTMLElement);
    await waitFor(() => expect(server.asked(needs).length).toBeGreaterThan(asked));
    expect((await screen.findAllByText(ready)).length).toBeGreaterThan(0);
  });
});

describe('the frame', () => {
  beforeEach(openYard);

  test('goes from place to place by keys, and says where one is', async () => {
    const { hand } = show(
      <Shell isDim={false} setDim={() => undefined}>
        content
      </Shell>,
      '/today',
    );
    expect(screen.getByRole('link', { name: 'Today' }).getAttribute('aria-current')).toBe('page');
    for (const [key, address, name] of [
      ['3', '/bins', 'Bins'],
      ['4', '/bench', 'Bench'],
      ['6', '/days', 'Potting days'],
    ] as const) {
      await hand.keyboard(`{Alt>}${key}{/Alt}`);
      expect(screen.getByLabelText('address').textContent).toBe(address);
      expect(screen.getByRole('link', { name }).getAttribute('aria-current')).toBe('page');
      expect(document.title).toContain(name);
    }
  });

  test('shows its keys on a question mark', async () => {
    const { hand } = show(
      <Shell isDim={false} setDim={() => undefined}>
        content
      </Shell>,
      '/today',
    );
    await hand.keyboard('?');
    expect(await screen.findByText('Show this list')).toBeTruthy();
  });

  test('dims its light and brightens it again', async () => {
    const asked: boolean[] = [];
    const { hand, rerender } = show(
      <Shell isDim={false} setDim={(dim) => asked.push(dim)}>
        content
      </Shell>,
    );
    await hand.click(screen.getByRole('button', { name: 'Dim light' }));
    rerender(
      <Shell isDim={true} setDim={(dim) => asked.push(dim)}>
        content
      </Shell>,
    );
    await hand.click(screen.getByRole('button', { name: 'Bright light' }));
    expect(asked).toEqual([true, false]);
  });

  test('tells once that verdicts have changed', async () => {
    server.on('GET /model-news', { untold: true });
    server.on('PUT /model-news', () => {
      server.on('GET /model-news', { untold: false });

      return { untold: false };
    });
    const { hand } = show(
      <Shell isDim={false} setDim={() => undefined}>
        content
      </Shell>,
    );
    await hand.click(await screen.findByRole('button', { name: 'Understood' }));
    await waitFor(() => expect(server.asked('PUT /model-news').map((call) => call.body)).toEqual([{ untold: false }]));
  });

  test('says that there is nothing at an address that nobody knows', async () => {
    show(placed('/today', null), '/elsewhere');
    expect(await screen.findByText('There is nothing at /elsewhere.')).toBeTruthy();
  });
});
