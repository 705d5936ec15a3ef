import type { Schemas } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import type { Mix, MixRow } from '../state/mix';

type Recipe = Pick<Schemas['SearchedRecipe'], 'parts'>;

/** The rows of a recipe that was found, as they stand on the bench. */
export function foundRows(recipe: Recipe, shelf: Schemas['SearchShelfRow'][]): MixRow[] {
  return recipe.parts.flatMap(({ place, parts }) => {
    const row = shelf[place];

    return row === undefined
      ? []
      : [
          {
            componentId: row.component_id,
            name: row.name,
            kind: row.kind,
            colour: row.colour,
            source: row.source,
            text: String(parts),
            preparation: row.preparation,
          },
        ];
  });
}

/** The bench with such a recipe on it: plant, pot and place stay, the recipe that was open does not. */
export function withFound(mix: Mix, recipe: Recipe, shelf: Schemas['SearchShelfRow'][]): Mix {
  return {
    ...mix,
    recipeId: null,
    recipeRevision: null,
    recipeName: '',
    recipeNote: '',
    recipeTags: [],
    notation: 'parts',
    rows: foundRows(recipe, shelf),
    compactionIndex: null,
  };
}

/** How a recipe of this shelf is said: 3 pumice, 1 lava. */
export function useRecipeWords(shelf: Schemas['SearchShelfRow'][]): (recipe: Recipe) => string {
  const { t, n } = useWords();

  return (recipe) =>
    recipe.parts
      .map(({ place, parts }) => t('find.part', { parts: n(parts), name: shelf[place]?.name ?? '' }))
      .join(', ');
}
