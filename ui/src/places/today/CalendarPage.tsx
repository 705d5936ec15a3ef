import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';

import { useTasks } from '../../api/care';
import { useDays } from '../../api/days';
import { useWords } from '../../i18n/words';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { ListState } from '../../kit/lists/ListState';
import { TaskList, useTaskName } from '../../kit/plants/TaskList';
import { CalendarFeed } from './CalendarFeed';
import { type CalendarDay, iso, monthDays } from './month';
import common from '../../styles/common.module.css';
import styles from './today.module.css';

const MOST_IN_A_DAY = 3;

/** Open tasks and potting days by the month, and the same as a file for the phone. */
export default function CalendarPage() {
  const { t, month, weekday, date } = useWords();
  const [feeding, setFeeding] = useState(false);
  const [monthText, setMonth] = useAddressed('month', iso(new Date()).slice(0, 7));
  const at = { year: Number(monthText.slice(0, 4)), month: Number(monthText.slice(5, 7)) - 1 };
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
    setMonth(iso(next).slice(0, 7));
  };
  const ofMonth = tasks.filter((task) => task.due_on.startsWith(monthText));
  const listed = [
    ...new Set([
      ...ofMonth.map((task) => task.due_on),
      ...days.map((each) => each.planned_on).filter((on) => on.startsWith(monthText)),
    ]),
  ].sort();

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
        <Button className={styles.calendarFeed} onClick={() => setFeeding(true)}>
          {t('calendar.feed')}
        </Button>
        {feeding && <CalendarFeed close={() => setFeeding(false)} />}
      </header>
      <ListState found={found}>
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
          {listed.length === 0 && <p className={common.quiet}>{t('calendar.none')}</p>}
          {listed.map((iso) => (
            <section key={iso} aria-label={date(iso)}>
              <h3>
                {weekday(iso)} {date(iso)}
              </h3>
              {days
                .filter((each) => each.planned_on === iso)
                .map((each) => (
                  <p key={each.id}>
                    <Link className={styles.calendarDay} to={`/days/${each.id}`}>
                      {each.name}
                    </Link>
                  </p>
                ))}
              <TaskList tasks={ofMonth.filter((task) => task.due_on === iso)} withPlant />
            </section>
          ))}
        </section>
      </ListState>
    </div>
  );
}
