import { App as AntApp, ConfigProvider, Spin } from 'antd';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { Route, Routes } from 'react-router';

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

const BlendPage = lazy(() => import('./places/blend/BlendPage').then((module) => ({ default: module.BlendPage })));
const BinsPage = lazy(() => import('./places/bins/BinsPage'));
const ComponentPage = lazy(() => import('./places/bins/ComponentPage'));
const CompareComponentsPage = lazy(() => import('./places/bins/CompareComponentsPage'));
const BenchPage = lazy(() => import('./places/bench/BenchPage'));
const TestPage = lazy(() => import('./places/bench/TestPage'));
const ToolsPage = lazy(() => import('./places/bench/ToolsPage'));
const TruthPage = lazy(() => import('./places/bench/TruthPage'));
const PotsPage = lazy(() => import('./places/pots/PotsPage'));
const TodayPage = lazy(() => import('./places/today/TodayPage'));
const CalendarPage = lazy(() => import('./places/today/CalendarPage'));
const PlantsPage = lazy(() => import('./places/plants/PlantsPage'));
const PlantPage = lazy(() => import('./places/plants/PlantPage'));
const FertilisersPage = lazy(() => import('./places/plants/FertilisersPage'));
const DaysPage = lazy(() => import('./places/days/DaysPage'));
const DayPage = lazy(() => import('./places/days/DayPage'));
const DayBenchPage = lazy(() => import('./places/days/DayBenchPage'));
const DayPrintPage = lazy(() => import('./places/days/DayPrintPage'));
const RoundPage = lazy(() => import('./places/season/RoundPage'));
const YearPage = lazy(() => import('./places/season/YearPage'));
const AwayPage = lazy(() => import('./places/season/AwayPage'));
const ZonesPage = lazy(() => import('./places/season/ZonesPage'));
const WeatherPage = lazy(() => import('./places/season/WeatherPage'));
const LogPage = lazy(() => import('./places/log/LogPage'));
const CompareMixesPage = lazy(() => import('./places/blend/recipes/CompareMixesPage'));
const CardPage = lazy(() => import('./places/blend/recipes/CardPage'));
const FewestPage = lazy(() => import('./places/blend/find/FewestPage'));
const FindPage = lazy(() => import('./places/blend/find/FindPage'));
const PeoplePage = lazy(() => import('./places/people/PeoplePage'));
const LibraryPage = lazy(() => import('./places/library/LibraryPage'));
const StartPage = lazy(() => import('./places/start/StartPage'));
const OutcomesPage = lazy(() => import('./places/outcomes/OutcomesPage'));
const TrialsPage = lazy(() => import('./places/trials/TrialsPage'));
const TrialPage = lazy(() => import('./places/trials/TrialPage'));
const RightPage = lazy(() => import('./places/right/RightPage'));
const TrainerPage = lazy(() => import('./places/trainer/TrainerPage'));
const SheetPage = lazy(() => import('./places/log/SheetPage'));

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
                <Suspense fallback={<Spin className={common.listWaiting} />}>
                  <Routes>
                    <Route path="/" element={<FirstPage />} />
                    <Route path="/start" element={<StartPage />} />
                    <Route path="/today" element={<TodayPage />} />
                    <Route path="/calendar" element={<CalendarPage />} />
                    <Route path="/blend" element={<BlendPage />} />
                    <Route path="/blend/fewest" element={<FewestPage />} />
                    <Route path="/blend/find" element={<FindPage />} />
                    <Route path="/blend/compare" element={<CompareMixesPage />} />
                    <Route path="/blend/card" element={<CardPage />} />
                    <Route path="/blend/library" element={<LibraryPage />} />
                    <Route path="/bins" element={<BinsPage />} />
                    <Route path="/bins/compare" element={<CompareComponentsPage />} />
                    <Route path="/bins/:id" element={<ComponentPage />} />
                    <Route path="/bench" element={<BenchPage />} />
                    <Route path="/bench/tools" element={<ToolsPage />} />
                    <Route path="/bench/truth" element={<TruthPage />} />
                    <Route path="/bench/tests/:id" element={<TestPage />} />
                    <Route path="/pots" element={<PotsPage />} />
                    <Route path="/plants" element={<PlantsPage />} />
                    <Route path="/plants/:id" element={<PlantPage />} />
                    <Route path="/fertilisers" element={<FertilisersPage />} />
                    <Route path="/days" element={<DaysPage />} />
                    <Route path="/days/:id" element={<DayPage />} />
                    <Route path="/days/:id/bench" element={<DayBenchPage />} />
                    <Route path="/days/:id/print" element={<DayPrintPage />} />
                    <Route path="/season" element={<RoundPage />} />
                    <Route path="/season/year" element={<YearPage />} />
                    <Route path="/season/away" element={<AwayPage />} />
                    <Route path="/season/zones" element={<ZonesPage />} />
                    <Route path="/season/weather" element={<WeatherPage />} />
                    <Route path="/people" element={<PeoplePage />} />
                    <Route path="/log" element={<LogPage />} />
                    <Route path="/log/mixes" element={<OutcomesPage />} />
                    <Route path="/log/trials" element={<TrialsPage />} />
                    <Route path="/log/trials/:id" element={<TrialPage />} />
                    <Route path="/log/right" element={<RightPage />} />
                    <Route path="/log/trainer" element={<TrainerPage />} />
                    <Route path="/log/:id" element={<SheetPage />} />
                    <Route path="*" element={<Nowhere />} />
                  </Routes>
                </Suspense>
              </Shell>
            </BlendProvider>
          </FirstAnswer>
        </Doorway>
      </AntApp>
    </ConfigProvider>
  );
}
