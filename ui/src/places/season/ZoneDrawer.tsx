import { Button, Form } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { usePlants } from '../../api/plants';
import { useSaveZone, useZone } from '../../api/season';
import { plain, typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { FormDrawer } from '../../kit/forms/FormDrawer';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import common from '../../styles/common.module.css';
import styles from './season.module.css';

interface Props {
  id: number | null;
  close: () => void;
  saved: (id: number) => void;
}

/** The form of a zone, once it is known what it is. */
export function ZoneDrawer({ id, close, saved }: Props) {
  const found = useZone(id);

  return id !== null && found.data === undefined ? null : (
    <ZoneForm zone={id === null ? null : (found.data ?? null)} close={close} saved={saved} />
  );
}

function ZoneForm({ zone, close, saved }: { zone: Schemas['Zone'] | null } & Omit<Props, 'id'>) {
  const { t } = useWords();
  const [name, setName] = useState(zone?.name ?? '');
  const [rate, setRate] = useState(plain(zone?.rate_l_h ?? 2));
  const [even, setEven] = useState(plain(100 * (zone?.uniformity ?? 0.85)));
  const [note, setNote] = useState(zone?.note ?? '');
  const [pots, setPots] = useState(
    (zone?.plants ?? []).map((plant) => ({
      id: plant.id,
      name: `${plant.number} ${plant.name}`,
      emitters: plain(plant.emitters),
    })),
  );
  const save = useSaveZone();
  const say = useUndoable();
  const problem = problemOf(save);
  const numbers = [rate, even, ...pots.map(({ emitters }) => emitters)];
  const marked = numbers.some((text) => typedNumber(text) === null);
  const wrong = (text: string) => (typedNumber(text) === null ? t('common.notNumber') : undefined);
  const submit = async () => {
    if (marked) {
      return;
    }
    const kept = await save.mutateAsync({
      id: zone?.id ?? null,
      body: {
        name,
        rate_l_h: typedNumber(rate) ?? 0,
        uniformity: (typedNumber(even) ?? 0) / 100,
        note,
        pots: pots.map(({ id, emitters }) => ({ plant_id: id, emitters: typedNumber(emitters) ?? 1 })),
        ...(zone === null ? {} : { revision: zone.revision }),
      },
    });
    say(t('common.saved', { name: kept.name }));
    saved(kept.id);
    close();
  };

  return (
    <FormDrawer
      title={zone?.name ?? t('zones.add')}
      size={560}
      close={close}
      save={submit}
      by={save}
      marked={marked}
      atFields
    >
      <TextField label={t('zones.name')} value={name} error={problem?.at('name')} onChange={setName} />
      <div className={common.fields2}>
        <NumberField
          label={t('zones.rate')}
          unit="L/h"
          value={rate}
          error={wrong(rate) ?? problem?.at('rate_l_h')}
          onChange={setRate}
        />
        <NumberField
          label={t('zones.uniformity')}
          unit="%"
          value={even}
          error={wrong(even) ?? problem?.at('uniformity')}
          hint={t('zones.uniformityHint')}
          onChange={setEven}
        />
      </div>
      <h3>{t('zones.pots')}</h3>
      {pots.map((pot, i) => (
        <div key={pot.id} className={styles.zonePot}>
          <span>
            {pot.name}
            {problem?.at(`pots.${i}.plant_id`) !== undefined && (
              <span className={common.fieldError}> {problem.at(`pots.${i}.plant_id`)}</span>
            )}
          </span>
          <NumberField
            label={t('zones.emitters')}
            value={pot.emitters}
            error={wrong(pot.emitters) ?? problem?.at(`pots.${i}.emitters`)}
            onChange={(emitters) => setPots(pots.map((each) => (each.id === pot.id ? { ...each, emitters } : each)))}
          />
          <Button
            aria-label={t('zones.takeOff', { name: pot.name })}
            onClick={() => setPots(pots.filter(({ id }) => id !== pot.id))}
          >
            ×
          </Button>
        </div>
      ))}
      <Form.Item
        label={t('zones.addPlant')}
        validateStatus={problem?.at('pots') === undefined ? '' : 'error'}
        help={problem?.at('pots')}
      >
        <RecordPicker
          label={t('zones.addPlant')}
          useList={usePlants}
          value={null}
          fits={(plant) => !pots.some(({ id }) => id === plant.id)}
          onPick={(plant) => setPots([...pots, { id: plant.id, name: `${plant.number} ${plant.name}`, emitters: '1' }])}
        />
      </Form.Item>
      <TextField label={t('field.note')} value={note} error={problem?.at('note')} onChange={setNote} />
    </FormDrawer>
  );
}
