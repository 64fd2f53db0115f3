import type { VersionId } from '../api/ids';
import type { Chart, Figure, OrderPreferences, MixIn, Overview, Shapes } from '../api/client';

/** What one mix is set to, as typed. */
export interface Settings extends OrderPreferences {
  tank: number;
  water: number;
  version_id: VersionId;
  column: string;
  volume: string;
  strength: string;
  reading: string;
  temperature: string;
  /** Hours for which the water has stood open. */
  stood: string;
  /** Other waters in the tank, with their shares. */
  blend: { water: number; share: string }[];
  /** Another column to mix towards; with a version where it is another chart's. */
  between: { version_id?: VersionId; column: string; share: string } | null;
  /** Whether the base goes in as two passes with a reading between them. */
  split: boolean;
  /** Tank water in a bucket in which each part is diluted first, as typed; empty to pour neat. */
  bucket: string;
  /** Whether the forms for hard water are poured. */
  hard_forms: boolean;
  /** Key of the acid, empty to have it chosen. */
  acid: string;
  /** Codes of the stops that were read and accepted for this very mix. */
  acknowledged: string[];
  end: MixIn['end'];
  convention: NonNullable<MixIn['convention']> | null;
  /** Product key to the share of its printed dose, as typed. */
  overrides: Record<string, string>;
}

/** What a mix is before anything is wished for it; new each time, since its lists are filled. */
const plain = () => ({
  stood: '',
  blend: [],
  between: null,
  split: false,
  bucket: '',
  hard_forms: false,
  acid: '',
  acknowledged: [],
  end: 'middle' as const,
  convention: null,
  overrides: {},
});

/** Other waters that one tank may have besides its own. */
export const MOST_BLENDED = 5;

const CUSTOMS = {
  calmag: ['before_base', 'after_base'],
  silica: ['after_buffer', 'before_buffer'],
  live: ['last', 'first'],
  rows: ['printed', 'chemistry'],
} as const;

export const CUSTOM_NAMES = Object.keys(CUSTOMS) as (keyof OrderPreferences)[];

export function chartOf(overview: Overview, version: number): Chart | undefined {
  return overview.charts.find((chart) => chart.version_id === version);
}

function ofWater(overview: Overview, water: number): Pick<Settings, 'reading' | 'temperature'> {
  const found = overview.waters.find((one) => one.id === water);
  return { reading: found?.reading ?? '', temperature: found?.temperature ?? '' };
}

/** The column of another chart that a season goes over to today, as far as it has come. */
export function betweenToday(towards: Shapes['TowardsToday'] | null | undefined) {
  if (!towards) return null;
  const { version_id, column_key, share_shown } = towards;
  return { version_id, column: column_key, share: share_shown };
}

/** The settings a tank is usually fed with: where its season stands today, or what was kept for it. */
export function usualFor(overview: Overview, tankId: number): Settings {
  const tank = overview.tanks.find((one) => one.id === tankId) ?? overview.tanks[0];
  const season = overview.needs?.[tank?.id ?? 0];
  const grown = overview.charts.find((one) => one.version_id === season?.version_id);
  const chart =
    grown ?? overview.charts.find((one) => one.chart_id === tank?.chart_id) ?? overview.charts[0];
  if (!tank || !chart) throw new Error('A mix needs a tank and a chart.');
  const wanted = grown ? season?.column_key : tank.column;
  const column = chart.columns.find((one) => one.key === wanted) ?? chart.columns[0];
  return {
    ...plain(),
    between: grown ? betweenToday(season?.towards) : null,
    tank: tank.id,
    water: tank.water,
    version_id: chart.version_id,
    column: column?.key ?? '',
    volume: tank.volume,
    strength: (grown && season?.strength_shown) || tank.strength_shown,
    ...ofWater(overview, tank.water),
    ...overview.order_preferences,
  };
}

/** Other water, with its own last reading. */
export function withWater(overview: Overview, settings: Settings, water: number): Settings {
  const blend = settings.blend.filter((part) => part.water !== water);
  return { ...settings, water, blend, ...ofWater(overview, water) };
}

/** A blend that is kept by its name, with the last reading of its first water. */
export function withBlend(
  overview: Overview,
  settings: Settings,
  kept: Shapes['KeptBlend'],
): Settings {
  const blend = kept.parts.map((part) => ({ water: part.water, share: part.share_shown }));
  return { ...settings, water: kept.water, blend, ...ofWater(overview, kept.water) };
}

/** The blend, of those that are kept, that these settings pour. */
export function keptBlend(
  overview: Overview,
  { water, blend }: Settings,
): Shapes['KeptBlend'] | undefined {
  const said = (parts: { water: number; share: string }[]) =>
    parts.map((part) => `${part.water} ${part.share.replace(/\s/g, '')}`).join();
  const now = said(blend);
  return overview.blends.find(
    (one) =>
      blend.length > 0 &&
      one.water === water &&
      said(one.parts.map((part) => ({ water: part.water, share: part.share_shown }))) === now,
  );
}

