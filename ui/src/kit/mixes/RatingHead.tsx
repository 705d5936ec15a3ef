import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { names, why } from './verdictWords';
import styles from './mixes.module.css';
import common from '../../styles/common.module.css';

const MARKS: Record<Schemas['Rating'], string> = { good: '●', workable: '◐', poor: '▲', lethal: '■' };

type Rated = Pick<Schemas['Evaluation'], 'rating' | 'fit' | 'verdicts'>;

/** The word of the whole first, then why; and where what is not known could turn it. */
export function RatingHead({ rated, hasSite = true }: { rated: Rated; hasSite?: boolean }) {
  const words = useWords();
  const { t, percent } = words;
  const close = rated.verdicts.filter((verdict) => verdict.close === true && !verdict.note);

  return (
    <div className={`${styles.rating} ${styles[`rating-${rated.rating}`]}`}>
      <p className={styles.ratingWord}>
        <span aria-hidden="true">{MARKS[rated.rating]}</span> <strong>{t(`rating.${rated.rating}`)}</strong>
        <span className={styles.fit}>
          {t('blend.fit')} <strong>{percent(rated.fit)}</strong>
        </span>
      </p>
      <p className={styles.ratingWhy}>{why(rated.rating, rated.verdicts, words)}</p>
      {close.length > 0 && <p className={styles.ratingClose}>◇ {t('rating.close', { criteria: names(close, t) })}</p>}
      {!hasSite && <p className={common.quiet}>{t('rating.noSite')}</p>}
    </div>
  );
}

/** The word alone, for lists and tables. */
export function RatingWord({ rating }: { rating: Schemas['Rating'] }) {
  const { t } = useWords();

  return (
    <span className={`${styles.ratingTag} ${styles[`rating-${rating}`]}`}>
      <span aria-hidden="true">{MARKS[rating]}</span> {t(`rating.${rating}`)}
    </span>
  );
}
