import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

import type { Meaning } from '../../src/api/client';
import { Editing } from '../../src/charts/typed/editing.svelte';
import { act } from '../../src/charts/typed/keys';
import { amounts, differing, key, marked } from '../../src/charts/typed/marks';
import {
  EMPTY,
  HEADINGS,
  lines,
  newColumn,
  newRow,
  textAt,
  typed,
} from '../../src/charts/typed/sheet';

const { post } = vi.hoisted(() => ({ post: vi.fn() }));
vi.mock('../../src/api/client', () => ({
  answered: async (asked: Promise<{ data?: unknown }>) => {
    const { data } = await asked.catch(() => ({ data: undefined }));
    return data ? { data } : { problem: { code: 'server_silent', message: 'silent', where: '' } };
  },
  api: { POST: post },
}));

const FIRST = HEADINGS.length;
const NOTHING = { cells: [], problems: [], margin: [], guesses: [], fed: [] };

/** Two bottles by three weeks. */
function sheet() {
  let made = EMPTY;
  for (let n = 0; n < 3; n += 1) made = newColumn(made, n);
  for (let n = 0; n < 2; n += 1) {
    made = newRow(made, n);
    made = typed(made, { line: FIRST + n, column: -1 }, `Bottle ${n}`);
    for (let column = 0; column < 3; column += 1)
      made = typed(made, { line: FIRST + n, column }, `${n}${column}`);
  }
  return made;
}

let editing: Editing;
let begun: string | undefined;

function press(pressed: string, held: Partial<KeyboardEvent> = {}): boolean {
  const event = { key: pressed, ctrlKey: false, metaKey: false, altKey: false, shiftKey: false };
  return act(editing, { ...event, ...held } as KeyboardEvent, (text) => (begun = text));
}

const here = () => textAt(editing.sheet, editing.cursor);

beforeEach(() => {
  vi.useFakeTimers();
  begun = undefined;
  post.mockReset().mockResolvedValue({ data: NOTHING });
  editing = new Editing(1, sheet());
});
afterEach(() => vi.useRealTimers());