/** Another chart: its column of the same name or else its first, read as that chart states. */
export function withChart(overview: Overview, settings: Settings, version: number): Settings {
  const columns = chartOf(overview, version)?.columns ?? [];
  const column = columns.find((one) => one.key === settings.column) ?? columns[0];
  return {
    ...settings,
    version_id: version,
    column: column?.key ?? '',
    between: null,
    convention: null,
    overrides: {},
  };
}

/** The units in which what is typed here is meant, whatever is set elsewhere meanwhile. */
export function typedIn({ units }: Pick<Overview, 'units'>): NonNullable<MixIn['typed_in']> {
  const { volume, gallon, reading, ppm_scale, temperature, decimal } = units;
  const scale = ppm_scale === 500 || ppm_scale === 640 || ppm_scale === 700 ? ppm_scale : null;
  return {
    volume,
    gallon: gallon === 'us' || gallon === 'uk' ? gallon : '',
    reading,
    ppm_scale: scale,
    temperature,
    decimal,
  };
}

/** The request for these settings: what stands as the server gave it goes back exact. */
export function asked(overview: Overview, settings: Settings): MixIn {
  const { overrides, ...rest } = settings;
  const tank = overview.tanks.find((one) => one.id === settings.tank);
  const water = overview.waters.find((one) => one.id === settings.water);
  return {
    ...rest,
    volume: exactly(settings.volume, tank?.volume, tank?.litres),
    strength: exactly(settings.strength, tank?.strength_shown, tank?.strength),
    reading: exactly(settings.reading, water?.reading, water?.ec),
    typed_in: typedIn(overview),
    overrides: Object.entries(overrides).map(([product, strength]) => ({ product, strength })),
  };
}

function exactly(text: string, shown?: string | null, figure?: Figure | null): string | Figure {
  return text && text === shown && figure ? figure : text;
}

/** The units in which bare numbers were typed; in others they would mean something else. */
function unitsOf(overview: Overview): string {
  return `${overview.units.volume}, ${overview.units.reading_words}, ${overview.units.temperature}`;
}

const GALLONS: Record<string, string> = { gal_us: 'US gal', gal_uk: 'UK gal' };
const IS_BARE = /^[\d\s.,/¼½¾⅓⅔⅛]+$/;

/** What was typed in units that a person no longer uses, with those units named: it means the same.
 *
 * @param units as `unitsOf` says them
 */
export function withUnitsNamed(name: string, text: string, units: string): string {
  const [volume = 'L', reading = '', temperature = 'C'] = units.split(', ');
  const unit =
    name === 'reading' ? reading : name === 'temperature' ? `°${temperature}` : GALLONS[volume];
  if (!text.trim()) return text;
  if (IS_BARE.test(text)) return `${text.trim()} ${unit ?? volume}`;
  if (name === 'reading' && /ppm$/i.test(text.trim()) && reading.startsWith('ppm'))
    return text.trim().replace(/ppm$/i, reading);
  if (name !== 'reading' && name !== 'temperature' && unit && !/\b(us|uk|imp)/i.test(text))
    return text.replace(/\bgal(lons?)?\b\.?/i, unit);
  return text;
}

const TYPED = ['volume', 'reading', 'temperature', 'bucket'] as const;
const PLAIN_TEXTS = ['strength', 'stood', 'acid'] as const;
const SWITCHES = ['split', 'hard_forms'] as const;

/** Settings as the part of the address behind the hash, so that a reload keeps them; the tank stands
 * before it. */
export function toHash(overview: Overview, settings: Settings): string {
  const words = new URLSearchParams({ units: unitsOf(overview) });
  for (const name of ['water', 'version_id', 'column', ...TYPED, ...PLAIN_TEXTS] as const)
    words.set(name, `${settings[name]}`);
  words.set('end', settings.end);
  if (settings.convention) words.set('convention', settings.convention);
  for (const name of CUSTOM_NAMES)
    if (settings[name] !== overview.order_preferences[name]) words.set(name, settings[name]);
  for (const name of SWITCHES) if (settings[name]) words.set(name, 'yes');
  if (settings.between) {
    words.set('between', settings.between.column);
    words.set('way', settings.between.share);
    if (settings.between.version_id) words.set('towards', `${settings.between.version_id}`);
  }
  for (const part of settings.blend) words.append(`b.${part.water}`, part.share);
  for (const [product, strength] of Object.entries(settings.overrides))
    words.append(`x.${product}`, strength);
  return `#${words}`;
}

