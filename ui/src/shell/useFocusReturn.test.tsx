// @vitest-environment happy-dom
import { renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';

import { useFocusReturn } from './useFocusReturn';

const button = (name: string, within: HTMLElement = document.body) => {
  const made = document.createElement('button');
  made.textContent = name;
  within.append(made);

  return made;
};
const overlay = (kind: string) => {
  const made = document.createElement('div');
  made.className = kind;
  document.body.append(made);

  return made;
};
const focused = () => document.activeElement?.textContent;

describe('the focus, once what lay over the page is gone', () => {
  let stop: () => void;
  beforeEach(() => {
    stop = renderHook(() => useFocusReturn()).unmount;
  });
  afterEach(() => {
    stop();
    document.body.replaceChildren();
  });

  test.each(['ant-drawer', 'ant-modal-root'])('is where it was before %s', async (kind) => {
    button('first').focus();
    button('opener').focus();
    const over = overlay(kind);
    button('inside', over).focus();
    over.remove();
    await waitFor(() => expect(focused()).toBe('opener'));
  });

  test('goes to the one before where what opened it is gone too', async () => {
    button('first').focus();
    const opener = button('opener');
    opener.focus();
    const over = overlay('ant-drawer');
    button('inside', over).focus();
    opener.remove();
    over.remove();
    await waitFor(() => expect(focused()).toBe('first'));
  });

  test('stays in the drawer from which another was opened', async () => {
    button('opener').focus();
    const under = overlay('ant-drawer ant-drawer-open');
    button('in the drawer', under).focus();
    const over = overlay('ant-modal-root');
    button('inside', over).focus();
    over.remove();
    await waitFor(() => expect(focused()).toBe('in the drawer'));
  });

  test('is left where somebody put it', async () => {
    button('opener').focus();
    const over = overlay('ant-drawer');
    button('inside', over).focus();
    const elsewhere = button('elsewhere');
    elsewhere.focus();
    over.remove();
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(focused()).toBe('elsewhere');
  });

  test('does not jump for what is taken away without lying over the page', async () => {
    const opener = button('opener');
    opener.focus();
    const plain = overlay('plain');
    button('inside', plain).focus();
    const called = vi.spyOn(opener, 'focus');
    plain.remove();
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(called).not.toHaveBeenCalled();
  });
});
