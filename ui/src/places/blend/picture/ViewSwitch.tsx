import { lazy, Suspense } from 'react';
import { useSearchParams } from 'react-router';

import type { Schemas } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import { GradingSection } from './GradingSection';
import { Picture } from './Picture';
import blendStyles from '../blend.module.css';
import styles from './picture.module.css';

const FitView = lazy(() => import('./FitView').then((module) => ({ default: module.FitView })));
const ProfileView = lazy(() => import('./ProfileView').then((module) => ({ default: module.ProfileView })));
const CurveView = lazy(() => import('./CurveView').then((module) => ({ default: module.CurveView })));
const DepthView = lazy(() => import('./DepthView').then((module) => ({ default: module.DepthView })));
const CompactionView = lazy(() => import('./CompactionView').then((module) => ({ default: module.CompactionView })));
const AgeingView = lazy(() => import('./AgeingView').then((module) => ({ default: module.AgeingView })));
const WaterView = lazy(() => import('./WaterView').then((module) => ({ default: module.WaterView })));
const YearView = lazy(() => import('./YearView').then((module) => ({ default: module.YearView })));
const TradeView = lazy(() => import('./TradeView').then((module) => ({ default: module.TradeView })));
const TriangleView = lazy(() => import('./TriangleView').then((module) => ({ default: module.TriangleView })));
const MoreFigures = lazy(() => import('./MoreFigures').then((module) => ({ default: module.MoreFigures })));

/** What one looks at: the pot as it stands, what time does, what the mix is, and what else one could do. */
const GROUPS = {
  pot: ['section', 'fit', 'profile'],
  time: ['water', 'year', 'ageing'],
  mix: ['curve', 'compaction', 'figures'],
  choices: ['trade', 'triangle', 'depths'],
} as const;
type Group = keyof typeof GROUPS;
type View = (typeof GROUPS)[Group][number];
const ALL = Object.keys(GROUPS) as Group[];

function groupOf(view: string | null): Group {
  return ALL.find((group) => (GROUPS[group] as readonly string[]).includes(view ?? '')) ?? 'pot';
}

interface Props {
  evaluation: Schemas['Evaluation'];
  /** How far figures may be off, once that is worked out. */
  sure: Schemas['UncertainFigure'][] | null;
  potName: string;
  question: Schemas['EvaluationInput'] | null;
  fresh: boolean;
  setBall: () => void;
}

/** The pot section, and the other ways to look at the same mix. */
export function ViewSwitch({ evaluation, sure, potName, question, fresh, setBall }: Props) {
  const { t } = useWords();
  // in the address, so that a link, a reload and whoever comes back have the same view
  const [params, setParams] = useSearchParams();
  const group = groupOf(params.get('view'));
  const view = (GROUPS[group] as readonly View[]).find((each) => each === params.get('view')) ?? GROUPS[group][0];
  const setView = (to: View) =>
    setParams(
      (now) => {
        now.set('view', to);

        return now;
      },
      { replace: true },
    );

  return (
    <>
      <nav className={styles.viewGroups} aria-label={t('view.groups')}>
        {ALL.map((each) => (
          <button key={each} type="button" aria-pressed={group === each} onClick={() => setView(GROUPS[each][0])}>
            {t(`view.group.${each}`)}
          </button>
        ))}
      </nav>
      <nav className={styles.viewSwitch} aria-label={t('view.label')}>
        {GROUPS[group].map((each) => (
          <button key={each} type="button" aria-pressed={view === each} onClick={() => setView(each)}>
            {t(`view.${each}`)}
          </button>
        ))}
      </nav>
      <Suspense fallback={<p className={blendStyles.blendWait}>{t('view.waiting')}</p>}>
        {view === 'section' && <Picture evaluation={evaluation} potName={potName} />}
        {view === 'fit' && <FitView evaluation={evaluation} fresh={fresh} setBall={setBall} />}
        {view === 'profile' && <ProfileView evaluation={evaluation} fresh={fresh} />}
        {view === 'curve' && <CurveView question={question} />}
        {view === 'depths' && <DepthView question={question} />}
        {view === 'compaction' && <CompactionView question={question} evaluation={evaluation} />}
        {view === 'ageing' && <AgeingView question={question} />}
        {view === 'water' && <WaterView water={evaluation.water} sure={sure} fresh={fresh} />}
        {view === 'year' && <YearView question={question} />}
        {view === 'trade' && <TradeView question={question} />}
        {view === 'triangle' && <TriangleView question={question} />}
        {view === 'figures' && <MoreFigures evaluation={evaluation} />}
      </Suspense>
      <GradingSection evaluation={evaluation} />
    </>
  );
}
