import { useEffect } from 'react';
import { useLocation, useNavigate } from 'react-router';

import { useBlend } from './BlendProvider';

/** A pot that somebody brings along from another place comes under the mix, once. */
export function useBroughtPot(): void {
  const { dispatch } = useBlend();
  const navigate = useNavigate();
  const brought = (useLocation().state as { potId?: number } | null)?.potId;
  useEffect(() => {
    if (brought !== undefined) {
      dispatch({ do: 'change', touches: 'pot', mix: { potId: brought } });
      void navigate('.', { replace: true, state: null });
    }
  }, [brought, dispatch, navigate]);
}
