import { Checkbox, Select, Table } from 'antd';
import { useMemo, useState } from 'react';

import { rules } from '../../api/meta';
import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import { ChangeMany } from './ChangeMany';
import { type EntryRow, entryRows, manyOf, sumOf, worstOf } from './entryRows';
import { Against, Suits } from './Suits';
import { DoButton } from '../../kit/people/DoButton';
import styles from './days.module.css';

type Entry = Schemas['DayEntry'];
const VIRTUAL_FROM = 60;
/** Up to so many plants all lines stand open. */
const OPEN_UP_TO = 20;

/** The plants of a day in the order of work, those in the same mix and pot as one line; hundreds of them stay usable. */
export function EntryTable({ day, edit }: { day: Schemas['PottingDay']; edit: (id: number) => void }) {
  const { t, n, q, cell } = useWords();
  const [helper, setHelper] = useState('');
  const [mix, setMix] = useState(0);
  const [ticked, setTicked] = useState<number[]>([]);
  const [changing, setChanging] = useState(false);
  const shown = useMemo(
    () =>
      day.entries.filter(
        (entry) => (helper === '' || entry.helper === helper) && (mix === 0 || entry.recipe.id === mix),
      ),
    [day.entries, helper, mix],
  );
  const rows = useMemo(() => entryRows(shown), [shown]);
  const groups = rows.filter((row) => row.children !== undefined).map((row) => row.key);
  const [opened, setOpened] = useState<readonly string[] | null>(null);
  const open = opened ?? (day.entries.length <= OPEN_UP_TO ? groups : []);
  const tickable = shown.filter((entry) => entry.state === 'planned');
  const chosen = tickable.filter((entry) => ticked.includes(entry.id));
  const lines = rows.length + rows.reduce((sum, row) => sum + (open.includes(row.key) ? row.entries.length : 0), 0);
  const isMany = lines > VIRTUAL_FROM;

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
        {day.status !== 'finished' && (
          <Checkbox
            checked={tickable.length > 0 && chosen.length === tickable.length}
            indeterminate={chosen.length > 0 && chosen.length < tickable.length}
            disabled={tickable.length === 0}
            onChange={(event) => setTicked(event.target.checked ? tickable.map((entry) => entry.id) : [])}
          >
            {t('common.tickAll')}
          </Checkbox>
        )}
        {day.status !== 'finished' && (
          <DoButton disabled={chosen.length === 0} onClick={() => setChanging(true)}>
            {chosen.length === 0 ? t('day.changeMany') : t('day.changeCount', { count: chosen.length })}
          </DoButton>
        )}
      </div>
      <Table<EntryRow>
        size="small"
        rowKey="key"
        dataSource={rows}
        pagination={false}
        virtual={isMany}
        scroll={isMany ? { x: 1300, y: 520 } : { x: 'max-content' }}
        footer={() => t('common.total', { total: manyOf(shown) })}
        expandable={{
          indentSize: 0,
          expandedRowKeys: [...open],
          onExpandedRowsChange: (keys) => setOpened(keys.map(String)),
        }}
        {...(day.status === 'finished'
          ? {}
          : {
              rowSelection: {
                checkStrictly: false,
                // ticking all stands above: a second box in the row that measures would be in the way of the keyboard
                hideSelectAll: true,
                columnWidth: 48,
                selectedRowKeys: chosen.map((entry) => String(entry.id)),
                onChange: (_, selected) => {
                  setTicked([...new Set(selected.flatMap((row) => row.entries.map((entry) => entry.id)))]);
                },
                getCheckboxProps: (row) => ({
                  'aria-label': t('day.tick', { name: nameOf(row, t) }),
                  disabled: row.entries.every((entry) => entry.state !== 'planned'),
                }),
              },
            })}
        columns={[
          {
            key: 'order',
            title: t('day.order'),
            width: 84,
            render: (_, row) => row.children === undefined && (row.entries[0].order ?? '–'),
          },
          {
            key: 'plant',
            title: t('day.plant'),
            width: 250,
            render: (_, row) =>
              row.children === undefined ? (
                <>
                  <button
                    type="button"
                    className={common.rowName}
                    aria-label={t('day.change', { name: nameOf(row, t) })}
                    onClick={() => edit(row.entries[0].id)}
                  >
                    {nameOf(row, t)}
                  </button>{' '}
                  <Against entry={row.entries[0]} />
                </>
              ) : (
                <strong>{nameOf(row, t)}</strong>
              ),
          },
          {
            key: 'suits',
            title: t('day.suits'),
            width: 190,
            render: (_, row) => <Suits entry={worstOf(row.entries)} />,
          },
          { key: 'pot', title: t('day.pot'), width: 130, render: (_, row) => row.entries[0].pot.name },
          { key: 'mix', title: t('day.mix'), width: 150, render: (_, row) => row.entries[0].recipe.name },
          {
            key: 'base',
            title: t('day.base'),
            width: 80,
            align: 'right',
            render: (_, row) =>
              cell(
                sumOf(row.entries, (figures) => figures.base_l),
                'L',
              ),
          },
          {
            key: 'extras',
            title: t('day.extras'),
            width: 140,
            render: (_, row) => (
              <span className={common.quiet}>
                {row.children === undefined &&
                  row.entries[0].extras.map((each) => `${each.name} ${q(each.litres, 'L')}`).join(', ')}
              </span>
            ),
          },
          {
            key: 'fit',
            title: t('day.ball'),
            width: 130,
            render: (_, row) => <Fit entry={row.entries.find((entry) => isTight(entry)) ?? row.entries[0]} />,
          },
          {
            key: 'weight',
            title: t('day.weight'),
            width: 80,
            align: 'right',
            render: (_, row) => <Weight entry={heaviest(row.entries)} />,
          },
          {
            key: 'minutes',
            title: t('day.minutes'),
            width: 60,
            align: 'right',
            render: (_, row) => n(Math.round(sumOf(row.entries, (figures) => figures.minutes))),
          },
          {
            key: 'helper',
            title: t('day.helper'),
            width: 90,
            render: (_, row) =>
              [...new Set(row.entries.map((entry) => entry.helper))].filter((name) => name !== '').join(', '),
          },
          { key: 'state', title: t('day.state'), width: 110, render: (_, row) => <State entries={row.entries} /> },
        ]}
      />
      {changing && (
        <ChangeMany
          day={day}
          entries={chosen}
          close={() => setChanging(false)}
          done={() => {
            setChanging(false);
            setTicked([]);
          }}
        />
      )}
    </>
  );
}

