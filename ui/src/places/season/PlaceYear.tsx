import { Form, Spin } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useLastGood } from '../../api/lastGood';
import { askPlaceYear } from '../../api/season';
import { useWords } from '../../i18n/words';
import { Trouble } from '../../kit/forms/Trouble';
import { CsvButton } from '../../kit/lists/CsvButton';
import { type Coming, comingOf, USUAL } from '../../kit/season/coming';
import { ComingForm } from '../../kit/season/ComingForm';
import { useTyped } from '../../kit/season/useTyped';
import { Scrolls } from '../../kit/Scrolls';
import common from '../../styles/common.module.css';
import { PlaceField } from './PlaceField';
import styles from './season.module.css';

/** All pots of a place through a year: who wants most, and the litres that it takes, month by month. */
export function PlaceYear() {
  const { t } = useWords();
  const [place, setPlace] = useState<string | null>(null);
  const [way, setWay] = useState<Coming>(USUAL);
  const coming = comingOf(way);
  const asked = useTyped<Schemas['PlaceYearInput']>(
    coming === null ? null : { coming, ...(place === null ? {} : { place }) },
  );
  const { data, fresh, problem, unreachable } = useLastGood('season-place', asked, askPlaceYear);

  return (
    <section aria-labelledby="place-year">
      <h2 id="place-year">{t('year.places')}</h2>
      <Form layout="vertical" className={styles.ask}>
        <PlaceField value={place} change={setPlace} />
      </Form>
      <ComingForm form={way} change={setWay} />
      {problem !== undefined && <Trouble error={problem} />}
      {unreachable && <p role="alert">{t('problem.offline')}</p>}
      {data === undefined ? (
        problem === undefined && (
          <p className={common.quiet}>
            <Spin size="small" /> {t('year.waitingPlace')}
          </p>
        )
      ) : data.plants.length === 0 ? (
        <p className={common.quiet}>{t('away.none')}</p>
      ) : (
        <div className={fresh ? undefined : common.notFresh} aria-busy={!fresh}>
          <Answer year={data} />
        </div>
      )}
    </section>
  );
}

function Answer({ year }: { year: Schemas['PlaceYear'] }) {
  const { t, n, q, month } = useWords();
  const wanting = year.plants.filter(({ want_days }) => want_days >= 1).length;
  const litres = year.given_l.reduce((sum, each) => sum + each, 0);

  return (
    <>
      <p className={styles.sums} data-place-year>
        {t('year.placeSays', {
          count: year.plants.length,
          want: wanting,
          litres: q(litres, 'L'),
          unknown: year.unknown,
        })}
      </p>
      <Scrolls name={t('year.months')}>
        <table className={`${common.viewTable} ${styles.months}`}>
          <caption>{t('year.months')}</caption>
          <thead>
            <tr>
              {year.given_l.map((_, i) => (
                <th key={i} scope="col">
                  {month(i, 'short')}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <tr>
              {year.given_l.map((given, i) => (
                <td key={i}>{n(given, 3)}</td>
              ))}
            </tr>
          </tbody>
        </table>
      </Scrolls>
      <Scrolls name={t('year.pots', { runs: year.runs })}>
        <table className={common.viewTable}>
          <caption>{t('year.pots', { runs: year.runs })}</caption>
          <thead>
            <tr>
              <th scope="col">{t('year.plant')}</th>
              <th scope="col">{t('potyear.sum.want_days')}</th>
              <th scope="col">{t('potyear.sum.longest_want')}</th>
              <th scope="col">{t('potyear.sum.wet_days')}</th>
              <th scope="col">{t('potyear.sum.waterings')}</th>
              <th scope="col">{t('potyear.sum.given_l')}</th>
              <th scope="col">{t('potyear.sum.drained_l')}</th>
            </tr>
          </thead>
          <tbody>
            {year.plants.map((plant) => (
              <tr key={plant.id}>
                <th scope="row">
                  <Link to={`/season/year?plant=${plant.id}`}>
                    {plant.number} {plant.name}
                  </Link>{' '}
                  <small className={common.quiet}>
                    {[plant.place, plant.pot].filter((text) => text !== null && text !== '').join(' · ')}
                  </small>
                </th>
                <td>{n(plant.want_days, 3)}</td>
                <td>{n(plant.longest_want, 3)}</td>
                <td>{n(plant.wet_days, 3)}</td>
                <td>{n(plant.waterings, 3)}</td>
                <td>{q(plant.given_l, 'L')}</td>
                <td>{q(plant.drained_l, 'L')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
      {year.total > year.plants.length + year.unknown && (
        <p className={common.quiet}>
          {t('walk.more', { shown: year.plants.length + year.unknown, total: year.total })}
        </p>
      )}
      <CsvButton name="zolbek-place-year" rows={year.plants.map((plant) => ({ ...plant }))} />
    </>
  );
}
