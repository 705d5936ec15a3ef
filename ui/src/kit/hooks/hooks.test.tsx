// @vitest-environment happy-dom
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { useMemo, useState } from 'react';
import { afterEach, describe, expect, test, vi } from 'vitest';

import { hooked, show } from '../../testing/show';
import { useSettled } from './useSettled';
import { useShortcuts } from './useShortcuts';
import { useUndoable } from './useUndoable';

describe('what may wait until nobody types', () => {
  afterEach(() => vi.useRealTimers());

  test('comes once the value has stood still for so long', () => {
    vi.useFakeTimers();
    const { result, rerender } = hooked(({ value }: { value: string }) => useSettled(value, 300), { value: 'a' });
    expect(result.current).toBeNull();
    act(() => vi.advanceTimersByTime(299));
    expect(result.current).toBeNull();
    act(() => vi.advanceTimersByTime(1));
    expect(result.current).toBe('a');
    rerender({ value: 'b' });
    expect(result.current).toBeNull();
    act(() => vi.advanceTimersByTime(200));
    rerender({ value: 'c' });
    act(() => vi.advanceTimersByTime(200));
    expect(result.current).toBeNull();
    act(() => vi.advanceTimersByTime(100));
    expect(result.current).toBe('c');
  });

  test('a function is a value too', () => {
    vi.useFakeTimers();
    const given = () => 'never called';
    const { result } = hooked(() => useSettled(given, 10));
    act(() => vi.advanceTimersByTime(10));
    expect(result.current).toBe(given);
  });
});

function Keys({ acts }: { acts: Record<string, () => void> }) {
  useShortcuts(acts);

  return (
    <>
      <input aria-label="field" />
      <textarea aria-label="text" />
      <div contentEditable suppressContentEditableWarning data-testid="editable">
        note
      </div>
    </>
  );
}

describe('keys', () => {
  const pressed = (where: Element | Window, key: string, with_: Partial<KeyboardEventInit> = {}) =>
    fireEvent.keyDown(where, { key, ...with_ });

  test('plain letters act, and do nothing while somebody types', () => {
    const add = vi.fn();
    show(<Keys acts={{ a: add }} />);
    pressed(document.body, 'a');
    expect(add).toHaveBeenCalledTimes(1);
    pressed(screen.getByLabelText('field'), 'a');
    pressed(screen.getByLabelText('text'), 'a');
    expect(add).toHaveBeenCalledTimes(1);
  });

  test('with Ctrl, Cmd or Alt they act in a field as well', () => {
    const [save, go] = [vi.fn(), vi.fn()];
    show(<Keys acts={{ 'ctrl+s': save, 'alt+3': go }} />);
    pressed(screen.getByLabelText('field'), 's', { ctrlKey: true });
    pressed(screen.getByLabelText('field'), 'S', { metaKey: true });
    pressed(screen.getByLabelText('text'), '3', { altKey: true });
    expect(save).toHaveBeenCalledTimes(2);
    expect(go).toHaveBeenCalledTimes(1);
  });

  test('a sign that needs Shift is named by itself, a named key with it', () => {
    const [help, back] = [vi.fn(), vi.fn()];
    show(<Keys acts={{ '?': help, 'shift+tab': back }} />);
    pressed(document.body, '?', { shiftKey: true });
    pressed(document.body, 'Tab', { shiftKey: true });
    pressed(document.body, 'Tab');
    expect(help).toHaveBeenCalledTimes(1);
    expect(back).toHaveBeenCalledTimes(1);
  });

  test('what acts is not done by the browser as well, what does not act is', () => {
    show(<Keys acts={{ 'ctrl+s': () => undefined }} />);
    expect(pressed(document.body, 's', { ctrlKey: true })).toBe(false);
    expect(pressed(document.body, 'p', { ctrlKey: true })).toBe(true);
  });

  test('once the screen is gone nothing acts', () => {
    const add = vi.fn();
    const { unmount } = show(<Keys acts={{ a: add }} />);
    unmount();
    pressed(document.body, 'a');
    expect(add).not.toHaveBeenCalled();
  });

  test('the newest meaning of a key counts', () => {
    const heard: number[] = [];
    function Counting() {
      const [count, setCount] = useState(0);
      useShortcuts(useMemo(() => ({ n: () => (heard.push(count), setCount(count + 1)) }), [count]));

      return null;
    }
    show(<Counting />);
    pressed(document.body, 'n');
    pressed(document.body, 'n');
    expect(heard).toEqual([0, 1]);
  });
});

function Doing({ undo }: { undo?: () => void }) {
  const say = useUndoable();

  return <button onClick={() => say('Oval tray 34 is in the archive.', undo)}>do</button>;
}

describe('what was just done', () => {
  test('is said, and can be taken back once', async () => {
    const undo = vi.fn();
    const { hand } = show(<Doing undo={undo} />);
    await hand.click(screen.getByRole('button', { name: 'do' }));
    expect(await screen.findByText(/is in the archive/)).toBeTruthy();
    await hand.click(await screen.findByRole('button', { name: 'Undo' }));
    expect(undo).toHaveBeenCalledTimes(1);
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull());
  });

  test('is only said where it cannot be taken back', async () => {
    const { hand } = show(<Doing />);
    await hand.click(screen.getByRole('button', { name: 'do' }));
    expect(await screen.findByText(/is in the archive/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
  });
});
