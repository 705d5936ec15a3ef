import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderToStaticMarkup } from 'react-dom/server';
import { IntlProvider } from 'react-intl';
import { MemoryRouter } from 'react-router';
import { describe, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { en } from '../../catalogue';
import { ModelNews } from '../../shell/ModelNews';
import TruthPage from './TruthPage';

function words(element: React.ReactElement, known: Record<string, unknown>): string {
  const client = new QueryClient();
  Object.entries(known).forEach(([key, value]) => client.setQueryData([key], value));

  return renderToStaticMarkup(
    <QueryClientProvider client={client}>
      <IntlProvider locale="en" messages={en}>
        <MemoryRouter>{element}</MemoryRouter>
      </IntlProvider>
    </QueryClientProvider>,
  )
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/ ([,;])/g, '$1')
    .trim();
}

const kind = (expected: Schemas['Rating'], cases: number, told_apart: number, same_word: number) => ({
  expected,
  cases,
  told_apart,
  same_word,
});
const practiceCase: Schemas['PanelCase'] = {
  id: 'x1',
  mix: [
    { name: 'Pumice 3-6 mm', parts: 2 },
    { name: 'Coir pith', parts: 1 },
  ],
  plant: 'Black pine',
  site: 'hill',
  expected: 'good',
  sure: 'S',
  rating: 'poor',
  fit: 0.03,
  worst: 'drought',
  tells_apart: false,
  levels: 1,
  levels_same: 0,
  same_word: false,
};
const row = {
  figure: 'air',
  of: '',
  unit: 'share',
  low: 0.2,
  high: 0.3,
  model: 0.195,
  agrees: false,
} as Schemas['PublishedRow'];
const validation: Schemas['Validation'] = {
  sets: [
    {
      key: 'bark',
      name: 'graded bark',
      source: 'Somebody (1979)',
      use: 'calibration',
      sure: 'M',
      rows: [
        row,
        { ...row, figure: 'air_poured', model: 0.21, agrees: true },
        { ...row, figure: 'water', high: null, model: 0.5, agrees: true },
      ],
    } as Schemas['PublishedSet'],
  ],
  kinds: [kind('good', 4, 3, 2), kind('lethal', 2, 2, 2)],
  cases: [
    practiceCase,
    { ...practiceCase, id: 'x2', plant: 'Larch', rating: 'good', tells_apart: true, same_word: true },
  ],
};

describe('how true is this', () => {
  const said = words(<TruthPage />, { validation });

  test('counts what is told apart, by kind and in all', () => {
    expect(said).toContain('5 of 2 sensible and bad mixes are told apart; 4 get the very word.');
    expect(said).toContain('● Good 4 3 (75%) 2 (50%)');
    expect(said).toContain('■ Lethal 2 2 (100%) 2 (100%)');
  });

  test('shows where it differs first, with what decided', () => {
    expect(said).toContain(
      '2 pumice 3-6 mm, 1 coir pith Black pine, hill with frost ● Good ▲ Poor Short of water in a hot spell',
    );
    expect(said).not.toContain('Larch');
  });

  test('sets hits and misses side by side with their source and use', () => {
    expect(said).toContain(
      'Graded bark 2 of 3 agree Somebody (1979); a constant was set to it; quoted from memory, fairly sure.',
    );
    expect(said).toContain('0.2 to 0.3 share 0.195 share ▲ misses');
    expect(said).toContain('0.2 to 0.3 share 0.21 share ● agrees');
    expect(said).toContain('from 0.2 share 0.5 share');
  });
});

describe('what changed in the model', () => {
  test('is told while it is untold, and never after', () => {
    const told = words(<ModelNews />, { 'model-news': { untold: true } });
    expect(told).toContain(en['news.title']);
    expect(told).toContain(en['news.records']);
    expect(told).toContain(en['news.understood']);
    expect(words(<ModelNews />, { 'model-news': { untold: false } })).toBe('');
    expect(words(<ModelNews />, {})).toBe('');
  });
});
