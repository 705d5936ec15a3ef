import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';

/** One sentence: whether this way of watering serves this pot. */
export function useYearVerdict() {
  const { t } = useWords();

  return (year: Schemas['SeasonYear']) => {
    const want = year.sums.want_days[1] ?? 0;
    const wet = year.sums.wet_days[1] ?? 0;
    const words = {
      want: Math.round(want),
      longest: Math.round(year.sums.longest_want[1] ?? 0),
      wet: Math.round(wet),
    };
    if (want < 1 && wet < 1) {
      return `● ${t('potyear.serves')}`;
    }

    return [
      want >= 1 ? `${want >= 10 ? '■' : '◆'} ${t('potyear.wants', words)}` : '',
      wet >= 1 ? `◆ ${t('potyear.wetFeet', words)}` : '',
    ]
      .filter((text) => text !== '')
      .join(' ');
  };
}
