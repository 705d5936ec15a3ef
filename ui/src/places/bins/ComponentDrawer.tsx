import { Alert, Button, Checkbox, ColorPicker, ConfigProvider, Form, Input, Select } from 'antd';
import { useId, useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useComponents, useSaveComponent } from '../../api/components';
import { useMeta } from '../../api/meta';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { bodyOf, type ComponentForm, emptyForm, formOf, notNumbers, type NumberName } from './componentForm';
import { OtherNames } from './OtherNames';
import { GROUPS } from './properties';
import { SieveFields } from './SieveFields';
import common from '../../styles/common.module.css';
import styles from './bins.module.css';
import { FormDrawer } from '../../kit/forms/FormDrawer';
import { RecordPicker } from '../../kit/pickers/RecordPicker';

/** The component that is open, or none for a new one; as a copy it is saved under its own name. */
export interface Editing {
  component: Schemas['Component'] | null;
  asCopy: boolean;
}

/** One component: what is on the shelf of it, and every property that the model computes from. */
export function ComponentDrawer({
  editing,
  setEditing,
}: {
  editing: Editing;
  setEditing: (editing: Editing | null) => void;
}) {
  const { t } = useWords();
  const { component, asCopy } = editing;
  const id = component === null || asCopy ? null : component.id;
  const isReference = id !== null && component?.is_reference === true;
  const [form, setForm] = useState<ComponentForm>(() =>
    component === null
      ? emptyForm
      : formOf(component, asCopy ? t('bins.copyOf', { name: component.name }) : component.name),
  );
  const [marked, setMarked] = useState<string[]>([]);
  const [startedFrom, setStartedFrom] = useState<number | null>(null);
  const noteId = useId();
  const meta = useMeta();
  const save = useSaveComponent(asCopy ? null : component);
  const say = useUndoable();
  const problem = problemOf(save);
  const currency = meta.data?.currency ?? 'EUR';

  const change = (changed: Partial<ComponentForm>) => setForm({ ...form, ...changed });
  const errorAt = (path: string) => (marked.includes(path) ? t('common.notNumber') : problem?.at(path));
  const number = (key: NumberName, unit?: string) => (
    <NumberField
      key={key}
      label={t(`field.${key}`)}
      value={form.numbers[key]}
      error={errorAt(key)}
      onChange={(text) => change({ numbers: { ...form.numbers, [key]: text } })}
      {...(unit === undefined ? {} : { unit })}
    />
  );
  const submit = async () => {
    const wrong = notNumbers(form, isReference);
    setMarked(wrong);
    if (wrong.length > 0) {
      return;
    }
    const saved = await save.mutateAsync({ id, body: bodyOf(form, isReference) });
    say(t('common.saved', { name: saved.name }));
    setEditing(null);
  };

  return (
    <FormDrawer
      title={component === null ? t('bins.newTitle') : form.name}
      size={560}
      close={() => setEditing(null)}
      save={submit}
      by={save}
      marked={marked.length > 0}
      atFields
      className={styles.componentForm}
    >
      {isReference && component !== null && (
        <Alert
          type="info"
          title={t('bins.referenceHint')}
          action={<Button onClick={() => setEditing({ component, asCopy: true })}>{t('common.copy')}</Button>}
        />
      )}
      {component === null && (
        <Form.Item label={t('bins.startFrom')}>
          <RecordPicker
            label={t('bins.startFrom')}
            placeholder={t('common.none')}
            useList={useComponents}
            value={startedFrom}
            onPick={(other) => {
              setStartedFrom(other.id);
              setForm({
                ...formOf(other, form.name),
                numbers: { ...formOf(other, '').numbers, stock_l: '0', pack_l: '', pack_price: '', low_l: '' },
              });
            }}
          />
        </Form.Item>
      )}
      <h3>{t('bins.section.shelf')}</h3>
      <div className={common.fields4}>
        {number('stock_l', t('unit.L'))}
        {number('pack_l', t('unit.L'))}
        {number('pack_price', currency)}
        {number('low_l', t('unit.L'))}
      </div>
      <OtherNames
        names={form.otherNames}
        change={(otherNames) => change({ otherNames })}
        knownAs={component?.known_as ?? []}
        error={errorAt('other_names')}
      />
      <Form.Item
        label={t('field.note')}
        htmlFor={noteId}
        validateStatus={problem?.at('note') === undefined ? '' : 'error'}
        help={problem?.at('note')}
      >
        <Input.TextArea
          id={noteId}
          autoSize={{ minRows: 1, maxRows: 4 }}
          value={form.note}
          onChange={(event) => change({ note: event.target.value })}
        />
      </Form.Item>
      <ConfigProvider componentDisabled={isReference}>
        <h3>{t('bins.section.what')}</h3>
        <div className={common.fields2}>
          <TextField
            label={t('field.name')}
            value={form.name}
            error={problem?.at('name')}
            onChange={(name) => change({ name })}
          />
          <Form.Item label={t('field.kind')}>
            <Select
              aria-label={t('field.kind')}
              value={form.kind}
              options={(meta.data?.kinds ?? []).map((kind) => ({ value: kind, label: t(`kind.${kind}`) }))}
              onChange={(kind) => change({ kind })}
            />
          </Form.Item>
          <Form.Item label={t('field.basis')}>
            <Select
              aria-label={t('field.basis')}
              value={form.basis}
              options={(['typical', 'supplier', 'measured'] as const).map((basis) => ({
                value: basis,
                label: t(`basis.${basis}`),
              }))}
              onChange={(basis) => change({ basis })}
            />
          </Form.Item>
          <Form.Item label={t('field.colour')}>
            <ColorPicker
              disabledAlpha
              value={form.colour}
              showText
              onChange={(colour) => change({ colour: colour.toHexString().slice(0, 7) })}
            />
          </Form.Item>
        </div>
        <Form.Item label={t('field.hazards')}>
          <Checkbox.Group
            value={form.hazards}
            options={(meta.data?.hazards ?? []).map((hazard) => ({ value: hazard, label: t(`hazard.${hazard}`) }))}
            onChange={(hazards) => change({ hazards: hazards as Schemas['Hazard'][] })}
          />
        </Form.Item>
        <SieveFields form={form} change={change} errorAt={errorAt} extra={number('finest_mm', t('unit.mm'))} />
        {GROUPS.map((group) => (
          <div key={group.title}>
            <h3>{t(group.title)}</h3>
            <div className={common.fields3}>
              {group.fields.map(([key, unit]) => number(key, unit === null ? undefined : t(unit)))}
            </div>
          </div>
        ))}
      </ConfigProvider>
    </FormDrawer>
  );
}
