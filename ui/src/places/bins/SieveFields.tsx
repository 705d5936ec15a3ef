import { Button, Input } from 'antd';
import type { ReactNode } from 'react';

import { useWords } from '../../i18n/words';
import type { ComponentForm, SieveRow } from './componentForm';
import styles from './bins.module.css';
import common from '../../styles/common.module.css';

interface Props {
  form: ComponentForm;
  change: (changed: Partial<ComponentForm>) => void;
  errorAt: (path: string) => string | undefined;
  extra: ReactNode;
}

/** Mass left on each sieve, coarsest first, and in the pan. */
export function SieveFields({ form, change, errorAt, extra }: Props) {
  const { t } = useWords();
  const set = (i: number, changed: Partial<SieveRow>) =>
    change({ sieve: form.sieve.map((row, at) => (at === i ? { ...row, ...changed } : row)) });

  return (
    <div className={styles.sieveFields}>
      <h3>{t('bins.section.sieve')}</h3>
      <p className={common.quiet}>{t('bins.sieveHint')}</p>
      <table className={common.plainTable}>
        <thead>
          <tr>
            <th scope="col">{t('bins.aperture')}</th>
            <th scope="col">{t('bins.retained')}</th>
            <th>
              <span className={common.visuallyHidden}>{t('common.actions')}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {form.sieve.map((row, i) => {
            const error = errorAt(`sieve row ${i}`) ?? errorAt(`sieve.${row.aperture}`);

            return (
              <tr key={i}>
                <td>
                  <Input
                    value={row.aperture}
                    inputMode="decimal"
                    status={error === undefined ? '' : 'error'}
                    aria-label={`${t('bins.aperture')} ${i + 1}`}
                    onChange={(event) => set(i, { aperture: event.target.value })}
                  />
                </td>
                <td>
                  <Input
                    value={row.retained}
                    inputMode="decimal"
                    status={error === undefined ? '' : 'error'}
                    aria-label={`${t('bins.retained')} ${row.aperture} mm`}
                    onChange={(event) => set(i, { retained: event.target.value })}
                  />
                  {error !== undefined && <p className={common.fieldError}>{error}</p>}
                </td>
                <td>
                  <Button
                    type="text"
                    aria-label={t('bins.removeSieve', { aperture: row.aperture })}
                    onClick={() => change({ sieve: form.sieve.filter((_, at) => at !== i) })}
                  >
                    ×
                  </Button>
                </td>
              </tr>
            );
          })}
          <tr>
            <th scope="row">{t('bins.pan')}</th>
            <td>
              <Input
                value={form.pan}
                inputMode="decimal"
                status={errorAt('sieve.pan') === undefined ? '' : 'error'}
                aria-label={t('bins.pan')}
                onChange={(event) => change({ pan: event.target.value })}
              />
            </td>
            <td />
          </tr>
        </tbody>
      </table>
      {errorAt('sieve') !== undefined && (
        <p className={common.fieldError} role="alert">
          {errorAt('sieve')}
        </p>
      )}
      <div className={styles.sieveMore}>
        <Button onClick={() => change({ sieve: [...form.sieve, { aperture: '', retained: '' }] })}>
          {t('bins.addSieve')}
        </Button>
        {extra}
      </div>
    </div>
  );
}
