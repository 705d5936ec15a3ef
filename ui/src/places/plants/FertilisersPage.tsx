import { Form, Select } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useMeta } from '../../api/meta';
import { useArchiveFertiliser, useFertilisers, useSaveFertiliser } from '../../api/fertilisers';
import { useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { NumberField } from '../../kit/fields/NumberField';
import { RowActions } from '../../kit/lists/RowActions';
import { TextField } from '../../kit/fields/TextField';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useListQuery } from '../../kit/lists/useListQuery';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { CollectionNav } from '../../kit/plants/CollectionNav';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import { FormDialog } from '../../kit/forms/FormDialog';
import { useAsked, useEditing } from '../../kit/lists/useEditing';
import { DoButton } from '../../kit/people/DoButton';

type Fertiliser = Schemas['Fertiliser'];
const FORMS: Schemas['FertiliserForm'][] = ['slow_release', 'granule', 'liquid'];

/** Fertilisers by their labels. */
export default function FertilisersPage() {
  const { t, n } = useWords();
  const list = useListQuery('name');
  const found = useFertilisers({ ...list.query, ...useAsked() });
  const [editing, setEditing] = useEditing<Fertiliser>(found.data?.data);
  const setArchived = useArchiving(useArchiveFertiliser());

  return (
    <div className={common.listPage}>
      <CollectionNav />
      <ListHead title={t('fert.title')} {...list} add={{ label: t('fert.add'), act: () => setEditing('new') }} />
      <ListTable<Fertiliser>
        found={found}
        list={list}
        empty={t('fert.empty')}
        columns={[
          {
            key: 'name',
            title: t('fert.name'),
            sorter: true,
            render: (_, one) => (
              <DoButton type="text" className={common.rowName} onClick={() => setEditing(one)}>
                {one.name}
              </DoButton>
            ),
          },
          {
            key: 'form',
            title: t('fert.form'),
            sorter: true,
            render: (_, one) => t(`fert.form.${one.form}`),
          },
          {
            key: 'npk',
            title: t('fert.npk'),
            align: 'right',
            render: (_, one) => `${n(one.n_percent)}-${n(one.p2o5_percent)}-${n(one.k2o_percent)}`,
          },
          {
            key: 'label',
            title: `${t('fert.label')}, ${t('fert.labelUnit')}`,
            align: 'right',
            render: (_, one) => (
              <>
                {n(one.label_g_l)}
                {one.surface_g_l !== null && (
                  <span className={common.quiet}> · {t('fert.onTop', { rate: n(one.surface_g_l) })}</span>
                )}
                {one.ppm_n !== null && <span className={common.quiet}> · {t('fert.ppm', { ppm: n(one.ppm_n) })}</span>}
              </>
            ),
          },
          {
            key: 'longevity',
            title: `${t('fert.longevity')}, ${t('fert.days')}`,
            align: 'right',
            render: (_, one) =>
              one.longevity_days === null ? <span className={common.quiet}>–</span> : n(one.longevity_days),
          },
          { key: 'note', title: t('bins.note'), render: (_, one) => <span className={common.quiet}>{one.note}</span> },
        ]}
        actions={(one) => <RowActions row={one} edit={setEditing} setArchived={setArchived} />}
      />
      <p className={`${common.quiet} safety`}>{t('fert.safety')}</p>
      {editing !== null && <FertiliserForm one={editing === 'new' ? null : editing} close={() => setEditing(null)} />}
    </div>
  );
}

const NUMBERS = [
  'n_percent',
  'p2o5_percent',
  'k2o_percent',
  'label_g_l',
  'surface_g_l',
  'price_per_kg',
  'longevity_days',
] as const;
const OPTIONAL: string[] = ['surface_g_l', 'price_per_kg'];

function FertiliserForm({ one, close }: { one: Fertiliser | null; close: () => void }) {
  const { t } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const save = useSaveFertiliser();
  const say = useUndoable();
  const [name, setName] = useState(one?.name ?? '');
  const [note, setNote] = useState(one?.note ?? '');
  const [form, setForm] = useState<Schemas['FertiliserForm']>(one?.form ?? 'slow_release');
  const [texts, setTexts] = useState<Record<string, string>>(() =>
    Object.fromEntries(NUMBERS.map((key) => [key, one?.[key] == null ? '' : plain(one[key])])),
  );
  const [marked, setMarked] = useState<string[]>([]);
  const problem = problemOf(save);
  const wanted = NUMBERS.filter(
    (key) => (key !== 'longevity_days' || form === 'slow_release') && (key !== 'surface_g_l' || form !== 'liquid'),
  );
  const number = (key: (typeof NUMBERS)[number], label: string, unit: string, hint?: string) => (
    <NumberField
      label={label}
      unit={unit}
      value={texts[key] ?? ''}
      error={marked.includes(key) ? t('common.notNumber') : problem?.at(key)}
      onChange={(text) => setTexts({ ...texts, [key]: text })}
      {...(hint === undefined ? {} : { hint })}
    />
  );
  const submit = async () => {
    const wrong = wanted.filter(
      (key) => typedNumber(texts[key] ?? '') === null && !(OPTIONAL.includes(key) && (texts[key] ?? '').trim() === ''),
    );
    setMarked(wrong);
    if (wrong.length > 0) {
      return;
    }
    const value = (key: string) => typedNumber(texts[key] ?? '') ?? 0;
    const saved = await save.mutateAsync({
      id: one?.id ?? null,
      body: {
        name,
        note,
        form,
        n_percent: value('n_percent'),
        p2o5_percent: value('p2o5_percent'),
        k2o_percent: value('k2o_percent'),
        label_g_l: value('label_g_l'),
        surface_g_l: form === 'liquid' ? null : typedNumber(texts['surface_g_l'] ?? ''),
        price_per_kg: typedNumber(texts['price_per_kg'] ?? ''),
        longevity_days: form === 'slow_release' ? value('longevity_days') : null,
      },
    });
    say(t('common.saved', { name: saved.name }));
    close();
  };

  return (
    <FormDialog title={one?.name ?? t('fert.newTitle')} close={close} save={submit} by={save} atFields>
      <div className={common.fields2}>
        <TextField label={t('field.name')} value={name} error={problem?.at('name')} onChange={setName} />
        <Form.Item label={t('fert.form')}>
          <Select
            aria-label={t('fert.form')}
            value={form}
            options={FORMS.map((value) => ({ value, label: t(`fert.form.${value}`) }))}
            onChange={setForm}
          />
        </Form.Item>
      </div>
      <div className={common.fields3}>
        {number('n_percent', 'N', '%')}
        {number('p2o5_percent', 'P₂O₅', '%')}
        {number('k2o_percent', 'K₂O', '%')}
      </div>
      <div className={common.fields2}>
        {number('label_g_l', t('fert.label'), t('fert.labelUnit'), t('fert.labelHint'))}
        {form !== 'liquid' && number('surface_g_l', t('fert.surface'), t('fert.labelUnit'), t('fert.surfaceHint'))}
        {form === 'slow_release' && number('longevity_days', t('fert.longevity'), t('fert.days'))}
        {number('price_per_kg', t('fert.price'), `${currency}/kg`)}
      </div>
      <TextField label={t('field.note')} value={note} onChange={setNote} />
    </FormDialog>
  );
}
