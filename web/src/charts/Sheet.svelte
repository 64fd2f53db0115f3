<script lang="ts">
  import { tick } from 'svelte';

  import type { Meaning } from '../api/client';
  import { ROLES } from '../words/growing';
  import { STAGE_WORDS, UNITS } from '../words/charts';
  import type { Editing } from './editing.svelte';
  import {
    bottleAt,
    cellsOf,
    HEADINGS,
    lines,
    pasted,
    type Place,
    READINGS,
    textAt,
  } from './sheet';

  let { editing, readingUnit }: { editing: Editing; readingUnit: string } = $props();

  const id = $props.id();
  const sheet = $derived(editing.sheet);
  const cursor = $derived(editing.cursor);
  const first = HEADINGS.length;
  const last = $derived(sheet.columns.length - 1);
  const readings = $derived(first + sheet.rows.length);
  const ec = $derived(
    {
      added: `EC added, ${readingUnit}`,
      total: `EC in all, ${readingUnit}`,
      none: `EC, ${readingUnit}`,
    }[sheet.readings],
  );

  let table = $state<HTMLTableElement>();

  /** Places are looked up once for each cell: a line and a column in one number. */
  const key = (line: number, column: number) => line * 1000 + column + 1;
  const shown = $derived(
    new Map(editing.meaning?.cells.map((c) => [key(first + c.row, c.column), c.shown])),
  );
  const asked = $derived(marks(editing.meaning?.problems ?? []));
  const odd = $derived(marks(editing.meaning?.margin ?? []));

  function marks(found: (Meaning['problems'][number] | Meaning['margin'][number])[]) {
    return new Set(found.flatMap((one) => placeOf(one, 'part' in one ? one.part : 'cell')));
  }

  function placeOf(one: { row: number | null; column: number | null }, part: string): number[] {
    if (one.row !== null) return [key(first + one.row, part === 'name' ? -1 : (one.column ?? -1))];
    return one.column === null ? [] : [key(lineOf(part), one.column)];
  }

  function lineOf(part: string): number {
    const at = HEADINGS.indexOf(part as never);
    return at >= 0 ? at : part === 'cell' ? 0 : readings + READINGS.indexOf(part as never);
  }

  function goTo(place: Place, edit: boolean) {
    if (editing.text !== undefined) editing.settle();
    const again = place.line === cursor.line && place.column === cursor.column;
    editing.goTo(place);
    if (edit || again) return begin(textAt(editing.sheet, place));
    table?.focus();
  }

  async function begin(text: string) {
    editing.text = text;
    await tick();
    reveal();
  }

  async function leave(down: number, across: number) {
    editing.settle();
    editing.move(down, across);
    await tick();
    table?.focus();
    reveal();
  }

  function reveal() {
    document
      .getElementById(`${id}-${cursor.line}-${cursor.column}`)
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }

  const ARROWS: Record<string, [number, number]> = {
    ArrowDown: [1, 0],
    ArrowUp: [-1, 0],
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
  };

  function press(event: KeyboardEvent) {
    if (editing.text !== undefined || !act(event)) return;
    event.preventDefault();
    event.stopPropagation();
    void tick().then(reveal);
  }

  /** Whether the key was for the sheet. */
  function act(event: KeyboardEvent): boolean {
    const { key: pressed, shiftKey } = event;
    const arrow = ARROWS[pressed];
    if (event.ctrlKey || event.metaKey) return actAll(pressed.toLowerCase(), shiftKey);
    if (event.altKey) return arrow ? moveAlong(arrow) : false;
    if (arrow) editing.move(...arrow);
    else if (pressed === 'Tab') return along(shiftKey ? -1 : 1);
    else if (pressed === 'Home') editing.goTo({ line: cursor.line, column: 0 });
    else if (pressed === 'End') editing.goTo({ line: cursor.line, column: last });
    else return actOnCell(pressed, shiftKey);
    return true;
  }

  function actOnCell(pressed: string, shift: boolean): boolean {
    if (pressed === 'Enter' || pressed === 'F2') void begin(textAt(sheet, cursor));
    else if (pressed === 'Delete' || pressed === 'Backspace') editing.type(cursor, '');
    else if (pressed === 'Insert' && shift) editing.insertColumn();
    else if (pressed === 'Insert') editing.insertRow();
    else if (pressed === '=') editing.sameAsLeft();
    else if (pressed.length === 1 && pressed !== '?') void begin(pressed);
    else return false;
    return true;
  }

  function actAll(pressed: string, shift: boolean): boolean {
    if (pressed === 'y' || (pressed === 'z' && shift)) editing.redo();
    else if (pressed === 'z') editing.undo();
    else if (pressed === 'delete' && shift) editing.removeColumn();
    else if (pressed === 'delete') editing.removeRow();
    else return false;
    return true;
  }

  function moveAlong([down, across]: [number, number]): boolean {
    if (down) editing.moveRow(down);
    else editing.moveColumn(across);
    return true;
  }

  /** Tab goes on to the next line at the end of one, and leaves the sheet at its ends. */
  function along(by: number): boolean {
    const { line, column } = cursor;
    const next = column + by;
    if (next >= -1 && next < sheet.columns.length) editing.move(0, by);
    else if (line + by < 0 || line + by >= lines(sheet)) return false;
    else editing.goTo({ line: line + by, column: by > 0 ? -1 : sheet.columns.length - 1 });
    return true;
  }

  function typing(event: KeyboardEvent) {
    if (event.key === 'Enter') void leave(event.shiftKey ? -1 : 1, 0);
    else if (event.key === 'Tab') void leave(0, event.shiftKey ? -1 : 1);
    else if (event.key === 'Escape') cancel();
    else return event.stopPropagation();
    event.preventDefault();
    event.stopPropagation();
  }

  function cancel() {
    editing.text = undefined;
    table?.focus();
  }

  /** A copied part of a table is laid over the sheet from the cursor on. */
  function paste(event: ClipboardEvent) {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (editing.text !== undefined || !text.trim()) return;
    event.preventDefault();
    editing.change(pasted(sheet, cursor, cellsOf(text)));
  }

  function enter(input: HTMLInputElement) {
    input.focus();
    // What was typed over a cell goes on behind the letter, what is edited is chosen whole.
    if (editing.text === textAt(sheet, cursor)) input.select();
  }

  function bottleWords(at: number): string {
    const row = sheet.rows[at];
    if (!row) return '';
    const unit = row.unit ? UNITS[row.unit] : 'no unit yet';
    return `${ROLES[row.role]} · ${unit}`;
  }
