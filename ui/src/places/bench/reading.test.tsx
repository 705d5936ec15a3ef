// @vitest-environment happy-dom
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, expect, test } from 'vitest';

import type { Schemas } from '../../api/client';
import { en } from '../../catalogue';
import { ReaderProvider } from '../../i18n/reader';
import { show } from '../../testing/show';
import { ReadingField } from './ReadingField';

afterEach(() => localStorage.clear());

const reading: Schemas['BenchReading'] = {
  name: 'wet_g',
  type: 'number',
  unit: 'g',

  instrument: null,
  optional: false,
  choices: [],
};

function Kept() {
  const [value, setValue] = useState('');

  return (
    <>
      <ReadingField reading={reading} label="Wet" value={value} error={undefined} change={setValue} />
      <output aria-label="kept">{value}</output>
    </>
  );
}

test.each(['metric', 'us'])(
  'a reading stays in what the scale shows, another unit may be typed behind it (%s)',
  async (units) => {
    localStorage.setItem('zolbek.units', units);
    const { hand } = show(
      <ReaderProvider first="en" words={en} catalogueOf={() => Promise.resolve(en)}>
        <Kept />
      </ReaderProvider>,
    );
    const field = screen.getByLabelText<HTMLInputElement>('Wet');
    expect(screen.getByText('g')).toBeTruthy();
    await hand.write(field, '120');
    expect(screen.getByLabelText('kept').textContent).toBe('120');
    await hand.write(field, '2 oz');
    expect([field.value, screen.getByLabelText('kept').textContent]).toEqual(['2 oz', '56.699046']);
    await hand.write(field, 'much');
    expect(screen.getByLabelText('kept').textContent).toBe('much');
  },
);
