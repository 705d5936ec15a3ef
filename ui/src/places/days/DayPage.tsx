import { Button, Segmented } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';

import { later } from '../../kit/later';
import { rules } from '../../api/meta';
import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { LinkButton } from '../../kit/fields/LinkButton';
import { DayFrame } from '../../kit/days/DayFrame';
import { CostSums } from './CostSums';
import { EntryTable } from './EntryTable';
import { MixSums } from './MixSums';
import { PotSums } from './PotSums';
import { ShelfTable } from './ShelfTable';
import { ToolSums } from './ToolSums';
import { OfDay } from './OfDay';
import common from '../../styles/common.module.css';
import styles from './days.module.css';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { DoButton } from '../../kit/people/DoButton';

const ChoosePlants = later(() => import('./ChoosePlants').then(({ ChoosePlants }) => ChoosePlants));
const EntryDrawer = later(() => import('./EntryDrawer').then(({ EntryDrawer }) => EntryDrawer));

const VIEWS = ['plan', 'shelf', 'mixes', 'tools'] as const;

/** A potting day: who is potted into what, what is mixed, what is short, what else is needed. Change one pot and the sums follow. */
export default function DayPage() {
  return <OfDay>{(day) => <Plan day={day} />}</OfDay>;
}

function Plan({ day }: { day: Schemas['PottingDay'] }) {
  const { t, date } = useWords();
  const [viewText, setView] = useAddressed('view', 'plan');
  const view = VIEWS.find((each) => each === viewText) ?? 'plan';
  const [framing, setFraming] = useState(false);
  const [choosing, setChoosing] = useState(false);
  const [entryText, setEntry] = useAddressed('entry', '');
  const editing = entryText === '' ? null : Number(entryText);
  const setEditing = (id: number | null) => setEntry(id === null ? '' : String(id));
  const navigate = useNavigate();
  const entry = day.entries.find((each) => each.id === editing);
  const planned = day.entries.filter((each) => each.state === 'planned');

  return (
    <div className={styles.dayPage}>
      <header className={common.listHead}>
        <h1>{day.name}</h1>
        <span className={common.quiet}>
          {date(day.planned_on)} · {t(`days.status.${day.status}`)}
          {day.helpers.length > 0 && ` · ${day.helpers.join(', ')}`}
        </span>
        {day.status !== 'finished' && (
          <>
            <DoButton onClick={() => setFraming(true)}>{t('day.edit')}</DoButton>
            <DoButton onClick={() => setChoosing(true)}>{t('day.choose')}</DoButton>
            {planned.length > 1 && (
              <Button
                onClick={() =>
                  void navigate('/blend/fewest', {
                    state: {
                      day: { id: day.id, name: day.name },
                      plants: planned.map((entry) => ({ plant_id: entry.plant.id, pot_id: entry.pot.id })),
                    },
                  })
                }
              >
                {t('day.fewest')}
              </Button>
            )}
          </>
        )}
        <LinkButton to={`/days/${day.id}/print`}>{t('day.print')}</LinkButton>
        <DoButton be="helper" type="primary" onClick={() => void navigate(`/days/${day.id}/bench`)}>
          {t('day.bench')}
        </DoButton>
      </header>
      <Sums day={day} show={setView} />
      <Segmented
        aria-label={t('days.name')}
        value={view}
        options={VIEWS.map((value) => ({ value, label: t(`day.${value}`) }))}
        onChange={setView}
      />
      <div className={styles.dayView}>
        {day.entries.length === 0 ? (
          <div className={common.listEmpty}>
            <p>{t('day.empty')}</p>
            <DoButton type="primary" onClick={() => setChoosing(true)}>
              {t('day.choose')}
            </DoButton>
          </div>
        ) : (
          <>
            {view === 'plan' && <EntryTable day={day} edit={setEditing} />}
            {view === 'shelf' && <ShelfTable day={day} />}
            {view === 'shelf' && <PotSums pots={day.pots} />}
            {view === 'shelf' && <CostSums day={day} />}
            {view === 'mixes' && <MixSums day={day} />}
            {view === 'tools' && <ToolSums day={day} />}
          </>
        )}
      </div>
      {framing && <DayFrame day={day} learned={day.learned_spare} close={() => setFraming(false)} />}
      {choosing && <ChoosePlants day={day} close={() => setChoosing(false)} />}
      {entry !== undefined && <EntryDrawer key={entry.id} day={day} entry={entry} close={() => setEditing(null)} />}
    </div>
  );
}

function Sums({ day, show }: { day: Schemas['PottingDay']; show: (view: 'shelf') => void }) {
  const { t, n, q } = useWords();
  const hours = day.totals.minutes / 60;
  const short = day.shelf.filter((row) => row.short_l > rules.notable.litres).length;

  return (
    <p className={styles.daySums} aria-live="polite">
      <strong>{t('day.sums', { plants: day.plants, loose: q(day.totals.loose_l, 'L'), hours: n(hours, 2) })}</strong>
      {day.helpers.length > 1 && (
        <span className={common.quiet}>
          {' '}
          ({t('day.perHelper', { helpers: day.helpers.length, hours: n(hours / day.helpers.length, 2) })})
        </span>
      )}
      {' · '}
      {short > 0 ? (
        <button type="button" className={`${styles.linkButton} ${common.stop}`} onClick={() => show('shelf')}>
          ◆ {t('day.short', { count: short })}
        </button>
      ) : (
        <span className={styles.good}>✓ {t('day.enough')}</span>
      )}
      <Judged judged={day.totals.judged} />
      {day.totals.two_to_lift > 0 && (
        <span className={common.mind}> · ◆ {t('day.heavy', { count: day.totals.two_to_lift })}</span>
      )}
      {day.pace !== 1 && <span className={common.quiet}> · {t('day.pace', { pace: 'own' })}</span>}
    </p>
  );
}

/** What of the day is to be looked at again: mixes that do not suit, the season, plants that are sick. */
function Judged({ judged }: { judged: Schemas['DayJudged'] }) {
  const { t } = useWords();
  const said = [
    { count: judged.lethal, id: 'day.lethal', look: common.stop },
    { count: judged.stop - judged.lethal, id: 'day.stops', look: common.stop },
    { count: judged.mind, id: 'day.minds', look: common.mind },
    { count: judged.out_of_season, id: 'day.outOfSeason', look: common.mind },
    { count: judged.frost, id: 'day.frostAhead', look: common.mind },
    { count: judged.sick, id: 'day.sick', look: common.mind },
  ] as const;
  const shown = said.filter(({ count }) => count > 0);

  return shown.length === 0 ? (
    <span className={styles.good}> · ✓ {t('day.allSuit')}</span>
  ) : (
    shown.map(({ count, id, look }) => (
      <span key={id} className={look}>
        {' '}
        · {look === common.stop ? '■' : '▲'} {t(id, { count })}
      </span>
    ))
  );
}
