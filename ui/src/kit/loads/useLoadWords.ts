import { useWords } from '../../i18n/words';
import type { LoadGroup, ScoopedLine } from './loads';

/** Loads and scoops in words. */
export function useLoadWords() {
  const { t, n, q } = useWords();

  return {
    /** "Loads 1 to 3". */
    name: (group: LoadGroup) =>
      group.from === group.to
        ? t('loads.one', { number: group.from })
        : t('loads.some', { from: group.from, to: group.to }),
    litres: (group: LoadGroup) =>
      group.from === group.to
        ? t('loads.of', { litres: q(group.litres, 'L') })
        : t('loads.each', { litres: q(group.litres, 'L') }),
    /** "2", "40 ml"; litres where nobody counted scoops. */
    scoops: (line: ScoopedLine) => {
      if (line.scoops === null) {
        return t('loads.of', { litres: q(line.litres, 'L') });
      }

      return line.scoops === 0 && line.ml > 0 ? q(line.ml / 1000, 'ml') : n(line.scoops);
    },
    /** "+ 40 ml", beside scoops. */
    besideScoops: (line: ScoopedLine) =>
      line.scoops === null || line.scoops === 0 || line.ml === 0 ? null : `+ ${q(line.ml / 1000, 'ml')}`,
    /** Which scoop is taken for a load, where it is not the one that was chosen. */
    otherScoop: (lines: ScoopedLine[], scoopL: number) => {
      const other = lines.find((line) => line.scoop_l !== null && line.scoop_l !== scoopL);
      return other?.scoop_l == null ? null : t('loads.scoopOf', { litres: q(other.scoop_l, 'L') });
    },
  };
}
