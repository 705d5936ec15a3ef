// @vitest-environment happy-dom
import { beforeEach, expect, test } from 'vitest';

import { server } from '../testing/server';
import { askServer, forgetToken } from './token';

let tokens: string[] = [];
let asked = 0;

beforeEach(() => {
  server.forget();
  forgetToken();
  asked = 0;
  tokens = ['first', 'second', 'third'];
  server.on('GET /session', () => {
    asked += 1;

    return { token: tokens.shift() };
  });
});

const write = (body = '{"name":"Gate pine"}') =>
  askServer(
    new Request('http://localhost/api/v1/plants', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body,
    }),
  );
const answering = (...statuses: number[]) =>
  server.on('POST /plants', () => new Response('{}', { status: statuses.shift() ?? 200 }));

test('the token is asked for once, by the first write; reading needs none', async () => {
  server.on('GET /plants', () => ({ data: [] }));
  answering(201, 201);
  await askServer(new Request('http://localhost/api/v1/plants'));
  expect(asked).toBe(0);
  await Promise.all([write(), write()]);
  expect(asked).toBe(1);
});

test('where the session has ended the write goes once more, with all that was typed and a fresh token', async () => {
  answering(419, 201);
  expect((await write()).status).toBe(201);
  expect(asked).toBe(2);
  expect(server.asked('POST /plants').map((call) => call.body)).toEqual([{ name: 'Gate pine' }, { name: 'Gate pine' }]);
});

test('and not for ever', async () => {
  answering(419, 419, 201);
  expect((await write()).status).toBe(419);
  expect(server.asked('POST /plants')).toHaveLength(2);
});

test('what was refused for another reason is not sent twice', async () => {
  answering(422, 201);
  expect((await write()).status).toBe(422);
  expect(server.asked('POST /plants')).toHaveLength(1);
});

test('without an answer to the first question it is asked again with the next write', async () => {
  server.on('GET /session', () => {
    asked += 1;

    return new Response('', { status: 503 });
  });
  answering(419, 419, 201);
  await write();
  await write();
  expect(asked).toBeGreaterThan(2);
});
