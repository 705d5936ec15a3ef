import type { Schemas } from '../../../api/client';
import { MonthBars } from '../../../drawing/MonthBars';
import { useWords } from '../../../i18n/words';
import { lasting } from '../../../kit/mixes/verdictWords';
import { ViewFrame } from './ViewFrame';
import common from '../../../styles/common.module.css';
import styles from './picture.module.css';
import blendStyles from '../blend.module.css';

/** Hours between waterings month by month, against how often somebody comes by. */
export function WaterView({
  water,
  sure,
  fresh,
}: {
  water: Schemas['Evaluation']['water'];
  sure: Schemas['UncertainFigure'][] | null;
  fresh: boolean;
}) {
  const words = useWords();
  const { t, n, percent, month } = words;
  if (water === null) {
    return <p className={blendStyles.blendWait}>{t('water.noSite')}</p>;
  }

  const off = (name: string, say: (u: number) => string) => {
    const found = sure?.find((each) => each.name === name);

    return found === undefined ? '' : ` ${t('verdict.plusMinus', { u: say(found.uncertainty) })}`;
  };

  return (
    <ViewFrame name="water" rows={water.months.map((each, i) => ({ month: i + 1, ...each }))} fresh={fresh}>
      <MonthBars
        title={t('water.alt')}
        yLabel={t('water.y')}
        months={water.months.map((each, i) => ({
          name: month(i, 'short'),
          value: each.interval_h,
          mark: each.habit_h,
          isFrosty: each.frost_nights >= 1,
        }))}
        valueName={t('water.lasts')}
        markName={t('water.habit')}
        text={(hours) => n(hours, 2)}
      />
      <p className={styles.viewSays}>
        {t('water.hot', {
          month: month(water.hottest_month),
          use: n(water.hot_use_l_day, 2) + off('use_l_day', (u) => n(u, 1)),
          reach: n(water.within_reach_l, 2),
          interval: lasting(water.interval_h, words) + off('interval_h', (u) => lasting(u, words)),
          habit: t('habit.hours', { hours: String(water.habit_h) }),
          drought: percent(water.drought) + off('drought', percent),
          open: percent(water.still_open),
        })}
      </p>
      <p className={styles.viewSays}>
        {t('water.usual', {
          month: month(water.hottest_month),
          use: n(water.months[water.hottest_month]?.use_l_day ?? 0, 2),
          short: n(water.short_days, 2),
          rain: n(water.short_days_with_rain, 2),
        })}
      </p>
      <p className={common.quiet}>
        {t('water.now', {
          month: month(water.now_month),
          hours: n(water.now_interval_h, 2),
          recovery: percent(water.recovery),
        })}{' '}
        {t('water.year', {
          litres: n(water.given_l_year, 2) + off('given_l_year', (u) => n(u, 2)),
          drained: n(water.drained_l_year, 2),
        })}
      </p>
      <p className={common.quiet}>{t('water.limits')}</p>
      <div className={common.tableScroll}>
        <table className={`${common.viewTable} ${styles.viewTableTight}`}>
          <thead>
            <tr>
              <th scope="col">{t('water.x')}</th>
              {water.months.map((_, i) => (
                <th scope="col" key={i}>
                  {month(i, 'short')}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">{t('water.et0')}</th>
              {water.months.map((each, i) => (
                <td key={i}>{n(each.et0_mm_day, 2)}</td>
              ))}
            </tr>
            <tr>
              <th scope="row">{t('water.tableUse')}</th>
              {water.months.map((each, i) => (
                <td key={i}>{n(each.use_l_day, 2)}</td>
              ))}
            </tr>
            <tr>
              <th scope="row">{t('water.frost')}</th>
              {water.months.map((each, i) => (
                <td key={i}>{Math.round(each.frost_nights)}</td>
              ))}
            </tr>
          </tbody>
        </table>
      </div>
    </ViewFrame>
  );
}
