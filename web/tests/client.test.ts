import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

import { writeAs } from '../src/words/writing.svelte';

const { fetched } = vi.hoisted(() => {
  const fetched = vi.fn();
  Object.assign(globalThis, {
    location: { origin: 'http://brisk.test' },
    document: { cookie: 'csrftoken=t' },
    fetch: fetched,
  });
  return { fetched };
});

import { answered, api, listed, problemOf, SERVER_SILENT } from '../src/api/client';

const answers = (body: unknown, status = 200, type = 'application/json') =>
  fetched.mockImplementation(() =>
    Promise.resolve(
      new Response(body === null ? null : JSON.stringify(body), {
        status,
        headers: { 'Content-Type': type, 'Told-At': '1800000000.5' },
      }),
    ),
  );
const units = { clock: '24', dates: 'day_first' } as const;
const mix = { params: { path: { grow_id: 1, mix_id: 2 } } };
const look = () => api.GET('/api/grows/{grow_id}/mixes/{mix_id}', mix);

beforeEach(() => {
  fetched.mockReset();
  writeAs({ ...units, decimal: '.' });
});
afterEach(() => writeAs({ ...units, decimal: '.' }));

describe('what a request came to', () => {
  it('is its data, and the problem that the server names', async () => {
    answers({ id: 2 });
    expect(await answered(look())).toEqual({ data: { id: 2 }, problem: undefined });
    const error = { code: 'no_pen', message: 'No pen is connected.', where: 'seconds' };
    answers({ error }, 422);
    expect(await answered(look())).toEqual({ data: undefined, problem: error });
  });

  it.each([undefined, {}, { error: {} }, { error: { code: 'x' } }, 'Bad Gateway', null])(
    'is a silent server where nothing tells more: %j',
    (error) => expect(problemOf(error)).toEqual(SERVER_SILENT),
  );

  it('is a silent server where there is no network', async () => {
    fetched.mockRejectedValue(new TypeError('Failed to fetch'));
    expect((await answered(look())).problem).toEqual(SERVER_SILENT);
  });

  it('keeps status and headers for who writes a comma, and exact figures with their point', async () => {
    writeAs({ ...units, decimal: ',' });
    answers({ ec_shown: '1.82', exact: { value: '1.82', unit: 'mS/cm' }, goes_in: '12.5' });
    const { data, response } = await look();
    expect(data).toEqual({
      ec_shown: '1,82',
      exact: { value: '1.82', unit: 'mS/cm' },
      goes_in: '12.5',
    });
    expect(response.headers.get('Told-At')).toBe('1800000000.5');
    answers(null, 304);
    expect((await look()).response.status).toBe(304);
    answers({ error: { code: 'x', message: 'At most 1.5.', where: '' } }, 422);
    expect((await look()).response.status).toBe(422);
  });
});

describe('a list in whole', () => {
  const page = (of: Record<number, { items: string[]; after: number | null }>) =>
    vi.fn((after: number) => Promise.resolve(of[after] ? { data: of[after] } : { error: {} }));

  it('is all its pages in their order', async () => {
    const asked = page({ 0: { items: ['a', 'b'], after: 7 }, 7: { items: [], after: 9 }, 9: { items: ['c'], after: null } }); // prettier-ignore
    expect((await listed(asked)).data).toEqual(['a', 'b', 'c']);
    expect(asked.mock.calls).toEqual([[0], [7], [9]]);
  });

  it('is none where one page is missing: half a list would be taken for all of it', async () => {
    const asked = page({ 0: { items: ['a'], after: 7 } });
    expect(await listed(asked)).toEqual({ data: undefined, problem: SERVER_SILENT });
  });
});
