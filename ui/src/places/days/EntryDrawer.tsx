import { Button, Form, Select } from 'antd';
import { useRef, useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useChangeEntry, useJudgement, useRemoveEntry } from '../../api/days';
import { rules } from '../../api/meta';
import { useFertilisers } from '../../api/fertilisers';
import { usePots } from '../../api/pots';
import { useRecipes } from '../../api/recipes';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { ComponentPicker } from '../../kit/pickers/ComponentPicker';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { useSaveQueue } from '../../kit/forms/useSaveQueue';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { SOILS, TREATMENTS } from '../../kit/days/plans';
import { WhichPot } from '../../kit/days/WhichPot';
import { EntryCare } from './EntryCare';
import { EntryFigures } from './EntryFigures';
import { HeightAndPlace } from './HeightAndPlace';
import { EntryVerdicts } from './EntryVerdicts';
import { EntryZones } from './EntryZones';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import styles from './days.module.css';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import { Side } from '../../kit/overlays/Side';
import { useMay } from '../../api/session';
import { DoButton } from '../../kit/people/DoButton';

type Changes = Schemas['EntryChanges'];
const KEEP_AFTER_MS = 450;
const CHOICES = {
  treatment: TREATMENTS,
  surface: ['bare', 'stone', 'moss'],
  fixing: ['wire', 'stones', 'none'],
  feeding: ['none', 'little_often', 'weekly_growth', 'half_year', 'generous'],
} as const;
const WORDS = { treatment: 'batch.gaps', surface: 'surface', fixing: 'fixing', feeding: 'feeding' } as const;

interface Props {
  day: Schemas['PottingDay'];
  entry: Schemas['DayEntry'];
  close: () => void;
}