describe('a sheet while it is typed', () => {
  it('goes back and forth through whatever was done, to the same sheets', () => {
    const places = [0, 2, 3, 4, 5].flatMap((line) =>
      [-1, 0, 2].map((column) => ({ line, column })),
    );
    const does: (() => void)[] = [
      () => editing.insertRow(),
      () => editing.insertColumn(),
      () => editing.moveRow(1),
      () => editing.moveColumn(-1),
      () => editing.sameAsLeft(),
      () => editing.type(editing.cursor, 'seed'),
      () => editing.removeColumn(),
      () => editing.removeRow(),
    ];
    const seen = [editing.sheet];
    for (let turn = 0; turn < 60; turn += 1) {
      const place = places[(turn * 7) % places.length];
      if (place && place.line < lines(editing.sheet)) editing.goTo(place);
      does[(turn * 5) % does.length]?.();
      if (editing.sheet !== seen.at(-1)) seen.push(editing.sheet);
      // whatever is left of a sheet, the cursor stands on it
      expect(editing.cursor.line).toBeLessThan(lines(editing.sheet));
      expect(editing.cursor.column).toBeLessThan(Math.max(editing.sheet.columns.length, 1));
    }
    expect(seen.length).toBeGreaterThan(20);
    for (const before of seen.toReversed().slice(1)) {
      editing.undo();
      expect(editing.sheet).toBe(before);
    }
    expect([editing.canUndo, editing.changed]).toEqual([false, false]);
    for (const after of seen.slice(1)) {
      editing.redo();
      expect(editing.sheet).toBe(after);
    }
    expect(editing.canRedo).toBe(false);
  });

  it('has nothing to redo once something else is typed, and no step where nothing changed', () => {
    editing.type({ line: FIRST, column: 0 }, '9');
    editing.undo();
    editing.type({ line: FIRST, column: 0 }, '00'); // as it stood
    expect(editing.canRedo).toBe(true);
    editing.type({ line: FIRST, column: 1 }, '8');
    expect(editing.canRedo).toBe(false);
    editing.redo();
    expect(textAt(editing.sheet, { line: FIRST, column: 1 })).toBe('8');
  });

  it('keeps what is typed in a cell only when it is left, and then once', () => {
    editing.goTo({ line: FIRST, column: 0 });
    editing.text = '12';
    expect(here()).toBe('00');
    editing.settle();
    editing.settle();
    expect([here(), editing.text]).toEqual(['12', undefined]);
    editing.undo();
    expect(editing.canUndo).toBe(false);
    editing.type({ line: FIRST, column: 0 }, '3');
    editing.settleKept();
    expect(editing.changed).toBe(false);
  });

  it('asks what it means once one pauses, of the last sheet alone', async () => {
    for (const text of ['1', '12', '125']) editing.type({ line: FIRST, column: 0 }, text);
    expect(post).not.toHaveBeenCalled();
    await vi.runAllTimersAsync();
    expect(post).toHaveBeenCalledTimes(1);
    expect(post.mock.calls[0]?.[1].body.leaflet.rows[0].cells[0]).toBe('125');
    expect(editing.meaning).toEqual(NOTHING);
  });

  it('says that the server is silent, and goes on with the sheet', async () => {
    post.mockRejectedValue(new TypeError('Failed to fetch'));
    editing.show({ strength: '50 %' });
    await vi.runAllTimersAsync();
    expect(editing.problem?.code).toBe('server_silent');
    post.mockResolvedValue({ data: NOTHING });
    editing.type({ line: FIRST, column: 0 }, '7');
    await vi.runAllTimersAsync();
    expect(editing.problem).toBeUndefined();
    expect(post.mock.lastCall?.[1].body.strength).toBe('50 %');
  });

  it('takes a role from a name that is typed here, until somebody chooses one', async () => {
    const guess = { role: 'base', group: 'g', rank: 1, oxidiser: false };
    const guesses = [0, 2].map((row) => ({ row, ...guess }));
    post.mockResolvedValue({ data: { ...NOTHING, guesses } });
    editing = new Editing(1, {
      ...sheet(),
      rows: sheet().rows.map((row) => ({ ...row, key: `kept-${row.key}` })),
    });
    editing.goTo({ line: FIRST + 1, column: 0 });
    editing.insertRow();
    editing.type(editing.cursor, 'Marram One');
    await vi.runAllTimersAsync();
    expect(editing.sheet.rows.map((row) => row.role)).toEqual(['additive', 'additive', 'base']);
    editing.choose(2, { role: 'tonic' as never });
    await vi.runAllTimersAsync();
    expect(editing.sheet.rows[2]?.role).toBe('tonic');
    editing.undo(); // the choice
    editing.undo(); // the name, and the role that came of it
    expect(editing.sheet.rows[2]).toMatchObject({ name: '', role: 'additive' });
  });
});

