import type { Schemas } from '../../api/client';
import { dayOf, YearStrip } from '../../drawing/YearStrip';
import { useWords } from '../../i18n/words';
import { CsvButton } from '../lists/CsvButton';
import common from '../../styles/common.module.css';
import { Scrolls } from '../Scrolls';
import { useYearVerdict } from './useYearVerdict';
import styles from './season.module.css';

type Year = Schemas['SeasonYear'];

const DAYS = ['want_days', 'longest_want', 'wet_days', 'waterings'] as const;
const LITRES = ['given_l', 'rain_l', 'drained_l', 'used_l'] as const;

/** A pot through a year: the strip, what it adds up to, how often it must be watered at least, and what is not seen. */
export function YearOfPot({ year, name, most }: { year: Year; name: string; most?: number }) {
  const { t, n, q, percent } = useWords();
  const verdict = useYearVerdict();

  return (
    <section className={styles.year} aria-label={name}>
      <YearStrip year={year} title={t('potyear.stripOf', { name })} {...(most === undefined ? {} : { most })} />
      <p className={styles.verdict}>{verdict(year)}</p>
      <Scrolls name={t('potyear.sums', { runs: n(year.runs) })}>
        <table className={common.viewTable}>
          <caption>{t('potyear.sums', { runs: n(year.runs) })}</caption>
          <thead>
            <tr>
              <td />
              {['low', 'middle', 'high'].map((which) => (
                <th key={which} scope="col">
                  {t(`potyear.${which as 'low' | 'middle' | 'high'}`)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {DAYS.map((key) => (
              <tr key={key}>
                <th scope="row">{t(`potyear.sum.${key}`)}</th>
                {year.sums[key].map((value, i) => (
                  <td key={i}>{n(value, 3)}</td>
                ))}
              </tr>
            ))}
            {LITRES.map((key) => (
              <tr key={key}>
                <th scope="row">{t(`potyear.sum.${key}`)}</th>
                {year.sums[key].map((value, i) => (
                  <td key={i}>{q(value, 'L')}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
      <p>
        {t('potyear.latest')}{' '}
        {year.latest
          .map(({ season, every_days }) =>
            every_days === null
              ? t('potyear.latestNone', { season: t(`potyear.${season}`) })
              : every_days < 1.05
                ? t('potyear.latestOften', {
                    season: t(`potyear.${season}`),
                    times: n(Math.round(10 / every_days) / 10, 2),
                  })
                : t('potyear.latestIn', { season: t(`potyear.${season}`), days: n(every_days, 2) }),
          )
          .join(' · ')}
      </p>
      {year.ph !== null && (
        <p>
          {t('potyear.ph', {
            first: n(year.ph.first, 2),
            last: n(year.ph.last, 2),
            low: n(year.ph.low, 2),
            high: n(year.ph.high, 2),
          })}
        </p>
      )}
      {year.feed !== null && (
        <p>
          {t('potyear.feed', {
            charge: n(year.feed.charge_g, 3),
            leached: percent(year.feed.leached_g / year.feed.charge_g),
            taken: percent(year.feed.taken_g / year.feed.charge_g),
          })}
        </p>
      )}
      {year.wet.length > 0 && (
        <p>
          {t('potyear.wet')}{' '}
          {year.wet
            .map(({ what, wet_days, want_days }) =>
              t(`potyear.wet.${what}`, { wet: n(wet_days, 2), want: n(want_days, 2) }),
            )
            .join(' · ')}
        </p>
      )}
      {year.was !== null && (
        <p>
          {t('potyear.was', {
            days: year.was.days,
            want: year.was.want_days,
            middle: n(year.sums.want_days[1] ?? 0, 2),
            given: q(year.was.given_l, 'L'),
            unmeasured: year.was.unmeasured,
          })}
        </p>
      )}
      {year.ball_unseen && <p className={common.mind}>◆ {t('potyear.ball')}</p>}
      <p className={common.quiet}>
        {t('potyear.leftOut')} <CsvButton name={`zolbek-year-${name}`} rows={rowsOf(year)} />
      </p>
    </section>
  );
}

/** Days as rows: what is in it in most years, and one year in full. */
export function rowsOf(year: Year) {
  const { one } = year;

  return year.middle.map((middle, i) => ({
    date: dayOf(year.from, i),
    water_l_10: year.low[i] ?? null,
    water_l_50: middle,
    water_l_90: year.high[i] ?? null,
    want_share: year.want[i] ?? null,
    watered_share: year.watered[i] ?? null,
    one_tmin_c: one.tmin[i] ?? null,
    one_tmax_c: one.tmax[i] ?? null,
    one_rain_mm: one.rain_mm[i] ?? null,
    one_water_l: one.water_l[i] ?? null,
    one_wanted_l: one.demand_l[i] ?? null,
    one_used_l: one.used_l[i] ?? null,
    one_given_l: one.given_l[i] ?? null,
    one_drained_l: one.drained_l[i] ?? null,
    one_ph: one.ph[i] ?? null,
    was_water_l: year.was?.water_l[i] ?? null,
  }));
}
