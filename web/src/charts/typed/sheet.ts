import type { Leaflet, LeafletColumn, LeafletRow } from '../../api/client';

/**
 * A leaflet's lines from the top, and what each holds: columns' labels, stages and days, the bottles,
 * and below them the readings. The place of a cell is a line and a column; column -1 is the name.
 */
export interface Place {
  line: number;
  column: number;
}

/** Lines above the bottles. */
export const HEADINGS = ['label', 'stage', 'days'] as const;
/** Lines below them. */
export const READINGS = ['ec', 'ph'] as const;

export const STAGES = ['seedling', 'leaf', 'transition', 'flower', 'ripen', 'flush'] as const;

/** Signs of a name or a figure, as the server takes them. */
export const LONGEST = 60;

export function lines(sheet: Leaflet): number {
  return HEADINGS.length + sheet.rows.length + READINGS.length;
}

/** Which bottle a line is, if it is one. */
export function bottleAt(sheet: Leaflet, line: number): number | undefined {
  const at = line - HEADINGS.length;
  return at >= 0 && at < sheet.rows.length ? at : undefined;
}

/** Which field of a column a line holds, if it is no bottle's. */
export function fieldAt(sheet: Leaflet, line: number): keyof LeafletColumn | undefined {
  return HEADINGS[line] ?? READINGS[line - HEADINGS.length - sheet.rows.length];
}

export function textAt(sheet: Leaflet, { line, column }: Place): string {
  const bottle = bottleAt(sheet, line);
  if (column < 0) return bottle === undefined ? '' : (sheet.rows[bottle]?.name ?? '');
  if (bottle !== undefined) return sheet.rows[bottle]?.cells[column] ?? '';
  const field = fieldAt(sheet, line);
  return (field && sheet.columns[column]?.[field]) || '';
}

/** The sheet with a text in a cell; a stage is found by its first letters. */
export function typed(sheet: Leaflet, { line, column }: Place, text: string): Leaflet {
  const bottle = bottleAt(sheet, line);
  if (bottle !== undefined) {
    return column < 0
      ? withRow(sheet, bottle, { name: text.trim() })
      : withRow(sheet, bottle, { cells: put(sheet, bottle, column, text.trim()) });
  }
  const field = fieldAt(sheet, line);
  if (column < 0 || !field) return sheet;
  const value = field === 'stage' ? stageOf(text) : text.trim();
  return withColumn(sheet, column, { [field]: value });
}

function put(sheet: Leaflet, bottle: number, column: number, text: string): string[] {
  const cells = sheet.columns.map((_, at) => sheet.rows[bottle]?.cells[at] ?? '');
  cells[column] = text;
  return cells;
}

export function stageOf(text: string): LeafletColumn['stage'] {
  const start = text.trim().toLowerCase();
  return start ? (STAGES.find((stage) => stage.startsWith(start)) ?? null) : null;
}

export function withRow(sheet: Leaflet, at: number, change: Partial<LeafletRow>): Leaflet {
  return { ...sheet, rows: sheet.rows.map((row, n) => (n === at ? { ...row, ...change } : row)) };
}

export function withColumn(sheet: Leaflet, at: number, change: Partial<LeafletColumn>): Leaflet {
  const columns = sheet.columns.map((column, n) => (n === at ? { ...column, ...change } : column));
  return { ...sheet, columns };
}

/** A short name for programs that nothing else on the sheet has. */
function fresh(start: string, taken: string[]): string {
  let number = taken.length + 1;
  while (taken.includes(`${start}${number}`)) number += 1;
  return `${start}${number}`;
}

export function newRow(sheet: Leaflet, at: number): Leaflet {
  const row: LeafletRow = {
    key: fresh(
      'bottle-',
      sheet.rows.map((one) => one.key),
    ),
    name: '',
    role: 'additive',
    form: 'liquid',
    group: '',
    rank: 0,
    scales: null,
    after: [],
    wait_min: null,
    oxidiser: false,
    settles: false,
    unit: sheet.rows[at - 1]?.unit ?? sheet.rows[0]?.unit ?? null,
    cells: sheet.columns.map(() => ''),
  };
  return { ...sheet, rows: sheet.rows.toSpliced(at, 0, row) };
}

