import type { LeafletColumn, LeafletRow, Shapes } from '../api/client';
import { ROLES } from './growing';

export const STAGE_WORDS = {
  seedling: 'seedling',
  leaf: 'leaf',
  transition: 'transition',
  flower: 'flower',
  ripen: 'ripen',
  flush: 'flush',
} as const satisfies Record<NonNullable<LeafletColumn['stage']>, string>;

/** Units of doses as a leaflet prints them, the gallon named. */
export const UNITS = {
  'mL/L': 'mL/L',
  'mL/10L': 'mL/10 L',
  'mL/100L': 'mL/100 L',
  'mL/gal_us': 'mL/gal US',
  'mL/gal_uk': 'mL/gal UK',
  'tsp/L': 'tsp/L',
  'tsp/10L': 'tsp/10 L',
  'tsp/gal_us': 'tsp/gal US',
  'tsp/gal_uk': 'tsp/gal UK',
  'tbsp/10L': 'tbsp/10 L',
  'tbsp/gal_us': 'tbsp/gal US',
  'tbsp/gal_uk': 'tbsp/gal UK',
  'fl_oz/gal_us': 'fl oz/gal US',
  'fl_oz/gal_uk': 'fl oz/gal UK',
  'drop/L': 'drops/L',
  'drop/10L': 'drops/10 L',
  'drop/gal_us': 'drops/gal US',
  'drop/gal_uk': 'drops/gal UK',
  'g/L': 'g/L',
  'g/10L': 'g/10 L',
  'g/100L': 'g/100 L',
  'g/gal_us': 'g/gal US',
  'g/gal_uk': 'g/gal UK',
  'oz/gal_us': 'oz/gal US',
  'oz/gal_uk': 'oz/gal UK',
} as const satisfies Record<NonNullable<LeafletRow['unit']>, string>;

export const READING_MEANS = {
  added: 'added to the water',
  total: 'in all, water included',
  none: 'not printed',
} as const satisfies Record<Shapes['Readings'], string>;

/** What a cell of a pasted table was taken for, with the sign that stands beside it. */
export const CELL_KINDS = {
  title: ['', 'title'],
  heading: ['', 'heading'],
  name: ['', 'bottle or reading'],
  unit: ['', 'unit'],
  dose: ['✓', 'dose'],
  no_dose: ['·', 'nothing goes in'],
  reading: ['✓', 'reading'],
  note: ['“', 'kept as a note'],
  question: ['?', 'open'],
} as const satisfies Record<Shapes['CellKind'], readonly [string, string]>;

/** What an open question offers as answers, in words. */
const ANSWERS: Record<string, string> = {
  us: 'US gallon, 3.785 L',
  uk: 'UK gallon, 4.546 L',
  '500': 'ppm 500',
  '640': 'ppm 640',
  '700': 'ppm 700',
  'uS/cm': 'µS/cm',
  in_doses: 'They are printed for it',
  times: 'Multiply each by it',
  with: 'Read them, too',
  without: 'Leave them out',
  ...UNITS,
};

/** What a row with figures may be. */
export const TAKEN_AS = {
  bottle: 'bottle',
  'reading:ec': 'EC',
  'reading:ph': 'pH',
  note: 'note',
} as const satisfies Record<Shapes['TakenAs'], string>;

/** What an answer is sent as; cells, rows and headings are mended on the sheet. */
export const ASKED: Record<Shapes['Asked'], string | undefined> = {
  gallon_unsaid: 'gallon',
  ppm_scale_unsaid: 'ppm_scale',
  unit_unsaid: 'unit',
  reading_unit_unsaid: 'reading_unit',
  strength_unsaid: 'strength',
  hidden_unsure: 'hidden',
  tables_several: 'table',
  rows_unsure: undefined,
  implausible: undefined,
  cell_unclear: undefined,
  row_unclear: undefined,
  header_unclear: undefined,
};

/** An answer that a leaflet's question offers; units go by any count of litres or gallons. */
export function answerWords(answer: string): string {
  const [, measure, count, per] = /^(\w+)\/(\d*)(L|gal\w*)$/.exec(answer) ?? [];
  const volume = per?.replace('gal_us', 'gal US').replace('gal_uk', 'gal UK');
  return ANSWERS[answer] ?? (volume ? `${measure}/${[count, volume].join(' ').trim()}` : answer);
}

/** One of several tables: its sheet, its title, and how large it is. */
export function tableWords(table: Shapes['FoundTableOut']): string {
  const name = [table.sheet, table.title].filter(Boolean).join(', ') || `Table ${table.index}`;
  return `${name}: ${table.rows} rows, ${table.columns} columns`;
}

/** The line of EC on a sheet. */
export const EC_LINES = {
  added: 'EC added',
  total: 'EC in all',
  none: 'EC',
} as const satisfies Record<Shapes['Readings'], string>;

/** What stands below a bottle's name. */
export function bottleWords(row: LeafletRow): string {
  return `${ROLES[row.role]} · ${row.unit ? UNITS[row.unit] : 'no unit yet'}`;
}
