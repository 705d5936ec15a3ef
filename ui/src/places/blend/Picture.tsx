import { useMemo } from 'react';

import type { Schemas } from '../../api/client';
import { GradingStrip } from '../../drawing/GradingStrip';
import { LedgerBar } from '../../drawing/LedgerBar';
import { type DrawnMaterial, PotSection } from '../../drawing/PotSection';
import { useWords } from '../../i18n/words';
import type { Layer, MixRow } from './blendState';

interface Props {
  evaluation: Schemas['Evaluation'];
  rows: MixRow[];
  layer: Layer | null;
  potName: string;
}

/** What the mix does in the pot, drawn: section, ledger and grain sizes. */
export function Picture({ evaluation, rows, layer, potName }: Props) {
  const { t, n, percent } = useWords();
  const { section, pot, mix, without_layer: without } = evaluation;
  const materials = useMemo(() => drawn(evaluation, rows), [evaluation, rows]);
  const layerMaterial = useMemo<DrawnMaterial | null>(
    () =>
      section.layer === null || layer === null
        ? null
        : { id: 'layer', kind: layer.kind, colour: layer.colour, classShares: section.layer.class_shares },
    [section.layer, layer],
  );

  return (
    <>
      <figure>
        <PotSection
          section={section}
          materials={materials}
          layerMaterial={layerMaterial}
          packing={mix.packing_density}
          wetFootCm={pot.wet_foot_cm}
          title={t('section.alt', {
            pot: potName,
            depth: n(section.depth_cm),
            air: percent(pot.air),
            water: n(pot.water_l),
            foot: n(Math.max(0, pot.wet_foot_cm - section.bottom_cm), 2),
          })}
        />
        <figcaption>{t('section.holds', { litres: n(pot.volume_l), water: n(pot.water_l) })}</figcaption>
      </figure>
      {without !== null && (
        <p className="without-layer">
          {t('section.withoutLayer', {
            air: percent(without.air),
            water: n(without.water_l),
            volume: n(without.volume_l),
            foot: n(without.wet_foot_cm, 2),
            airWith: percent(pot.air),
            waterWith: n(pot.water_l),
            volumeWith: n(pot.volume_l),
          })}
        </p>
      )}
      <LedgerBar ledger={evaluation.ledger} volumeL={pot.volume_l} />
      <section aria-label={t('grading.title')}>
        <GradingStrip
          finesBelowHalf={mix.fines_below_half_mm}
          materials={materials}
          quantiles={[
            { q: 10, sizeMm: mix.d10_mm },
            { q: 50, sizeMm: mix.d50_mm },
            { q: 90, sizeMm: mix.d90_mm },
          ]}
        />
      </section>
    </>
  );
}

/** The evaluated components with the forms and colours of the rows they came from. */
function drawn(evaluation: Schemas['Evaluation'], rows: MixRow[]): DrawnMaterial[] {
  return evaluation.grading.components.map((component) => {
    const row = rows.find((each) => each.componentId === component.component_id);

    return {
      id: String(component.component_id),
      kind: row?.kind ?? 'solid stone',
      colour: row?.colour ?? '#9c9184',
      classShares: component.class_shares,
    };
  });
}
