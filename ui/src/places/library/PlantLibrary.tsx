import { Checkbox, Form, Select } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useMeta } from '../../api/meta';
import { useArchiveSpecies, useSaveSpecies, useSpecies } from '../../api/situations';
import { useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { NumberField } from '../../kit/fields/NumberField';
import { RowActions } from '../../kit/lists/RowActions';
import { TextField } from '../../kit/fields/TextField';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useListQuery } from '../../kit/lists/useListQuery';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { GROUPS } from '../../kit/pickers/SpeciesPicker';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import styles from './library.module.css';
import { FormDrawer } from '../../kit/forms/FormDrawer';
import { useAsked, useEditing } from '../../kit/lists/useEditing';

type Species = Schemas['Species'];
const FIGURES = ['air_low', 'air_high', 'ph_low', 'ph_high', 'tension_limit_cm', 'years_young', 'years_old'] as const;
const LEAVES: Schemas['Leaf'][] = ['needle', 'small', 'middling', 'large', 'fleshy', 'none'];
const VIGOURS: Schemas['Vigour'][] = ['slow', 'middling', 'vigorous'];

/** Plants, what each wants otherwise than its group, and why. */
export function PlantLibrary() {
  const { t, n } = useWords();
  const list = useListQuery('name', 'plants-');
  const found = useSpecies({ ...list.query, ...useAsked('plants-open') });
  const [editing, setEditing] = useEditing<Species>(found.data?.data, 'plants-open');
  const setArchived = useArchiving(useArchiveSpecies());
  const own = (value: number | null) => (value === null ? <span className={common.quiet}>·</span> : n(value));

  return (
    <>
      <ListHead
        title={t('library.plants')}
        {...list}
        add={{ label: t('library.addPlant'), act: () => setEditing('new') }}
      />
      <ListTable<Species>
        found={found}
        list={list}
        empty={t('library.emptyPlants')}
        columns={[
          {
            key: 'name',
            title: t('species.name'),
            sorter: true,
            render: (_, one) => one.name,
          },
          {
            key: 'botanical',
            title: t('species.botanical'),
            sorter: true,
            render: (_, one) => <i lang="la">{one.botanical}</i>,
          },
          {
            key: 'plant_group',
            title: t('species.group'),
            sorter: true,
            render: (_, one) => t(`group.${one.plant_group}`),
          },
          { key: 'air', title: t('species.air_low'), align: 'right', render: (_, one) => own(one.air_low) },
          {
            key: 'limit',
            title: t('species.tension_limit_cm'),
            align: 'right',
            render: (_, one) => own(one.tension_limit_cm),
          },
          {
            key: 'reason',
            title: t('species.reason'),
            render: (_, one) => <span className={`${common.quiet} ${styles.plantReason}`}>{one.reason}</span>,
          },
        ]}
        actions={(one) => <RowActions row={one} edit={setEditing} setArchived={setArchived} />}
      />
      {editing !== null && <PlantDrawer species={editing === 'new' ? null : editing} close={() => setEditing(null)} />}
    </>
  );
}

function PlantDrawer({ species, close }: { species: Species | null; close: () => void }) {
  const { t, n } = useWords();
  const save = useSaveSpecies(species);
  const say = useUndoable();
  const meta = useMeta();
  const [name, setName] = useState(species?.name ?? '');
  const [botanical, setBotanical] = useState(species?.botanical ?? '');
  const [group, setGroup] = useState<Schemas['PlantGroup']>(species?.plant_group ?? 'broadleaf_deciduous');
  const [leaf, setLeaf] = useState<Schemas['Leaf']>(species?.leaf ?? 'middling');
  const [vigour, setVigour] = useState<Schemas['Vigour']>(species?.vigour ?? 'middling');
  const [evergreen, setEvergreen] = useState(species?.evergreen ?? false);
  const [unidentified, setUnidentified] = useState(species?.unidentified ?? false);
  const [reason, setReason] = useState(species?.reason ?? '');
  const [figures, setFigures] = useState<Record<string, string>>(() =>
    Object.fromEntries(FIGURES.map((figure) => [figure, species?.[figure] == null ? '' : plain(species[figure])])),
  );
  const problem = problemOf(save);
  const usual = meta.data?.plant_groups.find((each) => each.group === group);
  const hints: Record<string, number | undefined> = {
    air_low: usual?.air[0],
    air_high: usual?.air[1],
    ph_low: usual?.ph[0],
    ph_high: usual?.ph[1],
    tension_limit_cm: usual?.tension_limit_cm,
    years_young: usual?.years[0],
    years_old: usual?.years[1],
  };
  const submit = async () => {
    const saved = await save.mutateAsync({
      id: species?.id ?? null,
      body: {
        name,
        botanical,
        plant_group: group,
        leaf,
        vigour,
        evergreen,
        unidentified,
        reason,
        ...(Object.fromEntries(
          FIGURES.map((figure) => [
            figure,
            (figures[figure] ?? '').trim() === '' ? null : (typedNumber(figures[figure] ?? '') ?? Number.NaN),
          ]),
        ) as Record<(typeof FIGURES)[number], number | null>),
      },
    });
    say(t('common.saved', { name: saved.name }));
    close();
  };

  return (
    <FormDrawer
      title={species?.name ?? t('library.addPlant')}
      size={520}
      close={close}
      save={submit}
      by={save}
      atFields
    >
      <TextField label={t('species.name')} value={name} error={problem?.at('name')} onChange={setName} />
      <TextField
        label={t('species.botanical')}
        value={botanical}
        error={problem?.at('botanical')}
        onChange={setBotanical}
      />
      <Form.Item label={t('species.group')}>
        <Select
          aria-label={t('species.group')}
          value={group}
          options={GROUPS.map((each) => ({ value: each, label: t(`group.${each}`) }))}
          onChange={setGroup}
        />
      </Form.Item>
      <div className={common.fields3}>
        <Form.Item label={t('situation.leaf')}>
          <Select
            aria-label={t('situation.leaf')}
            value={leaf}
            options={LEAVES.map((each) => ({ value: each, label: t(`leaf.${each}`) }))}
            onChange={setLeaf}
          />
        </Form.Item>
        <Form.Item label={t('situation.vigour')}>
          <Select
            aria-label={t('situation.vigour')}
            value={vigour}
            options={VIGOURS.map((each) => ({ value: each, label: t(`vigour.${each}`) }))}
            onChange={setVigour}
          />
        </Form.Item>
        <Form.Item label=" ">
          <Checkbox checked={evergreen} onChange={(event) => setEvergreen(event.target.checked)}>
            {t('species.evergreen')}
          </Checkbox>
        </Form.Item>
      </div>
      <Checkbox checked={unidentified} onChange={(event) => setUnidentified(event.target.checked)}>
        {t('species.unidentified')}
      </Checkbox>
      <div className={common.fields4}>
        {FIGURES.map((figure) => (
          <NumberField
            key={figure}
            label={t(`species.${figure}`)}
            value={figures[figure] ?? ''}
            hint={hints[figure] === undefined ? t('species.asGroup') : `${t('species.asGroup')}: ${n(hints[figure])}`}
            error={
              (figures[figure] ?? '').trim() !== '' && typedNumber(figures[figure] ?? '') === null
                ? t('common.notNumber')
                : problem?.at(figure)
            }
            onChange={(text) => setFigures({ ...figures, [figure]: text })}
          />
        ))}
      </div>
      <TextField
        label={t('species.reason')}
        value={reason}
        error={problem?.at('reason')}
        longest={200}
        onChange={setReason}
      />
    </FormDrawer>
  );
}