/** The address of a mix that a season asks for; all else is as usual. */
export function hashOf({
  between,
  ...asked
}: Pick<Settings, 'water' | 'version_id' | 'column' | 'strength' | 'between'>): string {
  const words = Object.entries(asked).map(([name, value]) => [name, `${value}`]);
  const address = new URLSearchParams(words);
  if (between) {
    address.set('between', between.column);
    address.set('way', between.share);
    if (between.version_id) address.set('towards', `${between.version_id}`);
  }
  return `#${address}`;
}

/** The words of an address; one that was kept long ago calls the version a chart. */
function wordsOf(hash: string): URLSearchParams {
  const words = new URLSearchParams(hash.replace(/^#/, ''));
  const old = words.get('chart');
  if (old && !words.has('version_id')) words.set('version_id', old);
  return words;
}

/** The versions of charts that an address is about, if it says any. */
export function versionsIn(hash: string): number[] {
  const words = wordsOf(hash);
  return ['version_id', 'towards'].map((name) => Number(words.get(name)) || 0).filter(Boolean);
}

/** The column that an address goes towards, of its own chart or of another. */
function betweenIn(overview: Overview, { version_id: own }: Settings, words: URLSearchParams) {
  const version = Number(words.get('towards')) || own;
  const columns = chartOf(overview, version)?.columns ?? [];
  const column = columns.find((one) => one.key === words.get('between'))?.key;
  if (!column) return null;
  const share = words.get('way')?.slice(0, 60) ?? '50 %';
  return version === own ? { column, share } : { version_id: version, column, share };
}

/** A mix as it stood before its person changed the units. */
export interface Before {
  overview: Overview;
  settings: Settings;
}

/** What of a mix nobody has typed: its tank's volume and its water's last reading, as shown. */
function untyped({ overview, settings }: Before): Set<string> {
  const tank = overview.tanks.find((one) => one.id === settings.tank);
  const usual = { volume: tank?.volume, bucket: '', ...ofWater(overview, settings.water) };
  return new Set(TYPED.filter((name) => usual[name] === settings[name]));
}

/** Settings from an address; whatever this grow does not have falls back to the usual. */
export function fromHash(
  overview: Overview,
  tank: number,
  hash: string,
  before?: Before,
): Settings {
  const words = wordsOf(hash);
  const number = (name: string) => Number(words.get(name) ?? NaN);
  let settings = usualFor(overview, tank);
  if (!words.has('version_id')) return settings;
  if (overview.waters.some((water) => water.id === number('water')))
    settings = withWater(overview, settings, number('water'));
  const chart = chartOf(overview, number('version_id'));
  const columnOf = (key: string | null) => chart?.columns.find((one) => one.key === key)?.key;
  if (chart) {
    settings.version_id = chart.version_id;
    settings.column = columnOf(words.get('column')) ?? chart.columns[0]?.key ?? '';
  }
  for (const name of PLAIN_TEXTS) settings[name] = words.get(name)?.slice(0, 60) ?? settings[name];
  const units = words.get('units') ?? unitsOf(overview);
  const inOthers = units !== unitsOf(overview);
  const shown = before && inOthers ? untyped(before) : new Set<string>();
  for (const name of TYPED) {
    const text = words.get(name)?.slice(0, 60);
    if (text === undefined || shown.has(name)) continue;
    settings[name] = inOthers ? withUnitsNamed(name, text, units) : text;
  }
  const choose = <T extends string>(name: string, choices: readonly T[], usual: T): T =>
    choices.find((choice) => choice === words.get(name)) ?? usual;
  settings.end = choose('end', ['low', 'middle', 'high'], settings.end);
  settings.calmag = choose('calmag', CUSTOMS.calmag, settings.calmag);
  settings.silica = choose('silica', CUSTOMS.silica, settings.silica);
  settings.live = choose('live', CUSTOMS.live, settings.live);
  settings.rows = choose('rows', CUSTOMS.rows, settings.rows);
  for (const name of SWITCHES) settings[name] = words.get(name) === 'yes';
  const convention = words.get('convention') ?? words.get('school');
  if (convention === 'on_top' || convention === 'all_in' || convention === 'doses_only')
    settings.convention = convention;
  settings.between = betweenIn(overview, settings, words);
  const rows = new Set(chart?.rows.map((row) => row.key));
  const waters = new Set(overview.waters.map((water) => water.id));
  for (const [name, value] of words) {
    const key = name.slice(2);
    if (name.startsWith('x.') && rows.has(key)) settings.overrides[key] = value.slice(0, 60);
    if (name.startsWith('b.') && waters.has(Number(key)) && settings.blend.length < MOST_BLENDED)
      settings.blend.push({ water: Number(key), share: value.slice(0, 60) });
  }
  return settings;
}
