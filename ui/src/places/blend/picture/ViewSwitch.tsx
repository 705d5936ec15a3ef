import { useSearchParams } from 'react-router';

import { later } from '../../../kit/later';
import type { Schemas } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import { GradingSection } from './GradingSection';
import { Picture } from './Picture';
import blendStyles from '../blend.module.css';
import styles from './picture.module.css';

function Waiting() {
  const { t } = useWords();

  return <p className={blendStyles.blendWait}>{t('view.waiting')}</p>;
}

const FitView = later(() => import('./FitView').then(({ FitView }) => FitView), Waiting);
const ProfileView = later(() => import('./ProfileView').then(({ ProfileView }) => ProfileView), Waiting);
const CurveView = later(() => import('./CurveView').then(({ CurveView }) => CurveView), Waiting);
const DepthView = later(() => import('./DepthView').then(({ DepthView }) => DepthView), Waiting);
const CompactionView = later(() => import('./CompactionView').then(({ CompactionView }) => CompactionView), Waiting);
const AgeingView = later(() => import('./AgeingView').then(({ AgeingView }) => AgeingView), Waiting);
const WaterView = later(() => import('./WaterView').then(({ WaterView }) => WaterView), Waiting);
const YearView = later(() => import('./YearView').then(({ YearView }) => YearView), Waiting);
const TradeView = later(() => import('./TradeView').then(({ TradeView }) => TradeView), Waiting);
const TriangleView = later(() => import('./TriangleView').then(({ TriangleView }) => TriangleView), Waiting);
const MoreFigures = later(() => import('./MoreFigures').then(({ MoreFigures }) => MoreFigures), Waiting);

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
      <GradingSection evaluation={evaluation} />
    </>
  );
}
