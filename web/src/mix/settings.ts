import type { Chart, MixIn, Quay } from '../api/client';

/** What one mix is set to, as typed. */
export interface Settings {
  tank: number;
  water: number;
  chart: number;
  column: string;
  volume: string;
  strength: string;
  reading: string;
  end: NonNullable<MixIn['end']>;
  school: NonNullable<MixIn['school']> | null;
  calmag: NonNullable<MixIn['calmag']>;
  silica: NonNullable<MixIn['silica']>;
  live: NonNullable<MixIn['live']>;
  /** Product key to the share of its printed dose, as typed. */
  overrides: Record<string, string>;
}

const CUSTOMS = {
  end: 'middle',
  school: null,
  calmag: 'before_base',
  silica: 'after_buffer',
  live: 'last',
} as const;

export function chartOf(quay: Quay, version: number): Chart | undefined {
  return quay.charts.find((chart) => chart.id === version);
}

function readingOf(quay: Quay, water: number): string {
  return quay.waters.find((one) => one.id === water)?.reading ?? '';
}

/** The settings a tank is usually fed with. */
export function usualFor(quay: Quay, tankId: number): Settings {
  const tank = quay.tanks.find((one) => one.id === tankId) ?? quay.tanks[0];
  const chart = quay.charts.find((one) => one.chart === tank?.chart) ?? quay.charts[0];
  if (!tank || !chart) throw new Error('A mix needs a tank and a chart.');
  const column = chart.columns.find((one) => one.key === tank.column) ?? chart.columns[0];
  return {
    tank: tank.id,
    water: tank.water,
    chart: chart.id,
    column: column?.key ?? '',
    volume: tank.volume,
    strength: `${tank.strength_percent} %`,
    reading: readingOf(quay, tank.water),
    ...CUSTOMS,
    overrides: {},
  };
}

/** Other water, with its own last reading. */
export function withWater(quay: Quay, settings: Settings, water: number): Settings {
  return { ...settings, water, reading: readingOf(quay, water) };
}

/** Another chart: its column of the same name or else its first, read as that chart states. */
export function withChart(quay: Quay, settings: Settings, version: number): Settings {
  const columns = chartOf(quay, version)?.columns ?? [];
  const column = columns.find((one) => one.key === settings.column) ?? columns[0];
  return { ...settings, chart: version, column: column?.key ?? '', school: null, overrides: {} };
}

/** The request for these settings. */
export function asked(settings: Settings): MixIn {
  const { overrides, ...rest } = settings;
  return {
    ...rest,
    overrides: Object.entries(overrides).map(([product, strength]) => ({ product, strength })),
  };
}

/** The units in which bare numbers were typed; in others they would mean something else. */
function unitsOf(quay: Quay): string {
  return `${quay.units.volume}, ${quay.units.reading_words}`;
}

/** Settings as the part of the address behind the hash, so that a reload keeps them. */
export function toHash(quay: Quay, settings: Settings): string {
  const { overrides, ...rest } = settings;
  const words = new URLSearchParams({ units: unitsOf(quay) });
  for (const [name, value] of Object.entries(rest)) if (value !== null) words.set(name, `${value}`);
  for (const [product, strength] of Object.entries(overrides))
    words.append(`x.${product}`, strength);
  return `#${words}`;
}

/** Settings from an address; whatever this grow does not have falls back to the usual. */
export function fromHash(quay: Quay, hash: string): Settings {
  const words = new URLSearchParams(hash.replace(/^#/, ''));
  const number = (name: string) => Number(words.get(name) ?? NaN);
  const settings = usualFor(quay, number('tank'));
  if (number('tank') !== settings.tank) return settings;
  if (quay.waters.some((water) => water.id === number('water'))) settings.water = number('water');
  const chart = chartOf(quay, number('chart'));
  if (chart) {
    settings.chart = chart.id;
    const key = words.get('column');
    settings.column = (chart.columns.find((one) => one.key === key) ?? chart.columns[0])?.key ?? '';
  }
  settings.reading = readingOf(quay, settings.water);
  const typed = words.get('units') === unitsOf(quay) ? ['volume', 'reading'] : [];
  for (const name of [...typed, 'strength'] as ('volume' | 'reading' | 'strength')[])
    settings[name] = words.get(name)?.slice(0, 60) ?? settings[name];
  const choose = <T extends string>(name: string, choices: readonly T[], usual: T): T =>
    choices.find((choice) => choice === words.get(name)) ?? usual;
  settings.end = choose('end', ['low', 'middle', 'high'], settings.end);
  settings.calmag = choose('calmag', ['before_base', 'after_base'], settings.calmag);
  settings.silica = choose('silica', ['after_buffer', 'before_buffer'], settings.silica);
  settings.live = choose('live', ['last', 'first'], settings.live);
  const school = words.get('school');
  if (school === 'on_top' || school === 'all_in' || school === 'doses_only')
    settings.school = school;
  const rows = new Set(chart?.rows.map((row) => row.key));
  for (const [name, value] of words)
    if (name.startsWith('x.') && rows.has(name.slice(2)))
      settings.overrides[name.slice(2)] = value.slice(0, 60);
  return settings;
}
