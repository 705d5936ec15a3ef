import { rules } from '../../../api/meta';
import type { Schemas } from '../../../api/client';
import { PlainChart } from '../../../drawing/PlainChart';
import { useWords } from '../../../i18n/words';
import { useView } from './useView';
import { ViewFrame } from './ViewFrame';

/** Water by suction, with the heights of this pot and the plant's limit marked on it. */
export function CurveView({ question }: { question: Schemas['EvaluationInput'] | null }) {
  const { t, n, percent, q } = useWords();
  const { data, fresh } = useView('/views/curve', question);
  const points = (curve: { head_cm: number; theta: number }[]) =>
    curve.map((point) => ({ x: point.head_cm, y: point.theta }));

  return (
    <ViewFrame
      name="retention"
      rows={data?.mix.map((point, i) => ({
        suction_cm: point.head_cm,
        new_mix: point.theta,
        old_ball: data.ball?.[i]?.theta ?? null,
      }))}
      fresh={fresh}
    >
      {data !== undefined && (
        <PlainChart
          log
          title={t('curve.alt', { foot: n(data.foot_cm, 2), top: q(data.top_cm, 'cm') })}
          xLabel={t('curve.x')}
          yLabel={t('view.share')}
          xText={(x) => n(x)}
          yText={(y) => percent(y)}
          xTicks={[1, 10, 50, 100, 1000, 10000]}
          height={330}
          yTop={Math.max(0.6, data.saturated * 1.05)}
          curves={[
            { label: t('view.newMix'), colour: 'var(--rain)', points: points(data.mix) },
            ...(data.ball === null
              ? []
              : [{ label: t('view.oldBall'), colour: 'var(--clay)', points: points(data.ball) }]),
          ]}
          marks={[
            ...(data.foot_cm > rules.notable.wet_foot_cm ? [{ x: data.foot_cm, label: t('curve.foot') }] : []),
            { x: data.top_cm, label: t('curve.top') },
            { x: data.limit_cm, label: t('curve.limit') },
          ]}
        />
      )}
    </ViewFrame>
  );
}
