import type { Schemas } from '../../../api/client';
import type { Running } from '../../../api/lines';
import type { MessageId } from '../../../i18n/words';
import { useWords } from '../../../i18n/words';
import styles from './find.module.css';
import common from '../../../styles/common.module.css';

/** How far a search has come, how many recipes were ruled out and by what, and what was not looked at. */
export function SearchProgress({ state, told }: { state: Running; told: Partial<Schemas['SearchLine']> }) {
  const { t, n, percent } = useWords();
  const { counts } = told;
  if (state === 'waiting') {
    return (
      <p className={styles.progress} role="status">
        {t('find.waiting')}
      </p>
    );
  }
  if (counts === undefined || state === 'idle' || state === 'failed') {
    return null;
  }
  const looked = counts.space - counts.not_looked_at;
  const ruled = counts.ruled_out.reduce((sum, each) => sum + each.recipes, 0);
  const numbers = {
    looked: n(looked, 9),
    space: n(counts.space, 9),
    judged: n(counts.judged, 9),
    ruled: n(ruled, 9),
    left: n(counts.not_looked_at, 9),
  };
  const bound =
    told.left_at_most == null ? t('find.bound.unknown') : t('find.bound.known', { fit: percent(told.left_at_most) });

  return (
    <div className={styles.progress}>
      {state === 'running' && (
        <div className={styles.bar} aria-hidden="true">
          <span style={{ width: `${Math.min(100, (100 * looked) / Math.max(1, counts.space))}%` }} />
        </div>
      )}
      <p role="status">
        {state === 'running'
          ? t('find.running', numbers)
          : state === 'stopped'
            ? t('find.stopped', numbers)
            : counts.not_looked_at > 0
              ? t('find.doneSome', { ...numbers, bound })
              : t('find.done', { ...numbers, space: counts.space })}
      </p>
      {state !== 'running' && counts.ruled_out.length > 0 && (
        <details className={common.quiet}>
          <summary>{t('find.ruledBy')}</summary>
          <ul>
            {counts.ruled_out.map(({ cause, recipes }) => (
              <li key={cause}>{t('find.ruledBy.n', { cause: t(wordOf(cause)), recipes: n(recipes, 9) })}</li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

const CRITERIA = [
  'air',
  'drought',
  'run_through',
  'ph',
  'later_ph',
  'float_share',
  'largest_grain',
  'wet_weight',
  'segregation',
];

/** A cause is a criterion, or a wish. */
function wordOf(cause: string): MessageId {
  return (CRITERIA.includes(cause) ? `verdict.${cause}` : `find.cause.${cause}`) as MessageId;
}
