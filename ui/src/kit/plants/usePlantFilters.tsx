import { Select, Switch } from 'antd';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { type PlantQuery, usePlaces } from '../../api/plants';
import { useWords } from '../../i18n/words';
import { GROUPS } from '../pickers/SpeciesPicker';
import common from '../../styles/common.module.css';

/** What of a list of plants is shown: due ones, a place, a group; and the fields to choose it. */
export function usePlantFilters(onlyDue: boolean) {
  const { t } = useWords();
  const [due, setDue] = useState(onlyDue);
  const [place, setPlace] = useState('');
  const [group, setGroup] = useState<Schemas['PlantGroup'] | ''>('');
  const places = usePlaces().data ?? [];
  const query: Pick<PlantQuery, 'due' | 'place' | 'plant_group'> = {
    ...(due ? { due: 1 } : {}),
    ...(place === '' ? {} : { place }),
    ...(group === '' ? {} : { plant_group: group }),
  };
  const fields = (
    <>
      <label className={common.switch}>
        <Switch size="small" checked={due} onChange={setDue} /> {t('plants.onlyDue')}
      </label>
      <Select
        aria-label={t('plants.place')}
        value={place}
        popupMatchSelectWidth={false}
        options={[{ value: '', label: t('plants.allPlaces') }, ...places.map((value) => ({ value, label: value }))]}
        onChange={setPlace}
      />
      <Select
        aria-label={t('species.group')}
        value={group}
        popupMatchSelectWidth={false}
        options={[
          { value: '', label: t('plants.allGroups') },
          ...GROUPS.map((value) => ({ value, label: t(`group.${value}`) })),
        ]}
        onChange={setGroup}
      />
    </>
  );

  return { query, fields };
}
