// @vitest-environment happy-dom
import { act } from '@testing-library/react';
import { beforeEach, describe, expect, test, vi } from 'vitest';

import { ApiProblem } from '../../api/client';
import { later } from '../../testing/server';
import { hooked } from '../../testing/show';
import { useSaveQueue } from './useSaveQueue';

interface Body {
  name?: string;
  depth?: number;
}

const problem = new ApiProblem(
  'This must be from 1 to 9.',
  [{ path: 'depth', rule: 'between', message: '1 to 9' }],
  422,
);

describe('what is typed is kept one after another', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });

  const queued = (send: (body: Body) => Promise<unknown>) => hooked(() => useSaveQueue<Body>(send, 400));

  test('a change goes at once', async () => {
    const send = vi.fn(() => Promise.resolve());
    const { result } = queued(send);
    expect(result.current.state).toBe('idle');
    await act(() => result.current.keep({ name: 'bark' }));
    expect(send.mock.calls).toEqual([[{ name: 'bark' }]]);
    expect(result.current.state).toBe('saved');
  });

  test('typing waits until nobody types, and goes as one', async () => {
    const send = vi.fn(() => Promise.resolve());
    const { result } = queued(send);
    act(() => result.current.keepLater({ name: 'b' }));
    await act(() => vi.advanceTimersByTimeAsync(399));
    act(() => result.current.keepLater({ name: 'ba', depth: 3 }));
    await act(() => vi.advanceTimersByTimeAsync(399));
    expect(send).not.toHaveBeenCalled();
    await act(() => vi.advanceTimersByTimeAsync(1));
    expect(send.mock.calls).toEqual([[{ name: 'ba', depth: 3 }]]);
  });

  test('what is pressed takes along what was typed', async () => {
    const send = vi.fn(() => Promise.resolve());
    const { result } = queued(send);
    act(() => result.current.keepLater({ name: 'bark' }));
    await act(() => result.current.keep({ depth: 2 }));
    await act(() => vi.advanceTimersByTimeAsync(1000));
    expect(send.mock.calls).toEqual([[{ name: 'bark', depth: 2 }]]);
  });

  test('the next one waits for a slow answer, so that the last one typed is kept last', async () => {
    const first = later<undefined>();
    const send = vi.fn((body: Body) => (body.name === 'one' ? first.promise : Promise.resolve()));
    const { result } = queued(send);
    let both: Promise<unknown> = Promise.resolve();
    act(() => {
      both = Promise.all([result.current.keep({ name: 'one' }), result.current.keep({ name: 'two' })]);
    });
    await act(() => vi.advanceTimersByTimeAsync(5000));
    // both were there when the first one went
    expect(send.mock.calls.length).toBe(1);
    await act(async () => {
      first.give(undefined);
      await both;
    });
    expect(send.mock.calls.at(-1)).toEqual([{ name: 'two' }]);
  });

  test('what came while one was on its way goes after it, together', async () => {
    const first = later<undefined>();
    const send = vi.fn((body: Body) => (body.name === 'one' ? first.promise : Promise.resolve()));
    const { result } = queued(send);
    act(() => void result.current.keep({ name: 'one' }));
    await act(() => vi.advanceTimersByTimeAsync(0));
    expect(result.current.state).toBe('saving');
    act(() => {
      void result.current.keep({ name: 'two' });
      void result.current.keep({ depth: 5 });
    });
    await act(async () => {
      first.give(undefined);
      await vi.advanceTimersByTimeAsync(0);
    });
    expect(send.mock.calls).toEqual([[{ name: 'one' }], [{ name: 'two', depth: 5 }]]);
    expect(result.current.state).toBe('saved');
  });

  test('what nobody answered goes again with the next change', async () => {
    const send = vi
      .fn<(body: Body) => Promise<unknown>>()
      .mockRejectedValueOnce(new TypeError('offline'))
      .mockResolvedValue(undefined);
    const { result } = queued(send);
    await act(() => result.current.keep({ name: 'bark', depth: 1 }));
    expect(result.current.state).toBe('failed');
    expect(result.current.error?.message).toBe('offline');
    await act(() => result.current.keep({ depth: 2 }));
    expect(send.mock.calls.at(-1)).toEqual([{ name: 'bark', depth: 2 }]);
    expect(result.current.state).toBe('saved');
    expect(result.current.error).toBeNull();
  });

  test('what was refused is told and does not stand in the way of the next one', async () => {
    const send = vi.fn<(body: Body) => Promise<unknown>>().mockRejectedValueOnce(problem).mockResolvedValue(undefined);
    const { result } = queued(send);
    await act(() => result.current.keep({ depth: 99 }));
    expect(result.current.error).toBe(problem);
    await act(() => result.current.keep({ name: 'bark' }));
    expect(send.mock.calls.at(-1)).toEqual([{ name: 'bark' }]);
  });

  test('what is thrown that is no error is told as one', async () => {
    const { result } = queued(() => Promise.reject('dropped'));
    await act(() => result.current.keep({ depth: 1 }));
    expect(result.current.error?.message).toBe('dropped');
  });

  test('on leaving the page what still waits is sent', async () => {
    const send = vi.fn(() => Promise.resolve());
    const { result, unmount } = queued(send);
    act(() => result.current.keepLater({ name: 'last words' }));
    unmount();
    await vi.advanceTimersByTimeAsync(0);
    expect(send.mock.calls).toEqual([[{ name: 'last words' }]]);
  });

  test('nothing waits, nothing is sent', async () => {
    const send = vi.fn(() => Promise.resolve());
    const { result, unmount } = queued(send);
    await act(() => result.current.flush());
    unmount();
    await vi.advanceTimersByTimeAsync(1000);
    expect(send).not.toHaveBeenCalled();
  });

  test('it is sent by what the screen says now, not by what it said at first', async () => {
    const [old, now] = [vi.fn(() => Promise.resolve()), vi.fn(() => Promise.resolve())];
    const { result, rerender } = hooked(
      ({ send }: { send: (body: Body) => Promise<unknown> }) => useSaveQueue<Body>(send, 400),
      { send: old },
    );
    rerender({ send: now });
    await act(() => result.current.keep({ depth: 4 }));
    expect(old).not.toHaveBeenCalled();
    expect(now).toHaveBeenCalledOnce();
  });
});
