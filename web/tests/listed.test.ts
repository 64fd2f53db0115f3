import { describe, expect, it, vi } from 'vitest';

vi.stubGlobal('location', new URL('http://brisk.example/'));

const { listed, SERVER_SILENT } = await import('../src/api/client');

const FIRST = { items: ['mains', 'rain'], after: 2 };
const PAGES = new Map<number, { items: string[]; after: number | null }>([
  [0, FIRST],
  [2, { items: ['well'], after: 9 }],
  [9, { items: [], after: null }],
]);

describe('a list that comes page by page', () => {
  it('is whole, in order, each page asked for once', async () => {
    const page = vi.fn((after: number) => Promise.resolve({ data: PAGES.get(after) ?? FIRST }));
    expect(await listed(page)).toEqual({ data: ['mains', 'rain', 'well'], problem: undefined });
    expect(page.mock.calls).toEqual([[0], [2], [9]]);
  });

  it('is not shown in part: a problem with one page is one with the list', async () => {
    const problem = { code: 'not_found', message: 'No such tank.', where: '' };
    const refused = (after: number) =>
      Promise.resolve(after ? { error: { error: problem } } : { data: FIRST });
    expect(await listed(refused)).toEqual({ data: undefined, problem });
    const silent = () => Promise.reject(new TypeError('network'));
    expect(await listed(silent)).toEqual({ data: undefined, problem: SERVER_SILENT });
  });
});
