import type { Leaflet, Meaning } from '../../api/client';
import { HEADINGS, READINGS } from './sheet';

/** A line and a column in one number, by which a cell is looked up while a sheet is drawn. */
export function key(line: number, column: number): number {
  return line * 1000 + column + 1;
}

/** What cells come to in the tank. */
export function amounts(meaning: Meaning | undefined): Map<number, string> {
  return new Map(
    meaning?.cells.map((cell) => [key(HEADINGS.length + cell.row, cell.column), cell.shown]),
  );
}

/** The cells that something in the margin is about. */
export function marked(
  sheet: Leaflet,
  found: (Meaning['problems'][number] | Meaning['margin'][number])[],
): Set<number> {
  return new Set(found.flatMap((one) => placeOf(sheet, one, 'part' in one ? one.part : 'cell')));
}

/** The cells that differ from the version beside the sheet. */
export function differing(
  sheet: Leaflet,
  found: { product: string | null; column: string | null }[],
): Set<number> {
  const rows = new Map(sheet.rows.map((row, at) => [row.key, at]));
  const columns = new Map(sheet.columns.map((column, at) => [column.key, at]));
  return new Set(
    found.map(({ product, column }) => {
      const row = rows.get(product ?? '');
      const across = columns.get(column ?? '') ?? -1;
      return key(row === undefined ? 0 : HEADINGS.length + row, across);
    }),
  );
}

function placeOf(
  sheet: Leaflet,
  { row, column }: { row: number | null; column: number | null },
  part: string,
): number[] {
  if (row !== null) return [key(HEADINGS.length + row, part === 'name' ? -1 : (column ?? -1))];
  return column === null ? [] : [key(lineOf(sheet, part), column)];
}

function lineOf(sheet: Leaflet, part: string): number {
  const reading = READINGS.findIndex((one) => one === part);
  if (reading >= 0) return HEADINGS.length + sheet.rows.length + reading;
  return Math.max(
    0,
    HEADINGS.findIndex((one) => one === part),
  );
}
