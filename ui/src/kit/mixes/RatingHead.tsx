import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { names, why } from './verdictWords';

const MARKS: Record<Schemas['Rating'], string> = { good: '●', workable: '◐', poor: '▲', lethal: '■' };

type Rated = Pick<Schemas['Evaluation'], 'rating' | 'fit' | 'verdicts'>;

/** The word of the whole first, then why; and where what is not known could turn it. */
export function RatingHead({ rated, hasSite = true }: { rated: Rated; hasSite?: boolean }) {
  const words = useWords();
  const { t, percent } = words;
  const close = rated.verdicts.filter((verdict) => verdict.close === true && !verdict.note);

  return (
    <div className={`rating rating-${rated.rating}`}>
      <p className="rating-word">
        <span aria-hidden="true">{MARKS[rated.rating]}</span> <strong>{t(`rating.${rated.rating}`)}</strong>
        <span className="fit">
          {t('blend.fit')} <strong>{percent(rated.fit)}</strong>
        </span>
      </p>
      <p className="rating-why">{why(rated.rating, rated.verdicts, words)}</p>
      {close.length > 0 && <p className="rating-close">◇ {t('rating.close', { criteria: names(close, t) })}</p>}
      {!hasSite && <p className="quiet">{t('rating.noSite')}</p>}
    </div>
  );
}

/** The word alone, for lists and tables. */
export function RatingWord({ rating }: { rating: Schemas['Rating'] }) {
  const { t } = useWords();

  return (
    <span className={`rating-tag rating-${rating}`}>
      <span aria-hidden="true">{MARKS[rating]}</span> {t(`rating.${rating}`)}
    </span>
  );
}
