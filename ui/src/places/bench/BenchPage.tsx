import { Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useBenchPlans, useTests } from '../../api/bench';
import { useWords } from '../../i18n/words';
import { ListHead } from '../common/ListHead';
import { ListTable } from '../common/ListTable';
import { useListQuery } from '../common/useListQuery';
import { durationText } from './duration';
import { StartTest } from './StartTest';
import { useFigures } from './useFigures';

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

  const closeStart = () => {
    setStarting(null);
    setParameters({}, { replace: true });
  };

  return (
    <div className="list-page bench-page">
      <ListHead title={t('bench.title')} search={list.search} setSearch={list.setSearch}>
        <Button onClick={() => void navigate('/bench/tools')}>{t('bench.tools')}</Button>
      </ListHead>
      <p className="quiet bench-lead">{t('bench.lead')}</p>
      {(unfinished.data?.total ?? 0) > 0 && (
        <section>
          <h2>{t('bench.unfinished')}</h2>
          <ul className="bench-running">
            {unfinished.data?.data.map((test) => (
              <li key={test.id}>
                <span>
                  <strong>{t(`bench.kind.${test.kind}`)}</strong> {test.name}
                  <span className="quiet"> · {date(test.started_at)}</span>
                </span>
                <Button type="primary" onClick={() => void navigate(`/bench/tests/${test.id}`)}>
                  {t('bench.goOn')}
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section>
        <h2>{t('bench.begin')}</h2>
        <Plans plans={(plans.data ?? []).filter((each) => each.begin)} start={setStarting} />
        <h2>{t('bench.more')}</h2>
        <Plans plans={(plans.data ?? []).filter((each) => !each.begin)} start={setStarting} />
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
              sortOrder: list.sortOrder('kind'),
              render: (_, test) => <Link to={`/bench/tests/${test.id}`}>{t(`bench.kind.${test.kind}`)}</Link>,
            },
            {
              key: 'name',
              title: t('bench.of'),
              sorter: true,
              sortOrder: list.sortOrder('name'),
              render: (_, { name }) => name,
            },
            {
              key: 'result',
              title: t('bench.result'),
              render: (_, test) => (
                <>
                  {test.figures.slice(0, 2).map((figure) => (
                    <span key={figure.name} className="bench-figure">
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
                  <span className={test.in_use ? '' : 'quiet'}>
                    {t(test.in_use ? 'bench.inUse' : 'bench.notInUse')}
                  </span>
                ) : (
                  <span className="quiet">–</span>
                ),
            },
            {
              key: 'started_at',
              title: t('bench.when'),
              sorter: true,
              sortOrder: list.sortOrder('started_at'),
              render: (_, { finished_at }) => (finished_at === null ? '–' : date(finished_at)),
            },
            {
              key: 'person',
              title: t('bench.person'),
              render: (_, { person }) => <span className="quiet">{person}</span>,
            },
          ]}
        />
      </section>
      {plan !== null && (
        <StartTest
          key={plan.kind}
          plan={plan}
          componentId={Number(parameters.get('component')) || null}
          lotId={Number(parameters.get('lot')) || null}
          recipeId={Number(parameters.get('recipe')) || null}
          close={closeStart}
        />
      )}
    </div>
  );
}

function Plans({ plans, start }: { plans: Plan[]; start: (plan: Plan) => void }) {
  const { t } = useWords();
  return (
    <ul className="bench-plans">
      {plans.map((plan) => (
        <li key={plan.kind}>
          <div>
            <h3>{t(`bench.kind.${plan.kind}`)}</h3>
            <p>{t(`bench.why.${plan.kind}`)}</p>
            <p className="quiet">
              {t('bench.minutes', { minutes: plan.minutes })}
              {plan.wait_minutes > 0 && `, ${t('bench.wait', { wait: durationText(plan.wait_minutes) })}`}
              {' · '}
              {plan.tools.map((tool) => t(`tool.${tool}`)).join(', ')}
            </p>
          </div>
          <Button
            aria-label={t('bench.startOf', { test: t(`bench.kind.${plan.kind}`) })}
            type={plan.begin ? 'primary' : 'default'}
            onClick={() => start(plan)}
          >
            {t('bench.start')}
          </Button>
        </li>
      ))}
    </ul>
  );
}
