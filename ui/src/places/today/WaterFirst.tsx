import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useUnsent } from '../../api/outbox';
import { useMoisture } from '../../api/plants';
import { useWords } from '../../i18n/words';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { useHours } from '../../kit/plants/useHours';
import { DoButton } from '../../kit/people/DoButton';
import styles from './today.module.css';
import common from '../../styles/common.module.css';

/** Which pots to look at for water first, what the season asks, and one tap each: watered, or it can wait. */
export function WaterFirst({ water }: { water: Schemas['WaterFirst'] }) {
  const { t } = useWords();

  return (
    <section aria-labelledby="water-first">
      <h2 id="water-first">{t('today.water')}</h2>
      {water.pots.length === 0 ? (
        <p className={common.quiet}>{t('today.waterNone')}</p>
      ) : (
        <>
          {water.season !== null && <p className={styles.season}>{t(`today.season.${water.season}`)}</p>}
          <ul className={styles.water}>
            {water.pots.map((pot) => (
              <Pot key={pot.id} pot={pot} />
            ))}
          </ul>
          <p className={common.quiet}>
            <Link to="/season">{t('today.toRound')}</Link> · {t('today.waterLimits')}{' '}
            {water.unknown > 0 && <Link to="/plants">{t('today.waterUnknown', { count: water.unknown })}</Link>}
          </p>
        </>
      )}
    </section>
  );
}

function Pot({ pot }: { pot: Schemas['WaterFirst']['pots'][number] }) {
  const { t } = useWords();
  const hours = useHours();
  const moisture = useMoisture(pot.id);
  const say = useUndoable();
  const name = `${pot.number} ${pot.name}`;
  const tap = async (verdict: 'water' | 'wait') => {
    const check = await moisture.mutateAsync({ method: 'eye', verdict });
    if (check !== null) {
      say(t('today.waterKept', { verdict, name }));
    }
  };
  const waiting = useUnsent().findLast(
    ({ effect, refused }) => effect.kind === 'water' && effect.plant === pot.id && refused === null,
  );
  const isDry = pot.left_h !== null && pot.left_h <= 0;

  return (
    <li>
      <div className={styles.waterOf}>
        <Link to={`/plants/${pot.id}`}>{name}</Link>
        <span className={common.quiet}>
          {[pot.place, pot.pot].filter((text) => text !== null && text !== '').join(' · ')}
        </span>
      </div>
      <div className={styles.waterLasts}>
        <strong className={isDry ? common.stop : undefined}>
          {isDry
            ? t('today.waterNow')
            : pot.left_h === null
              ? t('today.waterLasts', { hours: hours(pot.lasts_h) })
              : t('today.waterLeft', { hours: hours(pot.left_h) })}
        </strong>
        {pot.watered_h !== null && (
          <span className={common.quiet}>{t('today.waterSince', { hours: hours(pot.watered_h) })}</span>
        )}
      </div>
      <div className={styles.waterTaps}>
        <DoButton
          be="helper"
          aria-label={t('today.wateredOf', { name })}
          disabled={moisture.isPending}
          onClick={() => void tap('water').catch(() => undefined)}
        >
          {t('today.watered')}
        </DoButton>
        <DoButton
          be="helper"
          aria-label={t('today.waitsOf', { name })}
          disabled={moisture.isPending}
          onClick={() => void tap('wait').catch(() => undefined)}
        >
          {t('today.waits')}
        </DoButton>
        {waiting !== undefined && (
          <p className={common.mind}>
            ◆ {t('today.waterUnsent', { verdict: waiting.effect.kind === 'water' ? waiting.effect.verdict : 'wait' })}
          </p>
        )}
        {moisture.isError && (
          <p className={common.fieldError} role="alert">
            {t('problem.offline')}
          </p>
        )}
      </div>
    </li>
  );
}
