// @vitest-environment happy-dom
import { act, renderHook, waitFor } from '@testing-library/react';
import { describe, expect, test } from 'vitest';

import { offline, refused, server } from '../testing/server';
import { linesOf, useLines } from './lines';

interface Line {
  kind: string;
  count?: number;
  shelf?: string[];
}

/** A body that is given piece by piece, whenever a test wants to. */
function told() {
  let control: ReadableStreamDefaultController<Uint8Array> | undefined;
  let left = false;
  const body = new ReadableStream<Uint8Array>({
    start: (given) => {
      control = given;
    },
    cancel: () => {
      left = true;
    },
  });
  const bytes = new TextEncoder();

  return {
    response: () => new Response(body, { headers: { 'Content-Type': 'application/x-ndjson' } }),
    say: (text: string) => control?.enqueue(bytes.encode(text)),
    raw: (...given: number[]) => control?.enqueue(new Uint8Array(given)),
    end: () => control?.close(),
    wasLeft: () => left,
  };
}

const open = () => renderHook(() => useLines<Line>('/searches'));

describe('an answer that comes line by line', () => {
  test('is read as whole lines, wherever it is cut', async () => {
    const stream = told();
    const read: Line[] = [];
    const reading = (async () => {
      for await (const line of linesOf<Line>(stream.response().body as ReadableStream<Uint8Array>)) {
        read.push(line);
      }
    })();
    stream.say('{"kind":"pro');
    stream.say('gress","count":1}\n\n\n{"kind":"progress"');
    stream.say(',"count":2}\n{"kind":"e');
    stream.say('nd","shelf":["K');
    // one letter of two bytes, cut in the middle
    stream.raw(0xc3);
    stream.raw(0xb6);
    stream.say('rner"]}');
    stream.end();
    await reading;
    expect(read).toEqual([
      { kind: 'progress', count: 1 },
      { kind: 'progress', count: 2 },
      { kind: 'end', shelf: ['Körner'] },
    ]);
  });

  test('keeps what came before beside what came later, and is done at its end', async () => {
    const stream = told();
    server.on('POST /searches', () => stream.response());
    const { result } = open();
    expect(result.current.state).toBe('idle');
    act(() => result.current.start({ pot: 1 }));
    expect(result.current.state).toBe('running');
    stream.say('{"kind":"shelf","shelf":["pumice"]}\n{"kind":"progress","count":5}\n');
    await waitFor(() => expect(result.current.told).toEqual({ kind: 'progress', shelf: ['pumice'], count: 5 }));
    stream.say('{"kind":"end","count":9}\n');
    stream.end();
    await waitFor(() => expect(result.current.state).toBe('done'));
    expect(result.current.told).toEqual({ kind: 'end', shelf: ['pumice'], count: 9 });
    expect(server.asked('POST /searches').map((call) => call.body)).toEqual([{ pot: 1 }]);
  });

  test('waits where it is told to, and goes on', async () => {
    const stream = told();
    server.on('POST /searches', () => stream.response());
    const { result } = open();
    act(() => result.current.start({}));
    stream.say('{"kind":"waiting"}\n');
    await waitFor(() => expect(result.current.state).toBe('waiting'));
    stream.say('{"kind":"progress","count":1}\n');
    await waitFor(() => expect(result.current.state).toBe('running'));
  });

  test('that is stopped keeps what it had, and nothing that comes later counts', async () => {
    const stream = told();
    server.on('POST /searches', () => stream.response());
    const { result } = open();
    act(() => result.current.start({}));
    stream.say('{"kind":"progress","count":5}\n');
    await waitFor(() => expect(result.current.told.count).toBe(5));
    act(() => result.current.stop());
    expect(result.current.state).toBe('stopped');
    stream.say('{"kind":"end","count":9}\n');
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(result.current.state).toBe('stopped');
    expect(result.current.told.count).toBe(5);
  });

  test('that is asked anew begins anew, and the one before is forgotten', async () => {
    const [first, second] = [told(), told()];
    const streams = [first, second];
    server.on('POST /searches', () => streams.shift()?.response());
    const { result } = open();
    act(() => result.current.start({ n: 1 }));
    first.say('{"kind":"progress","count":1}\n');
    await waitFor(() => expect(result.current.told.count).toBe(1));
    act(() => result.current.start({ n: 2 }));
    expect(result.current.told).toEqual({});
    second.say('{"kind":"progress","count":2}\n');
    first.say('{"kind":"progress","count":77}\n');
    await waitFor(() => expect(result.current.told.count).toBe(2));
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(result.current.told.count).toBe(2);
  });

  test('that breaks off before its end has failed', async () => {
    const stream = told();
    server.on('POST /searches', () => stream.response());
    const { result } = open();
    act(() => result.current.start({}));
    stream.say('{"kind":"progress","count":5}\n');
    stream.end();
    await waitFor(() => expect(result.current.state).toBe('failed'));
    expect(result.current.problem).toBeUndefined();
  });

  test('says what was refused, field by field; nobody there is a failure without words', async () => {
    server.on('POST /searches', () => refused({ path: 'find.scoops', message: 'Too many.' }));
    const { result } = open();
    act(() => result.current.start({}));
    await waitFor(() => expect(result.current.problem?.at('find.scoops')).toBe('Too many.'));
    expect(result.current.state).toBe('failed');
    server.on('POST /searches', () => offline());
    act(() => result.current.start({}));
    await waitFor(() => expect(result.current.state).toBe('failed'));
    expect(result.current.problem).toBeUndefined();
  });

  test('begins with what was kept of the last one', () => {
    const { result } = renderHook(() => useLines<Line>('/searches', { kind: 'end', count: 3 }));
    expect(result.current.state).toBe('done');
    expect(result.current.told.count).toBe(3);
  });
});
