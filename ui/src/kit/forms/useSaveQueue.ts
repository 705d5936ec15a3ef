import { useCallback, useEffect, useMemo, useRef, useState } from 'react';

import { ApiProblem } from '../../api/client';

export interface SaveQueue<Body extends object> {
  /** Sends a change at once, with all that still waits. */
  keep: (body: Body) => Promise<void>;
  /** Sends a change once nobody has typed for a while. */
  keepLater: (body: Body) => void;
  /** Sends what waits. */
  flush: () => Promise<void>;
  state: 'idle' | 'saving' | 'saved' | 'failed';
  error: Error | null;
}

/**
 * Keeps what is typed, one after another, so that what was typed last is kept last. What waits goes together; what nobody answered goes again with the next
 * change; what was refused does not; and on leaving the page what still waits is sent.
 */
export function useSaveQueue<Body extends object>(
  send: (body: Body) => Promise<unknown>,
  afterMs: number,
): SaveQueue<Body> {
  const waiting = useRef<{ body: Body | null; timer: number }>({ body: null, timer: 0 });
  const last = useRef<Promise<void>>(Promise.resolve());
  const sender = useRef(send);
  const isHere = useRef(true);
  const [state, setState] = useState<SaveQueue<Body>['state']>('idle');
  const [error, setError] = useState<Error | null>(null);
  useEffect(() => {
    sender.current = send;
  });

  const flush = useCallback((): Promise<void> => {
    window.clearTimeout(waiting.current.timer);
    last.current = last.current.then(async () => {
      const { body } = waiting.current;
      if (body === null) {
        return;
      }
      waiting.current = { ...waiting.current, body: null };
      const tell = (next: SaveQueue<Body>['state'], problem: Error | null) => {
        if (isHere.current) {
          setState(next);
          setError(problem);
        }
      };
      tell('saving', null);
      try {
        await sender.current(body);
        tell('saved', null);
      } catch (problem) {
        if (!(problem instanceof ApiProblem)) {
          waiting.current = { ...waiting.current, body: { ...body, ...waiting.current.body } };
        }
        tell('failed', problem instanceof Error ? problem : new Error(String(problem)));
      }
    });

    return last.current;
  }, []);

  const put = useCallback((body: Body) => {
    window.clearTimeout(waiting.current.timer);
    waiting.current = { ...waiting.current, body: { ...waiting.current.body, ...body } };
  }, []);
  const keep = useCallback(
    (body: Body) => {
      put(body);

      return flush();
    },
    [put, flush],
  );
  const keepLater = useCallback(
    (body: Body) => {
      put(body);
      waiting.current.timer = window.setTimeout(() => void flush(), afterMs);
    },
    [put, flush, afterMs],
  );
  useEffect(() => {
    isHere.current = true;

    return () => {
      isHere.current = false;
      void flush();
    };
  }, [flush]);

  return useMemo(() => ({ keep, keepLater, flush, state, error }), [keep, keepLater, flush, state, error]);
}
