import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, renderHook } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { App, ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { IntlProvider } from 'react-intl';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';

import { en } from '../catalogue';

/** Everything that stands around a screen: words, the server's answers, addresses. Answers are asked for once and never again by themselves. */
function Around({ children, at, client }: { children: ReactNode; at: string; client: QueryClient }) {
  return (
    <IntlProvider locale="en" messages={en} onError={complain}>
      <QueryClientProvider client={client}>
        <ConfigProvider theme={{ token: { motion: false }, zeroRuntime: true }}>
          <App>
            <MemoryRouter initialEntries={[at]}>
              <Routes>
                <Route
                  path="*"
                  element={
                    <>
                      {children}
                      <Where />
                    </>
                  }
                />
              </Routes>
            </MemoryRouter>
          </App>
        </ConfigProvider>
      </QueryClientProvider>
    </IntlProvider>
  );
}

/** A word that is missing fails the test that would have shown it. */
function complain(error: Error): never {
  throw error;
}

function Where() {
  const { pathname } = useLocation();

  return <output aria-label="address">{pathname}</output>;
}

function newClient(): QueryClient {
  return new QueryClient({
    defaultOptions: { queries: { retry: false, staleTime: Infinity }, mutations: { retry: false } },
  });
}

/** A hand that writes a whole field in one stroke: what is kept while one types then does not hang on how fast the machine is. */
function newHand() {
  const hand = userEvent.setup({ pointerEventsCheck: 0 });

  return {
    ...hand,
    write: async (field: HTMLElement, text: string) => {
      await hand.click(field);
      // a dialog that has just opened may have taken the focus to its first field meanwhile
      field.focus();
      (field as HTMLInputElement).select();
      await hand.paste(text);
    },
  };
}

export type Hand = ReturnType<typeof newHand>;

/** A screen as a reader meets it, with a hand that clicks and types. */
export function show(screen: ReactNode, at = '/') {
  const client = newClient();

  return {
    hand: newHand(),
    client,
    ...render(screen, {
      wrapper: ({ children }) => (
        <Around at={at} client={client}>
          {children}
        </Around>
      ),
    }),
  };
}

/** A hook by itself, among what hooks of the application need. */
export function hooked<Result, Props>(hook: (props: Props) => Result, initialProps?: Props) {
  const client = newClient();

  return {
    client,
    ...renderHook(hook, {
      ...(initialProps === undefined ? {} : { initialProps }),
      wrapper: ({ children }) => (
        <Around at="/" client={client}>
          {children}
        </Around>
      ),
    }),
  };
}