</script>

{#snippet field(line: number, column: number)}
  <input
    class="typing"
    aria-label={column < 0 ? 'Name' : 'Cell'}
    bind:value={editing.text}
    maxlength={column < 0 || line === 0 ? 60 : 60}
    autocomplete="off"
    spellcheck="false"
    onkeydown={typing}
    onblur={() => editing.settle()}
    {@attach enter}
  />
{/snippet}

{#snippet cell(line: number, column: number, text: string, below: string)}
  {@const here = cursor.line === line && cursor.column === column}
  {@const place = key(line, column)}
  <td
    role="gridcell"
    id="{id}-{line}-{column}"
    class={{ here, asked: asked.has(place), odd: odd.has(place) }}
    aria-selected={here}
    onclick={() => goTo({ line, column }, false)}
    ondblclick={() => goTo({ line, column }, true)}
  >
    {#if here && editing.text !== undefined}
      {@render field(line, column)}
    {:else}
      <b>{text}</b>
    {/if}
    <small>{asked.has(place) ? '? ' : odd.has(place) ? '△ ' : ''}{below}</small>
  </td>
{/snippet}

<div class="paper">
  <table
    bind:this={table}
    {@attach (grid) => grid.focus({ preventScroll: true })}
    role="grid"
    tabindex="0"
    aria-label="The leaflet"
    aria-activedescendant="{id}-{cursor.line}-{cursor.column}"
    onkeydown={press}
    onpaste={paste}
  >
    <thead>
      {#each HEADINGS as heading, line (heading)}
        <tr class={heading}>
          <th scope="row" role="rowheader"
            >{{ label: 'bottle', stage: 'stage', days: 'days' }[heading]}</th
          >
          {#each sheet.columns as column, at (column.key)}
            {@render cell(
              line,
              at,
              heading === 'stage'
                ? column.stage
                  ? STAGE_WORDS[column.stage]
                  : ''
                : column[heading],
              '',
            )}
          {/each}
        </tr>
      {/each}
    </thead>
    <tbody>
      {#each sheet.rows as row, at (row.key)}
        {@const line = first + at}
        {@const here = cursor.line === line && cursor.column === -1}
        <tr>
          <td
            role="rowheader"
            class={['name', { here, asked: asked.has(key(line, -1)), odd: odd.has(key(line, -1)) }]}
            id="{id}-{line}--1"
            onclick={() => goTo({ line, column: -1 }, false)}
            ondblclick={() => goTo({ line, column: -1 }, true)}
          >
            {#if here && editing.text !== undefined}
              {@render field(line, -1)}
            {:else}
              <b>{row.name || '…'}</b>
            {/if}
            <small>{bottleWords(at)}</small>
          </td>
          {#each sheet.columns as column, place (column.key)}
            {@render cell(line, place, row.cells[place] ?? '', shown.get(key(line, place)) ?? '')}
          {/each}
        </tr>
      {/each}
      {#each READINGS as reading, n (reading)}
        <tr class="reading">
          <th scope="row" role="rowheader">{reading === 'ec' ? ec : 'pH'}</th>
          {#each sheet.columns as column, at (column.key)}
            {@render cell(readings + n, at, column[reading], '')}
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<p class="unseen" role="status">
  {bottleAt(sheet, cursor.line) === undefined
    ? ''
    : sheet.rows[bottleAt(sheet, cursor.line) ?? 0]?.name},
  {sheet.columns[cursor.column]?.label ?? 'name'}: {textAt(sheet, cursor) || 'blank'}
  {shown.get(key(cursor.line, cursor.column)) ?? ''}
</p>

<style>
  .paper {
    max-height: 70vh;
    overflow: auto;
    background: var(--sheet);
    border: 1px solid var(--rule);
  }

  table {
    border-collapse: separate;
    border-spacing: 0;
    min-width: 100%;
  }

  table:focus-visible {
    outline-offset: -3px;
  }

  td,
  th {
    min-width: 64px;
    height: 40px;
    padding: 2px 7px;
    text-align: left;
    vertical-align: top;
    line-height: 1.25;
    border-bottom: 1px solid var(--rule);
  }

  td {
    position: relative;
    cursor: cell;
  }

  td b {
    display: block;
    min-height: 1.25em;
    white-space: nowrap;
    font-family: var(--figures);
  }

  td small {
    display: block;
    min-height: 1.2em;
    font-size: 0.8125rem;
    line-height: 1.2;
    font-variant-numeric: tabular-nums;
    color: var(--faded);
    white-space: nowrap;
  }

  thead td,
  thead th,
  .reading td,
  .reading th {
    height: 28px;
    background: var(--sheet);
  }

  thead small,
  .reading small {
    display: none;
  }

  thead .asked small,
  .reading .asked small,
  thead .odd small {
    display: block;
  }

  thead td b,
  .name b {
    font-family: var(--text);
  }

  .stage td b,
  .days td b {
    font-weight: 400;
    font-size: 0.875rem;
    color: var(--faded);
  }

  .days td,
  .days th {
    border-bottom: 2px solid var(--ink);
  }

  th {
    font-size: 0.875rem;
    font-weight: 400;
    color: var(--faded);
  }

  .reading th,
  .reading td b {
    color: var(--water);
    font-weight: 700;
  }

  th,
  .name {
    position: sticky;
    left: 0;
    z-index: 1;
    min-width: 150px;
    background: var(--sheet);
    border-right: 1px solid var(--rule);
  }

  .name b {
    max-width: 16rem;
    overflow: hidden;
    text-overflow: ellipsis;
  }

  .name small {
    font-family: var(--text);
  }

  .here::after {
    content: '';
    position: absolute;
    inset: 0;
    border: 3px solid var(--water);
    pointer-events: none;
  }

  .asked {
    background: #f6e9d4;
  }

  .asked small,
  .odd small {
    color: var(--heed);
    font-weight: 700;
  }

  .typing {
    width: 100%;
    min-width: 64px;
    padding: 0;
    font: 700 1rem/1.25 var(--figures);
    background: none;
    border: 0;
    outline: none;
  }
</style>
