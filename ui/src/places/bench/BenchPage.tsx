import { Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useBenchPlans, useTests } from '../../api/bench';
import { useComponent, useLots } from '../../api/components';
import { useRecipe } from '../../api/recipes';
import { useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { useListQuery } from '../../kit/lists/useListQuery';
import { durationText } from './duration';
import { StartTest } from './StartTest';
import { TestNext } from './TestNext';
import { useFigures } from '../../kit/measured/useFigures';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './bench.module.css';

type Plan = Schemas['BenchPlan'];
type Test = Schemas['BenchTestSummary'];

/** What can be tested, what is half done, and what was found. */
export default function BenchPage() {
  const { t, date } = useWords();
  const figures = useFigures();
  const plans = useBenchPlans();
  const list = useListQuery('-started_at');
  const done = useTests({ ...list.query, archived: undefined, status: 'finished' });
  const unfinished = useTests({ status: 'running', per_page: 20 });
  const [parameters, setParameters] = useSearchParams();
  const [starting, setStarting] = useState<Plan | null>(null);
  const navigate = useNavigate();
  const asked = plans.data?.find((plan) => plan.kind === parameters.get('start')) ?? null;
  const plan = starting ?? asked;
  const [componentId, lotId, recipeId] = ['component', 'lot', 'recipe'].map(
    (name) => Number(parameters.get(name)) || null,
  ) as [number | null, number | null, number | null];
  const component = useComponent(componentId).data;
  const recipe = useRecipe(recipeId).data;
  const lot = useLots(lotId === null ? null : componentId).data?.data.find((each) => each.id === lotId);
  const subject = [component?.name ?? recipe?.name, lot?.name].filter((name) => name !== undefined).join(', ');
  const isMix = recipe !== undefined || (component !== undefined && component.source !== 'material');
  const suitable = (plans.data ?? []).filter(
    (each) => subject === '' || (isMix ? each.suits_mix : each.suits_component),
  );

  const closeStart = () => {
    setStarting(null);
    if (parameters.has('start')) {
      setParameters({}, { replace: true });
    }
  };

  return (
    <div className={`${common.listPage} ${styles.benchPage}`}>
      <ListHead title={t('bench.title')} search={list.search} setSearch={list.setSearch}>
        <Button onClick={() => void navigate('/bench/truth')}>{t('truth.link')}</Button>
        <Button onClick={() => void navigate('/bench/tools')}>{t('bench.tools')}</Button>
      </ListHead>
      {subject === '' ? (
        <p className={`${common.quiet} ${styles.benchLead}`}>{t('bench.lead')}</p>
      ) : (
        <p className={styles.benchSubject}>
          <strong>{t('bench.chooseFor', { name: subject })}</strong>{' '}
          <Button onClick={() => setParameters({})}>{t('bench.chooseAny')}</Button>
        </p>
      )}
      {(unfinished.data?.total ?? 0) > 0 && (
        <section>
          <h2>{t('bench.unfinished')}</h2>
          <ul className={styles.benchRunning}>
            {unfinished.data?.data.map((test) => (
              <li key={test.id}>
                <span>
                  <strong>{t(`bench.kind.${test.kind}`)}</strong> {test.name}
                  <span className={common.quiet}> · {date(test.started_at)}</span>
                </span>
                <DoButton be="helper" type="primary" onClick={() => void navigate(`/bench/tests/${test.id}`)}>
                  {t('bench.goOn')}
                </DoButton>
              </li>
            ))}
          </ul>
        </section>
      )}
      {subject === '' && <TestNext />}
      <section>
        <h2>{t('bench.begin')}</h2>
        <Plans plans={suitable.filter((each) => each.begin)} start={setStarting} />
        <h2>{t('bench.more')}</h2>
        <Plans plans={suitable.filter((each) => !each.begin)} start={setStarting} />
      </section>
      <section>
        <h2>{t('bench.done')}</h2>
        <ListTable<Test>
          found={done}
          list={list}
          empty={t(list.search === '' ? 'bench.emptyDone' : 'bench.emptySearch')}
          columns={[
            {
              key: 'kind',
              title: t('bench.test'),
              sorter: true,
              render: (_, test) => <Link to={`/bench/tests/${test.id}`}>{t(`bench.kind.${test.kind}`)}</Link>,
            },
            {
              key: 'name',
              title: t('bench.of'),
              sorter: true,
              render: (_, { name }) => name,
            },
            {
              key: 'result',
              title: t('bench.result'),
              render: (_, test) => (
                <>
                  {test.figures.slice(0, 2).map((figure) => (
                    <span key={figure.name} className={styles.benchFigure}>
                      {figures.name(figure.name)}{' '}
                      {figures.withUncertainty(figure.name, figure.mean, figure.uncertainty)}
                    </span>
                  ))}
                  {test.figures.length === 0 &&
                    Object.entries(test.findings).map(([name, value]) => (
                      <span key={name}>{t(`finding.${name}.${value}` as 'finding.lime.none')}</span>
                    ))}
                </>
              ),
            },
            {
              key: 'in_use',
              title: t('bins.basis'),
              render: (_, test) =>
                test.recipe_id === null || test.kind === 'mix_shrink' ? (
                  <span className={test.in_use ? '' : common.quiet}>
                    {t(test.in_use ? 'bench.inUse' : 'bench.notInUse')}
                  </span>
                ) : (
                  <span className={common.quiet}>–</span>
                ),
            },
            {
              key: 'started_at',
              title: t('bench.when'),
              sorter: true,
              render: (_, { finished_at }) => (finished_at === null ? '–' : date(finished_at)),
            },
            {
              key: 'person',
              title: t('bench.person'),
              render: (_, { person }) => <span className={common.quiet}>{person}</span>,
            },
          ]}
        />
      </section>
      {plan !== null && (
        <StartTest
          key={plan.kind}
          plan={plan}
          componentId={componentId}
          lotId={lotId}
          recipeId={recipeId}
          close={closeStart}
        />
      )}
    </div>
  );
}

function Plans({ plans, start }: { plans: Plan[]; start: (plan: Plan) => void }) {
  const { t } = useWords();
  return (
    <ul className={styles.benchPlans}>
      {plans.map((plan) => (
        <li key={plan.kind}>
          <div>
            <h3>{t(`bench.kind.${plan.kind}`)}</h3>
            <p>{t(`bench.why.${plan.kind}`)}</p>
            <p className={common.quiet}>
              {t('bench.minutes', { minutes: plan.minutes })}
              {plan.wait_minutes > 0 && `, ${t('bench.wait', { wait: durationText(plan.wait_minutes) })}`}
              {' · '}
              {plan.tools.map((tool) => t(`tool.${tool}`)).join(', ')}
            </p>
          </div>
          <DoButton
            be="helper"
            aria-label={t('bench.startOf', { test: t(`bench.kind.${plan.kind}`) })}
            type={plan.begin ? 'primary' : 'default'}
            onClick={() => start(plan)}
          >
            {t('bench.start')}
          </DoButton>
        </li>
      ))}
    </ul>
  );
}
