import { afterEach, expect, it, vi } from 'vitest';

import { send } from '../src/api/token';

afterEach(() => vi.unstubAllGlobals());

it.each([
  ['is sent once with the token of the page', [200], ['old']],
  ['is sent once more where the token has just changed', [403, 200], ['old', 'new']],
  ['is refused where the new token does not do either', [403, 403], ['old', 'new']],
])('a request %s', async (_, statuses, tokens) => {
  const page = { cookie: 'theme=night; csrftoken=old' };
  const fetched: string[][] = [];
  vi.stubGlobal('document', page);
  vi.stubGlobal('fetch', async (request: Request) => {
    fetched.push([request.headers.get('X-CSRFToken') ?? '', await request.text()]);
    page.cookie = 'theme=night; csrftoken=new';
    return new Response(null, { status: statuses[fetched.length - 1] ?? 500 });
  });
  const answer = await send(new Request('http://bench.test/', { method: 'POST', body: 'poured' }));
  expect(answer.status).toBe(statuses.at(-1));
  expect(fetched).toEqual(tokens.map((token) => [token, 'poured']));
});
