import { Scrolls } from '../../../kit/Scrolls';
import type { Schemas } from '../../../api/client';
import { PlainChart } from '../../../drawing/PlainChart';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { useView } from './useView';
import { ViewFrame } from './ViewFrame';
import styles from './picture.module.css';
import common from '../../../styles/common.module.css';

/** Air and easy water against depth, and the same mix in every pot of the yard. */
export function DepthView({ question }: { question: Schemas['EvaluationInput'] | null }) {
  const { t, n, percent, q, shown } = useWords();
  const { history, dispatch } = useBlend();
  const { data, fresh } = useView('/views/depths', question);
  const line = (of: 'air' | 'easy_share') =>
    (data?.course ?? []).map((point) => ({ x: shown(point.depth_cm, 'cm'), y: point[of] }));

  return (
    <ViewFrame
      name="depth"
      rows={data === undefined ? undefined : [...data.course.map((point) => ({ name: '', ...point })), ...data.pots]}
      fresh={fresh}
    >
      {data !== undefined && (
        <>
          <PlainChart
            title={t('depth.alt')}
            xLabel={t('depth.x')}
            yLabel={t('view.share')}
            xText={(x) => n(x)}
            yText={(y) => percent(y)}
            height={230}
            curves={[
              { label: t('view.air'), colour: 'var(--clay)', points: line('air') },
              { label: t('depth.easy'), colour: 'var(--rain)', points: line('easy_share') },
            ]}
            marks={[{ x: shown(data.now_cm, 'cm'), label: t('depth.now') }]}
            dots={data.pots.map((pot) => ({ x: shown(pot.depth_cm, 'cm'), y: pot.air, label: pot.name }))}
          />
          <Scrolls name={t('depth.pots')}>
            <table className={common.viewTable}>
              <caption>{t('depth.pots')}</caption>
              <thead>
                <tr>
                  <th scope="col">{t('depth.pot')}</th>
                  <th scope="col">{t('depth.depth')}</th>
                  <th scope="col">{t('depth.air')}</th>
                  <th scope="col">{t('depth.water')}</th>
                  <th scope="col">{t('depth.interval')}</th>
                  <th scope="col">{t('depth.run')}</th>
                </tr>
              </thead>
              <tbody>
                {data.pots.map((pot) => (
                  <tr key={pot.pot_id} aria-current={pot.pot_id === history.now.potId}>
                    <th scope="row">
                      <button
                        type="button"
                        className={styles.asLink}
                        onClick={() => dispatch({ do: 'change', touches: 'pot', mix: { potId: pot.pot_id } })}
                      >
                        {pot.name}
                      </button>
                    </th>
                    <td>{q(pot.depth_cm, 'cm')}</td>
                    <td>{percent(pot.air)}</td>
                    <td>{q(pot.water_l, 'L')}</td>
                    <td>{pot.interval_h === null ? '–' : t('verdict.hours', { hours: n(pot.interval_h, 2) })}</td>
                    <td>{pot.run_through_s === null ? t('verdict.noOutlet') : `${n(pot.run_through_s, 2)} s`}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </Scrolls>
        </>
      )}
    </ViewFrame>
  );
}
