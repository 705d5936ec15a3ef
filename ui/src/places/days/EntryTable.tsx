import { Select, Table } from 'antd';
import { useMemo, useState } from 'react';

import { rules } from '../../api/meta';
import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './days.module.css';

type Entry = Schemas['DayEntry'];
const VIRTUAL_FROM = 60;

/** The plants of a day in the order of work, grouped by their mix; hundreds of them stay usable. */
export function EntryTable({ day, edit }: { day: Schemas['PottingDay']; edit: (id: number) => void }) {
  const { t, n } = useWords();
  const [helper, setHelper] = useState('');
  const [mix, setMix] = useState(0);
  const rows = useMemo(
    () =>
      day.entries
        .filter((entry) => (helper === '' || entry.helper === helper) && (mix === 0 || entry.recipe.id === mix))
        .toSorted((a, b) => (a.order ?? Infinity) - (b.order ?? Infinity) || a.position - b.position),
    [day.entries, helper, mix],
  );

  return (
    <>
      <div className={styles.dayFilters}>
        <Select
          aria-label={t('day.mix')}
          value={mix}
          popupMatchSelectWidth={false}
          options={[
            { value: 0, label: t('day.allMixes') },
            ...day.mixes.map((each) => ({ value: each.recipe_id, label: each.name })),
          ]}
          onChange={setMix}
        />
        {day.helpers.length > 0 && (
          <Select
            aria-label={t('day.filter')}
            value={helper}
            popupMatchSelectWidth={false}
            options={[
              { value: '', label: t('day.allHelpers') },
              ...day.helpers.map((value) => ({ value, label: value })),
            ]}
            onChange={setHelper}
          />
        )}
      </div>
      <Table<Entry>
        size="small"
        rowKey="id"
        dataSource={rows}
        pagination={false}
        virtual={rows.length > VIRTUAL_FROM}
        scroll={rows.length > VIRTUAL_FROM ? { x: 1200, y: 520 } : { x: 'max-content' }}
        footer={() => t('common.total', { total: rows.length })}
        columns={[
          { key: 'order', title: t('day.order'), width: 50, align: 'right', render: (_, entry) => entry.order ?? '–' },
          {
            key: 'plant',
            title: t('day.plant'),
            width: 220,
            render: (_, entry) => (
              <>
                <button
                  type="button"
                  className={common.rowName}
                  aria-label={t('day.change', { name: `${entry.plant.number} ${entry.plant.name}` })}
                  onClick={() => edit(entry.id)}
                >
                  {entry.plant.number} {entry.plant.name}
                </button>
                {entry.plant.health !== 'well' && (
                  <span className={common.mind}>◆ {t(`health.${entry.plant.health}`).toLowerCase()}</span>
                )}
              </>
            ),
          },
          { key: 'pot', title: t('day.pot'), width: 130, render: (_, entry) => entry.pot.name },
          { key: 'mix', title: t('day.mix'), width: 150, render: (_, entry) => entry.recipe.name },
          {
            key: 'base',
            title: t('day.base'),
            width: 80,
            align: 'right',
            render: (_, entry) => (entry.figures === null ? '–' : n(entry.figures.base_l)),
          },
          {
            key: 'extras',
            title: t('day.extras'),
            width: 140,
            render: (_, entry) => (
              <span className={common.quiet}>
                {entry.extras.map((each) => `${each.name} ${n(each.litres)} L`).join(', ')}
              </span>
            ),
          },
          {
            key: 'fit',
            title: t('day.ball'),
            width: 130,
            render: (_, entry) => <Fit entry={entry} />,
          },
          {
            key: 'weight',
            title: t('day.weight'),
            width: 80,
            align: 'right',
            render: (_, entry) =>
              entry.figures === null ? (
                '–'
              ) : (
                <span className={entry.figures.two_to_lift ? common.mind : ''}>
                  {entry.figures.two_to_lift && '◆ '}
                  {n(entry.figures.wet_kg, 2)}
                </span>
              ),
          },
          {
            key: 'minutes',
            title: t('day.minutes'),
            width: 60,
            align: 'right',
            render: (_, entry) => (entry.figures === null ? '–' : n(Math.round(entry.figures.minutes))),
          },
          { key: 'helper', title: t('day.helper'), width: 90, render: (_, entry) => entry.helper },
          {
            key: 'state',
            title: t('day.state'),
            width: 110,
            render: (_, entry) => (
              <span
                className={
                  entry.state === 'planned' ? common.quiet : entry.state === 'not_today' ? common.mind : styles.good
                }
              >
                {entry.state !== 'planned' && (entry.state === 'not_today' ? '– ' : '✓ ')}
                {t(`day.state.${entry.state}`)}
              </span>
            ),
          },
        ]}
      />
    </>
  );
}

/** Whether the ball fits, in words. */
export function Fit({ entry }: { entry: Entry }) {
  const { t, n } = useWords();
  if (entry.problem !== null) {
    return <span className={common.stop}>◆ {entry.problem}</span>;
  }
  const fit = entry.figures?.fit;
  if (fit == null) {
    return <span className={common.quiet}>–</span>;
  }
  if (fit.fits) {
    return <span className={common.quiet}>{t('day.fits')}</span>;
  }
  const narrow = Math.min(fit.beside_cm, fit.across_cm);
  return (
    <span className={common.mind}>
      ◆{' '}
      {[
        fit.thin_cm > rules.notable.cm ? t('day.thin', { cm: n(fit.thin_cm, 2) }) : '',
        narrow < 0 ? t('day.tooWide', { cm: n(-narrow, 2) }) : '',
      ]
        .filter((part) => part !== '')
        .join(', ')}
    </span>
  );
}
