import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { useHours } from '../../kit/plants/useHours';
import { LookForm } from '../../kit/season/LookForm';
import { Scrolls } from '../../kit/Scrolls';
import { DryDown } from './DryDown';
import common from '../../styles/common.module.css';
import styles from './plants.module.css';

/** How long the water lasts, what a stick should look like, and one tap: water or wait. */
export function StickSection({ dossier }: { dossier: Schemas['PlantDossier'] }) {
  const { t, date, n, q } = useWords();
  const { stick, checks, plant } = dossier;
  const hours = useHours();

  return (
    <section className="stick">
      <h2>{t('stick.title')}</h2>
      {stick === null ? (
        <p className={common.quiet}>{t('stick.none')}</p>
      ) : (
        <>
          <p>
            {t('stick.interval', { hours: hours(stick.learned_h), taps: stick.taps })}{' '}
            {stick.taps > 0 && (
              <span className={common.quiet}>{t('stick.computed', { hours: hours(stick.computed_h) })}</span>
            )}
          </p>
          {stick.now !== null && <Now now={stick.now} />}
          <p>
            <Link to={`/season/year?plant=${plant.id}`}>{t('stick.toYear')}</Link>
          </p>
          <Chart stick={stick} />
        </>
      )}
      <h3>{t('stick.ask')}</h3>
      <LookForm plant={plant.id} name={`${plant.number} ${plant.name}`} />
      {stick?.now != null && <DryDown plant={plant} now={stick.now} checks={checks} />}
      {checks.length > 0 && (
        <>
          <h3>{t('stick.last')}</h3>
          <ul className={common.plainList}>
            {checks.slice(0, 4).map((check) => (
              <li key={check.id}>
                {t('stick.check', {
                  date: date(check.checked_at),
                  method: t(`stick.method.${check.method}`),
                  verdict: check.verdict,
                })}
                {check.said_l !== null && check.thought_l !== null && (
                  <span className={common.quiet}>
                    {' '}
                    {t('stick.thought', { thought: q(check.thought_l, 'L'), said: q(check.said_l, 'L') })}
                  </span>
                )}
                {check.hours_since !== null && (
                  <span className={common.quiet}> {t('stick.after', { hours: n(check.hours_since, 2) })}</span>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** The chart as a table: days across, depth down, each cell a piece of stick. */
function Chart({ stick }: { stick: Schemas['StickChart'] }) {
  const { t, n, q } = useWords();
  const depths = stick.days[0]?.levels.map((level) => level.depth_cm) ?? [];

  return (
    <Scrolls className={styles.stickChartWrap} name={t('stick.chart')}>
      <table className={styles.stickChart}>
        <caption>{t('stick.chart')}</caption>
        <thead>
          <tr>
            <th scope="col">{t('stick.depth')}</th>
            {stick.days.map(({ day }) => (
              <th key={day} scope="col">
                {day === 0 ? t('stick.day', { day: 0 }) : t('stick.day', { day: n(day, 2) })}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {depths.map((depth, i) => (
            <tr key={depth}>
              <th scope="row">{q(depth, 'cm')}</th>
              {stick.days.map(({ day, levels }) => (
                <td key={day} className={`${styles[`look-${levels[i]?.look ?? 'dry'}`]}`}>
                  {t(`stick.look.${levels[i]?.look ?? 'dry'}`)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className={common.quiet}>{t('stick.limits')}</p>
    </Scrolls>
  );
}

/** What is thought to be in the pot now, and how sure that is. */
function Now({ now }: { now: Schemas['PotNow'] }) {
  const { t, q } = useWords();
  const hours = useHours();
  const { water_l, sd_l, full_l, left_h } = now;

  return (
    <p>
      {water_l === null
        ? t('stick.nowUnknown')
        : t('stick.now', {
            water: q(water_l, 'L'),
            sd: q(sd_l ?? 0, 'L'),
            full: q(full_l, 'L'),
            left: left_h === null ? t('stick.weeks') : hours(left_h),
          })}
      {now.look_again && <strong className={common.mind}> ◆ {t('stick.lookAgain')}</strong>}
      {now.unmeasured_days > 0 && (
        <span className={common.quiet}> {t('stick.unmeasured', { days: now.unmeasured_days })}</span>
      )}
    </p>
  );
}
