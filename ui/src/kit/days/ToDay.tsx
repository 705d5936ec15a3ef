import { Form, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';

import { useAddToDay, useDays } from '../../api/days';
import { useWords } from '../../i18n/words';
import { useUndoable } from '../hooks/useUndoable';
import { DayFrame } from './DayFrame';
import { FormDialog } from '../forms/FormDialog';

/** Puts chosen plants on a potting day that is planned, or on a new one. */
export function ToDay({ plantIds, close }: { plantIds: number[]; close: (done: boolean) => void }) {
  const { t, date } = useWords();
  const days = (useDays({ per_page: 50 }).data?.data ?? []).filter((day) => day.status !== 'finished');
  const [dayId, setDayId] = useState<number | null>(null);
  const [framing, setFraming] = useState(false);
  const add = useAddToDay();
  const say = useUndoable();
  const navigate = useNavigate();
  const chosen = dayId ?? days[0]?.id ?? 0;
  const submit = async (id: number) => {
    const day = await add.mutateAsync({ id, plant_ids: plantIds });
    say(t('days.added', { count: plantIds.length, name: day.name }));
    close(true);
    await navigate(`/days/${day.id}`);
  };
  if (framing) {
    return (
      <DayFrame
        day={null}
        close={(saved) => {
          setFraming(false);
          if (saved !== undefined) {
            void submit(saved.id).catch(() => setDayId(saved.id));
          }
        }}
      />
    );
  }

  return (
    <FormDialog
      title={t('days.toDay')}
      close={() => close(false)}
      save={() => (chosen === 0 ? setFraming(true) : submit(chosen))}
      by={add}
      saveLabel={t('plants.toDay', { count: plantIds.length })}
    >
      <Form.Item label={t('days.whichDay')}>
        <Select
          aria-label={t('days.whichDay')}
          value={chosen}
          options={[
            ...days.map((day) => ({ value: day.id, label: `${day.name}, ${date(day.planned_on)}` })),
            { value: 0, label: t('days.newDay') },
          ]}
          onChange={setDayId}
        />
      </Form.Item>
    </FormDialog>
  );
}
