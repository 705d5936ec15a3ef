import { Button, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';

import { later } from '../../../kit/later';
import { useTakeRecipe } from '../../../api/files';
import { useArchiveRecipe, useRecipes } from '../../../api/recipes';
import { useWords } from '../../../i18n/words';
import { MenuButton } from '../../../kit/fields/MenuButton';
import { useUndoable } from '../../../kit/hooks/useUndoable';
import { useBlend } from '../state/BlendProvider';
import { emptyMix, opened } from '../state/mix';
import { linkOf } from '../state/mixLink';
import styles from './recipes.module.css';
import common from '../../../styles/common.module.css';
import { Dialog } from '../../../kit/overlays/Dialog';
import { DoButton } from '../../../kit/people/DoButton';

const SaveRecipe = later(() => import('./SaveRecipe').then(({ SaveRecipe }) => SaveRecipe));
const VersionsDrawer = later(() => import('./VersionsDrawer').then(({ VersionsDrawer }) => VersionsDrawer));

interface Props {
  /** Whether the mix is another one than the recipe that is open. */
  isChanged: boolean;
  saving: boolean;
  setSaving: (open: boolean) => void;
  tools: { key: string; label: string; act: () => void }[];
}

/** Opens, saves and archives recipes, and whatever else is done with a mix as a whole. */
export function RecipeBar({ isChanged, saving, setSaving, tools }: Props) {
  const { t } = useWords();
  const navigate = useNavigate();
  const { history, dispatch } = useBlend();
  const mix = history.now;
  const [search, setSearch] = useState('');
  const [versions, setVersions] = useState(false);
  const recipes = useRecipes({ per_page: 100, ...(search === '' ? {} : { search }) });
  const archive = useArchiveRecipe();
  const say = useUndoable();
  const take = useTakeRecipe();
  const [taking, setTaking] = useState(false);

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
  const copyLink = async () => {
    const link = `${window.location.origin}/blend${linkOf(mix)}`;
    try {
      await navigator.clipboard.writeText(link);
      say(t('blend.linkCopied'));
    } catch {
      window.history.replaceState(window.history.state, '', link);
      say(t('blend.linkShown'));
    }
  };
  const takeFile = async (chosen: File | undefined) => {
    if (chosen === undefined) {
      return;
    }
    try {
      const recipe = await take(await chosen.text());
      dispatch({ do: 'open', mix: opened(mix, recipe) });
      say(t('blend.fileTaken', { name: recipe.name }));
    } catch (problem) {
      say(problem instanceof Error ? problem.message : t('problem.offline'));
    }
  };
  const items = [
    ...tools,
    { key: 'compare', label: t('blend.compare'), act: () => void navigate('/blend/compare') },
    { key: 'card', label: t('blend.card'), act: () => void navigate('/blend/card') },
    { key: 'link', label: t('blend.link'), act: () => void copyLink() },
    ...(mix.recipeId === null
      ? []
      : [
          { key: 'versions', label: t('blend.versions'), act: () => setVersions(true) },
          {
            key: 'outcome',
            label: t('blend.outcome'),
            act: () => void navigate(`/log/mixes?mix=${mix.recipeId}`),
          },
          {
            key: 'duplicate',
            be: 'grower' as const,
            label: t('blend.duplicate'),
            act: () => {
              dispatch({
                do: 'change',
                touches: 'duplicate',
                mix: {
                  recipeId: null,
                  recipeName: t('blend.copyOf', { name: mix.recipeName }),
                },
              });
              setSaving(true);
            },
          },
          {
            key: 'file',
            label: t('blend.file'),
            act: () => window.location.assign(`/api/v1/recipe-files/${mix.recipeId}`),
          },
          { key: 'archive', label: t('blend.archiveRecipe'), act: () => void archiveOpen(), be: 'grower' as const },
        ]),
    { key: 'take', label: t('blend.takeFile'), act: () => setTaking(true), be: 'grower' as const },
    { key: 'library', label: t('blend.library.edit'), act: () => void navigate('/blend/library') },
  ];

  return (
    <div className={styles.recipeBar}>
      <Select
        className={styles.recipeSelect}
        aria-label={t('blend.recipePick')}
        placeholder={t('blend.recipePick')}
        value={mix.recipeId}
        showSearch={{ searchValue: search, filterOption: false, onSearch: setSearch }}
        options={(recipes.data?.data ?? []).map((recipe) => ({ value: recipe.id, label: recipe.name, recipe }))}
        optionRender={({ data }) => (
          <span className={common.pickerOption}>
            <span>{data.recipe.name}</span>
            <small>{data.recipe.tags.join(' · ')}</small>
          </span>
        )}
        labelRender={({ label }) => (
          <span>
            {label ?? mix.recipeName}
            {isChanged && <em className={styles.changed}> · {t('blend.recipeChanged')}</em>}
          </span>
        )}
        onSelect={(_, { recipe }) => {
          setSearch('');
          dispatch({ do: 'openRecipe', recipe });
        }}
      />
      <Button
        onClick={() =>
          dispatch({
            do: 'open',
            mix: { ...emptyMix(), potId: mix.potId, group: mix.group, situation: mix.situation },
          })
        }
      >
        {t('blend.newMix')}
      </Button>
      {mix.rows.length > 0 && (
        <Button title="F" onClick={() => void navigate('/blend/find')}>
          {t('find.button')}
        </Button>
      )}
      <DoButton disabled={mix.rows.length === 0} onClick={() => setSaving(true)}>
        {t('common.save')}
      </DoButton>
      <MenuButton label={t('blend.moreTools')} items={items}>
        …
      </MenuButton>
      <Dialog open={taking} title={t('blend.takeFile')} footer={null} destroyOnHidden onCancel={() => setTaking(false)}>
        <input
          type="file"
          accept=".json,application/json"
          aria-label={t('blend.takeFile')}
          onChange={(event) => {
            void takeFile(event.target.files?.[0]);
            setTaking(false);
          }}
        />
      </Dialog>
      {saving && <SaveRecipe open isChanged={isChanged} close={() => setSaving(false)} />}
      {versions && <VersionsDrawer open close={() => setVersions(false)} />}
    </div>
  );
}
