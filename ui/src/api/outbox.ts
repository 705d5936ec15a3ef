import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';

import { ApiProblem, spokenHere, type Schemas } from './client';
import { askServer, yardOfPage } from './token';

/** What a tap does to the pages, as long as the server was not told. */
export type Effect =
  | { kind: 'tick'; day: number; recipe: number; number: number; component: number; ticked: boolean }
  | { kind: 'load'; day: number; recipe: number; number: number }
  | { kind: 'entry'; day: number; entry: number; state: Schemas['DayEntry']['state'] }
  | { kind: 'water'; plant: number; verdict: Schemas['MoistureVerdict'] }
  | { kind: 'round'; plants: number[] };

/** Something tapped, and how it is told to the server. */
export interface Tap {
  /** The server takes one of the same id once, however often it comes. */
  id: string;
  method: 'PUT' | 'POST';
  path: string;
  body: object;
  /** When it was tapped. */
  at: string;
  /** In which yard. */
  yard: number | null;
  effect: Effect;
}

/** A tap that the server has not taken: not reached yet, or refused with a sentence. */
export interface Unsent extends Tap {
  refused: string | null;
}

const KEPT_AS = 'zolbek.unsent';
const AGAIN_MS = 4000;

/** What a server in between says as long as the one behind it is not there. */
const NOT_THERE = [502, 503, 504];
const UNKNOWN = 401;

/** The page is of another yard than the session is in: it waits until that one is open again. */
const ELSEWHERE = 409;

export function isUnreached(problem: unknown): boolean {
  return !(problem instanceof ApiProblem) || NOT_THERE.includes(problem.status);
}

function read(): Unsent[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT_AS) ?? '[]');

    return Array.isArray(kept) ? (kept as Unsent[]) : [];
  } catch {
    return [];
  }
}

/** Taps that wait on this device, oldest first, also over a reload. */
class Outbox {
  private now: Unsent[] | null = null;
  private readonly listeners = new Set<() => void>();
  private sending: Promise<boolean> | null = null;

  readonly all = (): Unsent[] => (this.now ??= read());

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);

    return () => this.listeners.delete(listener);
  };

  private set(next: Unsent[]): void {
    this.now = next;
    if (next.length === 0) {
      localStorage.removeItem(KEPT_AS);
    } else {
      localStorage.setItem(KEPT_AS, JSON.stringify(next));
    }
    this.listeners.forEach((listener) => listener());
  }

  isWaiting(): boolean {
    return this.all().some(({ refused }) => refused === null);
  }

  keep(tap: Tap): void {
    this.set([...this.all(), { ...tap, refused: null }]);
  }

  drop(id: string): void {
    this.set(this.all().filter((each) => each.id !== id));
  }

  /** Another page of this device may have sent some of it meanwhile. */
  reread(): void {
    this.now = read();
    this.listeners.forEach((listener) => listener());
  }

  /** Sends what waits, one after another; what is refused stays with the sentence, and the next one goes. True where something was taken. */
  send(): Promise<boolean> {
    this.sending ??= (async () => {
      let taken = false;
      for (let next = this.next(); next !== undefined; next = this.next()) {
        const told = await tell(next);
        if (told === 'unreached') {
          break;
        }
        if (told === 'taken') {
          taken = true;
          this.drop(next.id);
        } else {
          const { id } = next;
          this.set(this.all().map((each) => (each.id === id ? { ...each, refused: told.refused } : each)));
        }
      }

      return taken;
    })().finally(() => {
      this.sending = null;
    });

    return this.sending;
  }

  private next(): Unsent | undefined {
    return this.all().find(({ refused }) => refused === null);
  }
}

export const outbox = new Outbox();

/** Names a tap once and for all, on whatever device. */
export function newTap(tap: Omit<Tap, 'id' | 'at' | 'yard'>): Tap {
  return { ...tap, id: crypto.randomUUID(), at: new Date().toISOString(), yard: yardOfPage() };
}

async function ask({ id, method, path, body, yard }: Tap): Promise<Response> {
  return askServer(
    new Request(new URL(`/api/v1${path}`, window.location.href), {
      method,
      headers: {
        'Content-Type': 'application/json',
        Accept: 'application/json',
        'Accept-Language': spokenHere(),
        'X-Once': id,
        ...(yard === null ? {} : { 'X-Yard': String(yard) }),
      },
      body: JSON.stringify(body),
    }),
  );
}

async function problemOf(answer: Response): Promise<ApiProblem> {
  const told = (await answer.json().catch(() => ({}))) as Partial<Schemas['Problem']>;

  return new ApiProblem(told.message ?? answer.statusText, told.errors ?? [], answer.status);
}

async function tell(tap: Tap): Promise<'taken' | 'unreached' | { refused: string }> {
  try {
    // when it was tapped counts, where the server asks for that
    const late = tap.effect.kind === 'water' || tap.effect.kind === 'round' ? { ...tap.body, at: tap.at } : tap.body;
    const answer = await ask({ ...tap, body: late });
    if (answer.ok) {
      return 'taken';
    }
    const problem = await problemOf(answer);

    return isUnreached(problem) || [UNKNOWN, ELSEWHERE].includes(problem.status)
      ? 'unreached'
      : { refused: problem.message };
  } catch {
    return 'unreached';
  }
}

/**
 * Tells the server of a tap; where it is not reached the tap is kept on this device, behind those that wait already.
 *
 * @returns what the server answered, or null where it was kept
 */
export async function tellOrKeep<Answer>(tap: Tap): Promise<Answer | null> {
  if (outbox.isWaiting()) {
    outbox.keep(tap);
    void outbox.send();

    return null;
  }
  let answer: Response;
  try {
    answer = await ask(tap);
  } catch {
    outbox.keep(tap);

    return null;
  }
  if (answer.ok) {
    return (await answer.json()) as Answer;
  }
  const problem = await problemOf(answer);
  if (isUnreached(problem)) {
    outbox.keep(tap);

    return null;
  }
  throw problem;
}

export function useUnsent(): Unsent[] {
  return useSyncExternalStore(outbox.subscribe, outbox.all);
}

/** Sends what waits as soon as it can, as long as the application is open. */
export function useSending(): void {
  const client = useQueryClient();
  useEffect(() => {
    const send = () => void outbox.send().then((taken) => (taken ? client.invalidateQueries() : undefined));
    const look = () => (outbox.isWaiting() ? send() : undefined);
    const timer = window.setInterval(look, AGAIN_MS);
    const other = ({ key }: StorageEvent) => (key === KEPT_AS ? outbox.reread() : undefined);
    window.addEventListener('online', look);
    window.addEventListener('storage', other);
    look();

    return () => {
      window.clearInterval(timer);
      window.removeEventListener('online', look);
      window.removeEventListener('storage', other);
    };
  }, [client]);
}
