// @vitest-environment happy-dom

import { screen } from '@testing-library/react';
import { useState } from 'react';
import { expect, test } from 'vitest';

import { en } from '../../catalogue';
import { ReaderProvider, useReader } from '../../i18n/reader';
import { show } from '../../testing/show';
import { NumberField } from './NumberField';

function Kept({ first }: { first: string }) {
  const [value, setValue] = useState(first);
  const { setUnits } = useReader();

  return (
    <>
      <NumberField label="Depth" unit="cm" value={value} onChange={setValue} />
      <output aria-label="kept">{value}</output>
      <button onClick={() => setUnits('us')}>US</button>
      <button onClick={() => setValue('25.4')}>other</button>
    </>
  );
}

const open = (first = '') =>
  show(
    <ReaderProvider first="en" words={en} catalogueOf={() => Promise.resolve(en)}>
      <Kept first={first} />
    </ReaderProvider>,
  );
const field = () => screen.getByLabelText<HTMLInputElement>('Depth');
const kept = () => screen.getByLabelText('kept').textContent;

test('a field is kept in metric units, whatever is typed behind the number', async () => {
  localStorage.clear();
  const { hand } = open();
  await hand.write(field(), '3 in');
  expect([field().value, kept()]).toEqual(['3 in', '7.62']);
  await hand.write(field(), '8');
  expect([field().value, kept()]).toEqual(['8', '8']);
});

test('it is shown in the units of the reader and typed in them', async () => {
  localStorage.clear();
  const { hand } = open('20.32');
  await hand.click(screen.getByText('US'));
  expect(field().value).toBe('8');
  expect(screen.getByText('in')).toBeTruthy();
  await hand.write(field(), '6');
  expect([field().value, kept()]).toEqual(['6', '15.24']);
  await hand.write(field(), '10 cm');
  expect(kept()).toBe('10');
  // somebody else changed it: that stands in the field, in the reader's units
  await hand.click(screen.getByText('other'));
  expect(field().value).toBe('10');
  localStorage.clear();
});

test('what cannot be read goes on as it was typed, so that it is refused and not lost', async () => {
  localStorage.clear();
  const { hand } = open();
  await hand.write(field(), '3 furlongs');
  expect([field().value, kept()]).toEqual(['3 furlongs', '3 furlongs']);
});

test('a limit is told with the unit that it is counted in, where the field shows another', () => {
  const limited = (units: string) => {
    localStorage.setItem('zolbek.units', units);
    const { unmount } = show(
      <ReaderProvider first="en" words={en} catalogueOf={() => Promise.resolve(en)}>
        <NumberField
          label="Depth"
          unit="cm"
          value="900"
          error="This must be from 1 to 300, not 900."
          onChange={() => undefined}
        />
        <NumberField label="Holes" value="900" error="This must be at most 40, not 900." onChange={() => undefined} />
      </ReaderProvider>,
    );
    const said = document.body.textContent;
    unmount();

    return said;
  };
  expect(limited('us')).toContain('not 900. Counted in cm.');
  expect(limited('us').match(/Counted in/g)).toHaveLength(1);
  expect(limited('metric')).not.toContain('Counted in');
  localStorage.clear();
});
