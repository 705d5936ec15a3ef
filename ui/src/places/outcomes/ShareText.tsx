import type { Schemas } from '../../api/client';
import { ShareBar } from '../../drawing/ShareBar';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './outcomes.module.css';

/** A share of few plants: how many of how many, and between what it lies. */
export function ShareText({ of, bar = true }: { of: Schemas['Share'] | null; bar?: boolean }) {
  const { t, percent } = useWords();

  return of === null ? (
    <span className={common.quiet}>{t('outcome.nobodyLooked')}</span>
  ) : (
    <span className={styles.share}>
      {bar && <ShareBar share={of.share} low={of.low} high={of.high} />}
      <span>
        {t('outcome.of', { hits: of.hits, cases: of.cases })}{' '}
        <small>
          {percent(of.share)} ({percent(of.low)} – {percent(of.high)}){of.few && ` ${t('outcome.few')}`}
        </small>
      </span>
    </span>
  );
}