function nameOf(row: EntryRow, t: ReturnType<typeof useWords>['t']): string {
  const [{ plant }] = row.entries;

  return row.children === undefined
    ? `${plant.number} ${plant.name}${row.entries[0].count > 1 ? ` × ${row.entries[0].count}` : ''}`
    : t('day.alike', { count: manyOf(row.entries), first: plant.number });
}

function isTight(entry: Entry): boolean {
  return entry.problem !== null || entry.figures?.fit?.fits === false;
}

function heaviest(entries: [Entry, ...Entry[]]): Entry {
  return entries.reduce((most, entry) => ((entry.figures?.wet_kg ?? 0) > (most.figures?.wet_kg ?? 0) ? entry : most));
}

function Weight({ entry }: { entry: Entry }) {
  const { cell } = useWords();

  return entry.figures === null ? (
    '–'
  ) : (
    <span className={entry.figures.two_to_lift ? common.mind : ''}>
      {entry.figures.two_to_lift && '◆ '}
      {cell(entry.figures.wet_kg, 'kg')}
    </span>
  );
}

function State({ entries }: { entries: [Entry, ...Entry[]] }) {
  const { t } = useWords();
  const [{ state }] = entries;
  if (entries.some((entry) => entry.state !== state)) {
    const done = entries.filter((entry) => entry.state !== 'planned').length;

    return <span className={common.quiet}>{t('day.doneOf', { done, all: entries.length })}</span>;
  }

  return (
    <span className={state === 'planned' ? common.quiet : state === 'not_today' ? common.mind : styles.good}>
      {state !== 'planned' && (state === 'not_today' ? '– ' : '✓ ')}
      {t(`day.state.${state}`)}
    </span>
  );
}

/** Whether the ball fits, in words. */
export function Fit({ entry }: { entry: Entry }) {
  const { t, q } = useWords();
  if (entry.problem !== null) {
    return <span className={common.stop}>◆ {entry.problem}</span>;
  }
  const fit = entry.figures?.fit;
  if (fit == null) {
    return <span className={common.quiet}>–</span>;
  }
  if (fit.fits) {
    const ball = entry.figures?.ball?.stays ?? 'alike';
    return (
      <span className={common.quiet}>
        {fit.thin_cm > rules.notable.cm ? t('day.thinQuiet', { cm: q(fit.thin_cm, 'cm') }) : t('day.fits')}
        {ball !== 'alike' && (
          <>
            , <span className={common.mind}>◆ {t(ball === 'wetter' ? 'day.ballWetter' : 'day.ballDrier')}</span>
          </>
        )}
      </span>
    );
  }
  const narrow = Math.min(fit.beside_cm, fit.across_cm);
  return (
    <span className={common.mind}>
      ◆{' '}
      {[
        fit.thin_cm > rules.notable.cm ? t('day.thin', { cm: q(fit.thin_cm, 'cm') }) : '',
        narrow < 0 ? t('day.tooWide', { cm: q(-narrow, 'cm') }) : '',
      ]
        .filter((part) => part !== '')
        .join(', ')}
    </span>
  );
}
