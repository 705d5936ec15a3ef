import { Button } from 'antd';
import { useNavigate } from 'react-router';

import { useRecipes } from '../../../api/recipes';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { opened } from '../state/mix';
import styles from './mix.module.css';

/** What stands where the parts will be: the yard's recipes to begin with. */
export function EmptyMix({ write }: { write: () => void }) {
  const { t } = useWords();
  const { history, dispatch } = useBlend();
  const navigate = useNavigate();
  const recipes = useRecipes({ per_page: 8 }).data?.data ?? [];

  return (
    <div className={styles.blendEmpty}>
      <h2>{t('blend.emptyTitle')}</h2>
      <Button
        type="primary"
        size="large"
        className={styles.findFirst}
        title="F"
        onClick={() => void navigate('/blend/find')}
      >
        {t('find.button')}
      </Button>
      <Button size="large" title="W" onClick={write}>
        {t('write.down')}
      </Button>
      <p>{t(recipes.length > 0 ? 'blend.emptyText' : 'blend.emptyTextAlone')}</p>
      <p className={styles.recipePicks}>
        {recipes.map((recipe) => (
          <Button key={recipe.id} onClick={() => dispatch({ do: 'open', mix: opened(history.now, recipe) })}>
            {recipe.name}
          </Button>
        ))}
      </p>
    </div>
  );
}
