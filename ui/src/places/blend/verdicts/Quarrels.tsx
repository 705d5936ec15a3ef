import type { Schemas } from '../../../api/client';
import type { MessageId } from '../../../i18n/words';
import type { Measure } from '../../../i18n/measures';
import { useWords, type Words } from '../../../i18n/words';
import blendStyles from '../blend.module.css';
import styles from './verdicts.module.css';

const SHARES =
  /^(share|air|otherAir|laterAir|drought|fit|otherFit|bare|stone|moss|floats|lost|cut|recovery|otherRecovery|ball|around|gap)$/;
/** Below this a mix keeps hardly any of a liquid feed, cmol/L. */

const MEASURES: Record<string, Measure> = {
  kg: 'kg',
  otherKg: 'kg',
  cm: 'cm',
  limit: 'cm',
  collar: 'cm',
  drop: 'cm',
  litres: 'L',
  otherLitres: 'L',
  water: 'L',
  otherWater: 'L',
};

/** Where growers differ and the question comes up here: both schools, with what each would have in this pot. */
export function Quarrels({ quarrels }: { quarrels: Schemas['Quarrel'][] }) {
  const words = useWords();
  const { t } = words;
  if (quarrels.length === 0) {
    return null;
  }

  return (
    <details className={`${blendStyles.notes} ${styles.quarrels}`}>
      <summary>{t('quarrel.title')}</summary>
      <dl>
        {quarrels.map(({ code, figures }) => (
          <div key={code}>
            <dt>{t(`quarrel.${code}` as MessageId)}</dt>
            <dd>{t(`quarrel.${code}.text` as MessageId, gaps(figures, words))}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}

/** The figures of a quarrel as its sentence wants them: shares as per cent, names as the catalogue has them. */
export function gaps(figures: Schemas['Quarrel']['figures'], { n, q, percent, month }: Words): Record<string, string> {
  const found: Record<string, string> = {
    stage: 'none',
    day: 'none',
    has: Number(figures['share'] ?? 0) > 0 ? 'yes' : 'no',
  };
  for (const [name, value] of Object.entries(figures)) {
    const gap = name
      .replace(/_(h|kg)$/, (_, unit: string) => (unit === 'kg' ? '_kg' : ''))
      .replace(/^wet_kg$/, 'kg')
      .replace(/^other_wet_kg$/, 'other_kg')
      .replace(/^frost_cycles$/, 'frost')
      .replace(/_(\w)/g, (_, letter: string) => letter.toUpperCase());
    if (value === null) {
      found[gap] = found[gap] ?? '–';
    } else if (typeof value === 'string') {
      found[gap] = value;
    } else if (gap === 'day') {
      const day = new Date(2026, 0, value);
      found[gap] = `${day.getDate()} ${month(day.getMonth())}`;
    } else {
      found[gap] = SHARES.test(gap)
        ? percent(value)
        : gap in MEASURES
          ? q(value, MEASURES[gap] as Measure)
          : n(value, 3);
    }
  }

  return found;
}
