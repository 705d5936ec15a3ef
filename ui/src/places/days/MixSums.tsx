import { rules } from '../../api/meta';
import type { Schemas } from '../../api/client';
import { Swatch } from '../../drawing/Swatch';
import { useWords } from '../../i18n/words';
import { usePreparationWords } from '../../kit/mixes/usePreparationWords';
import common from '../../styles/common.module.css';
import styles from './days.module.css';

/** The base mixes of a day: what the pots take, loads, scoops. */
export function MixSums({ day }: { day: Schemas['PottingDay'] }) {
  const { t, n, percent } = useWords();
  const said = usePreparationWords();

  return (
    <div className={styles.mixSums}>
      {day.mixes.map((mix) => (
        <section key={mix.recipe_id}>
          <h2>
            {mix.name} <span className={common.quiet}>{t('blend.versionN', { n: mix.version })}</span>
          </h2>
          <p>
            {t('mixes.sums', {
              pots: mix.pots,
              net: n(mix.net_l),
              loose: n(mix.loose_l),
              spare: percent(day.spare, 1),
              yield: n(mix.yield_share, 3),
            })}{' '}
            <strong>{t('mixes.loads', { loads: mix.loads, litres: n(mix.load_l), tub: n(day.tub_l) })}</strong>
          </p>
          <table className={common.plainTable}>
            <thead>
              <tr>
                <th scope="col">{t('shelf.component')}</th>
                <th scope="col">{t('mixes.perLoad')}</th>
                <th scope="col">{t('mixes.litresPerLoad')}</th>
                <th scope="col">{t('batch.trueShare')}</th>
                <th scope="col">{t('mixes.fromBin')}</th>
              </tr>
            </thead>
            <tbody>
              {mix.parts.map((part) => (
                <tr key={part.component_id}>
                  <th scope="row">
                    <Swatch kind={part.kind} colour={part.colour} />
                    {part.name}
                    {part.preparation != null && <span className={common.quiet}> · {said(part.preparation)}</span>}
                  </th>
                  <td>
                    <strong>{t('mixes.scoops', { scoops: n(part.scoops_per_load) })}</strong>
                  </td>
                  <td>{n(part.load_l)} L</td>
                  <td>{percent(part.true_share)}</td>
                  <td className={common.quiet}>{n(part.gross_l)} L</td>
                </tr>
              ))}
            </tbody>
          </table>
          <Outcome mix={mix} />
        </section>
      ))}
    </div>
  );
}

function Outcome({ mix }: { mix: Schemas['DayMix'] }) {
  const { t, n, percent } = useWords();
  const { closed } = mix;
  if (closed === null) {
    return mix.mixed_l > 0 ? (
      <p className={common.quiet}>{t('mixes.mixed', { mixed: n(mix.mixed_l), used: n(mix.used_l) })}</p>
    ) : null;
  }
  const more = closed.more_share;

  return (
    <>
      <p>
        {t('mixes.closed', {
          mixed: n(closed.mixed_l),
          used: n(closed.used_l),
          left: n(closed.left_l),
          lost: n(closed.lost_l),
        })}
      </p>
      <p className={common.quiet}>
        {t('mixes.taught', {
          net: n(closed.net_l),
          used: n(closed.used_l),
          more: Math.abs(more) < rules.notable.litres ? 'same' : more > 0 ? 'more' : 'less',
          share: percent(Math.abs(more)),
        })}
      </p>
    </>
  );
}
