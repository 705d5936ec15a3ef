import { useState } from 'react';

import { useSpecies } from '../../api/situations';
import { PlantHabit } from '../../drawing/PlantHabit';
import { useWords } from '../../i18n/words';
import { GROUPS } from '../../kit/pickers/SpeciesPicker';
import common from '../../styles/common.module.css';
import type { Answers } from './answers';
import { SearchField } from './SearchField';
import styles from './start.module.css';

const MOST = 8;

/** By its name, or by what it looks like. */
export function PlantStep({ answers, take }: { answers: Answers; take: (part: Partial<Answers>) => void }) {
  const { t } = useWords();
  const [search, setSearch] = useState('');
  const found = useSpecies({ per_page: MOST, search });
  const species = search.trim() === '' ? [] : (found.data?.data ?? []);

  return (
    <>
      <SearchField label={t('start.plant.search')} value={search} change={setSearch} />
      {species.length > 0 && (
        <ul className={styles.choices}>
          {species.map((one) => (
            <li key={one.id}>
              <button type="button" onClick={() => take({ group: one.plant_group, speciesId: one.id })}>
                <PlantHabit group={one.plant_group} />
                <strong>{one.name}</strong>
              </button>
            </li>
          ))}
        </ul>
      )}
      {search.trim() !== '' && !found.isFetching && species.length === 0 && (
        <p className={common.quiet}>{t('start.plant.none')}</p>
      )}
      <h2>{t('start.plant.habit')}</h2>
      <ul className={styles.choices}>
        {GROUPS.map((group) => (
          <li key={group}>
            <button
              type="button"
              aria-pressed={answers.group === group && answers.speciesId === null}
              onClick={() => take({ group, speciesId: null })}
            >
              <PlantHabit group={group} />
              <span>{t(`group.${group}`)}</span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
