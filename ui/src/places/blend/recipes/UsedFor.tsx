import { Select } from 'antd';

import type { Schemas } from '../../../api/client';
import { useRecipeUses } from '../../../api/recipes';
import { plain } from '../../../i18n/numbers';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import type { Mix } from '../state/mix';
import styles from './recipes.module.css';
import common from '../../../styles/common.module.css';

/** The plants and pots that the open recipe is used for: the mix is judged for those that are chosen. Undone like any change. */
export function UsedFor() {
  const { t } = useWords();
  const { history, dispatch } = useBlend();
  const mix = history.now;
  const uses = useRecipeUses(mix.recipeId).data?.data ?? [];
  if (mix.recipeId === null || uses.length === 0) {
    return null;
  }

  const chosen = uses.findIndex((use) => isAt(mix, use));

  return (
    <Select
      className={styles.usedFor}
      aria-label={t('uses.title')}
      placeholder={t('uses.choose', { count: uses.length })}
      value={chosen >= 0 ? chosen : null}
      options={uses.map((use, i) => ({
        value: i,
        use,
        label:
          use.count === 1
            ? use.names[0]
            : t('uses.many', { count: use.count, name: use.species ?? use.names[0] ?? '' }),
      }))}
      labelRender={({ label, value }) => t('uses.chosen', { name: String(label), pot: uses[Number(value)]?.pot ?? '' })}
      optionRender={({ label, data: { use } }) => (
        <span className={common.pickerOption}>
          <span>{label}</span>
          <small>
            {use.pot} · {t(`exposure.${use.exposure}`)}
            {use.planned && ` · ${t('uses.planned')}`}
          </small>
        </span>
      )}
      onSelect={(_, { use }) => dispatch({ do: 'change', touches: `use ${use.names.join()}`, mix: at(mix, use) })}
    />
  );
}

/** The mix as it is, for those plants in that pot where they stand. */
function at(mix: Mix, use: Schemas['RecipeUse']): Partial<Mix> {
  return {
    group: use.plant_group,
    potId: use.pot_id,
    potChange: null,
    situation: {
      ...mix.situation,
      speciesId: use.species_id,
      siteId: use.site_id ?? mix.situation.siteId,
      exposure: use.exposure,
      stand: use.stand,
      purpose: use.purpose,
      vigour: use.vigour,
      winterShelter: use.winter_shelter,
      feed: use.feed,
      canopyCm: use.canopy_cm === null ? '' : plain(use.canopy_cm),
    },
  };
}

function isAt(mix: Mix, use: Schemas['RecipeUse']): boolean {
  const wanted = at(mix, use);

  return (
    mix.potId === wanted.potId &&
    mix.group === wanted.group &&
    mix.potChange === null &&
    JSON.stringify(mix.situation) === JSON.stringify(wanted.situation)
  );
}
