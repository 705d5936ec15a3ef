import { Select } from 'antd';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { useSpecies } from '../../api/situations';
import { useWords } from '../../i18n/words';
import styles from './pickers.module.css';

export const GROUPS: Schemas['PlantGroup'][] = [
  'airy_conifers',
  'thirsty_conifers',
  'broadleaf_deciduous',
  'broadleaf_evergreen',
  'fruiting_flowering',
  'acid_lovers',
  'mediterranean',
  'tropical_evergreen',
  'tropical_dry_season',
  'desert',
  'seedlings',
];

interface Props {
  group: Schemas['PlantGroup'];
  speciesId: number | null;
  onPick: (group: Schemas['PlantGroup'], speciesId: number | null) => void;
}

const said = (data: unknown) => ({
  botanical: '',
  hint: '',
  ...(data as Partial<Record<'botanical' | 'hint', string>>),
});

/** A plant by its group, by its name, or by its habit where nobody can name it. */
export function SpeciesPicker({ group, speciesId, onPick }: Props) {
  const { t } = useWords();
  const [search, setSearch] = useState('');
  const found = useSpecies({
    per_page: 200,
    sort: '-unidentified',
    ...(search === '' ? {} : { search }),
    ...(speciesId === null ? {} : { with: speciesId }),
  });
  const species = (found.data?.data ?? []).toSorted((a, b) => a.name.localeCompare(b.name));
  const option = (one: Schemas['Species']) => ({
    value: `species ${one.id}`,
    label: one.name,
    hint: one.reason,
    botanical: one.botanical,
  });
  const sections = [
    {
      label: t('blend.groups'),
      options: GROUPS.map((each) => ({ value: `group ${each}`, label: t(`group.${each}`), hint: '' })).filter((each) =>
        each.label.toLowerCase().includes(search.toLowerCase()),
      ),
    },
    { label: t('blend.library'), options: species.filter((one) => !one.unidentified).map(option) },
    { label: t('blend.unknowns'), options: species.filter((one) => one.unidentified).map(option) },
  ];

  return (
    <Select
      aria-label={t('blend.plant')}
      value={
        speciesId !== null && species.some((one) => one.id === speciesId) ? `species ${speciesId}` : `group ${group}`
      }
      showSearch={{ searchValue: search, filterOption: false, onSearch: setSearch }}
      popupMatchSelectWidth={false}
      notFoundContent={found.isFetching ? t('common.loading') : t('pickers.nothing')}
      options={sections.filter((section) => section.options.length > 0)}
      optionRender={({ data }) => (
        <span className={styles.plantOption}>
          <span>{data.label}</span> {said(data).botanical !== '' && <i lang="la">{said(data).botanical} </i>}
          <small>{said(data).hint}</small>
        </span>
      )}
      onChange={(value: string) => {
        setSearch('');
        const [kind, id] = value.split(' ');
        const one = species.find((each) => kind === 'species' && each.id === Number(id));
        onPick(one?.plant_group ?? (id as Schemas['PlantGroup']), one?.id ?? null);
      }}
    />
  );
}
