import { Button } from 'antd';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { useJudgement } from '../../api/days';
import { useWords } from '../../i18n/words';
import { TextField } from '../../kit/fields/TextField';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './days.module.css';

type Care = Schemas['PlannedCare'];

interface Props {
  day: number;
  entry: Schemas['DayEntry'];
  /** Null where it may only be looked at. */
  keep: ((changes: Schemas['EntryChanges']) => void) | null;
}

/** What will be looked after once it is potted so; each can be taken off with a reason, and put back. */
export function EntryCare({ day, entry, keep }: Props) {
  const { t } = useWords();
  const care = useJudgement(day, entry.id, entry.revision).data?.care ?? [];
  const [asking, setAsking] = useState<Care['kind'] | null>(null);
  const [why, setWhy] = useState('');
  const off = entry.plan.care_off;
  const takeOff = () => {
    if (asking !== null && why.trim() !== '') {
      keep?.({ care_off: [...off, { kind: asking, why: why.trim() }] });
      setAsking(null);
      setWhy('');
    }
  };
  const putBack = (kind: Care['kind']) => keep?.({ care_off: off.filter((each) => each.kind !== kind) });

  return care.length === 0 ? null : (
    <section aria-label={t('entry.care')}>
      <h3>{t('entry.care')}</h3>
      <ul className={styles.entryCare}>
        {care.map((task) => (
          <li key={task.kind}>
            <CareLine task={task} />
            {keep !== null && task.taken_off === null && (
              <DoButton
                type="text"
                aria-label={t('entry.careOffOne', { task: t(`task.${task.kind}`) })}
                onClick={() => setAsking(task.kind)}
              >
                {t('entry.careOff')}
              </DoButton>
            )}
            {keep !== null && task.taken_off !== null && (
              <DoButton
                type="text"
                aria-label={t('entry.careBackOne', { task: t(`task.${task.kind}`) })}
                onClick={() => putBack(task.kind)}
              >
                {t('entry.careBack')}
              </DoButton>
            )}
            {asking === task.kind && (
              <div className={styles.entryCareWhy}>
                <TextField label={t('entry.careWhy')} value={why} onChange={setWhy} longest={200} />
                <Button disabled={why.trim() === ''} onClick={takeOff}>
                  {t('entry.careOff')}
                </Button>
                <Button type="text" onClick={() => setAsking(null)}>
                  {t('entry.careStay')}
                </Button>
              </div>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function CareLine({ task }: { task: Care }) {
  const { t, day, n, q } = useWords();
  const { days, kmh, cm } = task.figures as Record<string, number | undefined>;
  const more = [
    task.every_days === null ? '' : t('task.every', { days: task.every_days }),
    task.ends_by === 'date' ? '' : t(`task.until.${task.ends_by}`),
    task.kind === 'first_weeks' && days !== undefined ? t('entry.careDays', { days: n(days, 2) }) : '',
    cm === undefined ? '' : t('task.cm', { cm: q(cm, 'cm') }),
    kmh === undefined ? '' : t('entry.careGust', { kmh: n(kmh) }),
  ].filter((part) => part !== '');

  return task.taken_off === null ? (
    <span>
      {t(`task.${task.kind}`)}{' '}
      <small className={common.quiet}>
        {day(task.due_on)}
        {more.length > 0 && ` · ${more.join(' · ')}`}
      </small>
    </span>
  ) : (
    <span className={common.quiet}>
      <s>{t(`task.${task.kind}`)}</s> <small>{t('entry.careTakenOff', { why: task.taken_off })}</small>
    </span>
  );
}
