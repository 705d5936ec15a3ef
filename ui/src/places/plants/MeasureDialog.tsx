import { Form, Select } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useMeasureGrowth } from '../../api/outcomes';
import { isoDay } from '../../i18n/isoDay';
import { typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { FormDialog } from '../../kit/forms/FormDialog';
import { useUndoable } from '../../kit/hooks/useUndoable';
import common from '../../styles/common.module.css';

const FIGURES = ['trunk_mm', 'height_cm', 'canopy_cm'] as const;
const HEALTH: Schemas['Health'][] = ['well', 'weak', 'sick'];

/** A plant is measured: what is left empty was not. */
export function MeasureDialog({ dossier, close }: { dossier: Schemas['PlantDossier']; close: () => void }) {
  const { t, day } = useWords();
  const measure = useMeasureGrowth(dossier.plant.id);
  const say = useUndoable();
  const [on, setOn] = useState(isoDay());
  const [figures, setFigures] = useState({ trunk_mm: '', height_cm: '', canopy_cm: '' });
  const [health, setHealth] = useState<Schemas['Health'] | ''>('');
  const [photo, setPhoto] = useState(0);
  const [note, setNote] = useState('');
  const problem = problemOf(measure);
  const wrong = (text: string) =>
    text.trim() !== '' && typedNumber(text) === null ? t('common.notNumber') : undefined;
  const marked = FIGURES.some((each) => wrong(figures[each]) !== undefined);
  const submit = async () => {
    if (marked) {
      return;
    }
    const typed = Object.fromEntries(
      FIGURES.filter((each) => figures[each].trim() !== '').map((each) => [each, typedNumber(figures[each])]),
    );
    await measure.mutateAsync({
      on,
      ...typed,
      ...(health === '' ? {} : { health }),
      ...(photo === 0 ? {} : { photo_id: photo }),
      note,
    });
    say(t('growth.measured', { name: dossier.plant.name }));
    close();
  };

  return (
    <FormDialog
      title={t('growth.measure')}
      close={close}
      save={submit}
      by={measure}
      marked={marked}
      atFields
      be="helper"
    >
      <TextField label={t('growth.on')} type="date" value={on} error={problem?.at('on')} onChange={setOn} />
      <div className={common.fields3}>
        {FIGURES.map((each) => (
          <NumberField
            key={each}
            label={t(`growth.${each}`)}
            unit={each === 'trunk_mm' ? 'mm' : 'cm'}
            value={figures[each]}
            error={wrong(figures[each]) ?? problem?.at(each)}
            onChange={(text) => setFigures({ ...figures, [each]: text })}
          />
        ))}
      </div>
      <div className={common.fields2}>
        <Form.Item label={t('growth.health')}>
          <Select
            aria-label={t('growth.health')}
            value={health}
            options={[
              { value: '', label: t('growth.notLooked') },
              ...HEALTH.map((value) => ({ value, label: t(`health.${value}`) })),
            ]}
            onChange={setHealth}
          />
        </Form.Item>
        {dossier.photos.length > 0 && (
          <Form.Item label={t('growth.photo')}>
            <Select
              aria-label={t('growth.photo')}
              value={photo}
              options={[
                { value: 0, label: t('growth.noPhoto') },
                ...dossier.photos.map((each) => ({
                  value: each.id,
                  label: `${t(`photo.${each.subject}`)}, ${day(each.taken_on)}`,
                })),
              ]}
              onChange={setPhoto}
            />
          </Form.Item>
        )}
      </div>
      <TextField label={t('field.note')} value={note} error={problem?.at('note')} onChange={setNote} />
    </FormDialog>
  );
}
