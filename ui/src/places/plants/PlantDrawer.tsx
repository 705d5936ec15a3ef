import { AutoComplete, Button, Checkbox, Form, Input, Select } from 'antd';
import { type ComponentProps, useId, useState } from 'react';
import { useNavigate } from 'react-router';

import { problemOf, type Schemas } from '../../api/client';
import { usePlaces, useSavePlant } from '../../api/plants';
import { usePots } from '../../api/pots';
import { useRecipes } from '../../api/recipes';
import { useSites } from '../../api/situations';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { SpeciesPicker } from '../../kit/pickers/SpeciesPicker';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { formOf, inputOf, type NumberName, type PlantForm, type TextName, wrongNumbers } from './plantForm';
import styles from './plants.module.css';
import common from '../../styles/common.module.css';
import { FormDrawer } from '../../kit/forms/FormDrawer';
import { WhichPot } from '../../kit/days/WhichPot';
import { RecordPicker } from '../../kit/pickers/RecordPicker';

const BURIED: Schemas['BuriedKind'][] = ['wires', 'plate', 'stone', 'foam', 'label', 'other'];
const PLANS: Schemas['PlanKind'][] = ['root_work', 'next_pot', 'look', 'other'];
const CHOICES = {
  exposure: ['full_sun', 'half_shade', 'shade', 'glass', 'indoors'],
  quarters_exposure: ['full_sun', 'half_shade', 'shade', 'glass', 'indoors'],
  stand: ['bed', 'bench', 'wall'],
  feed: ['none', 'usual', 'acid'],
  vigour: ['slow', 'middling', 'vigorous'],
  health: ['well', 'weak', 'sick'],
  purpose: ['grow_on', 'recover', 'newly_collected', 'layer', 'stop_gap', 'refine', 'display'],
  origin: ['bought', 'seed', 'collected', 'layer', 'cutting', 'division', 'gift'],
} as const;

