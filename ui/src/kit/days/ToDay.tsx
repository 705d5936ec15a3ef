import { Form, Modal, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';

import { ApiProblem } from '../../api/client';
import { useAddToDay, useDays } from '../../api/days';
import { useWords } from '../../i18n/words';
import { useUndoable } from '../hooks/useUndoable';
import { DayFrame } from './DayFrame';
import common from '../../styles/common.module.css';

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
  const problem = add.error instanceof ApiProblem ? add.error : undefined;
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
    <Modal
      open
      title={t('days.toDay')}
      okText={t('plants.toDay', { count: plantIds.length })}
      cancelText={t('common.cancel')}
      confirmLoading={add.isPending}
      onCancel={() => close(false)}
      onOk={() => (chosen === 0 ? setFraming(true) : void submit(chosen).catch(() => undefined))}
    >
      <Form layout="vertical">
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
        {add.error !== null &&
          (problem?.errors ?? [{ message: t('problem.offline'), path: '' }]).map((error) => (
            <p key={error.path} className={common.fieldError} role="alert">
              {error.message}
            </p>
          ))}
      </Form>
    </Modal>
  );
}
