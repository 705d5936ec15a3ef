import { Input, Select } from 'antd';
import { useId } from 'react';
import { useSieveSets } from '../../api/bench';
import { useWords } from '../../i18n/words';
import { aperturesOf, type Draft } from '../../kit/measured/readings';
import common from '../../styles/common.module.css';
import styles from './bench.module.css';

/** Openings of the principal and supplementary series of ISO 565, as usual for substrates. */
const STANDARD = [
  [16, 8, 4, 2, 1, 0.5],
  [8, 5.6, 4, 2.8, 2, 1, 0.5, 0.25],
  [31.5, 16, 8, 4, 2, 1, 0.5, 0.25, 0.125, 0.063],
];

interface Props {
  draft: Draft;
  error: string | undefined;
  change: (apertures: string) => void;
}

/** Which sieves are used: a set of one's own, a standard series, or typed. */
export function SieveSetPicker({ draft, error, change }: Props) {
  const { t, n } = useWords();
  const id = useId();
  const sets = useSieveSets();
  const chosen = aperturesOf(draft).join(' ');
  const text = (apertures: number[]) => apertures.map((aperture) => n(aperture)).join(', ');
  const options = [
    ...(sets.data?.data ?? []).map((set) => ({
      value: set.apertures.join(' '),
      label: `${set.name}: ${text(set.apertures)} mm`,
    })),
    ...STANDARD.map((apertures) => ({
      value: apertures.join(' '),
      label: t('bench.isoSet', { apertures: text(apertures) }),
    })),
  ];
  return (
    <div className={styles.testField}>
      <span className={styles.testLabel}>{t('bench.sieveSet')}</span>
      <Select
        size="large"
        className={styles.wide}
        aria-label={t('bench.sieveSetPick')}
        placeholder={t('bench.sieveSetPick')}
        value={options.some((option) => option.value === chosen) ? chosen : null}
        options={options}
        onChange={change}
      />
      <label className={styles.testLabel} htmlFor={id}>
        {t('tools.apertures')}
      </label>
      <Input
        id={id}
        size="large"
        value={draft.setup['apertures'] ?? ''}
        placeholder={t('tools.aperturesHint')}
        inputMode="decimal"
        onChange={(event) => change(event.target.value)}
      />
      {error !== undefined && (
        <p className={common.fieldError} role="alert">
          {error}
        </p>
      )}
    </div>
  );
}
