import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

const KMH_PER_MS = 3.6;

/** The gusts that a plant stands in its pot, and what it lacks for the one that is to be reckoned with. */
export function Topples({ topple }: { topple: Schemas['Topple'] }) {
  const { t, n, q } = useWords();
  const kmh = (ms: number) => n(Math.round(ms * KMH_PER_MS));

  return (
    <>
      <p>
        {t('topple.stands', { wet: kmh(topple.wet_ms), dry: kmh(topple.dry_ms) })}
        {topple.loose_ms !== null &&
          topple.stones_ms !== null &&
          ` ${t('topple.loose', { loose: kmh(topple.loose_ms), stones: kmh(topple.stones_ms) })} ${t('topple.least', { least: topple.least })}`}
      </p>
      {topple.lacks_kg > 0 && (
        <p className={common.mind}>
          ◆ {t('topple.lacks', { storm: kmh(topple.storm_ms), kg: q(topple.lacks_kg, 'kg') })}
        </p>
      )}
    </>
  );
}
