import type { Schemas } from '../../../api/client';
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

/** A recipe as one says it: 3 pumice, 1 lava. */
export function recipeWords(
  recipe: Recipe,
  shelf: Schemas['SearchShelfRow'][],
  say: (parts: number, name: string) => string,
): string {
  return recipe.parts.map(({ place, parts }) => say(parts, shelf[place]?.name ?? '')).join(', ');
}
