import type { Editing } from './editing.svelte';
import { lines, textAt } from './sheet';

/** Begins to type in the cell under the cursor, with what stands in it then. */
type Begin = (text: string) => void;

const ARROWS: Record<string, [number, number]> = {
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

/** Whether the key was for the sheet. */
export function act(editing: Editing, event: KeyboardEvent, begin: Begin): boolean {
  const { key: pressed, shiftKey } = event;
  const arrow = ARROWS[pressed];
  if (event.ctrlKey || event.metaKey) return actAll(editing, pressed.toLowerCase(), shiftKey);
  if (event.altKey) return arrow ? moveAlong(editing, arrow) : false;
  if (arrow) editing.move(...arrow);
  else if (pressed === 'Tab') return along(editing, shiftKey ? -1 : 1);
  else if (pressed === 'Home') editing.goTo({ line: editing.cursor.line, column: 0 });
  else if (pressed === 'End')
    editing.goTo({ line: editing.cursor.line, column: editing.sheet.columns.length - 1 });
  else return actOnCell(editing, pressed, shiftKey, begin);
  return true;
}

function actOnCell(editing: Editing, pressed: string, shift: boolean, begin: Begin): boolean {
  if (pressed === 'Enter' || pressed === 'F2') begin(textAt(editing.sheet, editing.cursor));
  else if (pressed === 'Delete' || pressed === 'Backspace') editing.type(editing.cursor, '');
  else if (pressed === 'Insert' && shift) editing.insertColumn();
  else if (pressed === 'Insert') editing.insertRow();
  else if (pressed === '=') editing.sameAsLeft();
  else if (pressed.length === 1 && pressed !== '?') begin(pressed);
  else return false;
  return true;
}

function actAll(editing: Editing, pressed: string, shift: boolean): boolean {
  if (pressed === 'y' || (pressed === 'z' && shift)) editing.redo();
  else if (pressed === 'z') editing.undo();
  else if (pressed === 'delete' && shift) editing.removeColumn();
  else if (pressed === 'delete') editing.removeRow();
  else return false;
  return true;
}

function moveAlong(editing: Editing, [down, across]: [number, number]): boolean {
  if (down) editing.moveRow(down);
  else editing.moveColumn(across);
  return true;
}

/** Tab goes on to the next line at the end of one, and leaves the sheet at its ends. */
function along(editing: Editing, by: number): boolean {
  const { line, column } = editing.cursor;
  const next = column + by;
  if (next >= -1 && next < editing.sheet.columns.length) editing.move(0, by);
  else if (line + by < 0 || line + by >= lines(editing.sheet)) return false;
  else editing.goTo({ line: line + by, column: by > 0 ? -1 : editing.sheet.columns.length - 1 });
  return true;
}
