import { memo, useMemo } from 'react';

import type { Schemas } from '../../../api/client';
import { LedgerBar } from '../../../drawing/LedgerBar';
import { PotSection } from '../../../drawing/PotSection';
import { useWords } from '../../../i18n/words';
import { CsvButton } from '../../../kit/lists/CsvButton';
import { drawn } from '../state/drawn';
import styles from './picture.module.css';

interface Props {
  evaluation: Schemas['Evaluation'];
  potName: string;
}

/** What the mix does in the pot, drawn: section and ledger. Drawn anew only for a new answer. */
export const Picture = memo(function Picture({ evaluation, potName }: Props) {
  const { t, n, percent, q } = useWords();
  const { section, pot, mix, without_layer: without } = evaluation;
  const materials = useMemo(() => drawn(evaluation), [evaluation]);

  const rows = [
    ...section.profile.map((point) => ({ what: 'height', at: point.z_cm, ...point })),
    ...Object.entries(evaluation.ledger).map(([what, share]) => ({ what, at: null, share })),
    ...evaluation.grading.curve.map((point) => ({ what: 'passing', at: point.size_mm, share: point.passing })),
  ].map((row) => ({ z_cm: null, saturation: null, theta: null, air: null, share: null, ...row }));

  return (
    <>
      <figure>
        <PotSection
          section={section}
          materials={materials}
          packing={mix.packing_density}
          wetFootCm={pot.wet_foot_cm}
          contents={evaluation.contents}
          title={t('section.alt', {
            pot: potName,
            depth: q(section.depth_cm, 'cm'),
            air: percent(pot.air),
            water: q(pot.water_l, 'L'),
            foot: q(Math.max(0, pot.wet_foot_cm - section.bottom_cm), 'cm'),
          })}
        />
        <figcaption>
          {t('section.holds', { litres: q(pot.volume_l, 'L'), water: q(pot.water_l, 'L') })}{' '}
          <CsvButton name="zolbek-section" rows={rows} />
        </figcaption>
      </figure>
      {without !== null && (
        <p className={styles.withoutLayer}>
          {t('section.withoutLayer', {
            air: percent(without.air),
            water: q(without.water_l, 'L'),
            volume: q(without.volume_l, 'L'),
            foot: q(without.wet_foot_cm, 'cm'),
            airWith: percent(pot.air),
            waterWith: q(pot.water_l, 'L'),
            volumeWith: q(pot.volume_l, 'L'),
          })}
        </p>
      )}
      {evaluation.without_dressing !== null && (
        <p className={styles.withoutLayer}>
          {t('section.withoutDressing', {
            air: percent(evaluation.without_dressing.air),
            water: q(evaluation.without_dressing.water_l, 'L'),
            volume: q(evaluation.without_dressing.volume_l, 'L'),
            airWith: percent(pot.air),
            waterWith: q(pot.water_l, 'L'),
            volumeWith: q(pot.volume_l, 'L'),
          })}
        </p>
      )}
      {pot.mesh !== null && (!pot.mesh.holds || pot.mesh.may_clog) && (
        <p className={styles.meshNote}>
          {t('section.mesh', {
            aperture: n(pot.mesh.aperture_mm),
            holds: pot.mesh.holds ? 'yes' : 'no',
            lost: percent(pot.mesh.lost_share),
            clogs: pot.mesh.may_clog ? 'yes' : 'no',
          })}
        </p>
      )}
      <LedgerBar ledger={evaluation.ledger} volumeL={pot.volume_l} />
    </>
  );
});
