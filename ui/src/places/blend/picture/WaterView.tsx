import type { Schemas } from '../../../api/client';
import { MonthBars } from '../../../drawing/MonthBars';
import { useWords } from '../../../i18n/words';
import { lasting } from '../../../kit/mixes/verdictWords';
import { Scrolls } from '../../../kit/Scrolls';
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
  const { t, n, percent, month, q, cell } = words;
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
          use: q(water.hot_use_l_day, 'L') + off('use_l_day', (u) => q(u, 'L')),
          reach: q(water.within_reach_l, 'L'),
          interval: lasting(water.interval_h, words) + off('interval_h', (u) => lasting(u, words)),
          habit: t('habit.hours', { hours: String(water.habit_h) }),
          drought: percent(water.drought) + off('drought', percent),
          open: percent(water.still_open),
        })}
      </p>
      <p className={styles.viewSays}>
        {t('water.usual', {
          month: month(water.hottest_month),
          use: q(water.months[water.hottest_month]?.use_l_day ?? 0, 'L'),
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
          litres: q(water.given_l_year, 'L') + off('given_l_year', (u) => q(u, 'L')),
          drained: q(water.drained_l_year, 'L'),
        })}
      </p>
      <p className={common.quiet}>{t('water.limits')}</p>
      <Scrolls name={t('view.water')}>
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
                <td key={i}>{cell(each.use_l_day, 'L')}</td>
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
      </Scrolls>
    </ViewFrame>
  );
}
