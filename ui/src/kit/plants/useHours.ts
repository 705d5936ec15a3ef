import { useWords } from '../../i18n/words';

/** Beyond this it is another season by then, with another thirst. */
const MOST_DAYS = 60;

/** How long water lasts: in hours up to three days, in days beyond; what would outlast the season is no number. */
export function useHours() {
  const { t, n } = useWords();

  return (hours: number) => {
    if (hours < 72) {
      return t('stick.hours', { hours: n(hours, 2) });
    }
    return hours > MOST_DAYS * 24
      ? t('stick.longer', { days: MOST_DAYS })
      : t('stick.days', { days: n(hours / 24, 2) });
  };
}
