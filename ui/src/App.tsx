import { App as AntApp, ConfigProvider, Spin } from 'antd';
import { type ComponentType, useEffect, useMemo, useState } from 'react';
import { matchRoutes, Route, Routes } from 'react-router';

import { type Later, later } from './kit/later';
import { BlendProvider } from './places/blend/state/BlendProvider';
import { Doorway } from './shell/Doorway';
import { FirstAnswer } from './shell/FirstAnswer';
import { FirstPage } from './shell/FirstPage';
import { Nothing } from './shell/Nothing';
import { Nowhere } from './shell/Nowhere';
import { Shell } from './shell/Shell';
import { useMedia } from './shell/useMedia';
import { antTheme, dim, light } from './theme';
import common from './styles/common.module.css';
import styles from './App.module.css';

function Waiting() {
  return <Spin className={common.listWaiting} />;
}

const page = (load: () => Promise<{ default: ComponentType }>) =>
  later(() => load().then((module) => module.default), Waiting);

/** The places by their addresses. */
const PLACES: readonly (readonly [path: string, Page: Later<object>])[] = [
  ['/start', page(() => import('./places/start/StartPage'))],
  ['/today', page(() => import('./places/today/TodayPage'))],
  ['/calendar', page(() => import('./places/today/CalendarPage'))],
  ['/blend', page(() => import('./places/blend/BlendPage').then(({ BlendPage }) => ({ default: BlendPage })))],
  ['/blend/fewest', page(() => import('./places/blend/find/FewestPage'))],
  ['/blend/find', page(() => import('./places/blend/find/FindPage'))],
  ['/blend/compare', page(() => import('./places/blend/recipes/CompareMixesPage'))],
  ['/blend/card', page(() => import('./places/blend/recipes/CardPage'))],
  ['/blend/library', page(() => import('./places/library/LibraryPage'))],
  ['/bins', page(() => import('./places/bins/BinsPage'))],
  ['/bins/compare', page(() => import('./places/bins/CompareComponentsPage'))],
  ['/bins/:id', page(() => import('./places/bins/ComponentPage'))],
  ['/bench', page(() => import('./places/bench/BenchPage'))],
  ['/bench/tools', page(() => import('./places/bench/ToolsPage'))],
  ['/bench/truth', page(() => import('./places/bench/TruthPage'))],
  ['/bench/tests/:id', page(() => import('./places/bench/TestPage'))],
  ['/pots', page(() => import('./places/pots/PotsPage'))],
  ['/plants', page(() => import('./places/plants/PlantsPage'))],
  ['/plants/:id', page(() => import('./places/plants/PlantPage'))],
  ['/fertilisers', page(() => import('./places/plants/FertilisersPage'))],
  ['/days', page(() => import('./places/days/DaysPage'))],
  ['/days/:id', page(() => import('./places/days/DayPage'))],
  ['/days/:id/bench', page(() => import('./places/days/DayBenchPage'))],
  ['/days/:id/print', page(() => import('./places/days/DayPrintPage'))],
  ['/season', page(() => import('./places/season/RoundPage'))],
  ['/season/year', page(() => import('./places/season/YearPage'))],
  ['/season/away', page(() => import('./places/season/AwayPage'))],
  ['/season/zones', page(() => import('./places/season/ZonesPage'))],
  ['/season/weather', page(() => import('./places/season/WeatherPage'))],
  ['/people', page(() => import('./places/people/PeoplePage'))],
  ['/log', page(() => import('./places/log/LogPage'))],
  ['/log/mixes', page(() => import('./places/outcomes/OutcomesPage'))],
  ['/log/trials', page(() => import('./places/trials/TrialsPage'))],
  ['/log/trials/:id', page(() => import('./places/trials/TrialPage'))],
  ['/log/right', page(() => import('./places/right/RightPage'))],
  ['/log/trainer', page(() => import('./places/trainer/TrainerPage'))],
  ['/log/:id', page(() => import('./places/log/SheetPage'))],
];

/** Fetches the place of an address, before anybody knows who asks. */
export function fetchPlace(pathname: string): void {
  const found = matchRoutes(
    PLACES.map(([path], index) => ({ path, id: String(index) })),
    pathname,
  );
  PLACES[Number(found?.[0]?.route.id)]?.[1].load().catch(() => undefined); // it says so when it is shown
}

const LIGHT_KEPT_AS = 'zolbek.light';

export function App() {
  const [isDim, setDim] = useState(() => localStorage.getItem(LIGHT_KEPT_AS) === 'dim');
  const palette = isDim ? dim : light;
  useEffect(() => {
    localStorage.setItem(LIGHT_KEPT_AS, isDim ? 'dim' : 'bright');
    for (const [name, colour] of Object.entries(palette)) {
      document.documentElement.style.setProperty(`--${name}`, colour);
    }
    document.documentElement.dataset['light'] = isDim ? 'dim' : 'bright';
  }, [isDim, palette]);

  const isStill = useMedia('(prefers-reduced-motion: reduce)');
  const isHandheld = useMedia('(max-width: 900px), (pointer: coarse)');
  const theme = useMemo(() => antTheme(palette, isDim, isStill, isHandheld), [palette, isDim, isStill, isHandheld]);

  return (
    <ConfigProvider theme={theme} wave={{ disabled: true }} renderEmpty={() => <Nothing />}>
      <AntApp className={styles.app} message={{ maxCount: isHandheld ? 1 : 3 }}>
        <Doorway>
          <FirstAnswer>
            <BlendProvider>
              <Shell isDim={isDim} setDim={setDim}>
                <Routes>
                  <Route path="/" element={<FirstPage />} />
                  {PLACES.map(([path, Page]) => (
                    <Route key={path} path={path} element={<Page />} />
                  ))}
                  <Route path="*" element={<Nowhere />} />
                </Routes>
              </Shell>
            </BlendProvider>
          </FirstAnswer>
        </Doorway>
      </AntApp>
    </ConfigProvider>
  );
}