/** How one plant is potted, field by field. Each field is kept for itself, so two helpers do not lose each other's entries. */
export function EntryDrawer({ day, entry, close }: Props) {
  const { t, q, cell } = useWords();
  const { plan } = entry;
  const change = useChangeEntry(day.id);
  const remove = useRemoveEntry(day.id);
  const say = useUndoable();
  const [typed, setTyped] = useState<Record<string, string>>({});
  const judged = useJudgement(day.id, entry.id, entry.revision).data;
  const [choosing, setChoosing] = useState(false);
  const revision = useRef(entry.revision);
  const queue = useSaveQueue(async (changes: Changes) => {
    const saved = await change.mutateAsync({ entry: entry.id, revision: revision.current, changes });
    revision.current = saved.entries.find((each) => each.id === entry.id)?.revision ?? revision.current;
  }, KEEP_AFTER_MS);
  const keep = (changes: Changes) => void queue.keep(changes);
  const problem = problemOf(queue);
  const mayNot = !useMay()('grower');
  const locked = mayNot || entry.state === 'done' || entry.state === 'changed' || day.status === 'finished';

  /** A number of the plan; `put` says what changes with it. */
  const number = (
    name: string,
    label: MessageId,
    unit: string,
    value: number | null,
    put: (value: number | null) => Changes,
    more: { hint?: MessageId; optional?: boolean; factor?: number; label?: string; placeholder?: string } = {},
  ) => {
    const factor = more.factor ?? 1;
    const text = typed[name] ?? (value === null ? '' : plain(Math.round(value * factor * 1e4) / 1e4));
    const isWrong = typedNumber(text) === null && !(more.optional === true && text.trim() === '');
    return (
      <NumberField
        label={more.label ?? t(label)}
        unit={unit}
        value={text}
        error={isWrong ? t('common.notNumber') : problem?.at(`changes.${name}`)}
        onChange={(next) => {
          setTyped({ ...typed, [name]: next });
          const found = typedNumber(next);
          if (found !== null || (more.optional === true && next.trim() === '')) {
            queue.keepLater(put(found === null ? null : found / factor));
          }
        }}
        {...(more.hint === undefined ? {} : { hint: t(more.hint) })}
        {...(more.placeholder === undefined ? {} : { placeholder: more.placeholder })}
      />
    );
  };
  const own = (name: 'collar_cm' | 'objects_l' | 'headspace_cm' | 'stones_days', label: MessageId, unit: string) =>
    number(name, label, unit, plan[name], (value) => ({ [name]: value ?? 0 }));
  /** What follows from the height, unless it is typed. */
  const follows = (name: 'bed_cm' | 'mound_cm', label: MessageId) =>
    number(name, label, t('unit.cm'), plan[name], (value) => ({ [name]: value }), {
      optional: true,
      hint: 'entry.follows',
      ...(entry.figures?.fit == null ? {} : { placeholder: cell(entry.figures.fit[name], 'cm') }),
    });
  const select = <Value extends string>(
    label: MessageId,
    value: Value,
    options: readonly { value: Value; label: string }[],
    pick: (value: Value) => void,
  ) => (
    <Form.Item label={t(label)}>
      <Select aria-label={t(label)} value={value} options={[...options]} onChange={pick} />
    </Form.Item>
  );
  const choice = <Name extends keyof typeof CHOICES>(name: Name, label: MessageId) => (
    <Form.Item label={t(label)}>
      <Select
        aria-label={t(label)}
        value={plan[name]}
        options={CHOICES[name].map((value) => ({ value, label: t(`${WORDS[name]}.${value}` as MessageId) }))}
        onChange={(value) => keep({ [name]: value } as Changes)}
      />
    </Form.Item>
  );
  const ball = plan.ball;
  const size = (name: 'length_cm' | 'width_cm' | 'height_cm', label: MessageId) =>
    number(`ball.${name}`, label, t('unit.cm'), ball?.[name] ?? null, (value) => ({
      ball: { ...(ball ?? { length_cm: 10, width_cm: 10, height_cm: 5 }), [name]: value ?? 1 },
    }));
  const picker = (label: MessageId, path: string, pick: (id: number) => Changes, clear: Changes) => (
    <Form.Item label={t(label)}>
      <ComponentPicker
        label={t(label)}
        kept={entry.materials[path]}
        onClear={() => keep(clear)}
        onPick={({ id }) => keep(pick(id))}
      />
    </Form.Item>
  );
  const takeOff = async () => {
    await remove.mutateAsync(entry.id);
    say(t('day.removed', { name: entry.plant.name }));
    close();
  };

  return (
    <Side
      open
      size={820}
      title={t('entry.title', { number: entry.plant.number, name: entry.plant.name })}
      onClose={close}
      footer={
        <div className={common.drawerFoot}>
          <span
            className={queue.state === 'failed' ? common.fieldError : common.quiet}
            role={queue.state === 'failed' ? 'alert' : 'status'}
          >
            {queue.state === 'failed'
              ? (problem?.message ?? t('problem.offline'))
              : queue.state === 'saving'
                ? t('entry.saving')
                : queue.state === 'saved'
                  ? t('entry.saved')
                  : mayNot
                    ? t('people.readsOnly')
                    : ''}
          </span>
          {!locked && (
            <DoButton danger onClick={() => void takeOff().catch(() => undefined)}>
              {t('day.remove')}
            </DoButton>
          )}
          <Button type="primary" onClick={close}>
            {t('prep.done')}
          </Button>
        </div>
      }
    >
      <div className={styles.entryDrawer}>
        <div>
          <Form layout="vertical" disabled={locked}>
            <div className={common.fields3}>
              <Form.Item
                label={t('entry.into')}
                help={problem?.at('changes.pot_id')}
                extra={
                  <Button size="small" onClick={() => setChoosing(true)}>
                    {t('whichPot.title')}
                  </Button>
                }
              >
                <RecordPicker
                  label={t('entry.into')}
                  useList={usePots}
                  value={entry.pot.id}
                  disabled={locked}
                  onPick={(pot) => keep({ pot_id: pot.id })}
                />
              </Form.Item>
              <Form.Item label={t('entry.recipe')} help={problem?.at('changes.recipe_id')}>
                <RecordPicker
                  label={t('entry.recipe')}
                  useList={useRecipes}
                  value={entry.recipe.id}
                  disabled={locked}
                  onPick={(recipe) => keep({ recipe_id: recipe.id })}
                />
              </Form.Item>
              <Form.Item label={t('day.helper')}>
                <Select
                  aria-label={t('day.helper')}
                  value={entry.helper}
                  options={[
                    { value: '', label: t('entry.none') },
                    ...day.helpers.map((value) => ({ value, label: value })),
                  ]}
                  onChange={(helper) => keep({ helper })}
                />
              </Form.Item>
            </div>
            <h3>{t('entry.ball')}</h3>
            {ball === null ? (
              <p>
                {t('entry.noBall')}{' '}
                <Button size="small" onClick={() => keep({ ball: { length_cm: 12, width_cm: 12, height_cm: 4 } })}>
                  {t('entry.ball')}
                </Button>
              </p>
            ) : (
              <div className={common.fields3}>
                {size('length_cm', 'ball.length_cm')}
                {size('width_cm', 'ball.width_cm')}
                {size('height_cm', 'ball.height_cm')}
              </div>
            )}
            <div className={common.fields4}>
              {select(
                'entry.soil',
                plan.ball_soil,
                SOILS.map((value) => ({ value, label: t(`soil.${value}`) })),
                (ball_soil) => keep({ ball_soil }),
              )}
              {choice('treatment', 'ball.treatment')}
            </div>
            {ball !== null && <HeightAndPlace {...{ day, entry, locked, number, own, follows, select, keep }} />}
            <h3>{t('entry.extras')}</h3>
            {plan.extras.map((extra, i) => (
              <div key={extra.component_id} className={common.rowFields}>
                {number(
                  `extras.${i}.litres`,
                  'entry.litres',
                  'L',
                  extra.litres,
                  (value) => ({
                    extras: plan.extras.map((each, at) => (at === i ? { ...each, litres: value ?? 0 } : each)),
                  }),
                  { label: t('entry.litres', { name: entry.extras[i]?.name ?? '' }) },
                )}
                <Button type="text" onClick={() => keep({ extras: plan.extras.filter((_, at) => at !== i) })}>
                  {t('plants.remove')}
                </Button>
              </div>
            ))}
            <ComponentPicker
              label={t('entry.addExtra')}
              without={plan.extras.map((extra) => extra.component_id)}
              onPick={({ id }) => keep({ extras: [...plan.extras, { component_id: id, litres: rules.handful_l }] })}
            />
            {!locked &&
              (judged?.living_soil ?? [])
                .filter(
                  (bin) =>
                    plan.wall?.component_id !== bin.component_id &&
                    plan.extras.every((extra) => extra.component_id !== bin.component_id),
                )
                .map((bin) => (
                  <p key={bin.component_id}>
                    {t('entry.living', { name: bin.name, litres: q(bin.stock_l, 'L'), note: bin.note })}{' '}
                    {bin.what === 'soil' && (
                      <Button
                        size="small"
                        onClick={() =>
                          keep({
                            extras: [...plan.extras, { component_id: bin.component_id, litres: rules.handful_l }],
                          })
                        }
                      >
                        {t('entry.livingAdd')}
                      </Button>
                    )}
                    {bin.what === 'moss' && plan.wall?.kind === 'moss' && (
                      <Button
                        size="small"
                        onClick={() =>
                          plan.wall !== null && keep({ wall: { ...plan.wall, component_id: bin.component_id } })
                        }
                      >
                        {t('entry.livingWall')}
                      </Button>
                    )}
                  </p>
                ))}
            <h3>{t('entry.zones')}</h3>
            <EntryZones plan={plan} picker={picker} number={number} keep={keep} />
            <div className={common.fields4}>
              {choice('surface', 'entry.surface')}
              {ball === null && own('headspace_cm', 'entry.headspace', t('unit.cm'))}
              {own('objects_l', 'entry.objects', 'L')}
              {number(
                'old_soil_share',
                'entry.oldSoil',
                '%',
                plan.old_soil_share,
                (value) => ({ old_soil_share: value ?? 0 }),
                {
                  factor: 100,
                  hint: 'entry.oldSoilHint',
                },
              )}
            </div>
            <h3>{t('entry.feed')}</h3>
            <div className={common.fields4}>
              <Form.Item label={t('entry.fertiliser')}>
                <RecordPicker
                  label={t('entry.fertiliser')}
                  useList={useFertilisers}
                  value={plan.fertiliser?.id ?? null}
                  disabled={locked}
                  fits={(each) => each.form !== 'liquid'}
                  none={{ label: t('entry.noFertiliser'), pick: () => keep({ fertiliser: null }) }}
                  onPick={({ id, surface_g_l }) =>
                    keep({
                      fertiliser: {
                        id,
                        share: plan.fertiliser?.share ?? 1,
                        where: surface_g_l === null ? 'mixed' : (plan.fertiliser?.where ?? 'mixed'),
                      },
                    })
                  }
                />
              </Form.Item>
              {plan.fertiliser !== null && (
                <Form.Item
                  label={t('entry.feedWhere')}
                  {...(problem?.at('changes.fertiliser.where') === undefined
                    ? {}
                    : { validateStatus: 'error' as const, help: problem.at('changes.fertiliser.where') })}
                >
                  <Select
                    aria-label={t('entry.feedWhere')}
                    value={plan.fertiliser.where}
                    options={(['mixed', 'top'] as const).map((value) => ({
                      value,
                      label: t(`entry.feedWhere.${value}`),
                    }))}
                    onChange={(where) => keep({ fertiliser: { id: 0, share: 1, ...plan.fertiliser, where } })}
                  />
                </Form.Item>
              )}
              {plan.fertiliser !== null &&
                number(
                  'fertiliser.share',
                  'entry.share',
                  '%',
                  plan.fertiliser.share,
                  (value) => ({ fertiliser: { id: 0, where: 'mixed', ...plan.fertiliser, share: value ?? 1 } }),
                  { factor: 100 },
                )}
              {choice('feeding', 'entry.feeding')}
            </div>
            <h3>{t('entry.work')}</h3>
            <div className={common.fields4}>
              {number(
                'roots_cut_share',
                'entry.roots',
                '%',
                plan.roots_cut_share,
                (value) => ({ roots_cut_share: value ?? 0 }),
                { factor: 100 },
              )}
              {number(
                'crown_cut_share',
                'entry.crown',
                '%',
                plan.crown_cut_share,
                (value) => ({ crown_cut_share: value ?? 0 }),
                { factor: 100 },
              )}
              {choice('fixing', 'entry.fixing')}
              {plan.fixing === 'stones' && own('stones_days', 'entry.stonesDays', t('entry.daysUnit'))}
              {number(
                'first_water_days',
                'entry.firstWater',
                t('entry.daysUnit'),
                plan.first_water_days,
                (value) => ({ first_water_days: value }),
                { optional: true, hint: 'entry.firstWaterHint' },
              )}
            </div>
            <TextField
              label={t('entry.note')}
              value={typed['note'] ?? plan.note}
              onChange={(note) => {
                setTyped({ ...typed, note });
                queue.keepLater({ note });
              }}
              longest={1000}
            />
          </Form>
          <EntryCare day={day.id} entry={entry} keep={locked ? null : keep} />
        </div>
        {choosing && (
          <WhichPot
            whose={{ day: day.id, entry: entry.id, revision: entry.revision }}
            count={entry.count}
            close={() => setChoosing(false)}
            take={
              locked
                ? null
                : ({ id }) => {
                    keep({ pot_id: id });
                    setChoosing(false);
                  }
            }
          />
        )}
        <div className={styles.entrySide}>
          <EntryVerdicts day={day.id} entry={entry} take={locked ? null : keep} />
          <EntryFigures entry={entry} />
        </div>
      </div>
    </Side>
  );
}