/** A plant as it is written down. */
export function PlantDrawer({ plant, close }: { plant: Schemas['Plant'] | null; close: () => void }) {
  const { t } = useWords();
  const [form, setForm] = useState<PlantForm>(() => formOf(plant));
  const [choosing, setChoosing] = useState<number | null>(null);
  const [marked, setMarked] = useState<string[]>([]);
  const places = usePlaces().data ?? [];
  const save = useSavePlant(plant);
  const say = useUndoable();
  const navigate = useNavigate();
  const [placeId, noteId] = [useId(), useId()];
  const problem = problemOf(save);
  const set = (change: Partial<PlantForm>) => setForm({ ...form, ...change });
  const errorAt = (path: string) => (marked.includes(path) ? t('common.notNumber') : problem?.at(path));

  const submit = async () => {
    const wrong = wrongNumbers(form);
    setMarked(wrong);
    if (wrong.length > 0) {
      return;
    }
    const saved = await save.mutateAsync({ id: plant?.id ?? null, body: inputOf(form) });
    say(t('common.saved', { name: saved.name }));
    close();
    if (plant === null) {
      await navigate(`/plants/${saved.id}`);
    }
  };
  const text = (name: TextName, label: string, more: { hint?: string; type?: 'date' } = {}) => (
    <TextField
      label={label}
      value={form[name]}
      error={errorAt(name)}
      onChange={(value) => set({ [name]: value })}
      {...more}
    />
  );
  const number = (name: NumberName, label: string, unit?: string, hint?: string) => (
    <NumberField
      label={label}
      value={form[name]}
      error={errorAt(name)}
      onChange={(value) => set({ [name]: value })}
      {...(unit === undefined ? {} : { unit })}
      {...(hint === undefined ? {} : { hint })}
    />
  );
  const choice = <Name extends keyof typeof CHOICES>(name: Name) => (
    <Form.Item label={t(`plants.field.${name}` as MessageId)}>
      <Select
        aria-label={t(`plants.field.${name}` as MessageId)}
        value={form[name]}
        options={CHOICES[name].map((value) => ({
          value,
          label: t(`${name === 'quarters_exposure' ? 'exposure' : name}.${value}` as MessageId),
        }))}
        onChange={(value) => set({ [name]: value } as Partial<PlantForm>)}
      />
    </Form.Item>
  );
  const record = <Row extends { id: number; name: string }>(
    name: 'site_id' | 'pot_id' | 'recipe_id',
    label: string,
    useList: ComponentProps<typeof RecordPicker<Row>>['useList'],
    none: string,
  ) => (
    <Form.Item label={label} help={errorAt(name)} validateStatus={errorAt(name) === undefined ? '' : 'error'}>
      <RecordPicker
        label={label}
        useList={useList}
        value={form[name]}
        none={{ label: none, pick: () => set({ [name]: null }) }}
        onPick={({ id }) => set({ [name]: id })}
      />
    </Form.Item>
  );

  return (
    <FormDrawer
      title={plant === null ? t('plants.newTitle') : `${plant.number} ${plant.name}`}
      size={620}
      close={close}
      save={submit}
      by={save}
      marked={marked.length > 0}
      atFields
    >
      <h3>{t('plants.section.what')}</h3>
      <div className={common.fields2}>
        {text('name', t('field.name'))}
        {text('number', t('plants.number'), { hint: t('plants.number.hint') })}
        <Form.Item label={t('plants.field.species')}>
          <SpeciesPicker
            group={form.plant_group}
            speciesId={form.species_id}
            onPick={(plant_group, species_id) => set({ plant_group, species_id })}
          />
        </Form.Item>
        {choice('origin')}
        {choice('purpose')}
        {choice('health')}
      </div>
      <h3>{t('plants.section.size')}</h3>
      <div className={common.fields3}>
        {number('count', t('plants.field.count'), undefined, t('plants.field.countHint'))}
        {number('year_started', t('plants.field.year'))}
        {number('height_cm', t('plants.field.height'), t('unit.cm'))}
        {number('canopy_cm', t('plants.field.canopy'), t('unit.cm'), t('situation.canopyHint'))}
        {number('trunk_mm', t('plants.field.trunk'), t('unit.mm'))}
        {number('weight_kg', t('plants.field.weight'), t('unit.kg'))}
        {choice('vigour')}
      </div>
      {text('front', t('plants.field.front'))}
      <h3>{t('plants.section.where')}</h3>
      <div className={common.fields3}>
        <Form.Item label={t('plants.place')} htmlFor={placeId}>
          <AutoComplete
            id={placeId}
            value={form.place}
            options={places.map((value) => ({ value }))}
            onChange={(value: string) => set({ place: value })}
          />
        </Form.Item>
        {record('site_id', t('plants.field.site'), useSites, t('plants.field.noSite'))}
        {choice('exposure')}
        {choice('stand')}
        {choice('feed')}
      </div>
      <Form.Item>
        <Checkbox checked={form.shelter} onChange={(event) => set({ shelter: event.target.checked })}>
          {t('plants.field.shelter')}
        </Checkbox>
        <Checkbox checked={form.winter_shelter} onChange={(event) => set({ winter_shelter: event.target.checked })}>
          {t('situation.winterShelter')}
        </Checkbox>
        <Checkbox checked={form.roofed} onChange={(event) => set({ roofed: event.target.checked })}>
          {t('plants.field.roofed')}
        </Checkbox>
      </Form.Item>
      <h3>{t('plants.section.quarters')}</h3>
      <div className={common.fields3}>
        {text('quarters_from', t('plants.field.quartersFrom'), { hint: t('plants.field.quartersHint') })}
        {text('quarters_to', t('plants.field.quartersTo'))}
        {choice('quarters_exposure')}
      </div>
      <Form.Item>
        <Checkbox checked={form.quarters_roofed} onChange={(event) => set({ quarters_roofed: event.target.checked })}>
          {t('plants.field.quartersRoofed')}
        </Checkbox>
      </Form.Item>
      <h3>{t('plants.section.in')}</h3>
      <div className={common.fields2}>
        {record('pot_id', t('plants.field.pot'), usePots, t('plants.field.noPot'))}
        {record('recipe_id', t('plants.field.mix'), useRecipes, t('plants.field.noPot'))}
        {text('potted_on', t('plants.field.pottedOn'), { type: 'date' })}
        {number('planned_years', t('plants.field.plannedYears'), t('unit.years'), t('plants.field.usual'))}
      </div>
      <h3>{t('plants.section.buried')}</h3>
      {form.buried.map((row, i) => (
        <div key={i} className={common.rowFields}>
          <Select
            aria-label={t('plants.section.buried')}
            value={row.kind}
            options={BURIED.map((value) => ({ value, label: t(`plants.buried.${value}`) }))}
            onChange={(kind) => set({ buried: form.buried.map((each, at) => (at === i ? { ...each, kind } : each)) })}
          />
          <Input
            aria-label={t('plants.plan.note')}
            value={row.note}
            onChange={(event) =>
              set({
                buried: form.buried.map((each, at) => (at === i ? { ...each, note: event.target.value } : each)),
              })
            }
          />
          <Button type="text" onClick={() => set({ buried: form.buried.filter((_, at) => at !== i) })}>
            {t('plants.remove')}
          </Button>
        </div>
      ))}
      <Button size="small" onClick={() => set({ buried: [...form.buried, { kind: 'plate', note: '' }] })}>
        {t('plants.buried.add')}
      </Button>
      <h3>{t('plants.section.plan')}</h3>
      {form.plan.map((step, i) => {
        const change = (changed: Partial<(typeof form.plan)[number]>) =>
          set({ plan: form.plan.map((each, at) => (at === i ? { ...each, ...changed } : each)) });
        return (
          <div key={i} className={`${common.rowFields} ${styles.planRow}`}>
            <Input
              aria-label={t('plants.plan.year')}
              value={step.year}
              status={errorAt(`plan.${i}.year`) === undefined ? '' : 'error'}
              onChange={(event) => change({ year: event.target.value })}
            />
            <Select
              aria-label={t('plants.section.plan')}
              value={step.what}
              options={PLANS.map((value) => ({ value, label: t(`plants.plan.${value}`) }))}
              onChange={(what) => change({ what })}
            />
            {step.what === 'next_pot' ? (
              <RecordPicker
                label={t('plants.field.pot')}
                useList={usePots}
                value={step.pot_id}
                none={{ label: t('plants.field.noPot'), pick: () => change({ pot_id: null }) }}
                onPick={({ id }) => change({ pot_id: id })}
              />
            ) : (
              <Input
                aria-label={t('plants.plan.note')}
                value={step.note}
                onChange={(event) => change({ note: event.target.value })}
              />
            )}
            {step.what === 'next_pot' && plant !== null && (
              <Button onClick={() => setChoosing(i)}>{t('whichPot.title')}</Button>
            )}
            <Button type="text" onClick={() => set({ plan: form.plan.filter((_, at) => at !== i) })}>
              {t('plants.remove')}
            </Button>
          </div>
        );
      })}
      <Button
        size="small"
        onClick={() =>
          set({
            plan: [
              ...form.plan,
              { year: String(new Date().getFullYear() + 1), what: 'root_work', note: '', pot_id: null },
            ],
          })
        }
      >
        {t('plants.plan.add')}
      </Button>
      {choosing !== null && plant !== null && (
        <WhichPot
          whose={{ plant: plant.id, recipe: form.recipe_id }}
          count={plant.count ?? 1}
          close={() => setChoosing(null)}
          take={({ id }) => {
            set({ plan: form.plan.map((each, at) => (at === choosing ? { ...each, pot_id: id } : each)) });
            setChoosing(null);
          }}
        />
      )}
      <Form.Item label={t('field.note')} htmlFor={noteId} className={styles.plantNote}>
        <Input.TextArea
          id={noteId}
          rows={3}
          value={form.note}
          onChange={(event) => set({ note: event.target.value })}
        />
      </Form.Item>
    </FormDrawer>
  );
}
