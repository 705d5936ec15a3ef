import { Button, Segmented } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';

import type { Schemas } from '../../api/client';
import { useUnsent } from '../../api/outbox';
import { useRound, useTakeBackWater, useWaterMany } from '../../api/season';
import { useWords } from '../../i18n/words';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { ListState } from '../../kit/lists/ListState';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import { RoundRow } from './RoundRow';
import { RoundWeather } from './RoundWeather';
import { SeasonNav } from './SeasonNav';
import { WalkDrawer } from './WalkDrawer';
import { inPlaces, isDueToday, sumsOf } from './round';
import styles from './season.module.css';

type Plant = Schemas['RoundPlant'];

/** Today's round with the can: what is dry first, or place by place as one walks, with the water that it takes. */
export default function RoundPage() {
  const { t, date } = useWords();
  const [params, setParams] = useSearchParams();
  const by = params.get('by') === 'place' ? 'place' : 'hours';
  const found = useRound();
  const [walking, setWalking] = useState(false);
  const waiting = useUnsent().filter(({ refused }) => refused === null);
  const unsent = new Set(
    waiting.flatMap(({ effect }) =>
      effect.kind === 'water' ? [effect.plant] : effect.kind === 'round' ? effect.plants : [],
    ),
  );
  const round = found.data;

  return (
    <div className={styles.page}>
      <SeasonNav />
      <ListState found={found} isEmpty={round?.plants.length === 0} empty={t('walk.none')}>
        {round !== undefined && (
          <>
            <header className={common.listHead}>
              <h1>{t('walk.round')}</h1>
              <span className={common.quiet}>{date(round.at)}</span>
              <Segmented
                aria-label={t('walk.order')}
                value={by}
                options={(['hours', 'place'] as const).map((value) => ({ value, label: t(`walk.by.${value}`) }))}
                onChange={(value) => setParams(value === 'place' ? { by: 'place' } : {}, { replace: true })}
              />
              <DoButton className={common.noPrint} onClick={() => setWalking(true)}>
                {t('walk.walk')}
              </DoButton>
              <Button className={common.noPrint} onClick={() => window.print()}>
                {t('view.print')}
              </Button>
            </header>
            {round.weather.map((weather) => (
              <RoundWeather key={weather.site_id} weather={weather} />
            ))}
            <Sums plants={round.plants} canL={round.can_l} />
            {by === 'hours' ? (
              <ul className={styles.round}>
                {round.plants.map((plant) => (
                  <RoundRow key={plant.id} plant={plant} unsent={unsent.has(plant.id)} withPlace />
                ))}
              </ul>
            ) : (
              inPlaces(round).map(({ place, plants }) => (
                <Place key={place} place={place} plants={plants} canL={round.can_l} unsent={unsent} />
              ))
            )}
            {round.total > round.plants.length && (
              <p className={common.quiet}>{t('walk.more', { shown: round.plants.length, total: round.total })}</p>
            )}
            <p className={common.quiet}>{t('walk.limits')}</p>
            {walking && <WalkDrawer round={round} close={() => setWalking(false)} />}
          </>
        )}
      </ListState>
    </div>
  );
}

/** What the plants that are due by tomorrow morning take. */
function Sums({ plants, canL }: { plants: Plant[]; canL: number }) {
  const { t, q } = useWords();
  const { due, litres, cans } = sumsOf(plants.filter(isDueToday), canL);

  return (
    <p className={styles.sums} data-sums>
      {due === 0 ? t('walk.noneDue') : t('walk.due', { due, litres: q(litres, 'L'), cans, can: q(canL, 'L') })}
    </p>
  );
}

function Place({ place, plants, canL, unsent }: { place: string; plants: Plant[]; canL: number; unsent: Set<number> }) {
  const { t, q } = useWords();
  const water = useWaterMany();
  const back = useTakeBackWater();
  const say = useUndoable();
  const name = place === '' ? t('walk.noPlace') : place;
  const { due, litres, cans } = sumsOf(plants.filter(isDueToday), canL);
  const all = async () => {
    const answer = await water.mutateAsync({ plant_ids: plants.map(({ id }) => id) });
    const ids = answer?.data.map(({ id }) => id);
    say(
      t('walk.allKept', { count: plants.length, place: name }),
      ids === undefined ? undefined : () => back.mutate(ids),
    );
  };

  return (
    <section className={styles.place}>
      <header>
        <h2>{name}</h2>
        <span className={common.quiet}>
          {due === 0
            ? t('walk.placeNone', { count: plants.length })
            : t('walk.placeDue', { due, count: plants.length, litres: q(litres, 'L'), cans })}
        </span>
        <DoButton
          be="helper"
          size="large"
          loading={water.isPending}
          aria-label={`${t('walk.all', { count: plants.length })}: ${name}`}
          onClick={() => void all().catch(() => undefined)}
        >
          {t('walk.all', { count: plants.length })}
        </DoButton>
      </header>
      {water.isError && (
        <p className={common.fieldError} role="alert">
          {water.error.message}
        </p>
      )}
      <ul className={styles.round}>
        {plants.map((plant) => (
          <RoundRow key={plant.id} plant={plant} unsent={unsent.has(plant.id)} withPlace={false} />
        ))}
      </ul>
    </section>
  );
}
