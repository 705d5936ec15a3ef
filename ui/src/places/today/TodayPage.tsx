import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useToday } from '../../api/care';
import { Swatch } from '../../drawing/Swatch';
import { useWords } from '../../i18n/words';
import { LinkButton } from '../../kit/fields/LinkButton';
import { ListState } from '../../kit/lists/ListState';
import { AddRound } from '../../kit/plants/AddRound';
import { TaskList } from '../../kit/plants/TaskList';
import { WaterFirst } from './WaterFirst';
import { DoButton } from '../../kit/people/DoButton';
import styles from './today.module.css';
import common from '../../styles/common.module.css';

/** What the day asks for, with one way on from each. */
export default function TodayPage() {
  const { t, date } = useWords();
  const found = useToday();

  return (
    <ListState found={found}>
      {found.data !== undefined && (
        <div className={styles.today}>
          <header className={common.listHead}>
            <h1>{t('today.title')}</h1>
            <span className={`${common.quiet} ${styles.todayDate}`}>{date(new Date().toISOString())}</span>
            <LinkButton to="/calendar">{t('today.calendar')}</LinkButton>
          </header>
          {!found.data.has_plants && (
            <p className={styles.todayEmpty}>
              {t('today.empty')} <Link to="/start">{t('today.start')}</Link> ·{' '}
              <Link to="/plants?new">{t('today.addPlant')}</Link> · <Link to="/blend">{t('nav.blend')}</Link>
            </p>
          )}
          <div className={styles.todayColumns}>
            <div>
              {found.data.has_plants && <WaterFirst water={found.data.water} />}
              <Tasks today={found.data} />
              <Due today={found.data} />
            </div>
            <div>
              <Days today={found.data} />
              <Low today={found.data} />
              <Recovering today={found.data} />
              <Tests today={found.data} />
            </div>
          </div>
        </div>
      )}
    </ListState>
  );
}

interface Props {
  today: Schemas['Today'];
}

function Block({
  title,
  none,
  isEmpty,
  children,
}: {
  title: string;
  none: string;
  isEmpty: boolean;
  children: ReactNode;
}) {
  return (
    <section>
      <h2>{title}</h2>
      {isEmpty ? <p className={common.quiet}>{none}</p> : children}
    </section>
  );
}

function Tasks({ today }: Props) {
  const { t } = useWords();
  const [adding, setAdding] = useState(false);

  return (
    <>
      <Block title={t('today.tasks')} none={t('today.noTasks')} isEmpty={today.tasks.length === 0}>
        <TaskList tasks={today.tasks} withPlant />
        {today.tasks_total > today.tasks.length && (
          <Link to="/calendar">{t('today.moreTasks', { count: today.tasks_total })}</Link>
        )}
      </Block>
      {today.has_plants && (
        <DoButton className={styles.addRound} onClick={() => setAdding(true)}>
          {t('round.new')}
        </DoButton>
      )}
      {adding && <AddRound close={() => setAdding(false)} />}
    </>
  );
}

function Days({ today }: Props) {
  const { t, date } = useWords();

  return (
    <section>
      <h2>{t('today.days')}</h2>
      {today.days.length === 0 ? (
        <p className={common.quiet}>
          {t('today.noDays')} <Link to="/days?new">{t('today.planDay')}</Link>
        </p>
      ) : (
        <ul className={styles.todayList}>
          {today.days.map((day) => (
            <li key={day.id}>
              <div>
                <strong>{day.name}</strong>
                <p className={common.quiet}>
                  {date(day.planned_on)} · {t('today.dayState', { done: day.done, plants: day.plants })}
                </p>
              </div>
              <LinkButton to={day.status === 'under_way' ? `/days/${day.id}/bench` : `/days/${day.id}`} type="primary">
                {t(day.status === 'under_way' ? 'today.toBench' : 'today.openDay')}
              </LinkButton>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function Due({ today }: Props) {
  const { t, date } = useWords();

  return (
    <Block title={t('today.due')} none={t('today.noDue')} isEmpty={today.due.length === 0}>
      <ul className={styles.todayPlants}>
        {today.due.map((plant) => (
          <li key={plant.id}>
            <Link to={`/plants/${plant.id}`}>
              {plant.number} {plant.name}
            </Link>
            <span className={common.quiet}>
              {plant.pot ?? '–'} · {plant.due_on === null ? '' : t('due.on', { date: date(plant.due_on) })}
            </span>
          </li>
        ))}
      </ul>
      {today.due_total > today.due.length && (
        <Link to="/plants?due">{t('today.moreDue', { count: today.due_total })}</Link>
      )}
    </Block>
  );
}

function Low({ today }: Props) {
  const { t, q } = useWords();

  return (
    <Block title={t('today.low')} none={t('today.noLow')} isEmpty={today.low.length === 0}>
      <ul className={styles.todayList}>
        {today.low.map((component) => (
          <li key={component.id}>
            <div className={common.withSwatch}>
              <Swatch kind={component.kind} colour={component.colour} />
              <div>
                <strong>{component.name}</strong>
                <p className={common.quiet}>
                  {t('today.lowOf', { stock: q(component.stock_l, 'L'), low: q(component.low_l, 'L') })}
                </p>
              </div>
            </div>
            <LinkButton to={`/bins/${component.id}`}>{t('today.look')}</LinkButton>
          </li>
        ))}
      </ul>
    </Block>
  );
}

function Recovering({ today }: Props) {
  const { t, date } = useWords();

  return (
    <Block title={t('today.recovering')} none={t('today.noRecovering')} isEmpty={today.recovering.length === 0}>
      <ul className={styles.todayPlants}>
        {today.recovering.map((plant) => (
          <li key={plant.id}>
            <Link to={`/plants/${plant.id}`}>
              {plant.number} {plant.name}
            </Link>
            <span
              className={plant.health === 'well' ? common.quiet : plant.health === 'sick' ? common.stop : common.mind}
            >
              {t(`health.${plant.health}`)}
              {plant.potted_on !== null && (
                <span className={common.quiet}> · {t('today.pottedOn', { date: date(plant.potted_on) })}</span>
              )}
            </span>
          </li>
        ))}
      </ul>
    </Block>
  );
}

function Tests({ today }: Props) {
  const { t } = useWords();
  if (today.tests.length === 0) {
    return null;
  }

  return (
    <section>
      <h2>{t('today.tests')}</h2>
      <ul className={styles.todayList}>
        {today.tests.map((test) => (
          <li key={test.id}>
            <div>
              <strong>{t(`bench.kind.${test.kind}`)}</strong> {test.name}
            </div>
            <LinkButton to={`/bench/tests/${test.id}`}>{t('today.goOn')}</LinkButton>
          </li>
        ))}
      </ul>
    </section>
  );
}
