import { beforeEach, describe, expect, it, vi } from 'vitest';

import type { Overview, Shapes, Water } from '../src/api/client';
import { keeping } from '../src/api/inturn';
import { GrowStore } from '../src/shell/grow.svelte';
import type { Keys } from '../src/shell/keys.svelte';
import { about, at, GUIDED, LEAFLET, MIX, TANK, VIEWS } from '../src/shell/views';
import { writeAs } from '../src/words/writing.svelte';

const { get, go } = vi.hoisted(() => ({ get: vi.fn(), go: vi.fn() }));
vi.mock('../src/routes', () => ({ go }));
vi.mock('../src/api/client', () => ({
  answered: async (asked: Promise<object>) => await asked,
  listed: async (page: (after: number) => Promise<object>) => await page(0),
  api: { GET: get },
}));

const GROW = '/api/grows/{grow_id}';
const units = { clock: '24', dates: 'day_first', decimal: '.' };
const SILENT = { problem: { code: 'server_silent', message: '', where: '' } };
let answers: Record<string, object>;
const asked = (path: string) => get.mock.calls.filter(([one]) => one === GROW + path).length;

describe('a grow on this screen', () => {
  let store: GrowStore;

  beforeEach(() => {
    writeAs(units as never);
    answers = {
      '': { data: { id: 3, units, blends: [] } },
      '/tanks': { data: [{ id: 5, column: 'w1' }] },
      '/waters': { data: [{ id: 2, name: 'Mains' }] },
      '/charts': { data: { items: [{ version_id: 71 }], after: null } },
      '/charts-in-use': { data: [{ version_id: 71 }] },
      '/today': { data: { tanks: [{ tank: 5, tasks: [] }] } },
    };
    get.mockReset().mockImplementation((path: string) => Promise.resolve(answers[path.slice(GROW.length)])); // prettier-ignore
    go.mockReset();
    store = new GrowStore(3, { on: true } as Keys);
  });

  it('is fetched whole, and what each tank asks for today stands by its number', async () => {
    await store.load();
    expect(store.overview).toMatchObject({
      id: 3,
      tanks: [{ id: 5 }],
      leaflets: [{ version_id: 71 }],
    });
    expect(store.overview?.needs?.[5]).toMatchObject({ tank: 5 });
    expect(store.problem).toBeUndefined();
  });

  it('waits for what is being kept: it would come back as it was', async () => {
    let kept: (done: unknown) => void = () => undefined;
    void keeping.run(() => new Promise((done) => (kept = done)));
    const loading = store.load();
    await Promise.resolve();
    expect(get).not.toHaveBeenCalled();
    kept(undefined);
    await loading;
    expect(store.overview?.id).toBe(3);
  });

  it('keeps what it knew where a part of it cannot be fetched, and says so', async () => {
    await store.load();
    answers['/waters'] = SILENT;
    answers['/tanks'] = { data: [] };
    await store.load();
    expect(store.problem?.code).toBe('server_silent');
    expect(store.overview?.tanks).toHaveLength(1);
  });

  it('does without the day where only that is missing', async () => {
    answers['/today'] = SILENT;
    await store.load();
    expect([store.overview?.needs, store.problem]).toEqual([{}, undefined]);
  });

  it('is fetched once more where numbers came written with another mark', async () => {
    answers[''] = { data: { id: 3, units: { ...units, decimal: ',' }, blends: [] } };
    await store.load();
    expect([asked('/tanks'), store.overview?.units.decimal]).toEqual([2, ',']);
  });

  it('fetches a version of a chart that no tank is fed by once, and keeps it over a load', async () => {
    await store.load();
    answers['/chart-versions/{version_id}'] = { data: { version_id: 68 } };
    expect(await store.whole(71)).toBe(true);
    expect(asked('/chart-versions/{version_id}')).toBe(0);
    expect([await store.whole(68), await store.whole(68)]).toEqual([true, true]);
    expect(asked('/chart-versions/{version_id}')).toBe(1);
    await store.load();
    expect(store.overview?.charts.map((chart) => chart.version_id)).toEqual([71, 68]);
    answers['/chart-versions/{version_id}'] = SILENT;
    expect(await store.whole(69)).toBe(false);
  });

  it('takes what was kept elsewhere on the page', async () => {
    store.takeWater({ id: 9 } as Water); // nothing is there yet, and nothing breaks
    await store.load();
    store.takeWater({ id: 2, name: 'Well' } as Water);
    store.takeWater({ id: 4, name: 'RO' } as Water);
    expect(store.overview?.waters).toEqual([
      { id: 2, name: 'Well' },
      { id: 4, name: 'RO' },
    ]);
    store.takeUsual(5, { column: 'w2' } as Shapes['UsualOut']);
    store.takeUsual(99, { column: 'w2' } as Shapes['UsualOut']);
    expect(store.overview?.tanks).toMatchObject([{ id: 5, column: 'w2' }]);
    store.takeBlends([{ id: 1 }] as Overview['blends']);
    store.takeRanges({ crop: [] } as never);
    store.takePreferences({ calmag: 'after_base' } as never);
    expect(store.overview).toMatchObject({
      blends: [{ id: 1 }],
      order_preferences: { calmag: 'after_base' },
    });
    store.goToTank(5);
    expect(go).toHaveBeenCalledWith('/g/3/tanks/5/mix');
  });
});

describe('the addresses of views', () => {
  it('say what they are about, there and back', () => {
    expect(at(GUIDED, 3, { mix: 45 })).toBe('/g/3/guided/45');
    expect(about(GUIDED, '/g/3/guided/45')).toEqual({ grow: 3, mix: 45 });
    for (const view of VIEWS) expect(about(view, at(view, 8, { tank: 6 }))?.grow).toBe(8);
  });

  it.each(['/g/3/guided/x', '/g/3/guided/45/more', '/g//guided/45', '/x/g/3/guided/45', '/'])(
    'are none of that view: %s',
    (path) => expect(about(GUIDED, path)).toBeUndefined(),
  );

  it('are told apart where one begins like another', () => {
    expect(about(TANK, at(MIX, 3, { tank: 6 }))).toBeUndefined();
    expect(about(LEAFLET, '/g/3/charts')).toBeUndefined();
    const keys = VIEWS.map((view) => view.key);
    expect(new Set(keys).size).toBe(keys.length);
  });
});
