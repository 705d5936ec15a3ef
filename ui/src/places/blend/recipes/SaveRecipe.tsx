import { Form, Input, Select } from 'antd';
import { useId, useState } from 'react';

import { problemOf } from '../../../api/client';
import { useSaveRecipe } from '../../../api/recipes';
import { useWords } from '../../../i18n/words';
import { useUndoable } from '../../../kit/hooks/useUndoable';
import { useBlend } from '../state/BlendProvider';
import { amountOf, partOf } from '../state/mix';
import { FormDialog } from '../../../kit/forms/FormDialog';
import { DoButton } from '../../../kit/people/DoButton';

/** Saves a mix as a recipe; a change of one asks for its reason. */
export function SaveRecipe({ open, isChanged, close }: { open: boolean; isChanged: boolean; close: () => void }) {
  const { t } = useWords();
  const { history, dispatch } = useBlend();
  const mix = history.now;
  const [name, setName] = useState(mix.recipeName);
  const [note, setNote] = useState(mix.recipeNote);
  const [tags, setTags] = useState(mix.recipeTags);
  const [reason, setReason] = useState('');
  const [nameId, noteId, reasonId] = [useId(), useId(), useId()];
  const save = useSaveRecipe();
  const say = useUndoable();
  const problem = problemOf(save);
  const notNumber = mix.rows.some((row) => amountOf(row) === null);

  const submit = async (id: number | null) => {
    const saved = await save.mutateAsync({
      id,
      revision: mix.recipeRevision,
      body: {
        name,
        note,
        tags,
        reason: id === null ? '' : reason,
        plant_group: mix.group,
        parts: mix.rows.map((row) => ({ ...partOf(row), parts: amountOf(row) ?? -1 })),
      },
    });
    dispatch({ do: 'saved', recipe: saved });
    say(t('common.saved', { name: saved.name }));
    close();
  };
  const isAtField = problem?.errors.some((error) => ['name', 'reason'].includes(error.path)) ?? false;

  return (
    <FormDialog
      open={open}
      title={t('blend.saveRecipe')}
      close={close}
      save={() => submit(mix.recipeId)}
      by={{ isPending: save.isPending, error: isAtField ? null : save.error }}
      disabled={notNumber}
      beside={
        mix.recipeId !== null && (
          <DoButton
            disabled={notNumber || name === mix.recipeName}
            onClick={() => void submit(null).catch(() => undefined)}
          >
            {t('blend.saveAs')}
          </DoButton>
        )
      }
      marked={notNumber}
    >
      <Form.Item
        label={t('blend.recipeName')}
        htmlFor={nameId}
        validateStatus={problem?.at('name') === undefined ? '' : 'error'}
        help={problem?.at('name')}
      >
        <Input id={nameId} value={name} onChange={(event) => setName(event.target.value)} />
      </Form.Item>
      {mix.recipeId !== null && isChanged && (
        <Form.Item
          label={t('blend.reason')}
          htmlFor={reasonId}
          validateStatus={problem?.at('reason') === undefined ? '' : 'error'}
          help={problem?.at('reason') ?? t('blend.reasonHint')}
        >
          <Input id={reasonId} value={reason} maxLength={300} onChange={(event) => setReason(event.target.value)} />
        </Form.Item>
      )}
      <Form.Item label={t('blend.tags')}>
        <Select
          aria-label={t('blend.tags')}
          mode="tags"
          value={tags}
          open={false}
          suffixIcon={null}
          onChange={setTags}
        />
      </Form.Item>
      <Form.Item label={t('blend.recipeNote')} htmlFor={noteId}>
        <Input.TextArea id={noteId} value={note} rows={2} onChange={(event) => setNote(event.target.value)} />
      </Form.Item>
    </FormDialog>
  );
}
