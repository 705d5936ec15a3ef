import '@fontsource-variable/source-sans-3/wght.css';
import './styles/base.css';
import './styles/print.css';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { IntlProvider } from 'react-intl';
import { BrowserRouter } from 'react-router';

import { ApiProblem } from './api/client';
import { App } from './App';
import { en } from './catalogue';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      refetchOnWindowFocus: false,
      networkMode: 'always',
      retry: (count, error) => !(error instanceof ApiProblem) && count < 2,
      retryDelay: 400,
    },
    mutations: { networkMode: 'always' },
  },
});

const root = document.getElementById('root');
if (root === null) {
  throw new Error('The page has no root element.');
}
createRoot(root).render(
  <StrictMode>
    <IntlProvider locale={navigator.language} defaultLocale="en" messages={en}>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <App />
        </BrowserRouter>
      </QueryClientProvider>
    </IntlProvider>
  </StrictMode>,
);
