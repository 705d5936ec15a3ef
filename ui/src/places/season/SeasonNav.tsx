import { useWords } from '../../i18n/words';
import { PartsNav } from '../../kit/PartsNav';

const PARTS = [
  ['round', '/season'],
  ['year', '/season/year'],
  ['away', '/season/away'],
  ['weather', '/season/weather'],
  ['zones', '/season/zones'],
] as const;

/** The parts of a season, side by side. */
export function SeasonNav() {
  const { t } = useWords();

  return (
    <PartsNav label={t('nav.season')} parts={PARTS.map(([part, to]) => ({ to, name: t(`season.nav.${part}`) }))} />
  );
}
