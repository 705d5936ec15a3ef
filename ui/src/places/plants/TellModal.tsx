import { Checkbox, Select } from 'antd';
import { useState } from 'react';

import { ApiProblem, type Schemas } from '../../api/client';
import { useAddTask } from '../../api/care';
import { useArchivePlant, useOffspring, useSplitGroup, useTellOfPlant } from '../../api/plants';
import { isoDay } from '../../i18n/isoDay';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import { FormDialog } from '../../kit/forms/FormDialog';

export type What =
  | 'note'
  | 'snoozed'
  | 'override'
  | 'given_away'
  | 'died'
  | 'complaint'
  | 'offspring'
  | 'split'
  | 'task';
const TITLES = {
  note: 'plant.note',
  snoozed: 'plant.snooze',
  override: 'plant.override',
  given_away: 'plant.givenAway',
  died: 'plant.died',
  complaint: 'plant.complaint',
  offspring: 'plant.offspring',
  split: 'plant.split',
  task: 'plant.addTask',
} as const;
/** What is told of a plant; young plants and parts of a group are the growers'. */
const FOR_HELPERS: readonly What[] = ['note', 'snoozed', 'override', 'given_away', 'died', 'complaint', 'task'];
const OFFSPRING = ['cutting', 'layer', 'division'] as const;

interface Props {
  plant: Schemas['Plant'];
  what: What;
  close: () => void;
  /** Plants that are to be potted now: the young, and of a division what was divided. */
  taken: (plantIds: number[]) => void;
}

/** A few fields for what is told of a plant. */
export function TellModal({ plant, what, close, taken }: Props) {
  const { t } = useWords();
  const tell = useTellOfPlant(plant.id);
  const offspring = useOffspring(plant.id);
  const split = useSplitGroup(plant.id);
  const addTask = useAddTask();
  const archive = useArchivePlant();
  const say = useUndoable();
  const [text, setText] = useState('');
  const [day, setDay] = useState(what === 'snoozed' || what === 'override' ? '' : isoDay());
  const [until, setUntil] = useState('');
  const [count, setCount] = useState('1');
  const [every, setEvery] = useState('');
  const [together, setTogether] = useState(false);
  const [kind, setKind] = useState<(typeof OFFSPRING)[number]>('cutting');
  const error = tell.error ?? offspring.error ?? split.error ?? addTask.error;
  const problem = error instanceof ApiProblem ? error : undefined;
  const wrong = { count: typedNumber(count) === null, every: every.trim() !== '' && typedNumber(every) === null };

  const submit = async () => {
    if (what === 'offspring') {
      if (wrong.count) {
        return;
      }
      const { data } = await offspring.mutateAsync({ kind, count: typedNumber(count) ?? 1, together, on: day, text });
      say(t('plant.offspringDone', { count: data.length }));
      taken([...(kind === 'division' ? [plant.id] : []), ...data.map((young) => young.id)]);
    } else if (what === 'split') {
      if (wrong.count) {
        return;
      }
      const part = await split.mutateAsync({ count: typedNumber(count) ?? 1, ...(text === '' ? {} : { place: text }) });
      say(t('plant.splitDone', { count: part.count ?? 1, number: part.number }));
    } else if (what === 'task') {
      if (wrong.every) {
        return;
      }
      await addTask.mutateAsync({
        plant_id: plant.id,
        due_on: day,
        note: text,
        every_days: typedNumber(every),
        until_on: until === '' ? null : until,
      });
      say(t('common.saved', { name: text }));
    } else {
      await tell.mutateAsync({
        kind: what,
        text,
        ...(what === 'snoozed' || what === 'override' ? { until: day === '' ? null : day } : { on: day }),
      });
      say(
        t('common.saved', { name: plant.name }),
        what === 'given_away' || what === 'died' ? () => archive.mutate({ id: plant.id, archived: false }) : undefined,
      );
    }
    close();
  };

  return (
    <FormDialog
      be={FOR_HELPERS.includes(what) ? 'helper' : 'grower'}
      title={`${t(TITLES[what])}: ${plant.number} ${plant.name}`}
      close={close}
      save={submit}
      by={{ isPending: tell.isPending || offspring.isPending || split.isPending || addTask.isPending, error }}
      saveLabel={t('plant.doIt')}
      atFields
    >
      {what === 'offspring' && (
        <div className={common.fields2}>
          <Select
            aria-label={t('plants.field.origin')}
            value={kind}
            options={OFFSPRING.map((value) => ({ value, label: t(`origin.${value}`) }))}
            onChange={setKind}
          />
          <NumberField
            label={t('plant.count')}
            value={count}
            error={wrong.count ? t('common.notNumber') : problem?.at('count')}
            onChange={setCount}
          />
        </div>
      )}
      {what === 'offspring' && (
        <Checkbox checked={together} onChange={(event) => setTogether(event.target.checked)}>
          {t('plant.together')}
        </Checkbox>
      )}
      {what === 'split' && (
        <NumberField
          label={t('plant.splitCount', { count: plant.count ?? 1 })}
          value={count}
          error={wrong.count ? t('common.notNumber') : problem?.at('count')}
          onChange={setCount}
        />
      )}
      <TextField
        label={t(
          what === 'given_away'
            ? 'plant.to'
            : what === 'split'
              ? 'plants.place'
              : what === 'task'
                ? 'task.what'
                : what === 'snoozed' || what === 'override'
                  ? 'plant.reason'
                  : 'plant.what',
        )}
        value={text}
        error={problem?.at('text') ?? problem?.at('note')}
        onChange={setText}
        longest={what === 'task' ? 200 : 2000}
      />
      {what !== 'split' && (
        <TextField
          label={t(what === 'snoozed' ? 'plant.until' : what === 'override' ? 'plant.dueOn' : 'task.on')}
          type="date"
          value={day}
          error={problem?.at('on') ?? problem?.at('until') ?? problem?.at('due_on')}
          onChange={setDay}
          {...(what === 'override' ? { hint: t('plant.dueComputed') } : {})}
        />
      )}
      {what === 'task' && (
        <div className={common.fields2}>
          <NumberField
            label={t('task.repeat')}
            value={every}
            error={wrong.every ? t('common.notNumber') : problem?.at('every_days')}
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
      )}
    </FormDialog>
  );
}
