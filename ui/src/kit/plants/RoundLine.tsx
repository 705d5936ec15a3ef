import type { ReactNode } from 'react';

import type { Schemas } from '../../api/client';
import { useChangeRound } from '../../api/care';
import { useWords } from '../../i18n/words';
import { useUndoable } from '../hooks/useUndoable';
import { DoButton } from '../people/DoButton';
import common from '../../styles/common.module.css';
import styles from './plants.module.css';

interface Props {
  tasks: [Schemas['CareTask'], ...Schemas['CareTask'][]];
  /** Plant by plant. */
  children: ReactNode;
}

/** A round of many plants in one line: one tick for all of them, or plant by plant beneath it. */
export function RoundLine({ tasks, children }: Props) {
  const { t, date } = useWords();
  const change = useChangeRound();
  const say = useUndoable();
  const [first] = tasks;
  const round = first.round ?? '';
  const done = async () => {
    const answer = await change.mutateAsync({ round, do: 'done' });
    say(t('round.wasDone', { task: first.note, count: answer.tasks }), () => change.mutate({ round, do: 'reopen' }));
  };

  return (
    <li className={first.overdue ? styles.isLate : ''}>
      <div className={styles.taskText}>
        <strong>{first.note}</strong> {t('round.plants', { count: tasks.length })}
        <p className={first.overdue ? common.mind : common.quiet}>
          {t('task.dueOn', { date: date(first.due_on) })}
          {first.overdue && ` · ${t('task.overdue')}`}
          {first.every_days !== null && ` · ${t('task.every', { days: first.every_days })}`}
        </p>
        <details>
          <summary>{t('round.each')}</summary>
          {children}
        </details>
      </div>
      <span className={styles.taskActs}>
        <DoButton
          be="helper"
          type="primary"
          ghost
          aria-label={`${t('round.doneAll')}: ${first.note}`}
          loading={change.isPending}
          onClick={() => void done().catch(() => undefined)}
        >
          {t('round.doneAll')}
        </DoButton>
      </span>
    </li>
  );
}
