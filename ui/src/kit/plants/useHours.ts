import { useWords } from '../../i18n/words';

/** How long water lasts: in hours up to three days, in days beyond. */
export function useHours() {
  const { t, n } = useWords();

  return (hours: number) =>
    hours < 72 ? t('stick.hours', { hours: n(hours, 2) }) : t('stick.days', { days: n(hours / 24, 2) });
}
