// @vitest-environment happy-dom
import { screen } from '@testing-library/react';
import { type ComponentType, useState } from 'react';
import { expect, test, vi } from 'vitest';

import { show } from '../testing/show';
import { later } from './later';

function Greeting({ name }: { name: string }) {
  return <p>Good day, {name}</p>;
}

/** A part whose file comes, or does not, when a test says so. */
function fetched() {
  const waiting: { come: (component: ComponentType<{ name: string }>) => void; fail: (fault: Error) => void }[] = [];
  const fetchIt = vi.fn(
    () => new Promise<ComponentType<{ name: string }>>((come, fail) => void waiting.push({ come, fail })),
  );

  return { fetchIt, come: () => waiting.at(-1)?.come(Greeting), fail: () => waiting.at(-1)?.fail(new Error('gone')) };
}

test('something stands there until the part is here, and from then on the part at once', async () => {
  const { fetchIt, come } = fetched();
  const Part = later(fetchIt, () => <p>In a moment</p>);
  const first = show(<Part name="Ines" />);
  expect(screen.getByText('In a moment')).toBeTruthy();
  come();
  expect(await screen.findByText('Good day, Ines')).toBeTruthy();
  expect(screen.queryByText('In a moment')).toBeNull();
  first.unmount();
  show(<Part name="Tomas" />);
  expect(screen.getByText('Good day, Tomas')).toBeTruthy();
  expect(fetchIt).toHaveBeenCalledTimes(1);
});

test('what was fetched before is shown without waiting', async () => {
  const { fetchIt, come } = fetched();
  const Part = later(fetchIt, () => <p>In a moment</p>);
  const loading = Part.load();
  come();
  await loading;
  show(<Part name="Ines" />);
  expect(screen.getByText('Good day, Ines')).toBeTruthy();
  expect(fetchIt).toHaveBeenCalledTimes(1);
});

test('a part that cannot be had says so in its place, keeps what is beside it, and is asked for again', async () => {
  const { fetchIt, come, fail } = fetched();
  const Part = later(fetchIt);
  function Page() {
    const [note, setNote] = useState('');

    return (
      <>
        <input aria-label="Note" value={note} onChange={(event) => setNote(event.target.value)} />
        <Part name="Ines" />
      </>
    );
  }
  const { hand } = show(<Page />);
  await hand.write(screen.getByLabelText('Note'), 'half a thought');
  fail();
  await hand.click(await screen.findByRole('button', { name: 'Try again' }));
  expect(fetchIt).toHaveBeenCalledTimes(2);
  come();
  expect(await screen.findByText('Good day, Ines')).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('Note').value).toBe('half a thought');
});
