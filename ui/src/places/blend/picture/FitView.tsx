import { Button } from 'antd';

import { rules } from '../../../api/meta';
import type { Schemas } from '../../../api/client';
import { FitDrawing } from '../../../drawing/FitDrawing';
import { useWords } from '../../../i18n/words';
import { LayerPairs } from '../../../kit/mixes/LayerPairs';
import { ViewFrame } from './ViewFrame';
import blendStyles from '../blend.module.css';
import common from '../../../styles/common.module.css';
import styles from './picture.module.css';

/** Whether everything goes into the pot, on one scale, with the litres of each thing. */
export function FitView({
  evaluation,
  fresh,
  setBall,
}: {
  evaluation: Schemas['Evaluation'];
  fresh: boolean;
  setBall: () => void;
}) {
  const { t, n, percent, q, cell } = useWords();
  const { contents, section } = evaluation;
  const { fit, ball } = contents;
  const says: string[] = [];
  if (fit !== null) {
    if (fit.thin_cm > rules.notable.cm) {
      says.push(t('fit.over', { cm: q(fit.over_cm, 'cm'), thin: q(fit.thin_cm, 'cm') }));
    } else if (fit.over_cm > rules.notable.cm) {
      says.push(t('fit.mound', { cm: q(fit.over_cm, 'cm') }));
    } else {
      says.push(t('fit.yes', { cm: q(Math.abs(fit.over_cm), 'cm') }));
    }
    const narrow = Math.min(fit.beside_cm, fit.across_cm);
    says.push(
      narrow < 0
        ? t('fit.narrow', { cm: q(-narrow, 'cm') })
        : t('fit.sides', { cm: q(fit.beside_cm, 'cm'), across: q(fit.across_cm, 'cm') }),
    );
  }
  if (ball !== null) {
    says.push(t(`ball.${ball.stays}`, { ball: percent(ball.theta), around: percent(ball.theta_around) }));
  }
  const lines: [string, number][] = [
    [t('fit.newMix'), contents.new_mix_l],
    [t('fit.loose'), contents.new_mix_loose_l],
    ...(ball === null
      ? []
      : ([
          [t('fit.ball'), ball.litres],
          [t('fit.gaps'), ball.gap_l],
        ] as [string, number][])),
    ...(contents.wall === null ? [] : ([[t('fit.wall'), contents.wall.litres]] as [string, number][])),
    ...(contents.layer_l > 0
      ? ([
          [t('fit.layer'), contents.layer_l],
          [t('fit.mossLid'), contents.moss_lid_l],
        ] as [string, number][])
      : []),
    ...(contents.dressing_l > 0 ? ([[t('fit.dressing'), contents.dressing_l]] as [string, number][]) : []),
    ...(contents.objects_l > 0 ? ([[t('fit.objects'), contents.objects_l]] as [string, number][]) : []),
    [t('fit.waterAll'), contents.water_l],
  ];
  const zone = evaluation.pot.volume_l;

  return (
    <ViewFrame name="fit" rows={lines.map(([what, litres]) => ({ what, litres }))} fresh={fresh}>
      <FitDrawing section={section} contents={contents} summary={says.join(' ')} />
      {fit === null && (
        <p className={styles.viewSays}>
          {t('fit.noBall')} <Button onClick={setBall}>{t('fit.setBall')}</Button>
        </p>
      )}
      {says.map((sentence) => (
        <p key={sentence} className={styles.viewSays}>
          {sentence}
        </p>
      ))}
      <LayerPairs pairs={contents.layers} />
      {contents.run_through_without_cover_s !== null && evaluation.pot.run_through_s !== null && (
        <p className={styles.viewSays}>
          {t('fit.cover', {
            without: n(contents.run_through_without_cover_s, 2),
            with: n(evaluation.pot.run_through_s, 2),
          })}
        </p>
      )}
      {(ball !== null || contents.wall !== null) && (
        <table className={common.viewTable}>
          <thead>
            <tr>
              <th scope="col">{t('fit.with')}</th>
              <th scope="col">{t('fit.withCol')}</th>
              <th scope="col">{t('fit.withoutCol')}</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">{t('fit.waterL')}</th>
              <td>{cell(contents.water_l, 'L')}</td>
              <td>{cell(contents.water_without_l, 'L')}</td>
            </tr>
            <tr>
              <th scope="row">{t('fit.waterShare')}</th>
              <td>{percent(contents.water_l / zone)}</td>
              <td>{percent(contents.water_without_l / zone)}</td>
            </tr>
            <tr>
              <th scope="row">{t('fit.newMixCol')}</th>
              <td>{cell(contents.new_mix_l, 'L')}</td>
              <td>{cell(zone, 'L')}</td>
            </tr>
          </tbody>
        </table>
      )}
      <dl className={blendStyles.litres}>
        {lines.map(([what, litres]) => (
          <div key={what}>
            <dt>{what}</dt>
            <dd>{q(litres, 'L')}</dd>
          </div>
        ))}
      </dl>
    </ViewFrame>
  );
}
