import type { Schemas } from '../../api/client';
import { type Curve, CurveChart, CurveKey } from '../../drawing/CurveChart';
import { useWords } from '../../i18n/words';

const HEADS = [1, 3, 10, 30, 100, 300, 1000, 3000, 15_000];

/** Water held by suction, in the grains and in the gaps between them. */
export function RetentionChart({ sheet }: { sheet: Schemas['ComponentSheet'] }) {
  const { t, n, percent } = useWords();
  const curves: Curve[] = [
    {
      label: t('component.between'),
      colour: '#8fc3e6',
      filled: true,
      points: sheet.retention.map((point) => ({ x: point.head_cm, y: point.between + point.inside })),
    },
    {
      label: t('component.inside'),
      colour: '#1f5f8b',
      filled: true,
      points: sheet.retention.map((point) => ({ x: point.head_cm, y: point.inside })),
    },
  ];

  return (
    <figure>
      <CurveChart
        title={t('component.retentionAlt', {
          at10: percent(sheet.poured.theta_10),
          at100: percent(sheet.poured.theta_100),
        })}
        curves={curves}
        xTicks={HEADS}
        xLabel={t('component.retentionX')}
        yLabel={t('component.retentionY')}
        xText={(head) => n(head)}
        yText={(share) => percent(share)}
        yTop={Math.max(0.5, sheet.poured.saturated_water)}
      />
      <CurveKey curves={curves} />
    </figure>
  );
}
