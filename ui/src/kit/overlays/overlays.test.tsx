// @vitest-environment happy-dom

import { screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { expect, test, vi } from 'vitest';

import { show } from '../../testing/show';
import { FormDrawer } from '../forms/FormDrawer';
import { Side } from './Side';

function Page({ save = () => undefined }: { save?: () => unknown }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');

  return (
    <>
      <button onClick={() => setOpen(true)}>edit</button>
      {open && (
        <FormDrawer title="A pot" size={300} close={() => setOpen(false)} save={save}>
          <label htmlFor="name">Name</label>
          <input id="name" value={name} onChange={(event) => setName(event.target.value)} />
        </FormDrawer>
      )}
    </>
  );
}

const isOpen = () => screen.queryByText('A pot') !== null;
const opened = async (page = <Page />) => {
  const { hand } = show(page);
  await hand.click(screen.getByText('edit'));
  await screen.findByText('A pot');

  return hand;
};

test('Esc closes what nothing was typed in', async () => {
  const hand = await opened();
  await hand.keyboard('{Escape}');
  await waitFor(() => expect(isOpen()).toBe(false));
});

test('what was typed is not thrown away by Esc: one is asked once, and stays where one says so', async () => {
  const hand = await opened();
  await hand.write(screen.getByLabelText('Name'), 'Oval');
  await hand.keyboard('{Escape}');
  await screen.findByText('What you typed is not saved.');
  expect(isOpen()).toBe(true);
  await hand.click(screen.getByRole('button', { name: 'Go on typing' }));
  expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Oval');
  await hand.keyboard('{Escape}');
  await hand.click(await screen.findByRole('button', { name: 'Throw it away' }));
  await waitFor(() => expect(isOpen()).toBe(false));
});

test('Cancel says it plainly and does not ask', async () => {
  const hand = await opened();
  await hand.write(screen.getByLabelText('Name'), 'Oval');
  await hand.click(screen.getByRole('button', { name: 'Cancel' }));
  await waitFor(() => expect(isOpen()).toBe(false));
});

test('Back closes the drawer and stays on the page; with something typed it asks', async () => {
  const hand = await opened();
  const at = window.location.href;
  window.history.back();
  await waitFor(() => expect(isOpen()).toBe(false));
  expect(window.location.href).toBe(at);
  await hand.click(screen.getByText('edit'));
  await hand.write(await screen.findByLabelText('Name'), 'Oval');
  window.history.back();
  await screen.findByText('What you typed is not saved.');
  expect(isOpen()).toBe(true);
});

test('of two that lie over each other Back closes the upper one', async () => {
  function Two() {
    const [open, setOpen] = useState(['lower']);
    const without = (name: string) => () => setOpen((all) => all.filter((each) => each !== name));

    return (
      <>
        <button onClick={() => setOpen(['lower', 'upper'])}>more</button>
        {open.map((name) => (
          <Side key={name} title={name} onClose={without(name)} />
        ))}
      </>
    );
  }
  const { hand } = show(<Two />);
  await hand.click(screen.getByText('more'));
  await screen.findByText('upper');
  window.history.back();
  await waitFor(() => expect(screen.queryByText('upper')).toBeNull());
  expect(screen.queryByText('lower')).not.toBeNull();
});

test('leaving the whole application with something typed is held up by the browser', async () => {
  const hand = await opened();
  const leave = () => {
    const event = new Event('beforeunload', { cancelable: true });
    window.dispatchEvent(event);

    return event.defaultPrevented;
  };
  expect(leave()).toBe(false);
  await hand.write(screen.getByLabelText('Name'), 'Oval');
  expect(leave()).toBe(true);
});

test('a save that went well closes without a question', async () => {
  const save = vi.fn();
  const hand = await opened(<Page save={save} />);
  await hand.write(screen.getByLabelText('Name'), 'Oval');
  await hand.keyboard('{Enter}');
  expect(save).toHaveBeenCalledTimes(1);
});
