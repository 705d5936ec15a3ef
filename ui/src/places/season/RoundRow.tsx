import { useState } from 'react';
import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useLookAt } from '../../api/season';
import { useWords } from '../../i18n/words';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { DoButton } from '../../kit/people/DoButton';
import { useHours } from '../../kit/plants/useHours';
import { LookDrawer } from '../../kit/season/LookDrawer';
import common from '../../styles/common.module.css';
import styles from './season.module.css';

const MARKS = ['look_again', 'newly_potted', 'roofed', 'stored', 'ball_unseen'] as const;

interface Props {
  plant: Schemas['RoundPlant'];
  /** Tapped on this device, and not sent yet. */
  unsent: boolean;
  withPlace: boolean;
}

/** A plant of the round: how long it lasts, what is thought to be in it, and one tap each. */
export function RoundRow({ plant, unsent, withPlace }: Props) {
  const { t } = useWords();
  const look = useLookAt();
  const say = useUndoable();
  const [looking, setLooking] = useState(false);
  const name = `${plant.number} ${plant.name}`;
  const tap = async (verdict: 'water' | 'wait') => {
    const check = await look.mutateAsync({ plant: plant.id, method: 'eye', verdict });
    if (check !== null) {
      say(t('walk.kept', { verdict, name }));
    }
  };

  return (
    <li className={plant.doubtful ? styles.doubtful : undefined} data-plant={plant.id}>
      <div className={styles.who}>
        <Link to={`/plants/${plant.id}`}>{name}</Link>
        <span className={common.quiet}>
          {[withPlace ? plant.place : '', plant.pot, plant.count === null ? '' : `× ${plant.count}`]
            .filter((text) => text !== null && text !== '')
            .join(' · ')}
        </span>
        <Marks plant={plant} />
      </div>
      <Left plant={plant} />
      <div className={styles.taps}>
        <DoButton
          be="helper"
          type="primary"
          ghost
          aria-label={t('walk.wateredOf', { name })}
          disabled={look.isPending}
          onClick={() => void tap('water').catch(() => undefined)}
        >
          {t('walk.watered')}
        </DoButton>
        <DoButton
          be="helper"
          aria-label={t('walk.waitsOf', { name })}
          disabled={look.isPending}
          onClick={() => void tap('wait').catch(() => undefined)}
        >
          {t('walk.waits')}
        </DoButton>
        <DoButton be="helper" aria-label={`${name}: ${t('walk.look')}`} onClick={() => setLooking(true)}>
          {t('walk.look')}
        </DoButton>
      </div>
      {unsent && <p className={`${common.mind} ${styles.wide}`}>◆ {t('walk.unsent')}</p>}
      {look.isError && (
        <p className={`${common.fieldError} ${styles.wide}`} role="alert">
          {look.error.message}
        </p>
      )}
      {looking && <LookDrawer plant={plant.id} name={name} close={() => setLooking(false)} />}
    </li>
  );
}

function Marks({ plant }: { plant: Schemas['RoundPlant'] }) {
  const { t } = useWords();
  const marks = MARKS.filter((mark) => plant[mark]);

  return (
    <>
      {plant.doubtful && (
        <strong className={common.mind}>◆ {t(plant.watered_at === null ? 'walk.unknown' : 'walk.doubtful')}</strong>
      )}
      {marks.length > 0 && (
        <span className={styles.marks}>{marks.map((mark) => t(`walk.mark.${mark}`)).join(' · ')}</span>
      )}
    </>
  );
}

/** Hours left in words, and how full it is as a bar with what is unsure of it. */
function Left({ plant }: { plant: Schemas['RoundPlant'] }) {
  const { t, q, percent } = useWords();
  const hours = useHours();
  const { known, round_l, left_h, lasts_h, water_l, full_l, limit_l, sd_l, easy_share } = plant;
  const isDry = left_h !== null && left_h <= 0;
  const says =
    water_l !== null && left_h === null
      ? t('walk.long')
      : isDry
        ? t('walk.now')
        : left_h === null
          ? lasts_h === null
            ? t(known ? 'walk.lastsLong' : 'walk.notKnown')
            : t('walk.lasts', { hours: hours(lasts_h) })
          : t('walk.left', { hours: hours(left_h) });

  return (
    <div className={styles.left}>
      <strong className={isDry ? common.stop : undefined}>
        {isDry ? '■ ' : ''}
        {says}
      </strong>
      {water_l !== null && full_l !== null && limit_l !== null && (
        <>
          <span className={styles.level} aria-hidden="true">
            <span className={styles.levelWater} style={{ width: percentOf(water_l / full_l) }} />
            <span className={styles.levelLimit} style={{ left: percentOf(limit_l / full_l) }} />
          </span>
          <small className={common.quiet}>
            {t('walk.holds', { water: q(water_l, 'L'), sd: q(sd_l ?? 0, 'L'), easy: percent(easy_share ?? 0) })}
            {round_l !== null && ` · ${t('walk.takes', { litres: q(round_l, 'L') })}`}
          </small>
        </>
      )}
    </div>
  );
}

const percentOf = (share: number) => `${Math.round(100 * Math.min(1, Math.max(0, share)))}%`;
