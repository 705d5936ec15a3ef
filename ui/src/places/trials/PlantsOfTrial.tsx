import { Button, Form, Select } from 'antd';
import { useState } from 'react';

import { askPlants, usePlaces, usePlants } from '../../api/plants';
import { useWords } from '../../i18n/words';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import common from '../../styles/common.module.css';
import styles from './trials.module.css';

interface Chosen {
  id: number;
  name: string;
}

interface Props {
  plants: Chosen[];
  set: (plants: Chosen[]) => void;
  error: string | undefined;
  disabled: boolean;
}

const AT_ONCE = 200;

/** The plants of a trial: one by one, or all of a place. */
export function PlantsOfTrial({ plants, set, error, disabled }: Props) {
  const { t } = useWords();
  const places = usePlaces().data ?? [];
  const [adding, setAdding] = useState(false);
  const addPlace = async (place: string) => {
    setAdding(true);
    try {
      const there = (await askPlants({ per_page: AT_ONCE, place })).data;
      const known = new Set(plants.map(({ id }) => id));
      set([
        ...plants,
        ...there.filter(({ id }) => !known.has(id)).map(({ id, number, name }) => ({ id, name: `${number} ${name}` })),
      ]);
    } finally {
      setAdding(false);
    }
  };

  return (
    <Form.Item
      label={t('trial.plantsN', { count: plants.length })}
      validateStatus={error === undefined ? '' : 'error'}
      help={error}
    >
      {!disabled && (
        <div className={styles.days}>
          <RecordPicker
            label={t('trial.addPlant')}
            useList={usePlants}
            value={null}
            fits={(plant) => !plants.some(({ id }) => id === plant.id)}
            onPick={(plant) => set([...plants, { id: plant.id, name: `${plant.number} ${plant.name}` }])}
          />
          <Select
            aria-label={t('trial.addPlace')}
            placeholder={t('trial.addPlace')}
            value={null}
            loading={adding}
            popupMatchSelectWidth={false}
            options={places.map((value) => ({ value, label: value }))}
            onChange={(place: string) => void addPlace(place).catch(() => undefined)}
          />
        </div>
      )}
      {plants.length === 0 ? (
        <p className={common.quiet}>{t('trial.noPlants')}</p>
      ) : (
        <ul className={styles.chosen}>
          {plants.map(({ id, name }) => (
            <li key={id}>
              {name}
              {!disabled && (
                <Button
                  type="text"
                  size="small"
                  aria-label={t('trial.plantAway', { name })}
                  onClick={() => set(plants.filter((each) => each.id !== id))}
                >
                  ×
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
    </Form.Item>
  );
}
