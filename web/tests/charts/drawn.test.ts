import { beforeEach, describe, expect, it, vi } from 'vitest';

import { Drawn, type Joined } from '../../src/tank/drawn.svelte';

const { get, post, patch } = vi.hoisted(() => ({ get: vi.fn(), post: vi.fn(), patch: vi.fn() }));
vi.mock('../../src/api/client', () => ({
  answered: async (asked: Promise<object>) =>
    await asked.catch(() => ({ problem: { code: 'server_silent', message: '', where: '' } })),
  api: { GET: get, POST: post, PATCH: patch },
}));

const vessel = (name: string, level = '30') =>
  ({ name, shape: 'box', lengths: { length: '80', width: '60', height: '50' }, level, count: 1, film: false, runs: false }) as Joined['vessels'][number]; // prettier-ignore
const joined = (...vessels: Joined['vessels']) => ({ unit: 'cm', vessels }) as Joined;
const comesTo = (of: Joined, litres = '144') => ({ joined: of, litres });
const names = (drawn: Drawn) => drawn.joined?.vessels.map((one) => one.name);
const settle = async () => await vi.waitFor(() => expect(post).toHaveReturned());

describe('a tank as it is drawn', () => {
  const kept = joined(vessel('Sump'), vessel('Header'));
  let drawn: Drawn;

  beforeEach(async () => {
    get.mockReset().mockResolvedValue({ data: { measured: comesTo(kept) } });
    post.mockReset().mockImplementation((_, { body }) => Promise.resolve({ data: comesTo(body.joined) })); // prettier-ignore
    patch.mockReset().mockResolvedValue({ data: {} });
    drawn = new Drawn(1, 5);
    await drawn.load();
  });

  it('is unchanged until something is drawn, and again when it is left', async () => {
    expect(drawn.changed).toBe(false);
    drawn.set(1, { level: '20' });
    await settle();
    expect([drawn.changed, drawn.joined?.vessels[1]?.level]).toEqual([true, '20']);
    expect(drawn.kept?.measured?.joined).toEqual(kept);
    drawn.leave();
    expect([drawn.changed, drawn.joined]).toEqual([false, kept]);
  });

  it('shows what the last drawing comes to, whichever is answered first', async () => {
    const answers: ((answer: object) => void)[] = [];
    post.mockImplementation(() => new Promise((done) => answers.push(done)));
    const drawing = ['10', '20'].map((level) => drawn.draw(joined(vessel('Sump', level))));
    answers[1]?.({ data: comesTo(joined(vessel('Sump', '20')), '96') });
    answers[0]?.({ data: comesTo(joined(vessel('Sump', '10')), '48') });
    await Promise.all(drawing);
    expect(drawn.measured).toMatchObject({ litres: '96' });
  });

  it('keeps the figures that were, and what is typed, where a drawing cannot be', async () => {
    post.mockResolvedValue({ problem: { code: 'level_above_rim', message: '', where: 'level' } });
    await drawn.draw(joined(vessel('Sump', '90')));
    expect(drawn.problem?.code).toBe('level_above_rim');
    expect(drawn.measured).toMatchObject({ litres: '144' });
    expect(drawn.joined?.vessels[0]?.level).toBe('90');
  });

  it('takes the levels that a wanted volume comes to', async () => {
    const filled = joined(vessel('Sump', '41.7'));
    post.mockResolvedValue({ data: comesTo(filled, '200') });
    const fill = { volume: '200 L' } as never;
    await drawn.draw(joined(vessel('Sump')), fill);
    expect(post.mock.lastCall?.[1].body.fill).toBe(fill);
    expect(drawn.joined).toEqual(filled);
  });

  it('gets vessels of a common size with names of their own, in one unit', async () => {
    drawn.add('in');
    await settle();
    expect(names(drawn)).toEqual(['Sump', 'Header', 'Vessel 3']);
    expect(drawn.joined?.unit).toBe('cm'); // of what is drawn already
    for (const at of [2, 1, 0]) drawn.remove(at);
    expect([drawn.joined, drawn.measured]).toEqual([undefined, undefined]);
    drawn.add('in');
    expect(drawn.joined).toMatchObject({ unit: 'in', vessels: [{ name: 'Reservoir', level: '16' }] }); // prettier-ignore
  });

  it('is fetched anew when its volume was kept, and not when that was refused', async () => {
    await drawn.draw(joined(vessel('Sump', '20')));
    patch.mockResolvedValueOnce({ problem: { code: 'mix_under_way', message: '', where: '' } });
    expect(await drawn.keep()).toBe(false);
    expect([drawn.problem?.code, drawn.changed]).toEqual(['mix_under_way', true]);
    get.mockResolvedValueOnce({ data: { measured: comesTo(joined(vessel('Sump', '20'))) } });
    expect(await drawn.keep()).toBe(true);
    expect([drawn.problem, drawn.changed]).toEqual([undefined, false]);
    await drawn.edit({ name: 'Gutters' });
    expect(get).toHaveBeenCalledTimes(2); // a name moves no water
  });
});
