import { rules } from '../../api/meta';
import { useWords } from '../../i18n/words';

/** How long water lasts: in hours up to three days, in days beyond; what would outlast the season is no number. */
export function useHours() {
  const { t, n } = useWords();

  return (hours: number) => {
    if (hours < 72) {
      return t('stick.hours', { hours: n(hours, 2) });
    }
    return hours > rules.most_days_told * 24
      ? t('stick.longer', { days: rules.most_days_told })
      : t('stick.days', { days: n(hours / 24, 2) });
  };
}
