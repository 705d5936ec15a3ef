import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

/** What lies above and does not stay out of what lies beneath it, with what comes of it and what helps. */
export function LayerPairs({ pairs }: { pairs: Schemas['LayerPair'][] }) {
  const { t, n, q } = useWords();

  return pairs
    .filter((pair) => !pair.holds)
    .map((pair) => (
      <p key={`${pair.upper} ${pair.lower}`} className={common.mind}>
        ◆{' '}
        {pair.lower === 'mesh'
          ? t('layers.throughMesh', { upper: t(`layers.${pair.upper}`) })
          : t('layers.sifts', {
              upper: t(`layers.${pair.upper}`),
              lower: t(`layers.${pair.lower}`),
              ratio: n(pair.ratio ?? 0, 2),
              litres: q(pair.sifts_l, 'L'),
              air: q(pair.air_lost_l, 'L'),
            })}
      </p>
    ));
}
