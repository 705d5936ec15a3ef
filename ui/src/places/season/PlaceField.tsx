import { Form, Select } from 'antd';

import { usePlaces } from '../../api/plants';
import { useWords } from '../../i18n/words';

/** One place of the yard, or all of it (null). */
export function PlaceField({ value, change }: { value: string | null; change: (place: string | null) => void }) {
  const { t } = useWords();
  const places = usePlaces().data ?? [];

  return (
    <Form.Item label={t('away.place')}>
      <Select
        aria-label={t('away.place')}
        value={value ?? ''}
        options={[
          { value: '', label: t('away.everywhere') },
          ...places.filter((place) => place !== '').map((place) => ({ value: place, label: place })),
        ]}
        onChange={(place: string) => change(place === '' ? null : place)}
      />
    </Form.Item>
  );
}
