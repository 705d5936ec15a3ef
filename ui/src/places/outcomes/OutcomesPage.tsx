import { Button, Select } from 'antd';

import type { Schemas } from '../../api/client';
import { type OutcomeQuery, useMixOutcome, useOutcomeRecipes } from '../../api/outcomes';
import { useWords } from '../../i18n/words';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { ListState } from '../../kit/lists/ListState';
import { LogNav } from '../../kit/log/LogNav';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import common from '../../styles/common.module.css';
import { Beside } from './Beside';
import { ByWord } from './ByWord';
import { SumsTable } from './SumsTable';
import { WhoStands } from './WhoStands';
import styles from './outcomes.module.css';

const BY = ['version', 'species', 'place', 'depth', 'year'] as const;

/** How a mix turned out, alone or beside another one: counted from what was written down along the way. */
export default function OutcomesPage() {
  const { t, n } = useWords();
  const recipes = useOutcomeRecipes({ per_page: 200 });
  const [mix, setMix] = useAddressed('mix', '');
  const [beside, setBeside] = useAddressed('beside', '');
  const [version, setVersion] = useAddressed('version', '');
  const [species, setSpecies] = useAddressed('species', '');
  const [place, setPlace] = useAddressed('place', '');
  const [depth, setDepth] = useAddressed('depth', '');
  const [year, setYear] = useAddressed('year', '');
  const [by, setBy] = useAddressed('by', 'version');
  const most = [...(recipes.data?.data ?? [])].sort((one, other) => other.now - one.now)[0]?.id ?? null;
  const id = Number(mix) || most;
  const countedBy = BY.find((each) => each === by) ?? 'version';
  const query: OutcomeQuery = {
    by: countedBy,
    ...(Number(beside) > 0 && Number(beside) !== id ? { beside: Number(beside) } : {}),
    ...(version === '' ? {} : { version: Number(version) }),
    ...(species === '' ? {} : { species_id: Number(species) }),
    ...(place === '' ? {} : { place }),
    ...(depth === '' ? {} : { depth: depth as Schemas['OutcomeDepth'] }),
    ...(year === '' ? {} : { year: Number(year) }),
  };
  const found = useMixOutcome(id, query);
  const choices = found.data?.choices;
  const look = (row: Schemas['OutcomeRecipe']) => (
    <span className={common.pickerOption}>
      {row.name} <small>{t('outcome.stand', { count: row.now })}</small>
    </span>
  );
  const filter = (
    label: string,
    value: string,
    set: (value: string) => void,
    options: { value: string; label: string }[],
  ) => (
    <Select
      aria-label={label}
      value={value}
      popupMatchSelectWidth={false}
      options={[{ value: '', label }, ...options]}
      onChange={set}
    />
  );
  const again = (next: string) => {
    setMix(next);
    [setVersion, setSpecies, setPlace, setDepth, setYear].forEach((set) => set(''));
  };

  return (
    <div className={common.listPage}>
      <LogNav />
      <header className={common.listHead}>
        <h1>{t('outcome.title')}</h1>
        <RecordPicker
          label={t('outcome.mix')}
          useList={useOutcomeRecipes}
          value={id}
          look={look}
          onPick={(row) => again(String(row.id))}
        />
        <RecordPicker
          label={t('outcome.beside')}
          useList={useOutcomeRecipes}
          value={Number(beside) || null}
          none={{ label: t('outcome.besideNone'), pick: () => setBeside('') }}
          fits={(row) => row.id !== id}
          look={look}
          onPick={(row) => setBeside(String(row.id))}
        />
        <Button className={common.noPrint} onClick={() => window.print()}>
          {t('view.print')}
        </Button>
      </header>
      {choices !== undefined && (
        <div className={styles.filters} role="group" aria-label={t('outcome.only')}>
          {filter(
            t('outcome.anyVersion'),
            version,
            setVersion,
            choices.versions.map((each) => ({ value: String(each), label: t('outcome.version', { version: each }) })),
          )}
          {filter(
            t('outcome.anySpecies'),
            species,
            setSpecies,
            choices.species.map((each) => ({ value: String(each.id), label: each.name })),
          )}
          {filter(
            t('plants.allPlaces'),
            place,
            setPlace,
            choices.places.map((each) => ({ value: each, label: each })),
          )}
          {filter(
            t('outcome.anyDepth'),
            depth,
            setDepth,
            choices.depths.map((each) => ({ value: each, label: t(`outcome.depth.${each}`) })),
          )}
          {filter(
            t('outcome.anyYear'),
            year,
            setYear,
            choices.years.map((each) => ({
              value: String(each),
              label: t('outcome.pottedIn', { year: String(each) }),
            })),
          )}
        </div>
      )}
      <ListState
        found={recipes.data === undefined || id === null ? recipes : found}
        isEmpty={found.data === undefined || found.data.sums.pottings === 0}
        empty={t(choices === undefined || choices.years.length === 0 ? 'outcome.empty' : 'outcome.emptySo')}
      >
        {found.data !== undefined && (
          <>
            <SumsTable outcome={found.data} />
            {found.data.beside !== null && <Beside outcome={found.data} />}
            <ByWord outcome={found.data} by={countedBy} setBy={setBy} words={BY} />
            <WhoStands outcome={found.data} />
            <p className={common.quiet}>{t('outcome.limits', { few: n(10) })}</p>
          </>
        )}
      </ListState>
    </div>
  );
}
