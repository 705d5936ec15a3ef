import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import type { Schemas } from '../../api/client';
import { useTests } from '../../api/bench';
import { useWords } from '../../i18n/words';
import { Findings } from '../../kit/measured/ResultView';
import common from '../../styles/common.module.css';

/** What the bench found of a component, and the way to test it. */
export function TestsOf({ component }: { component: Schemas['Component'] }) {
  const { t, date } = useWords();
  const navigate = useNavigate();
  const tests = useTests({ status: 'finished', component_id: component.id, per_page: 10 });
  const rows = tests.data?.data ?? [];
  const findings = Object.fromEntries(
    Object.entries(component.measured.findings).map(([name, { value }]) => [name, value]),
  );
  return (
    <section>
      <h2>{t('component.tests')}</h2>
      {tests.isSuccess && rows.length === 0 && (
        <p className={common.quiet}>{t('component.noTests', { basis: t(`basis.${component.basis}`) })}</p>
      )}
      <Findings findings={findings} />
      <ul>
        {rows.map((test) => (
          <li key={test.id}>
            <Link to={`/bench/tests/${test.id}`}>{t(`bench.kind.${test.kind}`)}</Link>{' '}
            <span className={common.quiet}>
              {test.finished_at === null ? '' : date(test.finished_at)}
              {test.lot_id !== null && ` · ${test.name}`} · {t(test.in_use ? 'bench.inUse' : 'bench.notInUse')}
            </span>
          </li>
        ))}
      </ul>
      <Button onClick={() => void navigate(`/bench?component=${component.id}`)}>{t('component.doTest')}</Button>
    </section>
  );
}
