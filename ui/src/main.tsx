import '@fontsource-variable/source-sans-3/wght.css';
import 'antd/dist/antd.css';
import './styles/base.css';
import './styles/print.css';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';

import { ApiProblem } from './api/client';
import { App, fetchPlace } from './App';
import { firstLanguage, type Language, ReaderProvider, setPageLocale } from './i18n/reader';

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
const catalogueOf = async (language: Language) =>
  language === 'id' ? (await import('./catalogue.id')).id : (await import('./catalogue')).en;
const first = firstLanguage();
setPageLocale(first);
fetchPlace(window.location.pathname);
const words = await catalogueOf(first);

// where the browser allows it: not with a certificate that it does not know
if ('serviceWorker' in navigator) {
  navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}

createRoot(root).render(
  <StrictMode>
    <ReaderProvider first={first} words={words} catalogueOf={catalogueOf}>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <App />
        </BrowserRouter>
      </QueryClientProvider>
    </ReaderProvider>
  </StrictMode>,
);
