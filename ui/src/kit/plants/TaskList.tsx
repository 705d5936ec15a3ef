import { useState } from 'react';
import { Link } from 'react-router';

import { problemOf, type Schemas } from '../../api/client';
import { useChangeTask } from '../../api/care';
import { isoDay } from '../../i18n/isoDay';
import { useWords } from '../../i18n/words';
import { TextField } from '../fields/TextField';
import { useUndoable } from '../hooks/useUndoable';
import common from '../../styles/common.module.css';
import styles from './plants.module.css';
import { FormDialog } from '../forms/FormDialog';
import { RoundLine } from './RoundLine';
import { DoButton } from '../people/DoButton';

type Task = Schemas['CareTask'];
const OUTCOMES: Schemas['Outcome'][] = ['took', 'sulked', 'died'];

/** Tasks with what can be done about each: done by a day or by what is seen, later, or skipped with a reason. */
export function TaskList({ tasks, withPlant }: { tasks: Task[]; withPlant: boolean }) {
  const { t } = useWords();
  const change = useChangeTask();
  const say = useUndoable();
  const [asking, setAsking] = useState<{ task: Task; what: 'postpone' | 'skip' } | null>(null);
  const nameOf = useTaskName();
  const doneWords = (task: Task) => t(task.ends_by === 'date' ? 'task.done' : `task.doneEvent.${task.ends_by}`);
  const done = async (task: Task, outcome?: Schemas['Outcome']) => {
    await change.mutateAsync({ id: task.id, do: 'done', ...(outcome === undefined ? {} : { outcome }) });
    say(t('task.wasDone', { task: nameOf(task) }), () => change.mutate({ id: task.id, do: 'reopen' }));
  };

  const line = (task: Task) => (
    <li key={task.id} className={task.overdue ? styles.isLate : ''}>
      <TaskText task={task} withPlant={withPlant} />
      <span className={styles.taskActs}>
        {task.kind === 'after_six_weeks' || task.kind === 'after_a_year' ? (
          OUTCOMES.map((outcome) => (
            <DoButton be="helper" key={outcome} onClick={() => void done(task, outcome).catch(() => undefined)}>
              {t(`outcome.${outcome}`)}
            </DoButton>
          ))
        ) : (
          <DoButton
            be="helper"
            type="primary"
            ghost
            aria-label={`${doneWords(task)}: ${nameOf(task)} ${task.plant_number}`}
            onClick={() => void done(task).catch(() => undefined)}
          >
            {doneWords(task)}
          </DoButton>
        )}
        <DoButton
          be="helper"
          aria-label={`${t('task.postpone')}: ${nameOf(task)} ${task.plant_number}`}
          onClick={() => setAsking({ task, what: 'postpone' })}
        >
          {t('task.postpone')}
        </DoButton>
        <DoButton
          be="helper"
          type="text"
          aria-label={`${t('task.skip')}: ${nameOf(task)} ${task.plant_number}`}
          onClick={() => setAsking({ task, what: 'skip' })}
        >
          {t('task.skip')}
        </DoButton>
      </span>
    </li>
  );

  return (
    <>
      <ul className={styles.taskList}>
        {linesOf(tasks).map((each) =>
          each.length === 1 ? (
            line(each[0])
          ) : (
            <RoundLine key={each[0].id} tasks={each}>
              <ul className={styles.taskList}>{each.map(line)}</ul>
            </RoundLine>
          ),
        )}
      </ul>
      {asking !== null && <Ask {...asking} close={() => setAsking(null)} />}
    </>
  );
}

/** Tasks one by one, those of one round and day together where the first of them stands. */
function linesOf(tasks: Task[]): [Task, ...Task[]][] {
  const lines = new Map<string, [Task, ...Task[]]>();
  for (const task of tasks) {
    const key = task.round === null ? `task ${task.id}` : `${task.round} ${task.due_on}`;
    const line = lines.get(key);
    if (line === undefined) {
      lines.set(key, [task]);
    } else {
      line.push(task);
    }
  }

  return [...lines.values()];
}

export function useTaskName() {
  const { t } = useWords();

  return (task: Task) => (task.kind === 'own' ? task.note : t(`task.${task.kind}`));
}

function TaskText({ task, withPlant }: { task: Task; withPlant: boolean }) {
  const { t, date, percent, q } = useWords();
  const nameOf = useTaskName();
  const share = task.figures['share'];
  const cm = task.figures['cm'];
  const more = [
    task.ends_by === 'date' ? '' : t(`task.until.${task.ends_by}`),
    task.every_days === null ? '' : t('task.every', { days: task.every_days }),
    typeof cm === 'number' ? t('task.cm', { cm: q(cm, 'cm') }) : '',
    typeof share === 'number' ? t('task.share', { share: percent(share) }) : '',
    task.until_on === null ? '' : t('task.untilDay', { date: date(task.until_on) }),
    task.kind === 'own' ? '' : task.note,
    task.reason,
  ].filter((part) => part !== '');

  return (
    <div className={styles.taskText}>
      <strong>{nameOf(task)}</strong>
      {withPlant && (
        <>
          {' '}
          <Link to={`/plants/${task.plant_id}`}>
            {task.plant_number} {task.plant_name}
          </Link>
          {task.place !== '' && <span className={common.quiet}> · {task.place}</span>}
        </>
      )}
      <p className={task.overdue ? common.mind : common.quiet}>
        {t(task.ends_by === 'date' ? 'task.dueOn' : 'task.lookOn', { date: date(task.due_on) })}
        {task.overdue && ` · ${t('task.overdue')}`}
        {more.length > 0 && ` · ${more.join(' · ')}`}
      </p>
    </div>
  );
}

function Ask({ task, what, close }: { task: Task; what: 'postpone' | 'skip'; close: () => void }) {
  const { t, date } = useWords();
  const nameOf = useTaskName();
  const change = useChangeTask();
  const say = useUndoable();
  const [until, setUntil] = useState(() => isoDay(7));
  const [reason, setReason] = useState('');
  const problem = problemOf(change);
  const submit = async () => {
    await change.mutateAsync(
      what === 'postpone' ? { id: task.id, do: 'postpone', until, reason } : { id: task.id, do: 'skip', reason },
    );
    if (what === 'postpone') {
      say(t('task.wasPostponed', { task: nameOf(task), date: date(until) }), () =>
        change.mutate({ id: task.id, do: 'postpone', until: task.due_on }),
      );
    } else {
      say(t('task.wasSkipped', { task: nameOf(task) }), () => change.mutate({ id: task.id, do: 'reopen' }));
    }
    close();
  };

  return (
    <FormDialog
      be="helper"
      title={nameOf(task)}
      close={close}
      save={submit}
      by={change}
      saveLabel={t(what === 'postpone' ? 'task.postpone' : 'task.skip')}
      atFields
    >
      {what === 'postpone' && (
        <TextField
          label={t('task.postponeTo')}
          type="date"
          value={until}
          error={problem?.at('until')}
          onChange={setUntil}
        />
      )}
      <TextField
        label={t(what === 'skip' ? 'task.skipWhy' : 'plant.reason')}
        value={reason}
        error={problem?.at('reason')}
        onChange={setReason}
        longest={300}
      />
    </FormDialog>
  );
}
