import { Button } from 'antd';

import type { Schemas } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import type { Compared } from '../state/comparison';
import common from '../../../styles/common.module.css';
import styles from './recipes.module.css';

interface Props {
  item: Compared | undefined;
  now: Schemas['EvaluationInput'] | null;
  recipes: Schemas['Recipe'][];
  take: (item: Compared) => void;
}

/** Says that the mix of a column is not any more what was put there, and takes it as it is now: its pot and place stay. */
export function Outdated({ item, now, recipes, take }: Props) {
  const { t } = useWords();
  if (item?.of === undefined) {
    return null;
  }
  const { of } = item;
  const recipe = of === 'bench' ? undefined : recipes.find((each) => each.id === of.recipe);
  const isOutdated =
    of === 'bench'
      ? now !== null && JSON.stringify(now) !== JSON.stringify(item.question)
      : recipe !== undefined && recipe.version !== of.version;
  if (!isOutdated) {
    return null;
  }
  const update = () => {
    if (of === 'bench' && now !== null) {
      take({ ...item, question: now });
    } else if (recipe !== undefined) {
      const parts = recipe.parts.map(({ component_id, parts: amount }) => ({ component_id, parts: amount }));
      take({ ...item, question: { ...item.question, parts }, of: { recipe: recipe.id, version: recipe.version } });
    }
  };

  return (
    <span className={`${styles.compareOutdated} ${common.noPrint}`}>
      ◆ {t(of === 'bench' ? 'compare.outdatedBench' : 'compare.outdatedRecipe')}{' '}
      <Button size="small" onClick={update}>
        {t('compare.update')}
      </Button>
    </span>
  );
}
