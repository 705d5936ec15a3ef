import { Button, Form, Input, Modal, Select } from 'antd';
import { useId, useState } from 'react';

import { ApiProblem } from '../../api/client';
import { useArchiveRecipe, useRecipes, useSaveRecipe } from '../../api/queries';
import { typedNumber, useWords } from '../../i18n/words';
import { useUndoable } from '../common/useUndoable';
import { useBlend } from './BlendProvider';
import { differs, emptyMix, opened, partOf } from './blendState';

interface Props {
  saving: boolean;
  setSaving: (open: boolean) => void;
}

/** Opens, saves and archives recipes. */
export function RecipeBar({ saving, setSaving }: Props) {
  const { t } = useWords();
  const { history, dispatch } = useBlend();
  const mix = history.now;
  const [search, setSearch] = useState('');
  const recipes = useRecipes({ per_page: 100, ...(search === '' ? {} : { search }) });
  const archive = useArchiveRecipe();
  const say = useUndoable();
  const open = recipes.data?.data.find((recipe) => recipe.id === mix.recipeId);
  const isChanged = mix.recipeId !== null && open !== undefined && differs(mix, open);

  const archiveOpen = async () => {
    if (mix.recipeId === null) {
      return;
    }
    const { recipeId: id, recipeName: name } = mix;
    await archive.mutateAsync({ id, archived: true });
    dispatch({ do: 'change', touches: 'recipe', mix: { recipeId: null, recipeName: '' } });
    say(t('common.archived', { name }), () => {
      archive.mutate({ id, archived: false });
      dispatch({ do: 'undo' });
    });
  };

  return (
    <div className="recipe-bar">
      <Select
        className="recipe-select"
        aria-label={t('blend.recipePick')}
        placeholder={t('blend.recipePick')}
        value={mix.recipeId}
        showSearch={{ searchValue: search, filterOption: false, onSearch: setSearch }}
        options={(recipes.data?.data ?? []).map((recipe) => ({ value: recipe.id, label: recipe.name, recipe }))}
        labelRender={({ label }) => (
          <span>
            {label ?? mix.recipeName}
            {isChanged && <em className="changed"> · {t('blend.recipeChanged')}</em>}
          </span>
        )}
        onSelect={(_, { recipe }) => {
          setSearch('');
          dispatch({ do: 'open', mix: opened(mix, recipe) });
        }}
      />
      <Button onClick={() => dispatch({ do: 'open', mix: { ...emptyMix, potId: mix.potId, group: mix.group } })}>
        {t('blend.newMix')}
      </Button>
      <Button disabled={mix.rows.length === 0} onClick={() => setSaving(true)}>
        {t('common.save')}
      </Button>
      <SaveRecipe
        key={String(saving)}
        open={saving}
        close={() => setSaving(false)}
        archive={mix.recipeId === null ? null : archiveOpen}
      />
    </div>
  );
}

function SaveRecipe({
  open,
  close,
  archive,
}: {
  open: boolean;
  close: () => void;
  archive: (() => Promise<void>) | null;
}) {
  const { t } = useWords();
  const { history, dispatch } = useBlend();
  const mix = history.now;
  const [name, setName] = useState(mix.recipeName);
  const [note, setNote] = useState(mix.recipeNote);
  const [nameId, noteId] = [useId(), useId()];
  const save = useSaveRecipe();
  const say = useUndoable();
  const problem = save.error instanceof ApiProblem ? save.error : undefined;
  const notNumber = mix.rows.some((row) => typedNumber(row.text) === null);

  const submit = async (id: number | null) => {
    const saved = await save.mutateAsync({
      id,
      body: {
        name,
        note,
        plant_group: mix.group,
        parts: mix.rows.map((row) => ({ ...partOf(row), parts: typedNumber(row.text) ?? -1 })),
      },
    });
    dispatch({ do: 'saved', recipeId: saved.id, name: saved.name, note: saved.note });
    say(t('common.saved', { name: saved.name }));
    close();
  };
  const trySubmit = (id: number | null) => {
    submit(id).catch(() => undefined);
  };
  const general =
    save.error !== null && problem?.at('name') === undefined ? (problem?.message ?? t('problem.offline')) : undefined;

  return (
    <Modal
      open={open}
      title={t('blend.saveRecipe')}
      onCancel={close}
      footer={[
        archive !== null && (
          <Button
            key="archive"
            danger
            type="text"
            onClick={() => {
              close();
              archive().catch(() => undefined);
            }}
          >
            {t('blend.archiveRecipe')}
          </Button>
        ),
        mix.recipeId !== null && (
          <Button key="new" disabled={notNumber || name === mix.recipeName} onClick={() => trySubmit(null)}>
            {t('blend.saveAs')}
          </Button>
        ),
        <Button
          key="save"
          type="primary"
          disabled={notNumber}
          loading={save.isPending}
          onClick={() => trySubmit(mix.recipeId)}
        >
          {t('common.save')}
        </Button>,
      ]}
    >
      <Form layout="vertical" onFinish={() => trySubmit(mix.recipeId)}>
        <Form.Item
          label={t('blend.recipeName')}
          htmlFor={nameId}
          validateStatus={problem?.at('name') === undefined ? '' : 'error'}
          help={problem?.at('name')}
        >
          <Input id={nameId} value={name} autoFocus onChange={(event) => setName(event.target.value)} />
        </Form.Item>
        <Form.Item label={t('blend.recipeNote')} htmlFor={noteId}>
          <Input.TextArea id={noteId} value={note} rows={2} onChange={(event) => setNote(event.target.value)} />
        </Form.Item>
        {(general !== undefined || notNumber) && (
          <p className="field-error" role="alert">
            {general ?? t('problem.fields')}
          </p>
        )}
      </Form>
    </Modal>
  );
}