describe('the keys of a sheet', () => {
  it('move about and stop at its edges', () => {
    editing.goTo({ line: 0, column: -1 });
    for (const pressed of ['ArrowUp', 'ArrowLeft']) press(pressed);
    expect(editing.cursor).toEqual({ line: 0, column: -1 });
    press('End');
    press('ArrowRight');
    expect(editing.cursor).toEqual({ line: 0, column: 2 });
    press('Home');
    for (let n = 0; n < 20; n += 1) press('ArrowDown');
    expect(editing.cursor).toEqual({ line: lines(editing.sheet) - 1, column: 0 });
  });

  it('let Tab go through all cells and leave the sheet at both ends', () => {
    editing.goTo({ line: 0, column: -1 });
    const places = [editing.cursor];
    while (press('Tab')) places.push(editing.cursor);
    expect(places.length).toBe(lines(editing.sheet) * (editing.sheet.columns.length + 1));
    const back = [editing.cursor];
    while (press('Tab', { shiftKey: true })) back.push(editing.cursor);
    expect(back).toEqual(places.toReversed());
  });

  it('begin to type with what is there, or with the sign that was pressed', () => {
    editing.goTo({ line: FIRST, column: 2 });
    expect([press('Enter'), begun]).toEqual([true, '02']);
    expect([press('7'), begun]).toEqual([true, '7']);
    expect(press('?')).toBe(false); // asks for the keys
    expect(press('Escape')).toBe(false);
    press('=');
    expect(here()).toBe('01');
    press('Delete');
    expect(here()).toBe('');
  });

  it.each([
    ['z', {}, () => editing.sheet.rows[0]?.cells[0], '00'],
    ['Z', { shiftKey: true }, () => editing.sheet.rows[0]?.cells[0], '5'],
  ] as const)('with Ctrl, %s takes back or repeats', (pressed, held, told, wanted) => {
    editing.type({ line: FIRST, column: 0 }, '5');
    press('z', { ctrlKey: true });
    if (pressed === 'Z') press(pressed, { ctrlKey: true, ...held });
    expect(told()).toBe(wanted);
    expect(press('s', { ctrlKey: true })).toBe(false); // the browser's own
  });

  it('put rows and columns in, away and elsewhere, and the cursor goes with them', () => {
    editing.goTo({ line: FIRST, column: 1 });
    press('ArrowDown', { altKey: true });
    expect(editing.sheet.rows.map((row) => row.name)).toEqual(['Bottle 1', 'Bottle 0']);
    press('ArrowRight', { altKey: true });
    expect([here(), editing.sheet.rows[1]?.cells]).toEqual(['01', ['00', '02', '01']]);
    expect(press('a', { altKey: true })).toBe(false);
    press('Insert');
    expect(editing.sheet.rows).toHaveLength(3);
    press('Delete', { ctrlKey: true });
    press('Insert', { shiftKey: true });
    expect(editing.sheet.columns).toHaveLength(4);
    press('Delete', { ctrlKey: true, shiftKey: true });
    expect(editing.sheet.rows.map((row) => row.cells)).toEqual([
      ['10', '12', '11'],
      ['00', '02', '01'],
    ]);
  });
});

describe('the margin of a sheet', () => {
  it('shows what cells come to, and marks the cell each finding is about', () => {
    const cells = [{ row: 1, column: 2, shown: '34 mL' }];
    expect(amounts({ ...NOTHING, cells } as unknown as Meaning)).toEqual(
      new Map([[key(FIRST + 1, 2), '34 mL']]),
    );
    expect(amounts(undefined).size).toBe(0);
    const found = [
      { row: 1, column: 0, part: 'cell' },
      { row: 0, column: null, part: 'name' },
      { row: null, column: 2, part: 'ec' },
      { row: null, column: 1, part: 'stage' },
      { row: null, column: null, part: 'cell' }, // of the whole leaflet
    ] as Meaning['problems'];
    expect(marked(editing.sheet, found)).toEqual(
      new Set([key(FIRST + 1, 0), key(FIRST, -1), key(FIRST + 2, 2), key(1, 1)]),
    );
  });

  it('marks what differs from another version, by rows and columns wherever they stand now', () => {
    const { rows, columns } = editing.sheet;
    const differs = [
      { product: rows[1]?.key ?? '', column: columns[2]?.key ?? '' },
      { product: rows[0]?.key ?? '', column: null },
      { product: null, column: columns[0]?.key ?? '' },
    ];
    editing.goTo({ line: FIRST + 1, column: 0 });
    editing.moveRow(-1);
    expect(differing(editing.sheet, differs)).toEqual(
      new Set([key(FIRST, 2), key(FIRST + 1, -1), key(0, 0)]),
    );
  });
});
