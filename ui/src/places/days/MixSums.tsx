import { rules } from '../../api/meta';
import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { LoadTable } from '../../kit/loads/LoadTable';
import { ScoopNotes } from '../../kit/loads/ScoopNotes';
import { usePreparationWords } from '../../kit/mixes/usePreparationWords';
import common from '../../styles/common.module.css';
import styles from './days.module.css';
import { nameIn, shownLoads } from './loadsOfMix';

/** The base mixes of a day: what the pots take, loads, scoops. */
export function MixSums({ day }: { day: Schemas['PottingDay'] }) {
  const { t, n, percent, q } = useWords();
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
              net: q(mix.net_l, 'L'),
              loose: q(mix.loose_l, 'L'),
              spare: percent(day.spare, 1),
              yield: n(mix.yield_share, 3),
            })}{' '}
            <strong>
              {t('mixes.loads', { loads: mix.loads, tub: q(day.tub_l, 'L'), scoop: q(day.scoop_l, 'L') })}
            </strong>
          </p>
          <LoadTable
            loads={shownLoads(mix)}
            scoopL={day.scoop_l}
            moreHeads={<th scope="col">{t('mixes.fromBin')}</th>}
            rows={mix.parts.map((part) => ({
              ...part,
              beside: part.preparation != null && <span className={common.quiet}>{said(part.preparation)}</span>,
              more: <td className={common.quiet}>{q(part.gross_l, 'L')}</td>,
            }))}
          />
          <ScoopNotes warnings={mix.warnings} nameOf={nameIn(mix)} />
          <Outcome mix={mix} />
        </section>
      ))}
    </div>
  );
}

function Outcome({ mix }: { mix: Schemas['DayMix'] }) {
  const { t, percent, q } = useWords();
  const { closed } = mix;
  if (closed === null) {
    return mix.mixed_l > 0 ? (
      <p className={common.quiet}>{t('mixes.mixed', { mixed: q(mix.mixed_l, 'L'), used: q(mix.used_l, 'L') })}</p>
    ) : null;
  }
  const more = closed.more_share;

  return (
    <>
      <p>
        {t('mixes.closed', {
          mixed: q(closed.mixed_l, 'L'),
          used: q(closed.used_l, 'L'),
          left: q(closed.left_l, 'L'),
          lost: q(closed.lost_l, 'L'),
        })}
        {closed.more_l > rules.notable.litres && ` ${t('mixes.more', { more: q(closed.more_l, 'L') })}`}
      </p>
      <p className={common.quiet}>
        {t('mixes.taught', {
          net: q(closed.net_l, 'L'),
          used: q(closed.used_l, 'L'),
          more: Math.abs(more) < rules.notable.litres ? 'same' : more > 0 ? 'more' : 'less',
          share: percent(Math.abs(more)),
        })}
      </p>
    </>
  );
}
