import { beforeEach, describe, expect, it, vi } from 'vitest';

import { type Asked, Season } from '../src/course/season.svelte';
import type { Course } from '../src/course/course';

const { asked } = vi.hoisted(() => ({ asked: vi.fn() }));
vi.mock('../src/api/client', () => {
  const by = (method: string) => (path: string, told: object) => asked(method, path, told);
  return {
    answered: async (answer: Promise<object>) =>
      await answer.catch(() => ({ problem: { code: 'server_silent', message: '', where: '' } })),
    api: { GET: by('GET'), POST: by('POST'), PUT: by('PUT'), PATCH: by('PATCH'), DELETE: by('DELETE') }, // prettier-ignore
  };
});

const SEASON = '/api/grows/{grow_id}/seasons/{season_id}';
const course = (label: string) =>
  ({ season: 9, label, told: [{ id: 4 }, { id: 7 }] }) as unknown as Course;
const hold = { kind: 'hold', on: '2026-05-03' } as never;
const longer = { kind: 'hold', on: '2026-05-10' } as never;
const refusal = { problem: { code: 'outdated', message: 'look again', where: '' } };

/** Answers in the order in which the test gives them, whenever it does. */
function later() {
  let give: (answer: object) => void = () => undefined;
  asked.mockReturnValueOnce(new Promise((done) => (give = done)));
  return (answer: object) => give(answer);
}

describe('the season of a tank', () => {
  let season: Season;

  beforeEach(async () => {
    asked.mockReset().mockResolvedValueOnce({ data: course('kept') });
    season = new Season(3, 7);
    await season.load();
  });

  it('shows what a decision would move, and keeps nothing of it', async () => {
    asked.mockResolvedValueOnce({ data: course('held') });
    await season.consider(hold);
    expect(asked.mock.lastCall?.slice(0, 2)).toEqual(['POST', `${SEASON}/preview`]);
    expect([season.shown, season.course]).toEqual([course('held'), course('kept')]);
    season.leave();
    expect(season.shown).toEqual(course('kept'));
  });

  it('shows the last of several that are looked at, whichever is answered first', async () => {
    const [first, second] = [later(), later()];
    const looking = [season.consider(hold), season.consider(longer)];
    second({ data: course('longer') });
    first({ data: course('held') });
    await Promise.all(looking);
    expect(season.preview).toEqual(course('longer'));
  });

  it('shows nothing of a look that was left before its answer came', async () => {
    const answer = later();
    const looking = season.consider(hold);
    season.leave();
    answer({ data: course('held') });
    await looking;
    expect(season.shown).toEqual(course('kept'));
  });

  it('takes a decision once, however often it is pressed, with its reason', async () => {
    asked.mockResolvedValueOnce({ data: course('held') });
    await season.consider(hold);
    const answer = later();
    const deciding = [season.decide('late flowers'), season.decide('late flowers')];
    expect(season.deciding).toBe(true);
    answer({ data: course('decided') });
    await Promise.all(deciding);
    const told = asked.mock.calls.filter(([, path]) => path === `${SEASON}/told`);
    expect(told.map(([, , { body }]) => body)).toEqual([{ ...(hold as object), reason: 'late flowers', seen: 7 }]); // prettier-ignore
    expect([season.course, season.preview, season.deciding]).toEqual([
      course('decided'),
      undefined,
      false,
    ]);
    await season.decide('again'); // nothing is looked at any more
    expect(asked).toHaveBeenCalledTimes(3);
  });

  it('keeps what is looked at where it is refused, and says why', async () => {
    asked.mockResolvedValueOnce({ data: course('held') });
    await season.consider(hold);
    asked.mockResolvedValueOnce(refusal);
    await season.decide('');
    expect(season.problem?.code).toBe('outdated');
    expect([season.course, season.preview, season.deciding]).toEqual([
      course('kept'),
      course('held'),
      false,
    ]);
    asked.mockRejectedValueOnce(new TypeError('Failed to fetch'));
    await season.decide('');
    expect([season.problem?.code, season.preview]).toEqual(['server_silent', course('held')]);
  });

  it('keeps another plan with the one that was seen, so that nobody else is overwritten', async () => {
    const [plan, seen] = [{ rules: ['new'] }, { rules: [] }] as unknown as [never, never];
    asked.mockResolvedValueOnce({ data: course('planned') });
    await season.considerPlan(plan, seen);
    expect(asked.mock.lastCall?.[2].body).toEqual({ plan });
    asked.mockResolvedValueOnce({ data: course('kept plan') });
    await season.decide('');
    expect(asked.mock.lastCall).toEqual([
      'PUT',
      `${SEASON}/plan`,
      { params: { path: { grow_id: 3, season_id: 9 } }, body: { plan, seen } },
    ]);
  });

  it.each<[string, (of: Season) => Promise<unknown>, string, string]>([
    ['what was told', (of) => of.takeBack(5), 'DELETE', `${SEASON}/told/{entry_id}`],
    ['its end', (of) => of.end('2026-06-01'), 'PATCH', SEASON],
    ['going alone', (of) => of.goOnAlone(), 'POST', `${SEASON}/split`],
    ['going together', (of) => of.join(4, '2026-05-01'), 'POST', '/api/grows/{grow_id}/tanks/{tank_id}/joined-season'], // prettier-ignore
  ])('shows the course after %s, and leaves what was looked at', async (_, act, method, path) => {
    asked.mockResolvedValueOnce({ data: course('held') });
    await season.consider(hold);
    asked.mockResolvedValueOnce({ data: course('after') });
    await act(season);
    expect(asked.mock.lastCall?.slice(0, 2)).toEqual([method, path]);
    expect([season.shown, season.asked]).toEqual([course('after'), undefined satisfies Asked | undefined]); // prettier-ignore
  });

  it('is fetched when it was begun, and not when that was refused', async () => {
    asked.mockResolvedValueOnce(refusal);
    expect(await season.begin({} as never)).toBe(false);
    expect(season.problem?.code).toBe('outdated');
    asked.mockResolvedValueOnce({ data: {} }).mockResolvedValueOnce({ data: course('begun') });
    expect(await season.begin({} as never)).toBe(true);
    expect(season.course).toEqual(course('begun'));
  });

  it('is null where the tank has none, which is no trouble', async () => {
    asked.mockResolvedValueOnce({ data: null });
    await season.load();
    expect([season.course, season.shown, season.problem]).toEqual([null, undefined, undefined]);
  });
});
