import { useCallback, useEffect, useRef, useState } from 'react';

import { ApiProblem, type Schemas, spokenHere } from './client';
import { askServer } from './token';

export type Running = 'idle' | 'running' | 'waiting' | 'done' | 'stopped' | 'failed';

export interface Lines<Line> {
  state: Running;
  /** All that was told so far, what came later over what came before. */
  told: Partial<Line>;
  problem: ApiProblem | undefined;
  start: (body: unknown) => void;
  /** Ends it and keeps what was found. */
  stop: () => void;
}

/**
 * An answer that comes line by line: each a JSON object with a kind, empty ones a beat. Ends on the server as soon as it is stopped, asked anew, or left.
 */
export function useLines<Line extends { kind: string }>(address: string, kept?: Partial<Line>): Lines<Line> {
  const [state, setState] = useState<Running>(kept === undefined ? 'idle' : 'done');
  const [told, setTold] = useState<Partial<Line>>(kept ?? {});
  const [problem, setProblem] = useState<ApiProblem>();
  const running = useRef<AbortController | null>(null);
  const stop = useCallback(() => {
    running.current?.abort();
    running.current = null;
    setState((now) => (now === 'running' || now === 'waiting' ? 'stopped' : now));
  }, []);
  useEffect(() => {
    // a browser may keep a page that was left, and what it asks for, for a while
    const leave = () => running.current?.abort();
    window.addEventListener('pagehide', leave);

    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, []);

  const start = useCallback(
    (body: unknown) => {
      running.current?.abort();
      const control = new AbortController();
      running.current = control;
      const isCurrent = () => running.current === control;
      setState('running');
      setTold({});
      setProblem(undefined);
      const read = async () => {
        const response = await askServer(
          new Request(new URL(`/api/v1${address}`, window.location.href), {
            method: 'POST',
            headers: {
              'Content-Type': 'application/json',
              Accept: 'application/x-ndjson',
              'Accept-Language': spokenHere(),
            },
            body: JSON.stringify(body),
            signal: control.signal,
          }),
        );
        if (!response.ok || response.body === null) {
          const told = (await response.json().catch(() => ({}))) as Partial<Schemas['Problem']>;
          throw new ApiProblem(told.message ?? response.statusText, told.errors ?? [], response.status);
        }
        let ended = false;
        for await (const line of linesOf<Line>(response.body)) {
          if (!isCurrent()) {
            return;
          }
          ended = line.kind === 'end' || line.kind === 'refused';
          setTold((before) => ({ ...before, ...line }));
          setState(
            ended ? 'done' : line.kind === 'waiting' ? 'waiting' : line.kind === 'failed' ? 'failed' : 'running',
          );
        }
        if (isCurrent() && !ended) {
          setState('failed');
        }
      };
      read().catch((error: unknown) => {
        if (!isCurrent()) {
          return;
        }
        setState('failed');
        setProblem(error instanceof ApiProblem ? error : undefined);
      });
    },
    [address],
  );

  return { state, told, problem, start, stop };
}

/** Whole lines of a body as they come. */
export async function* linesOf<Line>(body: ReadableStream<Uint8Array>): AsyncGenerator<Line> {
  const reader = body.getReader();
  const decoder = new TextDecoder();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    rest += done ? decoder.decode() : decoder.decode(value, { stream: true });
    const lines = rest.split('\n');
    rest = done ? '' : (lines.pop() ?? '');
    for (const line of lines) {
      if (line.trim() !== '') {
        yield JSON.parse(line) as Line;
      }
    }
    if (done) {
      return;
    }
  }
}
