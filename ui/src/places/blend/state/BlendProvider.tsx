import { createContext, type Dispatch, type ReactNode, useContext, useEffect, useReducer, useState } from 'react';

import { type Action, type History, reduce, startOf } from './blendState';
import { emptyMix, type Mix } from './mix';
import { mixIn, whole } from './mixLink';

const KEPT_AS = 'zolbek.mix';

const BlendContext = createContext<{ history: History; dispatch: Dispatch<Action>; badLink: boolean } | null>(null);

/** Keeps the mix on the bench while one looks at other places, and over a reload of the page; an address with a mix in it opens that. */
export function BlendProvider({ children }: { children: ReactNode }) {
  const [linked] = useState(() => mixIn(typeof window === 'undefined' ? '' : window.location.hash));
  const [history, dispatch] = useReducer(reduce, null, () => startOf(linked ?? kept()));
  useEffect(() => {
    if (linked !== undefined) {
      window.history.replaceState(window.history.state, '', window.location.pathname + window.location.search);
    }
  }, [linked]);
  useEffect(() => sessionStorage.setItem(KEPT_AS, JSON.stringify(history.now)), [history.now]);

  return <BlendContext value={{ history, dispatch, badLink: linked === null }}>{children}</BlendContext>;
}

export function useBlend() {
  const blend = useContext(BlendContext);
  if (blend === null) {
    throw new Error('useBlend needs a BlendProvider above it');
  }

  return blend;
}

function kept(): Mix {
  try {
    return whole(JSON.parse(sessionStorage.getItem(KEPT_AS) ?? 'null')) ?? emptyMix();
  } catch {
    return emptyMix();
  }
}
