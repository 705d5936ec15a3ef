import { Button, Form, Select } from 'antd';
import { useState } from 'react';

import { useVessels } from '../../api/bench';
import { useSaveDay } from '../../api/days';
import { problemOf, type Schemas } from '../../api/client';
import { isoDay } from '../../i18n/isoDay';
import { useWords } from '../../i18n/words';
import { NumberField } from '../fields/NumberField';
import { TextField } from '../fields/TextField';
import { useUndoable } from '../hooks/useUndoable';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import { FormDialog } from '../forms/FormDialog';

interface Props {
  day: Schemas['PottingDaySummary'] | null;
  close: (saved?: Schemas['PottingDay']) => void;
  learned?: Schemas['PottingDay']['learned_spare'];
}

/** When, who, with which tub and scoop, and how much on top. */
export function DayFrame({ day, close, learned }: Props) {
  const { t, percent, q } = useWords();
  const [name, setName] = useState(day?.name ?? '');
  const [on, setOn] = useState(() => day?.planned_on ?? isoDay(7));
  const [tub, setTub] = useState(plain(day?.tub_l ?? 40));
  const [scoop, setScoop] = useState(plain(day?.scoop_l ?? 1));
  const [spare, setSpare] = useState(day === null ? '' : plain(day.spare * 100));
  const [helpers, setHelpers] = useState<string[]>(day?.helpers ?? []);
  const [note, setNote] = useState(day?.note ?? '');
  const [marked, setMarked] = useState<string[]>([]);
  const save = useSaveDay(day);
  const say = useUndoable();
  const vessels = useVessels().data?.data ?? [];
  const problem = problemOf(save);
  const errorAt = (path: string) => (marked.includes(path) ? t('common.notNumber') : problem?.at(path));

  const submit = async () => {
    const wrong = [
      ...(typedNumber(tub) === null ? ['tub_l'] : []),
      ...(typedNumber(scoop) === null ? ['scoop_l'] : []),
      ...(spare.trim() !== '' && typedNumber(spare) === null ? ['spare'] : []),
    ];
    setMarked(wrong);
    if (wrong.length > 0) {
      return;
    }
    const share = typedNumber(spare);
    const saved = await save.mutateAsync({
      id: day?.id ?? null,
      body: {
        name,
        planned_on: on,
        tub_l: typedNumber(tub) ?? 0,
        scoop_l: typedNumber(scoop) ?? 0,
        ...(share === null ? {} : { spare: share / 100 }),
        helpers,
        note,
      },
    });
    say(t('common.saved', { name: saved.name }));
    close(saved);
  };

  return (
    <FormDialog
      title={day === null ? t('days.newTitle') : t('days.frame')}
      close={() => close()}
      save={submit}
      by={save}
      atFields
    >
      <div className={common.fields2}>
        <TextField label={t('field.name')} value={name} error={problem?.at('name')} onChange={setName} />
        <TextField label={t('days.on')} type="date" value={on} error={problem?.at('planned_on')} onChange={setOn} />
      </div>
      <div className={common.fields3}>
        <NumberField label={t('days.tub')} unit="L" value={tub} error={errorAt('tub_l')} onChange={setTub} />
        <NumberField label={t('days.scoop')} unit="L" value={scoop} error={errorAt('scoop_l')} onChange={setScoop} />
        <NumberField
          label={t('days.spare')}
          unit="%"
          value={spare}
          error={errorAt('spare')}
          onChange={setSpare}
          {...(day === null ? { hint: t('plants.field.usual') } : {})}
        />
      </div>
      {learned !== undefined && (
        <p className={common.quiet}>
          {t('days.spareLearned', { days: learned.days, share: percent(learned.share, 1) })}
        </p>
      )}
      {vessels.length > 0 && (
        <p className={common.vesselChoice}>
          {vessels.map((vessel) => (
            <Button
              key={vessel.id}
              size="small"
              onClick={() => (vessel.kind === 'tub' ? setTub : setScoop)(plain(vessel.volume_l))}
            >
              {vessel.name} {q(vessel.volume_l, 'L')}
            </Button>
          ))}
        </p>
      )}
      <Form.Item label={t('days.helpers')} help={problem?.at('helpers') ?? t('days.helpersHint')}>
        <Select
          mode="tags"
          open={false}
          suffixIcon={null}
          aria-label={t('days.helpers')}
          value={helpers}
          onChange={setHelpers}
        />
      </Form.Item>
      <TextField label={t('field.note')} value={note} onChange={setNote} longest={2000} />
    </FormDialog>
  );
}
