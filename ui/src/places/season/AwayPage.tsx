import { Button, Form, Spin } from 'antd';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';

import type { Schemas } from '../../api/client';
import { useAway } from '../../api/season';
import { typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { CsvButton } from '../../kit/lists/CsvButton';
import { useTyped } from '../../kit/season/useTyped';
import { Scrolls } from '../../kit/Scrolls';
import common from '../../styles/common.module.css';
import { HelpsDrawer } from './HelpsDrawer';
import { PlaceField } from './PlaceField';
import { SeasonNav } from './SeasonNav';
import styles from './season.module.css';

const LONGEST = 120;

/** Nobody comes for some days: which pots survive it, worst first, and what to do with the rest. */
export default function AwayPage() {
  const { t, n, percent } = useWords();
  const [params, setParams] = useSearchParams();
  const today = localDay(new Date());
  const from = params.get('from') ?? today;
  const place = params.get('place');
  const [typed, setTyped] = useState(params.get('days') ?? '7');
  const days = typedNumber(typed);
  const isWrong = days === null || days < 1 || days > LONGEST || !Number.isInteger(days);
  const isPast = from < today;
  const asked = useTyped<Schemas['AwayInput']>(
    isWrong || isPast ? null : { days, ...(from === today ? {} : { from }), ...(place === null ? {} : { place }) },
  );
  const found = useAway(asked);
  const [helping, setHelping] = useState<Schemas['AwayPlant'] | null>(null);
  const set = (name: string, value: string | null) =>
    setParams(
      (now) => {
        if (value === null) {
          now.delete(name);
        } else {
          now.set(name, value);
        }

        return now;
      },
      { replace: true },
    );
  const answer = found.data;
  const want = answer?.plants.filter((plant) => (plant.first_want[1] ?? 0) <= answer.days).length ?? 0;

  return (
    <div className={styles.page}>
      <SeasonNav />
      <header className={common.listHead}>
        <h1>{t('away.title')}</h1>
      </header>
      <Form layout="vertical" className={styles.ask}>
        <Form.Item
          label={t('away.from')}
          htmlFor="away-from"
          validateStatus={isPast ? 'error' : ''}
          help={isPast ? t('away.fromWrong') : undefined}
        >
          <input
            id="away-from"
            type="date"
            className={styles.date}
            min={today}
            value={from}
            onChange={({ target }) => set('from', target.value === '' || target.value === today ? null : target.value)}
          />
        </Form.Item>
        <NumberField
          label={t('away.days')}
          value={typed}
          error={isWrong ? t('away.daysWrong') : undefined}
          onChange={(text) => {
            setTyped(text);
            set('days', text);
          }}
        />
        <PlaceField value={place} change={(value) => set('place', value)} />
      </Form>
      {found.isError && (
        <p className={common.fieldError} role="alert">
          {found.error.message}
        </p>
      )}
      {answer === undefined ? (
        found.isFetching && <Spin />
      ) : answer.plants.length === 0 ? (
        <p className={common.quiet}>{t('away.none')}</p>
      ) : (
        <div className={found.isPlaceholderData ? common.notFresh : undefined} aria-busy={found.isFetching}>
          <p className={styles.sums} data-away>
            {t('away.says', { want, count: answer.plants.length, unknown: answer.unknown })}
          </p>
          <Scrolls name={t('away.title')}>
            <table className={`${common.viewTable} ${styles.away}`}>
              <thead>
                <tr>
                  <th scope="col">{t('away.plant')}</th>
                  <th scope="col">{t('away.first')}</th>
                  <th scope="col">{t('away.share')}</th>
                  <th scope="col">{t('away.rank')}</th>
                  <td />
                </tr>
              </thead>
              <tbody>
                {answer.plants.map((plant, i) => (
                  <tr key={plant.id} data-plant={plant.id}>
                    <th scope="row">
                      <Link to={`/plants/${plant.id}`}>
                        {plant.number} {plant.name}
                      </Link>
                      <small className={common.quiet}>
                        {[plant.place, plant.pot, plant.known_now ? '' : t('away.assumed')]
                          .filter((text) => text !== null && text !== '')
                          .join(' · ')}
                      </small>
                    </th>
                    <td>
                      <FirstWant first={plant.first_want} days={answer.days} />
                    </td>
                    <td>{percent(plant.want_share)}</td>
                    <td>
                      {plant.lost_share === 0
                        ? t('away.notLost')
                        : t('away.rankOf', { rank: i + 1, count: answer.plants.length })}
                    </td>
                    <td>
                      {plant.want_share > 0 && (
                        <Button aria-label={`${t('away.what')} ${plant.number}`} onClick={() => setHelping(plant)}>
                          {t('away.what')}
                        </Button>
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </Scrolls>
          <p className={common.quiet}>
            {t('away.limits')}{' '}
            <CsvButton
              name="zolbek-away"
              rows={answer.plants.map((plant) => ({
                plant: plant.number,
                name: plant.name,
                place: plant.place,
                first_want_10: plant.first_want[0] ?? null,
                first_want_50: plant.first_want[1] ?? null,
                first_want_90: plant.first_want[2] ?? null,
                want_share: n(plant.want_share, 3),
                likely_lost_share: n(plant.lost_share, 3),
              }))}
            />
          </p>
        </div>
      )}
      {helping !== null && answer !== undefined && (
        <HelpsDrawer
          plant={helping}
          asked={{ plant_id: helping.id, days: answer.days, ...(answer.from === today ? {} : { from: answer.from }) }}
          close={() => setHelping(null)}
        />
      )}
    </div>
  );
}

/** Day of the first want in the middle year, with that of one in ten before and behind it. */
export function FirstWant({ first, days }: { first: number[]; days: number }) {
  const { t, n } = useWords();
  const [low = 0, middle = 0, high = 0] = first;
  const say = (day: number) => (day > days ? t('away.survives', { days }) : t('away.day', { day: n(Math.round(day)) }));

  return (
    <>
      {say(middle)}
      {say(low) !== say(high) && (
        <small className={styles.range}>{t('away.firstRange', { low: say(low), high: say(high) })}</small>
      )}
    </>
  );
}

/** A rank among pots, never a date. */
export function rankOf(share: number): 'high' | 'some' | 'low' {
  return share >= 0.5 ? 'high' : share > 0.05 ? 'some' : 'low';
}

/** Today where the reader is, not in Greenwich. */
function localDay(now: Date): string {
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}
