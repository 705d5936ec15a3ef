import { Link } from 'react-router';

import { useNextTests } from '../../api/bench';
import { useWords } from '../../i18n/words';
import { durationText } from './duration';
import common from '../../styles/common.module.css';

const TOLD = 3;

/** The single tests that would tell most about the recipes in use; nothing where no verdict is open. */
export function TestNext() {
  const { t, percent } = useWords();
  const next = useNextTests().data;
  if (next === undefined || next.open === 0 || next.data.length === 0) {
    return null;
  }

  return (
    <section aria-label={t('bench.testNext')}>
      <h2>{t('bench.testNext')}</h2>
      <p className={common.quiet}>{t('bench.testNextOpen', { open: next.open, recipes: next.recipes })}</p>
      <ol>
        {next.data.slice(0, TOLD).map((test) => (
          <li key={`${test.kind} ${test.name}`}>
            <Link
              to={`/bench?start=${test.kind}&${test.component_id === null ? `recipe=${test.recipe_id ?? 0}` : `component=${test.component_id}`}`}
            >
              {t(`bench.kind.${test.kind}`)}: {test.name}
            </Link>{' '}
            <span className={common.quiet}>
              {durationText(test.minutes)} ·{' '}
              {test.settles > 0
                ? t('bench.testNextSettles', { count: test.settles })
                : t('bench.testNextNarrows', { share: percent(test.narrows, 1) })}{' '}
              · {test.recipes.join(', ')}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
