/** What a page is called in the browser's tabs and history: its view, then what it is about. */

import {
  about,
  CHARTS,
  COURSE,
  LEAFLET,
  MIX,
  MIXES,
  PEOPLE,
  SHELF,
  TANK,
  TANK_MIXES,
  TODAY,
  WATER,
  type View,
} from './views';

const CALLED: readonly (readonly [View, string])[] = [
  [TODAY, 'Today'],
  [MIX, 'Mix'],
  [COURSE, 'Course'],
  [CHARTS, 'Charts'],
  [LEAFLET, 'Leaflet'],
  [TANK, 'Tank'],
  [TANK_MIXES, 'Mixes'],
  [MIXES, 'Mixes'],
  [WATER, 'Water'],
  [SHELF, 'Shelf'],
  [PEOPLE, 'People'],
];

export const PROGRAM = 'Brisk Measure';

interface Known {
  name: string;
  tanks: readonly { id: number; name: string }[];
  charts: readonly { chart_id: number; name: string }[];
}

/** The title of the page at an address of a grow, as far as the grow is known yet. */
export function titleOf(pathname: string, known: Known | undefined): string {
  const found = CALLED.map(([view, words]) => [about(view, pathname), words] as const).find(
    ([numbers]) => numbers,
  );
  const [numbers, words] = found ?? [];
  const tank = known?.tanks.find((one) => one.id === numbers?.['tank'])?.name;
  const chart = known?.charts.find((one) => one.chart_id === numbers?.['chart'])?.name;
  return [words, tank ?? chart ?? known?.name, PROGRAM].filter(Boolean).join(' · ');
}
