import type { Schemas } from '../../../api/client';
import { useMeta } from '../../../api/meta';
import type { MessageId } from '../../../i18n/words';
import type { Measure } from '../../../i18n/measures';
import { useWords } from '../../../i18n/words';
import styles from './picture.module.css';

type Format = 'share' | 'number' | `number ${string}` | 'money';

const MIX: [keyof Schemas['Evaluation']['mix'], Format][] = [
  ['packing_density', 'share'],
  ['inter_porosity', 'share'],
  ['total_porosity', 'share'],
  ['saturated_water', 'share'],
  ['theta_10', 'share'],
  ['theta_50', 'share'],
  ['theta_100', 'share'],
  ['bulk_density', 'number kg/L'],
  ['yield_share', 'number L'],
  ['sauter_mm', 'number mm'],
  ['median_head_cm', 'number cm'],
  ['head_spread', 'number'],
  ['flux_cm_s', 'number cm/s'],
  ['uniformity', 'number'],
  ['curvature', 'number'],
  ['fines_below_half_mm', 'share'],
  ['fines_below_1_mm', 'share'],
  ['cec_cmol_l', 'number cmol/L'],
  ['price_per_l', 'money'],
];

const POT: [Exclude<keyof Schemas['Evaluation']['pot'], 'mesh'>, Format][] = [
  ['volume_l', 'number L'],
  ['water_l', 'number L'],
  ['easy_l', 'number L'],
  ['buffer_l', 'number L'],
  ['slow_l', 'number L'],
  ['locked_l', 'number L'],
  ['dry_mix_kg', 'number kg'],
  ['open_hole_share', 'share'],
];

const MEASURED: Record<string, Measure> = { 'number L': 'L', 'number kg': 'kg' };

/** The laboratory's figures, for whoever wants them. */
export function MoreFigures({ evaluation }: { evaluation: Schemas['Evaluation'] }) {
  const { t } = useWords();

  return (
    <div className={styles.moreFigures}>
      <Figures title={t('more.mix')} rows={MIX.map(([key, format]) => [key, evaluation.mix[key], format])} />
      <Figures title={t('more.pot')} rows={POT.map(([key, format]) => [key, evaluation.pot[key], format])} />
    </div>
  );
}

function Figures({ title, rows }: { title: string; rows: [string, number | boolean | string | null, Format][] }) {
  const { t, n, q, percent, money } = useWords();
  const meta = useMeta();
  const show = (value: number | boolean | string | null, format: Format): string => {
    if (typeof value !== 'number') {
      return t('common.unknown');
    }
    if (format === 'share') {
      return percent(value, 1);
    }
    if (format === 'money') {
      return money(value, meta.data?.currency ?? 'EUR');
    }

    if (format in MEASURED) {
      return q(value, MEASURED[format] as Measure);
    }

    return `${n(value)} ${format.slice('number '.length)}`.trim();
  };

  return (
    <section>
      <h3>{title}</h3>
      <dl>
        {rows.map(([key, value, format]) => (
          <div key={key}>
            <dt>{t(`more.${key}` as MessageId)}</dt>
            <dd>{show(value, format)}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
