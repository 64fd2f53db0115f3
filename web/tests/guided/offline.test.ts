import { beforeEach, describe, expect, it, vi } from 'vitest';

import WORKER from '../../public/sw.js?raw';
import { keepAtHand } from '../../src/guided/device/offline';

const ORIGIN = 'http://127.0.0.1:8765';

/** As much of the browser's cache as the worker uses. */
class Cache {
  kept = new Map<string, string>();
  #fetch: (path: string) => Promise<string>;

  constructor(fetch: (path: string) => Promise<string>) {
    this.#fetch = fetch;
  }

  match = (asked: string | { url: string }) =>
    Promise.resolve(this.kept.get(new URL(at(asked), ORIGIN).pathname));
  add = async (path: string) => void this.kept.set(path, await this.#fetch(path));
  put = (path: string, answer: { text: string }) =>
    Promise.resolve(void this.kept.set(path, answer.text));
  keys = () => Promise.resolve([...this.kept.keys()].map((path) => ({ url: ORIGIN + path })));
  delete = ({ url }: { url: string }) => Promise.resolve(this.kept.delete(new URL(url).pathname));
}

const at = (asked: string | { url: string }) => (typeof asked === 'string' ? asked : asked.url);

/** The worker itself, with a browser around it that can be cut off from its server. */
function worker() {
  const heard: Record<string, (event: object) => void> = {};
  const server = { up: true, asked: [] as string[] };
  const answerOf = (path: string) => {
    if (!server.up) return Promise.reject(new TypeError('Failed to fetch'));
    server.asked.push(path);
    return Promise.resolve(`from the server: ${path}`);
  };
  const cache = new Cache(answerOf);
  const fetched = async ({ url }: { url: string }) => {
    const text = await answerOf(new URL(url).pathname);
    return { ok: true, text, clone: () => ({ text }) };
  };
  const self = {
    location: { origin: ORIGIN },
    addEventListener: (kind: string, hear: (event: object) => void) => (heard[kind] = hear),
    skipWaiting: vi.fn(),
    clients: { claim: vi.fn() },
  };
  const caches = { open: () => Promise.resolve(cache), match: cache.match };
  new Function('self', 'caches', 'fetch', WORKER)(self, caches, fetched);
  return {
    server,
    cache,
    async keep(files: unknown) {
      let done: Promise<void> | undefined;
      heard.message?.({ data: { keep: files }, waitUntil: (task: Promise<void>) => (done = task) });
      await done;
    },
    /** What the worker answers; `undefined` where it leaves a request to the browser. */
    ask(url: string, { method = 'GET', mode = 'no-cors' } = {}) {
      let answer: Promise<unknown> | undefined;
      heard.fetch?.({
        request: { url, method, mode },
        respondWith: (one: Promise<unknown>) => (answer = one),
      });
      return answer;
    },
  };
}

const SCRIPT = '/static/assets/main-a1B2c3D4.js';

describe('the worker that keeps the page at hand', () => {
  let at: ReturnType<typeof worker>;

  beforeEach(async () => {
    at = worker();
    await at.keep(['/', SCRIPT]);
  });

  it('opens the page without network, with its script', async () => {
    at.server.up = false;
    expect(await at.ask(`${ORIGIN}/`, { mode: 'navigate' })).toBe('from the server: /');
    expect(await at.ask(ORIGIN + SCRIPT)).toBe(`from the server: ${SCRIPT}`);
  });

  it('asks the server for the page as long as there is one, and keeps the newest', async () => {
    at.cache.kept.set('/', 'an older page');
    expect(await at.ask(`${ORIGIN}/`, { mode: 'navigate' })).toMatchObject({ ok: true });
    expect(at.cache.kept.get('/')).toBe('from the server: /');
  });

  it('does not fetch again what its name says is the same', async () => {
    at.server.asked = [];
    expect(await at.ask(ORIGIN + SCRIPT)).toBe(`from the server: ${SCRIPT}`);
    await at.keep(['/', SCRIPT]);
    expect(at.server.asked).toEqual([]);
  });

  it('lets the files of an older build go', async () => {
    const newer = '/static/assets/main-e5F6g7H8.js';
    await at.keep(['/', newer]);
    expect([...at.cache.kept.keys()]).toEqual(['/', newer]);
  });

  it.each([
    [`${ORIGIN}/api/grows/1/mixes/2`, {}],
    [`${ORIGIN}/api/grows/1/mixes/2/events`, { method: 'POST' }],
    [`${ORIGIN}/`, { method: 'POST', mode: 'navigate' }],
    ['http://elsewhere.example/', { mode: 'navigate' }],
    [`http://elsewhere.example${SCRIPT}`, {}],
    [`${ORIGIN}/static/robots.txt`, {}],
  ])('leaves %s to the network', (url, how) => {
    expect(at.ask(url, how)).toBeUndefined();
  });

  it('says that there is no page where none was kept', async () => {
    const fresh = worker();
    fresh.server.up = false;
    await expect(fresh.ask(`${ORIGIN}/`, { mode: 'navigate' })).rejects.toThrow('Failed to fetch');
  });

  it('does nothing on a message that names no files', async () => {
    await at.keep('everything');
    await at.keep(undefined);
    expect(at.cache.kept.size).toBe(2);
  });
});

describe('what the page asks the worker to keep', () => {
  const posted = vi.fn();

  beforeEach(() => {
    posted.mockReset();
    vi.stubEnv('DEV', false);
    vi.stubGlobal('location', new URL(ORIGIN));
    vi.stubGlobal('performance', {
      getEntriesByType: () => [
        { name: `${ORIGIN}/static/assets/figures-a1B2c3D4.woff2` },
        { name: `${ORIGIN}/api/grows/1/tanks` },
        { name: `http://elsewhere.example/static/assets/other-a1B2c3D4.js` },
      ],
    });
    vi.stubGlobal('document', {
      querySelectorAll: (which: string) =>
        which.startsWith('link')
          ? [{ href: `${ORIGIN}/static/assets/main-a1B2c3D4.css` }]
          : [{ src: ORIGIN + SCRIPT }, { src: ORIGIN + SCRIPT }],
    });
  });

  it('is the page and its own files, each once, and nothing of the API or of another site', async () => {
    const ready = Promise.resolve({ active: { postMessage: posted } });
    vi.stubGlobal('navigator', { serviceWorker: { register: vi.fn(), ready } });
    await keepAtHand();
    expect(posted.mock.calls).toEqual([
      [
        {
          keep: [
            '/',
            '/static/assets/figures-a1B2c3D4.woff2',
            '/static/assets/main-a1B2c3D4.css',
            SCRIPT,
          ],
        },
      ],
    ]);
  });

  it('is nothing where there is no worker, or none may be', async () => {
    vi.stubGlobal('navigator', {});
    await keepAtHand();
    const register = vi.fn().mockRejectedValue(new Error('not allowed'));
    vi.stubGlobal('navigator', { serviceWorker: { register } });
    await keepAtHand();
    expect(register).toHaveBeenCalledOnce();
    expect(posted).not.toHaveBeenCalled();
  });
});
