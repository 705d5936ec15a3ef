import { Select } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useAddToDay } from '../../api/days';
import { usePlants } from '../../api/plants';
import { useRecipes } from '../../api/recipes';
import { useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { useListQuery } from '../../kit/lists/useListQuery';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { DueMark } from '../../kit/plants/DueMark';
import { usePlantFilters } from '../../kit/plants/usePlantFilters';
import common from '../../styles/common.module.css';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import { Side } from '../../kit/overlays/Side';
import { DoButton } from '../../kit/people/DoButton';

type Plant = Schemas['Plant'];
const MOST = 1000;

/** Chooses plants for a day by what is due, by place, group or who potted them last. */
export function ChoosePlants({ day, close }: { day: Schemas['PottingDay']; close: () => void }) {
  const { t } = useWords();
  const list = useListQuery('due_on', 'choose-');
  const filters = usePlantFilters(true, 'choose-');
  const [helper, setHelper] = useState('');
  const [assigned, setAssigned] = useState('');
  const [recipe, setRecipe] = useState<number | null>(null);
  const [ticked, setTicked] = useState<number[]>([]);
  const found = usePlants({
    ...list.query,
    ...filters.query,
    ...(helper === '' ? {} : { helper }),
  });
  const add = useAddToDay();
  const say = useUndoable();
  const problem = problemOf(add);
  const there = day.entries.map((entry) => entry.plant.id);
  const submit = async () => {
    await add.mutateAsync({
      id: day.id,
      plant_ids: ticked.filter((id) => !there.includes(id)),
      ...(recipe === null ? {} : { recipe_id: recipe }),
      ...(assigned === '' ? {} : { helper: assigned }),
    });
    say(t('days.added', { count: ticked.length, name: day.name }));
    close();
  };
  const helperOptions = day.helpers.map((value) => ({ value, label: value }));

  return (
    <Side
      open
      size={980}
      title={t('day.choose')}
      onClose={close}
      footer={
        <div className={common.drawerFoot}>
          {add.error !== null && (
            <span className={common.fieldError} role="alert">
              {problem?.message ?? t('problem.offline')}
            </span>
          )}
          <RecordPicker
            label={t('day.mix')}
            useList={useRecipes}
            value={recipe}
            none={{ label: t('choose.ownMix'), pick: () => setRecipe(null) }}
            onPick={({ id }) => setRecipe(id)}
          />
          {helperOptions.length > 0 && (
            <Select
              aria-label={t('day.helper')}
              value={assigned}
              options={[{ value: '', label: t('choose.noHelper') }, ...helperOptions]}
              onChange={setAssigned}
            />
          )}
          <DoButton
            type="primary"
            disabled={ticked.length === 0}
            loading={add.isPending}
            onClick={() => void submit().catch(() => undefined)}
          >
            {t('plants.toDay', { count: ticked.length })}
          </DoButton>
        </div>
      }
    >
      <ListHead title="" search={list.search} setSearch={list.setSearch}>
        {filters.fields}
        {helperOptions.length > 0 && (
          <Select
            aria-label={t('choose.lastHelper')}
            value={helper}
            popupMatchSelectWidth={false}
            options={[{ value: '', label: t('choose.anyHelper') }, ...helperOptions]}
            onChange={setHelper}
          />
        )}
      </ListHead>
      <ListTable<Plant>
        found={found}
        list={list}
        ticked={{ ids: ticked, set: setTicked, most: MOST, all: true }}
        empty={t('plants.emptySearch')}
        columns={[
          {
            key: 'number',
            title: t('plants.number'),
            sorter: true,
            render: (_, plant) => plant.number,
          },
          {
            key: 'name',
            title: t('plants.name'),
            sorter: true,
            render: (_, plant) => (
              <>
                {plant.name}
                {there.includes(plant.id) && <span className={common.quiet}> · {t('choose.there')}</span>}
              </>
            ),
          },
          {
            key: 'stands',
            title: t('plants.stands'),
            render: (_, plant) => (
              <>
                {plant.pot ?? '–'} <span className={common.quiet}>· {plant.mix ?? '–'}</span>
              </>
            ),
          },
          {
            key: 'due_on',
            title: t('plants.due'),
            sorter: true,
            render: (_, plant) => <DueMark plant={plant} />,
          },
          {
            key: 'place',
            title: t('plants.place'),
            sorter: true,
            render: (_, plant) => plant.place,
          },
        ]}
      />
    </Side>
  );
}
