import type { Schemas } from '../../../api/client';
import { PlainChart } from '../../../drawing/PlainChart';
import { useWords } from '../../../i18n/words';
import { yearsRange } from '../../../kit/mixes/verdictWords';
import { useView } from './useView';
import { ViewFrame } from './ViewFrame';
import common from '../../../styles/common.module.css';
import styles from './picture.module.css';

/** The pot by half-years: air, easy water, run-through, level. */
export function AgeingView({ question }: { question: Schemas['EvaluationInput'] | null }) {
  const words = useWords();
  const { t, n, percent, q, cell } = words;
  const { data, fresh } = useView('/views/ageing', question);
  const line = (
    of: (point: Schemas['AgeingView']['course'][number]) => number | null,
    label: string,
    colour: string,
  ) => ({
    label,
    colour,
    points: (data?.course ?? []).flatMap((point) => {
      const y = of(point);

      return y === null ? [] : [{ x: point.years, y }];
    }),
  });
  const range =
    data === undefined
      ? ''
      : t('ageing.rangeOf', { range: yearsRange({ fast: data.fails_after_fast, slow: data.fails_after_slow }, words) });
  const planned = data?.course.findLast((point) => point.years <= data.planned_years + 1e-9);
  const plain = { title: t('ageing.alt'), xLabel: t('ageing.x'), xText: (x: number) => n(x), height: 160, width: 230 };

  return (
    <ViewFrame name="ageing" rows={data?.course} fresh={fresh}>
      {data !== undefined && (
        <>
          <p className={styles.viewSays}>
            {data.fails_after === 0
              ? t('ageing.failsNew')
              : data.fails_after === null
                ? t('ageing.lasts', { years: n(data.horizon), range })
                : t('ageing.fails', { years: n(data.fails_after, 2), air: percent(data.air_fails_below), range })}
            {planned !== undefined && ` ${t('ageing.drops', { cm: q(planned.level_drop_cm, 'cm') })}`}
            {data.frost_cycles !== null && ` ${t('ageing.frost', { cycles: n(data.frost_cycles, 2) })}`}
          </p>
          <PlainChart
            {...plain}
            width={600}
            height={210}
            yLabel={t('ageing.air')}
            yText={(y) => percent(y)}
            curves={[
              line((point) => point.air, t('ageing.withRoots'), 'var(--clay)'),
              line((point) => point.air_without_roots, t('ageing.withoutRoots'), 'var(--quiet)'),
            ]}
            levels={data.air_fails_below > 0 ? [{ y: data.air_fails_below, label: t('ageing.failsBelow') }] : []}
            marks={data.planned_years <= data.horizon ? [{ x: data.planned_years, label: t('ageing.planned') }] : []}
          />
          <div className={styles.smallCharts}>
            <PlainChart
              {...plain}
              yLabel={t('ageing.easy')}
              yText={(y) => cell(y, 'L')}
              curves={[line((point) => point.easy_l, '', 'var(--rain)')]}
            />
            <PlainChart
              {...plain}
              yLabel={t('ageing.run')}
              yText={(y) => n(y)}
              curves={[line((point) => point.run_through_s, '', 'var(--ink)')]}
            />
            <PlainChart
              {...plain}
              yLabel={t('ageing.drop')}
              yText={(y) => cell(y, 'cm')}
              curves={[line((point) => point.level_drop_cm, '', 'var(--ochre)')]}
            />
          </div>
          <p className={common.quiet}>{t('ageing.cautious')}</p>
        </>
      )}
    </ViewFrame>
  );
}
