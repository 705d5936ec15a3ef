import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';

import { answerOf, api, type Schemas } from './client';
import { keepSession, SIGNED_OUT } from './token';

export type Session = Schemas['Session'];
export type Role = Schemas['Role'];

const KEY = ['session'];
const RANKS: readonly Role[] = ['reader', 'helper', 'grower', 'owner'];

function kept(session: Session): Session {
  keepSession(session);

  return session;
}

/** Who asks and what he may do, as the server has it. */
export function useSession() {
  const client = useQueryClient();
  useEffect(() => {
    const again = () => void client.invalidateQueries({ queryKey: KEY });
    window.addEventListener(SIGNED_OUT, again);

    return () => window.removeEventListener(SIGNED_OUT, again);
  }, [client]);

  return useQuery({
    queryKey: KEY,
    queryFn: async ({ signal }) => kept(answerOf(await api.GET('/session', { signal }))),
    staleTime: Infinity,
  });
}

/** Whether who asks may do what a role is needed for. As long as nobody told, the server decides. */
export function useMay(): (least: Role) => boolean {
  const role = useSession().data?.role;

  return (least) => role == null || RANKS.indexOf(role) >= RANKS.indexOf(least);
}

function useOwn<Input>(ask: (input: Input) => Promise<Session>) {
  const client = useQueryClient();

  return useMutation({
    mutationFn: ask,
    onSuccess: async (session) => {
      client.setQueryData(KEY, kept(session));
      await client.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== KEY[0] });
    },
  });
}

export function useSignIn() {
  return useOwn(async (body: Schemas['SignInInput']) => answerOf(await api.POST('/sign-in', { body })));
}

/** Whoever signs out leaves nothing of what he saw: the application begins anew. */
export function useSignOut() {
  return useMutation({
    mutationFn: async () => answerOf(await api.DELETE('/sign-in')),
    onSuccess: () => window.location.assign('/'),
  });
}

/** Another yard: nothing of the one before is carried over, so the application begins anew. */
export function useGoToYard() {
  return useMutation({
    mutationFn: async (id: number) => answerOf(await api.PUT('/session/yard', { body: { id } })),
    onSuccess: () => {
      sessionStorage.clear();
      window.location.assign('/');
    },
  });
}

export function usePair() {
  return useOwn(async (body: Schemas['PairingInput']) => answerOf(await api.POST('/pairings', { body })));
}

export function useOwnPin() {
  return useOwn(async (body: Schemas['PinInput']) => answerOf(await api.PUT('/session/pin', { body })));
}

export function useOwnPassword() {
  return useOwn(async (body: Schemas['OwnPasswordInput']) => answerOf(await api.PUT('/session/password', { body })));
}
