import { useEffect } from 'react';
import { useSearchParams } from 'react-router';

import { useRecipe } from '../../../api/recipes';
import { useBlend } from './BlendProvider';

/** A recipe that the address names is opened, once; undo brings back what was there. */
export function useBroughtRecipe(): void {
  const { dispatch } = useBlend();
  const [params, setParams] = useSearchParams();
  const id = Number(params.get('recipe') ?? '0') || null;
  const recipe = useRecipe(id).data;
  useEffect(() => {
    if (id !== null && recipe?.id === id) {
      dispatch({ do: 'openRecipe', recipe });
      setParams(
        (now) => {
          now.delete('recipe');

          return now;
        },
        { replace: true },
      );
    }
  }, [id, recipe, dispatch, setParams]);
}
