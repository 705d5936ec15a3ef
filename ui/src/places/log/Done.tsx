import { Button, Input, Select } from 'antd';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { askWholeDiary, type DiaryQuery, useDiary } from '../../api/diary';
import { usePlaces, usePlants } from '../../api/plants';
import { useRecipes } from '../../api/recipes';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { CsvButton } from '../../kit/lists/CsvButton';
import { ListHead } from '../../kit/lists/ListHead';
import { ListState } from '../../kit/lists/ListState';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import common from '../../styles/common.module.css';
import { ByDay } from './ByDay';
import styles from './log.module.css';

type Line = Schemas['DiaryLine'];

const KINDS: Schemas['DiaryKind'][] = ['mixed', 'load', 'plant', 'check', 'growth', 'test', 'stock', 'batch'];
const ROWS = 50;

const PLACES: Record<Schemas['DiaryKind'], (line: Line) => string> = {
  batch: ({ link }) => `/log/${link}`,
  mixed: ({ link }) => `/log/${link}`,
  load: ({ link }) => `/days/${link}`,
  stock: ({ link }) => `/bins/${link}`,
  test: ({ link }) => `/bench/tests/${link}`,
  plant: ({ link }) => `/plants/${link}`,
  check: ({ link }) => `/plants/${link}`,
  growth: ({ link }) => `/plants/${link}`,
};

/** What was done in the yard, by day, newest first: each line leads to what it tells of. */
export function Done({ views }: { views: ReactNode }) {
  const { t } = useWords();
  const [search, setSearch] = useAddressed('search', '');
  const [kind, setKind] = useAddressed('kind', '');
  const [place, setPlace] = useAddressed('place', '');
  const [person, setPerson] = useAddressed('person', '');
  const [plant, setPlant] = useAddressed('plant', '');
  const [mix, setMix] = useAddressed('mix', '');
  const [from, setFrom] = useAddressed('from', '');
  const [to, setTo] = useAddressed('to', '');
  const [page, setPage] = useAddressed('page', '1');
  const places = usePlaces().data ?? [];
  const known = KINDS.find((each) => each === kind);
  const query: DiaryQuery = {
    page: Math.max(1, Number(page) || 1),
    per_page: ROWS,
    ...(search.trim() === '' ? {} : { search: search.trim() }),
    ...(known === undefined ? {} : { kind: known }),
    ...(place === '' ? {} : { place }),
    ...(person.trim() === '' ? {} : { person: person.trim() }),
    ...(Number(plant) > 0 ? { plant_id: Number(plant) } : {}),
    ...(Number(mix) > 0 ? { recipe_id: Number(mix) } : {}),
    ...(from === '' ? {} : { from }),
    ...(to === '' ? {} : { to }),
  };
  const found = useDiary(query);
  const lines = found.data?.data ?? [];
  const again = (set: (value: string) => void) => (value: string) => {
    setPage('1');
    set(value);
  };
  const isNarrowed = [search, kind, place, person, plant, mix, from, to].some((each) => each !== '');
  const say = useLineWords();

  return (
    <>
      <ListHead title={t('log.title')} search={search} setSearch={again(setSearch)}>
        {views}
        <Select
          aria-label={t('log.kind')}
          value={kind}
          popupMatchSelectWidth={false}
          options={[
            { value: '', label: t('log.kind.all') },
            ...KINDS.map((value) => ({ value, label: t(`log.kind.${value}`) })),
          ]}
          onChange={again(setKind)}
        />
        <Select
          aria-label={t('plants.place')}
          value={place}
          popupMatchSelectWidth={false}
          options={[{ value: '', label: t('plants.allPlaces') }, ...places.map((value) => ({ value, label: value }))]}
          onChange={again(setPlace)}
        />
        <RecordPicker
          label={t('log.plant')}
          useList={usePlants}
          value={Number(plant) || null}
          none={{ label: t('log.allPlants'), pick: () => again(setPlant)('') }}
          onPick={(row) => again(setPlant)(String(row.id))}
        />
        <RecordPicker
          label={t('log.mix')}
          useList={useRecipes}
          value={Number(mix) || null}
          none={{ label: t('log.allMixes'), pick: () => again(setMix)('') }}
          onPick={(row) => again(setMix)(String(row.id))}
        />
        <Input
          className={styles.logPerson}
          allowClear
          value={person}
          aria-label={t('log.person')}
          placeholder={t('log.person')}
          onChange={(event) => again(setPerson)(event.target.value)}
        />
        <label className={styles.logDay}>
          {t('log.from')} <Input type="date" value={from} onChange={(event) => again(setFrom)(event.target.value)} />
        </label>
        <label className={styles.logDay}>
          {t('log.to')} <Input type="date" value={to} onChange={(event) => again(setTo)(event.target.value)} />
        </label>
        <Button className={common.noPrint} onClick={() => window.print()}>
          {t('view.print')}
        </Button>
        <CsvButton
          name="zolbek-log"
          rows={async () => (await askWholeDiary(query)).map((line) => ({ ...line, said: say(line) }))}
        />
      </ListHead>
      <ListState
        found={found}
        isEmpty={lines.length === 0}
        empty={
          isNarrowed ? (
            t('log.nothingSo')
          ) : (
            <>
              <p>{t('log.nothing')}</p>
              <Link to="/blend">{t('log.toBlend')}</Link>
            </>
          )
        }
      >
        <ByDay
          lines={lines}
          on={(line) => line.on}
          page={query.page ?? 1}
          rows={ROWS}
          total={found.data?.total ?? 0}
          turn={setPage}
        >
          {(line) => (
            <li key={`${line.kind} ${line.id}`}>
              <time>{line.time ?? ''}</time>
              <Told line={line} said={say(line)} />
            </li>
          )}
        </ByDay>
      </ListState>
    </>
  );
}

function nameOf({ kind, of, name }: Line): string {
  return (kind === 'plant' || kind === 'check' || kind === 'growth') && of !== '' ? `${of} ${name}` : name;
}

/** One line of what was done; a note is opened beneath it. */
function Told({ line, said }: { line: Line; said: string }) {
  const { t, q } = useWords();
  const more = [
    line.kind === 'load' ? line.of : '',
    line.litres === null ? '' : q(Math.abs(line.litres), 'L'),
    line.place,
    line.person,
  ].filter((each) => each !== '');

  return (
    <div>
      <strong>{said}</strong> <Link to={PLACES[line.kind](line)}>{nameOf(line)}</Link>
      {more.length > 0 && <span className={common.quiet}> · {more.join(' · ')}</span>}
      {line.note !== '' && (
        <details className={styles.logNote}>
          <summary>{t('log.note')}</summary>
          {line.note}
        </details>
      )}
    </div>
  );
}

function useLineWords() {
  const { t } = useWords();

  return ({ kind, sub }: Line): string => {
    switch (kind) {
      case 'plant':
        return t(`event.${sub}` as MessageId);
      case 'stock':
        return t(`stock.${sub}` as MessageId);
      case 'check':
        return t(sub === 'water' ? 'log.watered' : sub === 'wait' ? 'log.waited' : 'log.looked');
      case 'test':
        return t(`bench.kind.${sub}` as MessageId);
      default:
        return t(`log.kind.${kind}`);
    }
  };
}
