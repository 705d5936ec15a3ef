import { Button, Form, Input, Segmented } from 'antd';
import { useState } from 'react';
import { answerOf, api, problemOf, type Schemas } from '../../api/client';
import { useBatches } from '../../api/batches';
import { useSaveMix } from '../../api/components';
import { useMeta } from '../../api/meta';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { plain, plainRange, typedNumber, typedRange } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import { SHELF } from './componentForm';
import { OtherNames } from './OtherNames';
import styles from './bins.module.css';
import { FormDrawer } from '../../kit/forms/FormDrawer';
import { ComponentPicker } from '../../kit/pickers/ComponentPicker';
import { RecordPicker } from '../../kit/pickers/RecordPicker';

interface Row {
  id: number;
  name: string;
  text: string;
}

/** A premix or a reclaimed mix: what is in it, how old it is, and what lies of it in the bin. */
export function MixDrawer({ mix, close }: { mix: Schemas['Component'] | null; close: () => void }) {
  const { t } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const [name, setName] = useState(mix?.name ?? '');
  const [source, setSource] = useState<'premix' | 'reclaimed'>(mix?.source === 'reclaimed' ? 'reclaimed' : 'premix');
  const [rows, setRows] = useState<Row[]>(
    (mix?.mix_parts ?? []).map((part) => ({
      id: part.component_id,
      name: part.component_name,
      text: plainRange(part.parts, part.spread),
    })),
  );
  const [texts, setTexts] = useState<Record<string, string>>({
    ...Object.fromEntries(SHELF.map((key) => [key, mix?.[key] == null ? '' : plain(mix[key])])),
    reclaimed_years: plain(mix?.reclaimed_years ?? 2),
    sieved_mm: mix?.sieved_mm == null ? '' : plain(mix.sieved_mm),
  });
  const [note, setNote] = useState(mix?.note ?? '');
  const [otherNames, setOtherNames] = useState(mix?.other_names ?? []);
  const [marked, setMarked] = useState<string[]>([]);
  const [batchId, setBatchId] = useState<number | null>(null);
  const hasBatches = (useBatches({ per_page: 1 }).data?.total ?? 0) > 0;
  const save = useSaveMix(mix);
  const say = useUndoable();
  const problem = problemOf(save);
  const errorAt = (path: string) => (marked.includes(path) ? t('common.notNumber') : problem?.at(path));
  const number = (key: string, label: string, unit: string, hint?: string) => (
    <NumberField
      label={label}
      unit={unit}
      value={texts[key] ?? ''}
      error={errorAt(key)}
      onChange={(text) => setTexts({ ...texts, [key]: text })}
      {...(hint === undefined ? {} : { hint })}
    />
  );

  const fromBatch = async (id: number) => {
    const batch = answerOf(await api.GET('/batches/{id}', { params: { path: { id } } }));
    // by number, not by the name of that day: it may have another one now
    const shelf = await Promise.all(
      batch.result.lines.map(async ({ component_id: id }) =>
        answerOf(await api.GET('/components/{id}', { params: { path: { id } } })),
      ),
    );
    const parts = batch.inputs.parts.flatMap((part) => {
      const component = shelf.find((each) => each.key === part.key);
      return component === undefined ? [] : [{ id: component.id, name: component.name, text: plain(part.parts) }];
    });
    setRows(parts);
    setSource('reclaimed');
    if (name === '') {
      setName(batch.name);
    }
  };

  const submit = async () => {
    const wrong = [
      ...rows.flatMap((row, i) => (typedRange(row.text) === null ? [`mix_parts.${i}.parts`] : [])),
      ...Object.entries(texts).flatMap(([key, text]) =>
        text.trim() !== '' && typedNumber(text) === null ? [key] : [],
      ),
    ];
    setMarked(wrong);
    if (wrong.length > 0) {
      return;
    }
    const value = (key: string) => typedNumber(texts[key] ?? '');
    const saved = await save.mutateAsync({
      id: mix?.id ?? null,
      body: {
        name,
        source,
        note,
        other_names: otherNames,
        mix_parts: rows.map((row) => {
          const { middle, spread } = typedRange(row.text) ?? { middle: 0, spread: 0 };

          return { component_id: row.id, parts: middle, spread };
        }),
        stock_l: value('stock_l') ?? 0,
        pack_l: value('pack_l'),
        pack_price: value('pack_price'),
        low_l: value('low_l'),
        ...(source === 'reclaimed' ? { reclaimed_years: value('reclaimed_years'), sieved_mm: value('sieved_mm') } : {}),
        ...(mix === null ? {} : { colour: mix.colour }),
      },
    });
    say(t('common.saved', { name: saved.name }));
    close();
  };

  return (
    <FormDrawer
      title={mix?.name ?? t('mix.newTitle')}
      size={520}
      close={close}
      save={submit}
      by={save}
      marked={marked.length > 0}
      atFields
      className={styles.componentForm}
    >
      <Segmented
        block
        aria-label={t('mix.what')}
        value={source}
        options={[
          { value: 'premix', label: t('mix.premix') },
          { value: 'reclaimed', label: t('mix.reclaimed') },
        ]}
        onChange={setSource}
      />
      <p className={common.quiet}>{t(source === 'premix' ? 'mix.premixHint' : 'mix.reclaimedHint')}</p>
      <TextField label={t('field.name')} value={name} error={problem?.at('name')} onChange={setName} />
      {source === 'reclaimed' && (
        <>
          {mix === null && hasBatches && (
            <Form.Item label={t('mix.fromBatch')}>
              <RecordPicker
                label={t('mix.fromBatch')}
                placeholder={t('common.none')}
                useList={useBatches}
                value={batchId}
                onPick={({ id }) => {
                  setBatchId(id);
                  fromBatch(id).catch((wrong: unknown) =>
                    say(wrong instanceof Error ? wrong.message : t('problem.offline')),
                  );
                }}
              />
            </Form.Item>
          )}
          <div className={common.fields2}>
            {number('reclaimed_years', t('mix.years'), t('unit.years'))}
            {number('sieved_mm', t('mix.sieved'), 'mm', t('mix.sievedHint'))}
          </div>
        </>
      )}
      <h3>{t('mix.parts')}</h3>
      <p className={common.quiet}>{t('mix.partsHint')}</p>
      <ul className={styles.mixRows}>
        {rows.map((row, i) => {
          const error = errorAt(`mix_parts.${i}.parts`) ?? errorAt(`mix_parts.${i}.component_id`);
          return (
            <li key={row.id}>
              <span>{row.name}</span>
              <Input
                value={row.text}
                inputMode="decimal"
                status={error === undefined ? '' : 'error'}
                aria-label={t('mix.partsOf', { name: row.name })}
                onChange={(event) =>
                  setRows(rows.map((each, at) => (at === i ? { ...each, text: event.target.value } : each)))
                }
              />
              <Button
                type="text"
                aria-label={t('blend.remove', { name: row.name })}
                onClick={() => setRows(rows.filter((_, at) => at !== i))}
              >
                ×
              </Button>
              {error !== undefined && <p className={common.fieldError}>{error}</p>}
            </li>
          );
        })}
      </ul>
      {problem?.at('mix_parts') !== undefined && (
        <p className={common.fieldError} role="alert">
          {problem.at('mix_parts')}
        </p>
      )}
      <Form.Item>
        <ComponentPicker
          label={t('mix.addPart')}
          without={[...rows.map((row) => row.id), ...(mix === null ? [] : [mix.id])]}
          onPick={({ id, name: added }) => setRows([...rows, { id, name: added, text: '1' }])}
        />
      </Form.Item>
      <h3>{t('bins.section.shelf')}</h3>
      <div className={common.fields4}>
        {number('stock_l', t('field.stock_l'), t('unit.L'))}
        {number('pack_l', t('field.pack_l'), t('unit.L'))}
        {number('pack_price', t('field.pack_price'), currency)}
        {number('low_l', t('field.low_l'), t('unit.L'))}
      </div>
      <OtherNames names={otherNames} change={setOtherNames} knownAs={[]} error={errorAt('other_names')} />
      <TextField label={t('field.note')} value={note} onChange={setNote} />
    </FormDrawer>
  );
}
