import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';

import { useTasks } from '../../api/care';
import { useDays } from '../../api/days';
import { useReader } from '../../i18n/reader';
import { useWords } from '../../i18n/words';
import { ListState } from '../../kit/lists/ListState';
import { TaskList, useTaskName } from '../../kit/plants/TaskList';
import { type CalendarDay, iso, monthDays } from './month';
import common from '../../styles/common.module.css';
import styles from './today.module.css';

const MOST_IN_A_DAY = 3;

/** Open tasks and potting days by the month, and the same as a file for the phone. */
export default function CalendarPage() {
  const { t, month, weekday } = useWords();
  const { language } = useReader();
  const [at, setAt] = useState(() => ({ year: new Date().getFullYear(), month: new Date().getMonth() }));
  const weeks = monthDays(at.year, at.month);
  const first = weeks[0]?.[0]?.iso ?? '';
  const last = weeks.at(-1)?.at(-1)?.iso ?? '';
  const found = useTasks({ state: 'open', from: first, to: last, per_page: 200 });
  const days = useDays({ per_page: 100 }).data?.data ?? [];
  const nameOf = useTaskName();
  const tasks = found.data?.data ?? [];
  const today = iso(new Date());
  const turn = (by: number) => {
    const next = new Date(at.year, at.month + by, 1);
    setAt({ year: next.getFullYear(), month: next.getMonth() });
  };
  const ofMonth = tasks.filter((task) => task.due_on.startsWith(`${at.year}-${String(at.month + 1).padStart(2, '0')}`));

  const cell = (day: CalendarDay) => {
    const here = tasks.filter((task) => task.due_on === day.iso);
    return (
      <td
        key={day.iso}
        className={`${day.inMonth ? '' : styles.otherMonth} ${day.iso === today ? styles.isToday : ''}`}
        aria-current={day.iso === today ? 'date' : undefined}
      >
        <span className={styles.dayNumber}>{day.day}</span>
        {days
          .filter((each) => each.planned_on === day.iso)
          .map((each) => (
            <Link key={`day ${each.id}`} className={styles.calendarDay} to={`/days/${each.id}`}>
              {each.name}
            </Link>
          ))}
        {here.slice(0, MOST_IN_A_DAY).map((task) => (
          <Link key={task.id} className={task.overdue ? common.mind : ''} to={`/plants/${task.plant_id}`}>
            {task.plant_number} {nameOf(task)}
          </Link>
        ))}
        {here.length > MOST_IN_A_DAY && (
          <span className={common.quiet}>{t('calendar.more', { count: here.length - MOST_IN_A_DAY })}</span>
        )}
      </td>
    );
  };

  return (
    <div className={styles.calendarPage}>
      <header className={common.listHead}>
        <h1>{t('calendar.title')}</h1>
        <Button onClick={() => turn(-1)}>{t('calendar.before')}</Button>
        <strong className={styles.calendarMonth}>
          {t('calendar.month', { month: month(at.month), year: String(at.year) })}
        </strong>
        <Button onClick={() => turn(1)}>{t('calendar.after')}</Button>
        <Button
          className={styles.calendarFeed}
          href={`/api/v1/calendar.ics?language=${language}`}
          title={t('calendar.feedHint')}
        >
          {t('calendar.feed')}
        </Button>
      </header>
      <ListState
        isPending={found.isPending}
        error={found.error}
        retry={() => void found.refetch()}
        isEmpty={false}
        empty={null}
      >
        <table className={styles.calendar}>
          <thead>
            <tr>
              {weeks[0]?.map((day) => (
                <th key={day.iso} scope="col">
                  {weekday(day.iso)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {weeks.map((week) => (
              <tr key={week[0]?.iso}>{week.map(cell)}</tr>
            ))}
          </tbody>
        </table>
        <section className={styles.calendarList}>
          <h2>{t('calendar.open')}</h2>
          {ofMonth.length === 0 ? (
            <p className={common.quiet}>{t('calendar.none')}</p>
          ) : (
            <TaskList tasks={ofMonth} withPlant />
          )}
        </section>
      </ListState>
    </div>
  );
}
