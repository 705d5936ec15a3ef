import { Form, Select } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useAddRound } from '../../api/care';
import { usePlaces } from '../../api/plants';
import { useMeta } from '../../api/meta';
import { isoDay } from '../../i18n/isoDay';
import { typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../fields/NumberField';
import { TextField } from '../fields/TextField';
import { FormDialog } from '../forms/FormDialog';
import { useUndoable } from '../hooks/useUndoable';
import common from '../../styles/common.module.css';

const YARD = 'yard';

/** One task for a place, a group or the whole yard. */
export function AddRound({ close }: { close: () => void }) {
  const { t } = useWords();
  const places = usePlaces().data ?? [];
  const groups = useMeta().data?.plant_groups ?? [];
  const [whose, setWhose] = useState(YARD);
  const [note, setNote] = useState('');
  const [on, setOn] = useState(() => isoDay());
  const [every, setEvery] = useState('');
  const [until, setUntil] = useState('');
  const add = useAddRound();
  const say = useUndoable();
  const problem = problemOf(add);
  const isWrong = every.trim() !== '' && typedNumber(every) === null;
  const submit = async () => {
    if (isWrong) {
      return;
    }
    const answer = await add.mutateAsync({
      note,
      due_on: on,
      every_days: typedNumber(every),
      until_on: until === '' ? null : until,
      ...(whose.startsWith('place ') ? { place: whose.slice(6) } : {}),
      ...(whose.startsWith('group ') ? { plant_group: whose.slice(6) as Schemas['PlantGroup'] } : {}),
    });
    say(t('round.added', { task: note, count: answer.tasks }));
    close();
  };

  return (
    <FormDialog title={t('round.new')} close={close} save={submit} by={add} atFields>
      <Form.Item
        label={t('round.whose')}
        validateStatus={problem?.at('place') === undefined ? '' : 'error'}
        help={problem?.at('place') ?? problem?.at('plant_group')}
      >
        <Select
          aria-label={t('round.whose')}
          value={whose}
          showSearch={{ optionFilterProp: 'label' }}
          options={[
            { value: YARD, label: t('round.yard') },
            ...places.map((place) => ({ value: `place ${place}`, label: t('round.place', { place }) })),
            ...groups.map(({ group }) => ({ value: `group ${group}`, label: t(`group.${group}`) })),
          ]}
          onChange={setWhose}
        />
      </Form.Item>
      <TextField label={t('task.what')} value={note} error={problem?.at('note')} onChange={setNote} longest={200} />
      <div className={common.fields3}>
        <TextField label={t('task.on')} type="date" value={on} error={problem?.at('due_on')} onChange={setOn} />
        <NumberField
          label={t('task.repeat')}
          value={every}
          error={isWrong ? t('common.notNumber') : problem?.at('every_days')}
          onChange={setEvery}
        />
        <TextField
          label={t('task.repeatUntil')}
          type="date"
          value={until}
          error={problem?.at('until_on')}
          onChange={setUntil}
        />
      </div>
    </FormDialog>
  );
}
