import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import { useTests } from '../../../api/bench';
import { useWords } from '../../../i18n/words';
import { ComparedList } from '../../../kit/measured/ResultView';
import common from '../../../styles/common.module.css';
import blendStyles from '../blend.module.css';

/** What tests of this recipe found, laid over what is computed. */
export function MeasuredMix({ recipeId, compactionIndex }: { recipeId: number; compactionIndex: number | null }) {
  const { t, n, date } = useWords();
  const navigate = useNavigate();
  const tests = useTests({ status: 'finished', recipe_id: recipeId, per_page: 5 });
  const rows = tests.data?.data ?? [];
  return (
    <details className={blendStyles.notes} open={rows.length > 0}>
      <summary>{t('measured.title')}</summary>
      {rows.length === 0 && <p>{t('measured.none')}</p>}
      {compactionIndex !== null && <p>{t('measured.index', { index: n(compactionIndex) })}</p>}
      {rows.map((test) => (
        <div key={test.id}>
          <Link to={`/bench/tests/${test.id}`}>{t(`bench.kind.${test.kind}`)}</Link>{' '}
          <span className={common.quiet}>{test.finished_at === null ? '' : date(test.finished_at)}</span>
          <ComparedList compared={test.compared} bare />
        </div>
      ))}
      <Button onClick={() => void navigate(`/bench?recipe=${recipeId}`)}>{t('measured.test')}</Button>
    </details>
  );
}
