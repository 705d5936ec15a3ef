import { useState } from 'react';
import { Button } from 'antd';
import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { CsvButton } from '../../kit/lists/CsvButton';
import { Scrolls } from '../../kit/Scrolls';
import common from '../../styles/common.module.css';
import styles from './outcomes.module.css';

const AT_FIRST = 20;

/** Who stands in a mix, and who stood in it. */
export function WhoStands({ outcome }: { outcome: Schemas['MixOutcome'] }) {
  const { t, n, day } = useWords();
  const [all, setAll] = useState(false);
  const plants = all ? outcome.plants : outcome.plants.slice(0, AT_FIRST);

  return (
    <section>
      <div className={styles.byHead}>
        <h2>{t('outcome.who')}</h2>
        <CsvButton
          name="zolbek-outcome"
          rows={outcome.plants.map(({ findings, ...row }) => ({ ...row, findings: findings.join(' ') }))}
        />
      </div>
      <Scrolls name={t('outcome.who')}>
        <table className={styles.by}>
          <thead>
            <tr>
              <th scope="col">{t('outcome.plant')}</th>
              <th scope="col">{t('outcome.where')}</th>
              <th scope="col">{t('outcome.from')}</th>
              <th scope="col">{t('outcome.until')}</th>
              <th scope="col">{t('outcome.sixWeeks')}</th>
              <th scope="col">{t('outcome.standsYears')}</th>
            </tr>
          </thead>
          <tbody>
            {plants.map((row) => (
              <tr key={`${row.plant_id} ${row.from}`}>
                <th scope="row">
                  <Link to={`/plants/${row.plant_id}`}>
                    {row.number} {row.name}
                  </Link>
                </th>
                <td>
                  {row.place} · {row.pot}
                </td>
                <td>{day(row.from)}</td>
                <td>
                  {row.ended_by === null
                    ? t('outcome.stillThere')
                    : `${t(`outcome.ended.${row.ended_by}`)} ${row.until === null ? '' : day(row.until)}`}
                </td>
                <td>{row.six_weeks === null ? '–' : t(`outcome.${row.six_weeks}`)}</td>
                <td>
                  {t('outcome.years', { years: n(Math.round(10 * row.years) / 10, 3) })}{' '}
                  <small>
                    {row.forecast_years === null
                      ? ''
                      : t('outcome.forecast', {
                          years: t('outcome.years', { years: n(Math.round(10 * row.forecast_years) / 10, 3) }),
                        })}
                  </small>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
      {outcome.plants.length > plants.length && (
        <Button className={common.noPrint} onClick={() => setAll(true)}>
          {t('outcome.all', { count: outcome.plants.length })}
        </Button>
      )}
      {outcome.left_out > 0 && <p className={common.quiet}>{t('outcome.leftOut', { count: outcome.left_out })}</p>}
    </section>
  );
}