export function newColumn(sheet: Leaflet, at: number): Leaflet {
  const column: LeafletColumn = {
    key: fresh(
      'w',
      sheet.columns.map((one) => one.key),
    ),
    label: `Week ${sheet.columns.length + 1}`,
    days: '7',
    stage: sheet.columns[at - 1]?.stage ?? null,
    ec: '',
    ph: '',
  };
  return {
    ...sheet,
    columns: sheet.columns.toSpliced(at, 0, column),
    rows: sheet.rows.map((row) => ({ ...row, cells: filled(row, sheet).toSpliced(at, 0, '') })),
  };
}

function filled(row: LeafletRow, sheet: Leaflet): string[] {
  return sheet.columns.map((_, at) => row.cells[at] ?? '');
}

/** What goes in after a bottle that was removed has nothing left to wait for. */
export function withoutRow(sheet: Leaflet, at: number): Leaflet {
  const gone = sheet.rows[at]?.key;
  const rows = sheet.rows
    .toSpliced(at, 1)
    .map((row) => ({ ...row, after: row.after.filter((key) => key !== gone) }));
  return { ...sheet, rows };
}

export function withoutColumn(sheet: Leaflet, at: number): Leaflet {
  return {
    ...sheet,
    columns: sheet.columns.toSpliced(at, 1),
    rows: sheet.rows.map((row) => ({ ...row, cells: filled(row, sheet).toSpliced(at, 1) })),
  };
}

function moved<Thing>(things: readonly Thing[], from: number, to: number): Thing[] {
  const [one] = things.slice(from, from + 1);
  return one === undefined ? [...things] : things.toSpliced(from, 1).toSpliced(to, 0, one);
}

export function movedRow(sheet: Leaflet, from: number, to: number): Leaflet {
  return { ...sheet, rows: moved(sheet.rows, from, to) };
}

export function movedColumn(sheet: Leaflet, from: number, to: number): Leaflet {
  return {
    ...sheet,
    columns: moved(sheet.columns, from, to),
    rows: sheet.rows.map((row) => ({ ...row, cells: moved(filled(row, sheet), from, to) })),
  };
}

/** Texts laid over a part of the sheet from a place on; lines and columns grow as they need. */
export function pasted(sheet: Leaflet, from: Place, texts: string[][]): Leaflet {
  let made = sheet;
  const wide = Math.max(...texts.map((row) => row.length));
  while (made.columns.length < from.column + wide) made = newColumn(made, made.columns.length);
  for (const [down, row] of texts.entries()) {
    let line = from.line + down;
    if (bottleAt(sheet, from.line) !== undefined && bottleAt(made, line) === undefined) {
      made = newRow(made, made.rows.length);
      line = HEADINGS.length + made.rows.length - 1;
    }
    for (const [across, text] of row.entries()) {
      made = typed(made, { line, column: from.column + across }, text.slice(0, LONGEST));
    }
  }
  return made;
}

/** Rows of a clipboard's text. */
export function cellsOf(text: string): string[][] {
  const plain = text.replace(/\r\n?/g, '\n').replace(/\n$/, '');
  return plain.split('\n').map((line) => line.split('\t').map((cell) => cell.trim()));
}

export const EMPTY: Leaflet = {
  name: '',
  maker: '',
  medium: 'water',
  readings: 'added',
  rows_are_order: false,
  reading_unit: 'mS/cm',
  ppm_scale: null,
  rows: [],
  columns: [],
  notes: [],
};

/** The chart kept last on this page: its sheet, at an address of its own now, shows the way on. */
export const justKept = { chart: 0 };

/** What its EC row is typed in, the ppm scale named. */
export function readingWords(sheet: Leaflet): string {
  return sheet.reading_unit === 'ppm' ? `ppm ${sheet.ppm_scale ?? ''}` : sheet.reading_unit;
}

/** A cell in words, for who hears the sheet. */
export function saidAt(sheet: Leaflet, place: Place): string {
  const bottle = bottleAt(sheet, place.line);
  const line = bottle === undefined ? (fieldAt(sheet, place.line) ?? '') : sheet.rows[bottle]?.name;
  const column = sheet.columns[place.column]?.label ?? 'name';
  return `${line}, ${column}: ${textAt(sheet, place) || 'blank'}`;
}
