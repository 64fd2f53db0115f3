/** The views of a grow, their addresses and how one gets to them; the router mounts what they name. */

export interface View {
  /** Its address, with what it is about. */
  path: string;
  /** What its button says, and the key that goes there; none for one that is gone to otherwise. */
  words?: string;
  key?: string;
}

export const TODAY = { path: '/g/:grow/today', words: 'Today', key: '1' } as const;
export const MIX = { path: '/g/:grow/tanks/:tank/mix', words: 'Mix', key: '2' } as const;
export const COURSE = { path: '/g/:grow/tanks/:tank/course', words: 'Course', key: '3' } as const;
export const TANK = { path: '/g/:grow/tanks/:tank', words: 'Tank', key: '5' } as const;
export const WATER = { path: '/g/:grow/water', words: 'Water', key: '6' } as const;
export const SHELF = { path: '/g/:grow/shelf', words: 'Shelf', key: '7' } as const;
export const CHARTS = { path: '/g/:grow/charts', words: 'Charts', key: '4' } as const;
export const LEAFLET = { path: '/g/:grow/charts/:chart' } as const;
/** Mixes that are over: of a tank, and of all of them. */
export const MIXES = { path: '/g/:grow/mixes' } as const;
export const TANK_MIXES = { path: '/g/:grow/tanks/:tank/mixes' } as const;
export const PEOPLE = { path: '/g/:grow/people' } as const;
export const GUIDED = { path: '/g/:grow/guided/:mix' } as const;
export const GROW = { path: '/g/:grow' } as const;

export const VIEWS = [TODAY, MIX, COURSE, CHARTS, TANK, WATER, SHELF] as const satisfies View[];

/** Those that are about one tank: going from one to another stays with it. */
export const OF_A_TANK: readonly View[] = [MIX, COURSE, TANK, TANK_MIXES];

/** The address of a view of one thing: `at(GUIDED, 3, { mix: 45 })` is `/g/3/guided/45`. */
export function at(view: View, grow: number, about: Record<string, number> = {}): string {
  return Object.entries({ grow, ...about }).reduce(
    (path, [name, value]) => path.replace(`:${name}`, `${value}`),
    view.path,
  );
}

/** What an address is about, if it is one of that view: without network nothing else tells. */
export function about(view: View, pathname: string): Record<string, number> | undefined {
  const names = [...view.path.matchAll(/:(\w+)/g)].map((found) => found[1] ?? '');
  const found = new RegExp(`^${view.path.replace(/:\w+/g, '(\\d+)')}$`).exec(pathname);
  return found
    ? Object.fromEntries(names.map((name, at) => [name, Number(found[at + 1])]))
    : undefined;
}

/** Where the Mix view was left, for the way back: the settings that stand in its address. */
export const leftOff = { grow: 0, tank: 0, hash: '' };
