import { Button, Checkbox, Form, Input, Select } from 'antd';
import { useState } from 'react';

import { changedOf, useOpened } from '../../api/changed';
import { problemOf, type Schemas } from '../../api/client';
import { useSaveTrial } from '../../api/trials';
import { useWords } from '../../i18n/words';
import { TextField } from '../../kit/fields/TextField';
import { FormDrawer } from '../../kit/forms/FormDrawer';
import { useUndoable } from '../../kit/hooks/useUndoable';
import common from '../../styles/common.module.css';
import { Arms } from './Arms';
import { PlantsOfTrial } from './PlantsOfTrial';
import { bodyOf, formOf } from './trialForm';
import styles from './trials.module.css';

const VARIES: Schemas['TrialVaries'][] = ['mix', 'pot', 'watering', 'treatment'];
const MEASURES: Schemas['TrialMeasure'][] = [
  'trunk_mm',
  'height_cm',
  'canopy_cm',
  'score',
  'run_through_s',
  'days_dry',
  'other',
];
const BLOCKINGS: Schemas['TrialBlocking'][] = ['bench_and_size', 'bench', 'size', 'none'];

interface Props {
  trial: Schemas['Trial'] | null;
  close: () => void;
  saved: (id: number) => void;
}

/** The form of a trial; once it has begun only its words and days can be changed. */
export function TrialDrawer({ trial, close, saved }: Props) {
  const { t } = useWords();
  const opened = useOpened(trial);
  const [form, setForm] = useState(() => formOf(opened));
  const save = useSaveTrial();
  const say = useUndoable();
  const problem = problemOf(save);
  const hasBegun = opened !== null && opened.state !== 'planned';
  const set = (changed: Partial<typeof form>) => setForm((now) => ({ ...now, ...changed }));
  const submit = async () => {
    const body = bodyOf(form);
    const kept = await save.mutateAsync(
      opened === null
        ? { id: null, body }
        : { id: opened.id, body: changedOf({ ...bodyOf(formOf(opened)), revision: opened.revision }, body) },
    );
    say(t('common.saved', { name: kept.name }));
    saved(kept.id);
    close();
  };
  const choose = <Word extends string>(
    label: string,
    value: Word,
    words: Word[],
    say: (word: Word) => string,
    pick: (word: Word) => void,
  ) => (
    <Form.Item label={label}>
      <Select
        aria-label={label}
        value={value}
        disabled={hasBegun}
        options={words.map((word) => ({ value: word, label: say(word) }))}
        onChange={pick}
      />
    </Form.Item>
  );

  return (
    <FormDrawer title={opened?.name ?? t('trial.add')} size={640} close={close} save={submit} by={save} atFields>
      <TextField
        label={t('trial.name')}
        value={form.name}
        error={problem?.at('name')}
        onChange={(name) => set({ name })}
      />
      <Form.Item label={t('trial.question')} help={problem?.at('question')}>
        <Input.TextArea
          aria-label={t('trial.question')}
          value={form.question}
          autoSize={{ minRows: 2 }}
          placeholder={t('trial.questionHint')}
          onChange={(event) => set({ question: event.target.value })}
        />
      </Form.Item>
      {choose(
        t('trial.varies'),
        form.varies,
        VARIES,
        (word) => t(`trial.varies.${word}`),
        (varies) => set({ varies }),
      )}
      <Arms form={form} set={set} problem={problem} disabled={hasBegun} />
      <h3>{t('trial.measured')}</h3>
      <div className={common.fields2}>
        {choose(
          t('trial.measure'),
          form.measure,
          MEASURES,
          (word) => t(`trial.measure.${word}`),
          (measure) => set({ measure }),
        )}
        {form.measure === 'other' && (
          <TextField
            label={t('trial.unit')}
            value={form.unit}
            error={problem?.at('unit')}
            onChange={(unit) => set({ unit })}
          />
        )}
      </div>
      <Checkbox
        checked={form.fromStart}
        disabled={hasBegun}
        onChange={(event) => set({ fromStart: event.target.checked })}
      >
        {t('trial.fromStart')}
      </Checkbox>
      <Form.Item
        label={t('trial.days')}
        validateStatus={problem?.at('days') === undefined ? '' : 'error'}
        help={problem?.at('days')}
      >
        <div className={styles.days}>
          {form.days.map((each, i) => (
            <Input
              key={i}
              type="date"
              aria-label={t('trial.dayN', { n: i + 1 })}
              value={each}
              onChange={(event) => set({ days: form.days.map((day, at) => (at === i ? event.target.value : day)) })}
            />
          ))}
          <Button onClick={() => set({ days: [...form.days, ''] })}>{t('trial.addDay')}</Button>
        </div>
      </Form.Item>
      <h3>{t('trial.who')}</h3>
      {choose(
        t('trial.blocking'),
        form.blocking,
        BLOCKINGS,
        (word) => t(`trial.blocking.${word}`),
        (blocking) => set({ blocking }),
      )}
      <PlantsOfTrial
        plants={form.plants}
        set={(plants) => set({ plants })}
        error={problem?.at('plants')}
        disabled={hasBegun}
      />
      <Checkbox checked={form.blinded} disabled={hasBegun} onChange={(event) => set({ blinded: event.target.checked })}>
        {t('trial.blinded')}
      </Checkbox>
      {hasBegun && (
        <Form.Item label={t('trial.conclusion')}>
          <Input.TextArea
            aria-label={t('trial.conclusion')}
            value={form.conclusion}
            autoSize={{ minRows: 2 }}
            onChange={(event) => set({ conclusion: event.target.value })}
          />
        </Form.Item>
      )}
    </FormDrawer>
  );
}
