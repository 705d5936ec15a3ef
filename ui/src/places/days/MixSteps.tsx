import { Button, Select } from 'antd';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { useMixLoad, useTickPart, useUnmixLoad } from '../../api/days';
import { useMay } from '../../api/session';
import { UNSENT_LOAD } from '../../api/unsentDay';
import { Swatch } from '../../drawing/Swatch';
import { Trouble } from '../../kit/forms/Trouble';
import { useWords } from '../../i18n/words';
import { usePreparationWords } from '../../kit/mixes/usePreparationWords';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { ScoopNotes } from '../../kit/loads/ScoopNotes';
import { useLoadWords } from '../../kit/loads/useLoadWords';
import { CountNow } from './CountNow';
import styles from './days.module.css';
import { nameIn, nextLoad } from './loadsOfMix';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';

type Mix = Schemas['DayMix'];

interface Props {
  day: Schemas['PottingDay'];
  person: string;
  /** The last load does not turn the page under one's hands. */
  stay: () => void;
  toPotting: () => void;
}

/** Load by load: scoops to tick, deliveries recorded, drawn from the shelf when it is mixed. */
export function MixSteps({ day, person, stay, toPotting }: Props) {
  const { t, time, q } = useWords();
  const unmix = useUnmixLoad(day.id);
  const next = nextLoad(day);
  const done = day.mixes.flatMap((mix) => mix.mixed.map((load) => ({ mix, load })));

  return (
    <div className={styles.benchSteps}>
      {next === null ? (
        <div className="bench-end">
          <p className={`${styles.benchBig} ${styles.good}`}>✓ {t('potting.allMixed')}</p>
          <Button type="primary" size="large" onClick={toPotting}>
            {t('potting.potting')}
          </Button>
        </div>
      ) : (
        <Load
          key={`${next.mix.recipe_id} ${next.load.number}`}
          day={day}
          stay={stay}
          mix={next.mix}
          planned={next.load}
          person={person}
        />
      )}
      {done.length > 0 && (
        <ul className={styles.benchDone}>
          {done.map(({ mix, load }) => (
            <li key={`${mix.recipe_id} ${load.number}`}>
              <span>
                ✓{' '}
                {t('potting.load', { recipe: mix.name, number: load.number, loads: Math.max(mix.loads, load.number) })},{' '}
                {t('potting.loadOf', { litres: q(load.litres, 'L') })}
                <span className={common.quiet}>
                  {load.person !== '' && ` · ${load.person}`} · {time(load.mixed_at)}
                </span>
              </span>
              {load.id === UNSENT_LOAD && <span className={common.mind}>◆ {t('unsent.mark')}</span>}
              {mix.closed === null && load.id !== UNSENT_LOAD && (
                <DoButton
                  be="helper"
                  aria-label={`${t('potting.loadBack')}: ${mix.name} ${load.number}`}
                  onClick={() => unmix.mutate(load.id)}
                >
                  {t('potting.loadBack')}
                </DoButton>
              )}
            </li>
          ))}
        </ul>
      )}
      <Trouble line error={unmix.error} />
    </div>
  );
}

