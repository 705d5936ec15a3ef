import { useWords } from '../../i18n/words';
import type { LoadGroup, ScoopedLine } from './loads';

/** Loads and scoops in words. */
export function useLoadWords() {
  const { t, n } = useWords();

  return {
    /** "Loads 1 to 3". */
    name: (group: LoadGroup) =>
      group.from === group.to
        ? t('loads.one', { number: group.from })
        : t('loads.some', { from: group.from, to: group.to }),
    litres: (group: LoadGroup) =>
      group.from === group.to
        ? t('loads.of', { litres: n(group.litres) })
        : t('loads.each', { litres: n(group.litres) }),
    /** "2", "40 ml"; litres where nobody counted scoops. */
    scoops: (line: ScoopedLine) => {
      if (line.scoops === null) {
        return t('loads.of', { litres: n(line.litres) });
      }

      return line.scoops === 0 && line.ml > 0 ? t('loads.ml', { ml: n(line.ml) }) : n(line.scoops);
    },
    /** "+ 40 ml", beside scoops. */
    besideScoops: (line: ScoopedLine) =>
      line.scoops === null || line.scoops === 0 || line.ml === 0 ? null : t('loads.andMl', { ml: n(line.ml) }),
    /** Which scoop is taken for a load, where it is not the one that was chosen. */
    otherScoop: (lines: ScoopedLine[], scoopL: number) => {
      const other = lines.find((line) => line.scoop_l !== null && line.scoop_l !== scoopL);
      return other?.scoop_l == null ? null : t('loads.scoopOf', { litres: n(other.scoop_l) });
    },
  };
}
