import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { usePotEntry } from '../../api/days';
import { useUnsent } from '../../api/outbox';
import { useWords } from '../../i18n/words';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { PhotoInput } from '../../kit/plants/Photos';
import { CardWarnings } from './CardWarnings';
import { DoneDrawer } from './DoneDrawer';
import { PotCard } from './PotCard';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './days.module.css';

interface Props {
  day: Schemas['PottingDay'];
  person: string;
  toEnd: () => void;
}

/** Plant by plant, as a card with everything for it: done, changed, not today. */
export function PotSteps({ day, person, toEnd }: Props) {
  const { t } = useWords();
  const queue = day.entries
    .filter((entry) => entry.state === 'planned' && entry.problem === null)
    .toSorted(
      (a, b) =>
        Number(b.helper === person && person !== '') - Number(a.helper === person && person !== '') ||
        (a.order ?? Infinity) - (b.order ?? Infinity),
    );
  const [chosen, setChosen] = useState<number | null>(null);
  const [asking, setAsking] = useState<'changed' | 'not_today' | null>(null);
  const [why, setWhy] = useState('');
  const pot = usePotEntry(day.id);
  const say = useUndoable();
  const entry = queue.find((each) => each.id === chosen) ?? queue[0];
  const card = useCardTop(entry?.id);
  const unsent = new Set(
    useUnsent().flatMap(({ effect, refused }) =>
      effect.kind === 'entry' && effect.day === day.id && refused === null ? [effect.entry] : [],
    ),
  );
  const finished = day.entries.filter((each) => each.state !== 'planned');
  const problem = problemOf(pot);
  const back = (id: number) => pot.mutate({ entry: id, state: 'planned' });
  const asksWhy = problem?.at('accepted') !== undefined;
  const ask = (state: 'changed' | 'not_today') => {
    // what is changed there may put it elsewhere in the order
    setChosen(entry?.id ?? null);
    setAsking(state);
  };
  const done = async (each: Schemas['DayEntry'], accepted?: string) => {
    const saved = await pot.mutateAsync({
      entry: each.id,
      state: 'done',
      person,
      ...(accepted === undefined ? {} : { accepted }),
    });
    setWhy('');
    if (saved !== null) {
      const tasks = Number(saved.entries.find((one) => one.id === each.id)?.actual['tasks'] ?? 0);
      say(t('potting.wasDone', { name: each.plant.name, tasks }), () => back(each.id));
    }
    setChosen(null);
  };

  return (
    <div className={styles.benchSteps}>
      {entry === undefined ? (
        <div className="bench-end">
          <p className={`${styles.benchBig} ${styles.good}`}>✓ {t('potting.allPotted')}</p>
          <Button type="primary" size="large" onClick={toEnd}>
            {t('potting.closing')}
          </Button>
        </div>
      ) : (
        <section ref={card} className={styles.benchPlant} aria-live="polite">
          <h2>
            <span className={common.plantNumber}>{entry.plant.number}</span> {entry.plant.name}
            {entry.count > 1 && <strong> · {t('plants.alike', { count: entry.count })}</strong>}
            {entry.helper !== '' && <span className={common.quiet}> · {entry.helper}</span>}
          </h2>
          <CardWarnings entry={entry} />
          <PotCard entry={entry} />
          <PhotoInput
            key={entry.id}
            plantId={entry.plant.id}
            entry={entry.id}
            subject="roots"
            label={t('potting.photo')}
          />
          <div className={styles.benchActs}>
            {pot.error !== null && (
              <div className={styles.benchAsk}>
                <p className={`${common.fieldError} ${styles.benchTrouble}`} role="alert">
                  {problem?.message ?? t('problem.offline')}
                </p>
                {asksWhy && (
                  <div className={styles.benchWhy}>
                    <TextField label={t('potting.whyAnyway')} value={why} onChange={setWhy} longest={300} />
                    <DoButton
                      be="helper"
                      size="large"
                      danger
                      disabled={why.trim() === ''}
                      onClick={() => void done(entry, why).catch(() => undefined)}
                    >
                      {t('potting.doAnyway')}
                    </DoButton>
                  </div>
                )}
              </div>
            )}
            <DoButton
              be="helper"
              type="primary"
              size="large"
              className={styles.benchGo}
              loading={pot.isPending}
              onClick={() => void done(entry).catch(() => undefined)}
            >
              {t('potting.done')}
            </DoButton>
            <DoButton be="helper" size="large" className={styles.benchGo} onClick={() => ask('changed')}>
              {t('potting.changed')}
            </DoButton>
            <DoButton be="helper" size="large" className={styles.benchGo} onClick={() => ask('not_today')}>
              {t('potting.notToday')}
            </DoButton>
          </div>
          {asking !== null && (
            <DoneDrawer
              key={`${entry.id} ${asking}`}
              day={day}
              entry={entry}
              state={asking}
              person={person}
              close={() => {
                setAsking(null);
                setChosen(null);
              }}
              undo={() => back(entry.id)}
            />
          )}
        </section>
      )}
      <section>
        <h2>{t('potting.queue')}</h2>
        <ul className={styles.benchQueue}>
          {queue.map((each) => (
            <li key={each.id}>
              <button
                type="button"
                aria-pressed={each.id === entry?.id}
                onClick={() => {
                  pot.reset();
                  setChosen(each.id);
                }}
              >
                <strong>{each.plant.number}</strong> {each.plant.name}
                <span className={common.quiet}> · {each.pot.name}</span>
              </button>
            </li>
          ))}
          {finished.map((each) => (
            <li key={each.id} className={styles.isFinished}>
              <span>
                {each.state === 'not_today' ? '–' : '✓'} <strong>{each.plant.number}</strong> {each.plant.name}
                <span className={common.quiet}> · {t(`day.state.${each.state}`)}</span>
              </span>
              {unsent.has(each.id) && <span className={common.mind}>◆ {t('unsent.mark')}</span>}
              {day.status !== 'finished' && !unsent.has(each.id) && (
                <DoButton
                  be="helper"
                  aria-label={`${t('potting.undo')}: ${each.plant.number}`}
                  onClick={() => back(each.id)}
                >
                  {t('potting.undo')}
                </DoButton>
              )}
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

/** The next card starts at its top. */
function useCardTop(id: number | undefined) {
  const card = useRef<HTMLElement>(null);
  const before = useRef(id);
  useEffect(() => {
    if (before.current !== id) {
      before.current = id;
      card.current?.scrollIntoView({ block: 'start' });
    }
  }, [id]);

  return card;
}
