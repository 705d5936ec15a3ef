import { Checkbox, Select } from 'antd';

import { type PlantQuery, usePlaces } from '../../api/plants';
import { useWords } from '../../i18n/words';
import { useAddressed } from '../hooks/useAddressed';
import { GROUPS } from '../pickers/SpeciesPicker';

/** What of a list of plants is shown: due ones, a place, a group; and the fields to choose it. */
export function usePlantFilters(onlyDue: boolean, prefix = '') {
  const { t } = useWords();
  const [dueText, setDue] = useAddressed(`${prefix}due`, onlyDue ? '1' : '');
  const [place, setPlace] = useAddressed(`${prefix}place`, '');
  const [groupText, setGroup] = useAddressed(`${prefix}group`, '');
  const due = dueText !== '';
  const group = GROUPS.find((each) => each === groupText) ?? '';
  const places = usePlaces().data ?? [];
  const query: Pick<PlantQuery, 'due' | 'place' | 'plant_group'> = {
    ...(due ? { due: 1 } : {}),
    ...(place === '' ? {} : { place }),
    ...(group === '' ? {} : { plant_group: group }),
  };
  const fields = (
    <>
      <Checkbox checked={due} onChange={({ target }) => setDue(target.checked ? '1' : '')}>
        {t('plants.onlyDue')}
      </Checkbox>
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
