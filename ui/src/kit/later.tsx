import { type ComponentType, useCallback, useEffect, useState } from 'react';

import { ListState } from './lists/ListState';

/** A part of the application that is fetched when it is first shown, or before by `load`. */
export type Later<Props> = ComponentType<Props> & { load: () => Promise<unknown> };

/**
 * Not React's own `lazy`: that holds back for 0.3 s whatever comes after something was waited for, and takes the whole page down where a part cannot be had. Here
 * a part stands as soon as it is there, and one that cannot be had says so in its place and is asked for again, while what was typed beside it stays.
 */
export function later<Props extends object>(
  fetchIt: () => Promise<ComponentType<Props>>,
  Waiting: ComponentType = () => null,
): Later<Props> {
  let known: ComponentType<Props> | null = null;
  const load = async () => (known ??= await fetchIt());

  function Part(props: Props) {
    const [Shown, setShown] = useState(() => known);
    const [error, setError] = useState<Error | null>(null);
    const ask = useCallback(() => {
      setError(null);
      load().then(
        (component) => setShown(() => component),
        (fault: unknown) => setError(fault instanceof Error ? fault : new Error(String(fault))),
      );
    }, []);
    useEffect(() => {
      if (Shown === null) {
        ask();
      }
    }, [Shown, ask]);
    if (Shown !== null) {
      return <Shown {...props} />;
    }

    return error === null ? <Waiting /> : <ListState found={{ isPending: false, error, refetch: ask }} />;
  }

  return Object.assign(Part, { load });
}
