import { Form, Select } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useChangeEntries } from '../../api/days';
import { useFertilisers } from '../../api/fertilisers';
import { usePots } from '../../api/pots';
import { useRecipes } from '../../api/recipes';
import { useWords } from '../../i18n/words';
import { FormDrawer } from '../../kit/forms/FormDrawer';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import common from '../../styles/common.module.css';

type Changes = Schemas['EntryChanges'];

const TREATMENTS: Schemas['BallTreatment'][] = ['untouched', 'teased', 'combed', 'washed'];

interface Props {
  day: Schemas['PottingDay'];
  entries: Schemas['DayEntry'][];
  close: () => void;
  done: () => void;
}

/** Sets the same for many plants of a day: all of them, or none. */
export function ChangeMany({ day, entries, close, done }: Props) {
  const { t } = useWords();
  const [changes, setChanges] = useState<Changes>({});
  const change = useChangeEntries(day.id);
  const say = useUndoable();
  const problem = problemOf(change);
  const put = (more: Changes) => setChanges({ ...changes, ...more });
  const submit = async () => {
    await change.mutateAsync({ entries: entries.map(({ id, revision }) => ({ id, revision })), changes });
    say(t('day.changedCount', { count: entries.length }));
    done();
  };

  return (
    <FormDrawer
      title={t('day.changeCount', { count: entries.length })}
      size={560}
      close={close}
      save={submit}
      by={change}
      disabled={Object.keys(changes).length === 0}
    >
      <p className={common.quiet}>
        {t('day.changeHint', { names: entries.map((entry) => entry.plant.number).join(', ') })}
      </p>
      <Form.Item label={t('entry.into')} help={problem?.at('changes.pot_id')}>
        <RecordPicker
          label={t('entry.into')}
          useList={usePots}
          value={changes.pot_id ?? null}
          placeholder={t('day.asItIs')}
          onPick={({ id }) => put({ pot_id: id })}
        />
      </Form.Item>
      <Form.Item label={t('entry.recipe')} help={problem?.at('changes.recipe_id')}>
        <RecordPicker
          label={t('entry.recipe')}
          useList={useRecipes}
          value={changes.recipe_id ?? null}
          placeholder={t('day.asItIs')}
          onPick={({ id }) => put({ recipe_id: id })}
        />
      </Form.Item>
      {day.helpers.length > 0 && (
        <Form.Item label={t('day.helper')}>
          <Select
            aria-label={t('day.helper')}
            value={changes.helper ?? null}
            placeholder={t('day.asItIs')}
            options={[{ value: '', label: t('entry.none') }, ...day.helpers.map((value) => ({ value, label: value }))]}
            onChange={(helper) => put({ helper })}
          />
        </Form.Item>
      )}
      <Form.Item label={t('ball.treatment')}>
        <Select
          aria-label={t('ball.treatment')}
          value={changes.treatment ?? null}
          placeholder={t('day.asItIs')}
          options={TREATMENTS.map((value) => ({ value, label: t(`batch.gaps.${value}`) }))}
          onChange={(treatment) => put({ treatment })}
        />
      </Form.Item>
      <Form.Item label={t('entry.fertiliser')} help={problem?.at('changes.fertiliser.where')}>
        <RecordPicker
          label={t('entry.fertiliser')}
          useList={useFertilisers}
          value={changes.fertiliser?.id ?? null}
          placeholder={t('day.asItIs')}
          fits={(each) => each.form !== 'liquid'}
          onPick={({ id }) => put({ fertiliser: { id, share: 1, where: 'mixed' } })}
        />
      </Form.Item>
    </FormDrawer>
  );
}
