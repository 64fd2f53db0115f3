import { describe, expect, it } from 'vitest';

import {
  cellsOf,
  EMPTY,
  fieldAt,
  HEADINGS,
  lines,
  movedColumn,
  movedRow,
  newColumn,
  newRow,
  pasted,
  stageOf,
  textAt,
  typed,
  withoutColumn,
  withoutRow,
} from '../../src/charts/typed/sheet';

const FIRST = HEADINGS.length;

/** Three bottles by four weeks, each cell with its place in it. */
function sheet() {
  let made = EMPTY;
  for (let n = 0; n < 4; n += 1) made = newColumn(made, n);
  for (let n = 0; n < 3; n += 1) made = newRow(made, n);
  for (let row = 0; row < 3; row += 1) {
    made = typed(made, { line: FIRST + row, column: -1 }, `Bottle ${row}`);
    for (let column = 0; column < 4; column += 1)
      made = typed(made, { line: FIRST + row, column }, `${row}${column}`);
  }
  return made;
}

function grid(of: ReturnType<typeof sheet>) {
  return of.rows.map((row) => [row.name, ...row.cells].join(' '));
}

describe('a typed sheet', () => {
  it('has headings above, bottles, and readings below', () => {
    const made = sheet();
    expect(lines(made)).toBe(3 + 3 + 2);
    expect([0, 1, 2, 6, 7].map((line) => fieldAt(made, line))).toEqual([
      'label',
      'stage',
      'days',
      'ec',
      'ph',
    ]);
    expect(textAt(typed(made, { line: 6, column: 2 }, ' 1.4 '), { line: 6, column: 2 })).toBe(
      '1.4',
    );
  });

  it('keeps each dose with its week when columns come, go and move', () => {
    const made = sheet();
    expect(grid(newColumn(made, 1))[0]).toBe('Bottle 0 00  01 02 03');
    expect(grid(withoutColumn(made, 1))[1]).toBe('Bottle 1 10 12 13');
    const turned = movedColumn(made, 3, 0);
    expect(grid(turned)[2]).toBe('Bottle 2 23 20 21 22');
    expect(turned.columns.map((one) => one.label)[0]).toBe('Week 4');
    expect(grid(movedColumn(turned, 0, 3))).toEqual(grid(made));
  });

  it('keeps a row whole when it moves, and forgets what waited for one that is gone', () => {
    const made = sheet();
    expect(grid(movedRow(made, 2, 0))[0]).toBe('Bottle 2 20 21 22 23');
    const [first, second] = made.rows;
    const waiting = {
      ...made,
      rows: made.rows.map((row) => ({ ...row, after: [first?.key ?? ''] })),
    };
    expect(withoutRow(waiting, 0).rows.map((row) => row.after)).toEqual([[], []]);
    expect(withoutRow(waiting, 0).rows[0]?.key).toBe(second?.key);
  });

  it('gives every new bottle and week a key of its own', () => {
    let made = sheet();
    made = newRow(withoutRow(newRow(made, 1), 0), 0);
    made = newColumn(withoutColumn(newColumn(made, 2), 0), 1);
    for (const keys of [made.rows.map((row) => row.key), made.columns.map((one) => one.key)])
      expect(new Set(keys).size).toBe(keys.length);
  });

  it('takes a copied part from the cursor on, and grows as it needs', () => {
    const texts = cellsOf('5\t6\r\n7\t8\r\n');
    expect(texts).toEqual([
      ['5', '6'],
      ['7', '8'],
    ]);
    const made = pasted(sheet(), { line: FIRST + 2, column: 3 }, texts);
    expect(made.columns).toHaveLength(5);
    expect(made.rows).toHaveLength(4);
    expect(grid(made).slice(2)).toEqual(['Bottle 2 20 21 22 5 6', '    7 8'].map((one) => one));
    expect(grid(pasted(sheet(), { line: FIRST, column: -1 }, [['Silica', '1']]))[0]).toBe(
      'Silica 1 01 02 03',
    );
  });

  it('finds a stage by its first letters', () => {
    expect([stageOf('fl'), stageOf('Flus'), stageOf(''), stageOf('x')]).toEqual([
      'flower',
      'flush',
      null,
      null,
    ]);
  });
});
