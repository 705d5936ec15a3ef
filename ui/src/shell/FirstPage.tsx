import { Navigate } from 'react-router';

import { useToday } from '../api/care';
import { usePots } from '../api/pots';
import { useRecipes } from '../api/recipes';

/** Where one begins: with the first questions while nothing is written down, else with what the day asks for. */
export function FirstPage() {
  const pots = usePots({ per_page: 1 });
  const recipes = useRecipes({ per_page: 1 });
  const today = useToday();
  if (pots.isPending || recipes.isPending || today.isPending) {
    return null;
  }
  const isEmpty = pots.data?.total === 0 && recipes.data?.total === 0 && today.data?.has_plants === false;

  return <Navigate to={isEmpty ? '/start' : '/today'} replace />;
}
