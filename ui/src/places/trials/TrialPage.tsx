import { Button } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';

import type { Schemas } from '../../api/client';
import { useTrial, useTrialStep } from '../../api/trials';
import { useWords } from '../../i18n/words';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { ListState } from '../../kit/lists/ListState';
import { LogNav } from '../../kit/log/LogNav';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import { Labels } from './Labels';
import { Result } from './Result';
import { TrialDrawer } from './TrialDrawer';
import { Values } from './Values';
import styles from './trials.module.css';

/** A trial from its plan to its result. */
export default function TrialPage() {
  const id = Number(useParams()['id']);
  const found = useTrial(id);
  const [view, setView] = useAddressed('view', '');

  return (
    <div className={common.listPage}>
      <LogNav />
      <ListState found={found}>
        {found.data !== undefined &&
          (view === 'labels' ? (
            <Labels trial={found.data} back={() => setView('')} />
          ) : (
            <OneTrial key={found.data.id} trial={found.data} labels={() => setView('labels')} />
          ))}
      </ListState>
    </div>
  );
}

function OneTrial({ trial, labels }: { trial: Schemas['Trial']; labels: () => void }) {
  const { t, n, day } = useWords();
  const step = useTrialStep(trial.id);
  const say = useUndoable();
  const [editing, setEditing] = useState(false);
  const act = (what: 'begin' | 'key' | 'end') =>
    void step
      .mutateAsync(what)
      .then(() => say(t(`trial.did.${what}`)))
      .catch(() => undefined);
  const isRunning = trial.state === 'running';

  return (
    <article className={styles.trial}>
      <header>
        <h1>{trial.name}</h1>
        {trial.question !== '' && <p className={styles.question}>{trial.question}</p>}
        <p>
          <strong>{t(`trial.state.${trial.state}`)}</strong>
          {trial.begun_on !== null && ` · ${t('trial.begunOn', { date: day(trial.begun_on) })}`}
          {trial.ended_on !== null && ` · ${t('trial.endedOn', { date: day(trial.ended_on) })}`}
          {` · ${t('trial.plantsN', { count: trial.plants_count })} · ${t(`trial.blocking.${trial.blocking}`)}`}
        </p>
        <div className={styles.acts}>
          {trial.state === 'planned' && (
            <DoButton type="primary" loading={step.isPending} onClick={() => act('begin')}>
              {t('trial.begin')}
            </DoButton>
          )}
          {isRunning && (
            <DoButton loading={step.isPending} onClick={() => act('end')}>
              {t('trial.end')}
            </DoButton>
          )}
          {trial.hidden && <DoButton onClick={() => act('key')}>{t('trial.key')}</DoButton>}
          {trial.state !== 'planned' && <Button onClick={labels}>{t('trial.labels')}</Button>}
          <DoButton onClick={() => setEditing(true)}>{t('common.edit')}</DoButton>
        </div>
        {step.isError && (
          <p role="alert" className={common.fieldError}>
            {step.error.message}
          </p>
        )}
      </header>
      <section>
        <h2>{t(`trial.varies.${trial.varies}`)}</h2>
        <ul className={styles.tried}>
          {trial.arms.map((arm) => (
            <li key={arm.code}>
              {trial.blinded && <strong className={styles.code}>{arm.code}</strong>}{' '}
              {arm.label === null ? (
                <span className={common.quiet}>{t('trial.hidden')}</span>
              ) : arm.recipe_id !== null ? (
                <Link to={`/log/mixes?mix=${arm.recipe_id}`}>{arm.label}</Link>
              ) : (
                arm.label
              )}
            </li>
          ))}
        </ul>
        {trial.opened_on !== null && (
          <p className={common.mind}>
            ◆{' '}
            {t('trial.openedOn', {
              date: day(trial.opened_on),
              by: trial.opened_by === '' ? t('trial.somebody') : trial.opened_by,
            })}
          </p>
        )}
      </section>
      {trial.result !== null && <Result trial={trial} result={trial.result} />}
      {trial.state !== 'planned' && <Values trial={trial} />}
      {trial.state === 'planned' && (
        <section>
          <h2>{t('trial.who')}</h2>
          <p>{t('trial.plannedHint', { count: n(trial.plants_count, 4) })}</p>
          <ul className={styles.chosen}>
            {trial.plants.map((plant) => (
              <li key={plant.plant_id}>
                {plant.number} {plant.name}
                {plant.place === '' ? '' : `, ${plant.place}`}
              </li>
            ))}
          </ul>
        </section>
      )}
      {editing && <TrialDrawer trial={trial} close={() => setEditing(false)} saved={() => undefined} />}
    </article>
  );
}
