import type { Schemas } from '../../api/client';
import { rules } from '../../api/meta';
import { useWords } from '../../i18n/words';
import { LayerPairs } from '../../kit/mixes/LayerPairs';
import { useReasonWords } from '../../kit/plants/useReasonWords';
import { Fit } from './EntryTable';
import { Topples } from '../../kit/mixes/Topples';
import common from '../../styles/common.module.css';
import styles from './days.module.css';

/** What is worked out for one plant of a day. */
export function EntryFigures({ entry }: { entry: Schemas['DayEntry'] }) {
  const { t, n, percent, q } = useWords();
  const words = useReasonWords();
  const { figures } = entry;
  if (figures === null) {
    return (
      <aside className={styles.entryFigures}>
        <h3>{t('entry.figures')}</h3>
        <Fit entry={entry} />
      </aside>
    );
  }
  const beside = (['layer', 'dressing', 'wall', 'wall_soil', 'cover'] as const)
    .filter((name) => figures[`${name}_l`] > 0)
    .map((name) => t(`entry.f.${name}`, { litres: q(figures[`${name}_l`], 'L') }))
    .concat(figures.old_soil_l > 0 ? [t('entry.f.oldSoil', { litres: q(figures.old_soil_l, 'L') })] : []);
  const over = figures.fit?.collar_over_rim_cm ?? 0;

  return (
    <aside className={styles.entryFigures} aria-live="polite">
      <h3>{t('entry.figures')}</h3>
      <p>
        {t('entry.f.pot', {
          pot: q(figures.pot_l, 'L'),
          ball: q(figures.old_ball_l, 'L'),
          mix: q(figures.new_mix_l, 'L'),
          base: q(figures.base_l, 'L'),
          poured: q(figures.poured_l, 'L'),
        })}
      </p>
      {beside.length > 0 && <p>{t('entry.f.beside', { what: beside.join(', ') })}</p>}
      {figures.fit !== null && (
        <p>
          <Fit entry={entry} />
          {!figures.fit.fits && <span className={common.quiet}> {t('day.oneSizeUp')}</span>}
          <br />
          {t('day.collar', {
            cm: q(figures.fit.collar_cm, 'cm'),
            over: q(Math.abs(over), 'cm'),
            where: over <= 0 ? 'below' : 'over',
          })}
          .
        </p>
      )}
      {figures.fit !== null && <Standing fit={figures.fit} />}
      {figures.ball !== null && <Ball ball={figures.ball} mixWater={figures.mix_water_l} />}
      <p>
        {t('entry.f.air', { air: percent(figures.air), water: q(figures.water_l, 'L'), kg: q(figures.wet_kg, 'kg') })}{' '}
        {figures.two_to_lift && <strong className={common.mind}>◆ {t('entry.f.lift')}</strong>}
      </p>
      {figures.topple !== null && <Topples topple={figures.topple} />}
      <LayerPairs pairs={figures.layers} />
      {figures.wire !== null && (
        <p>
          {t('entry.f.wire', {
            wires: figures.wire.wires,
            gauge: n(figures.wire.gauge_mm),
            length: q(Math.round(figures.wire.length_cm), 'cm'),
          })}
        </p>
      )}
      <p>{t('entry.f.mesh', { pieces: figures.mesh.pieces, side: q(figures.mesh.side_cm, 'cm') })}</p>
      {figures.fertiliser !== null && (
        <p>
          {t('entry.f.fertiliser', {
            grams: q(figures.fertiliser.grams, 'g'),
            name: figures.fertiliser.name,
            n: q(figures.fertiliser.n, 'g'),
            p: q(figures.fertiliser.p, 'g'),
            k: q(figures.fertiliser.k, 'g'),
            washed: percent(figures.fertiliser.washed_out_share),
          })}
        </p>
      )}
      <p>{t('entry.f.water', { days: figures.first_water_days })}</p>
      <p>{t('entry.f.minutes', { minutes: n(Math.round(figures.minutes)) })}</p>
      <p className={figures.season.window === 'open' ? common.quiet : common.mind}>
        {t(`season.${figures.season.window}`)}.{' '}
        {figures.season.reasons.map((reason) => words('season.reason', reason)).join(' ')}
      </p>
    </aside>
  );
}

/** The mix round the ball, the room beside it, and what is to be done so that it stands as high as it should. */
function Standing({ fit }: { fit: Schemas['EntryFit'] }) {
  const { t, q } = useWords();
  const cm = (value: number) => q(value, 'cm');

  return (
    <p>
      {t('entry.f.where', { beneath: q(fit.beneath_l, 'L'), beside: q(fit.beside_l, 'L'), above: q(fit.above_l, 'L') })}{' '}
      {t('entry.f.gaps', {
        left: cm(fit.left_cm),
        right: cm(fit.right_cm),
        front: cm(fit.front_cm),
        back: cm(fit.back_cm),
      })}
      {fit.thin_cm > rules.notable.cm && ` ${t('entry.f.thin', { cm: cm(fit.thin_cm) })}`}
      {fit.mound_cm > rules.notable.cm && ` ${t('entry.f.mound', { cm: cm(fit.mound_cm) })}`}
      {fit.collar_tilt_cm > rules.notable.cm && ` ${t('entry.f.tilt', { cm: cm(fit.collar_tilt_cm) })}`}
      {fit.wedge_l > 0 && ` ${t('entry.f.wedge', { litres: q(fit.wedge_l, 'L') })}`}
    </p>
  );
}

/** Water and air of the old ball beside those of the mix round it. */
function Ball({ ball, mixWater }: { ball: Schemas['EntryBall']; mixWater: number }) {
  const { t, percent, q } = useWords();

  return (
    <>
      <p>
        {t('entry.f.ball', {
          soil: ball.mix === '' ? t(`soil.${ball.of}`) : t('entry.f.ballAged', { mix: ball.mix, years: ball.years }),
          water: percent(ball.theta),
          air: percent(ball.air),
          around: percent(ball.theta_around),
        })}{' '}
        {t('entry.f.mixWater', { mix: q(mixWater, 'L'), ball: q(ball.water_l, 'L') })}
      </p>
      {ball.stays !== 'alike' && <p className={common.mind}>◆ {t(`entry.ball.${ball.stays}`)}</p>}
    </>
  );
}