function Load({
  stay,
  day,
  mix,
  planned,
  person,
}: {
  stay: () => void;
  day: Schemas['PottingDay'];
  mix: Mix;
  planned: Schemas['PlannedLoad'];
  person: string;
}) {
  const { t, q } = useWords();
  const words = useLoadWords();
  const { number } = planned;
  const said = usePreparationWords();
  const [tapped, setTapped] = useState<Record<number, boolean>>({});
  const tick = useTickPart(day.id);
  const mayNot = !useMay()('helper');
  const kept = mix.ticked.find((each) => each.number === number)?.component_ids ?? [];
  const isOn = (id: number) => tapped[id] ?? kept.includes(id);
  const ticked = mix.parts.filter((part) => isOn(part.component_id));
  // coarse first, fines last: they trickle into what lies there
  const inOrder = mix.parts.toSorted((a, b) => (b.median_mm ?? Infinity) - (a.median_mm ?? Infinity));
  const tap = (id: number) => {
    const on = !isOn(id);
    setTapped((before) => ({ ...before, [id]: on }));
    tick.mutate(
      { recipe_id: mix.recipe_id, number, component_id: id, ticked: on },
      // what the server has is what everybody sees; without it the tick stays here
      {
        onSuccess: () =>
          setTapped((before) => Object.fromEntries(Object.entries(before).filter(([other]) => Number(other) !== id))),
      },
    );
  };
  const [lots, setLots] = useState<Record<string, number>>({});
  const load = useMixLoad(day.id);
  const unmix = useUnmixLoad(day.id);
  const say = useUndoable();
  const submit = async () => {
    stay();
    const saved = await load.mutateAsync({ recipe_id: mix.recipe_id, number, lots, person });
    const made = saved?.mixes
      .find((each) => each.recipe_id === mix.recipe_id)
      ?.mixed.find((each) => each.number === number);
    say(
      t('potting.loadMixed', { number, recipe: mix.name }),
      made === undefined ? undefined : () => unmix.mutate(made.id),
    );
  };

  return (
    <section className={styles.benchLoad}>
      <h2>
        {t('potting.load', { recipe: mix.name, number, loads: mix.loads })}{' '}
        <span className={common.quiet}>{t('potting.loadOf', { litres: q(planned.litres, 'L') })}</span>
      </h2>
      <p>
        {t('potting.scoop', {
          scoop: day.scoop_name ?? t('potting.anyScoop'),
          litres: q(day.scoop_l, 'L'),
        })}{' '}
        <span className={common.quiet}>{t('potting.loadHint')}</span>
      </p>
      <ScoopNotes warnings={mix.warnings} nameOf={nameIn(mix)} />
      <ul>
        {inOrder.map((part) => {
          const on = isOn(part.component_id);
          const line = planned.lines.find((each) => each.component_id === part.component_id);
          const choices = day.shelf.find((row) => row.component_id === part.component_id)?.lots ?? [];
          return (
            <li key={part.component_id}>
              <button
                type="button"
                className={styles.benchTick}
                aria-pressed={on}
                disabled={mayNot}
                onClick={() => tap(part.component_id)}
              >
                <span className={styles.tickBox} aria-hidden="true">
                  {on ? '✓' : ''}
                </span>
                <Swatch kind={part.kind} colour={part.colour} />
                <span className={styles.benchName}>
                  {part.name}
                  {part.preparation != null && <small>{said(part.preparation)}</small>}
                  {part.dusty && <small>{t('potting.dust')}</small>}
                </span>
                <strong>{line === undefined ? '–' : words.scoops(line)}</strong>
                <small>
                  {words.otherScoop(planned.lines, day.scoop_l) ?? t('day.scoopsWord')}
                  <br />
                  {line !== undefined && words.besideScoops(line) !== null && (
                    <>
                      <b>{words.besideScoops(line)}</b>
                      <br />
                    </>
                  )}
                  {q(line?.litres ?? 0, 'L')}
                </small>
              </button>
              {choices.length > 1 && (
                <label className={styles.benchLot}>
                  {t('potting.lot')}
                  <Select
                    size="large"
                    aria-label={`${t('potting.lot')} ${part.name}`}
                    value={lots[part.component_id] ?? 0}
                    options={[
                      { value: 0, label: t('potting.anyLot') },
                      ...choices.map((lot) => ({ value: lot.id, label: `${lot.name}, ${q(lot.stock_l, 'L')}` })),
                    ]}
                    onChange={(id) =>
                      setLots(
                        id === 0
                          ? Object.fromEntries(
                              Object.entries(lots).filter(([key]) => key !== String(part.component_id)),
                            )
                          : { ...lots, [part.component_id]: id },
                      )
                    }
                  />
                </label>
              )}
            </li>
          );
        })}
      </ul>
      <p className={styles.benchTurns}>{t('potting.turns', { turns: mix.turns })}</p>
      {load.error !== null && <CountNow day={day} lines={planned.lines} counted={() => load.reset()} />}
      <Trouble line className={styles.benchTrouble} error={load.error} />
      <DoButton
        be="helper"
        type="primary"
        size="large"
        block
        className={styles.benchGo}
        disabled={ticked.length < mix.parts.length}
        loading={load.isPending}
        onClick={() => void submit().catch(() => undefined)}
      >
        {t('potting.loadDone')}
      </DoButton>
    </section>
  );
}
