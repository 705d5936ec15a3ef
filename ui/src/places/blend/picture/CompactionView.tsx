import { Button, Slider } from 'antd';

import type { Schemas } from '../../../api/client';
import { PlainChart } from '../../../drawing/PlainChart';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { useView } from './useView';
import { ViewFrame } from './ViewFrame';
import styles from './picture.module.css';

/** From poured to pressed: a slider that sets how firmly the mix lies, and what that does. */
export function CompactionView({
  question,
  evaluation,
}: {
  question: Schemas['EvaluationInput'] | null;
  evaluation: Schemas['Evaluation'];
}) {
  const { t, n, percent, q } = useWords();
  const { history, dispatch } = useBlend();
  const { data, fresh } = useView('/views/compaction', question);
  const index = history.now.packing ?? evaluation.mix.compaction_index;
  const settled = data?.settled ?? evaluation.mix.compaction_index;
  const volume = evaluation.pot.volume_l;
  const set = (packing: number | null) => dispatch({ do: 'change', touches: 'compaction', mix: { packing } });

  return (
    <ViewFrame name="packing" rows={data?.course} fresh={fresh}>
      {data !== undefined && (
        <>
          <PlainChart
            title={t('compaction.alt')}
            xLabel={t('compaction.x')}
            yLabel={t('view.share')}
            xText={(x) => n(x)}
            yText={(y) => percent(y)}
            height={250}
            curves={[
              {
                label: t('view.air'),
                colour: 'var(--clay)',
                points: data.course.map((point) => ({ x: point.index, y: point.air })),
              },
              {
                label: t('depth.easy'),
                colour: 'var(--rain)',
                points: data.course.map((point) => ({ x: point.index, y: point.easy_l / volume })),
              },
            ]}
            marks={[{ x: index, label: n(index) }]}
          />
          <Slider
            min={4.1}
            max={9}
            step={0.1}
            value={index}
            onChange={set}
            ariaLabelForHandle={t('compaction.slider')}
            tooltip={{ open: false }}
            marks={{
              4.1: t('compaction.poured'),
              [settled]: t('compaction.settled'),
              9: t('compaction.pressed'),
            }}
          />
          <p className={styles.viewSays}>
            {t('compaction.text', {
              air: percent(evaluation.pot.air),
              water: q(evaluation.pot.water_l, 'L'),
              run: evaluation.pot.run_through_s === null ? '–' : n(evaluation.pot.run_through_s, 2),
            })}{' '}
            {history.now.packing != null && (
              <Button size="small" onClick={() => set(null)}>
                {t('compaction.back')}
              </Button>
            )}
          </p>
        </>
      )}
    </ViewFrame>
  );
}
