import { createContext, type Dispatch, type ReactNode, useContext, useEffect, useReducer } from 'react';

import { type Action, emptyMix, type History, type Mix, reduce, startOf } from './blendState';

const KEPT_AS = 'zolbek.mix';

const BlendContext = createContext<{ history: History; dispatch: Dispatch<Action> } | null>(null);

/** Keeps the mix on the bench while one looks at other places, and over a reload of the page. */
export function BlendProvider({ children }: { children: ReactNode }) {
  const [history, dispatch] = useReducer(reduce, null, () => startOf(kept()));
  useEffect(() => sessionStorage.setItem(KEPT_AS, JSON.stringify(history.now)), [history.now]);

  return <BlendContext value={{ history, dispatch }}>{children}</BlendContext>;
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
    const text = sessionStorage.getItem(KEPT_AS);

    return text === null ? emptyMix : { ...emptyMix, ...(JSON.parse(text) as Partial<Mix>) };
  } catch {
    return emptyMix;
  }
}
