<script lang="ts">
  import { tick } from 'svelte';

  import { bottleWords, EC_LINES, STAGE_WORDS } from '../../words/charts';
  import type { Editing } from './editing.svelte';
  import { act } from './keys';
  import Typing from './Typing.svelte';
  import { amounts, differing, key, marked } from './marks';
  import { cellsOf, HEADINGS, pasted, type Place, READINGS, saidAt, textAt } from './sheet';

  let { editing, readingUnit }: { editing: Editing; readingUnit: string } = $props();

  const id = $props.id();
  const sheet = $derived(editing.sheet);
  const cursor = $derived(editing.cursor);
  const first = HEADINGS.length;
  const readings = $derived(first + sheet.rows.length);
  const ec = $derived(`${EC_LINES[sheet.readings]}, ${readingUnit}`);

  let table = $state<HTMLTableElement>();

  const shown = $derived(amounts(editing.meaning));
  const asked = $derived(marked(sheet, editing.meaning?.problems ?? []));
  const odd = $derived(marked(sheet, editing.meaning?.margin ?? []));
  const other = $derived(differing(sheet, editing.differs));

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

  function press(event: KeyboardEvent) {
    if (editing.text !== undefined || !act(editing, event, (text) => void begin(text))) return;
    event.preventDefault();
    event.stopPropagation();
    void tick().then(reveal);
  }

  /** A copied part of a table is laid over the sheet from the cursor on. */
  function paste(event: ClipboardEvent) {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (editing.text !== undefined || !text.trim()) return;
    event.preventDefault();
    editing.change(pasted(sheet, cursor, cellsOf(text)));
  }
</script>

{#snippet cell(line: number, column: number, text: string, below: string)}
  {@const here = cursor.line === line && cursor.column === column}
  {@const place = key(line, column)}
  <td
    role={column < 0 ? 'rowheader' : 'gridcell'}
    id="{id}-{line}-{column}"
    class={{
      name: column < 0,
      here,
      asked: asked.has(place),
      odd: odd.has(place),
      other: other.has(place),
    }}
    aria-selected={here}
    onclick={() => goTo({ line, column }, false)}
    ondblclick={() => goTo({ line, column }, true)}
  >
    {#if here && editing.text !== undefined}
      <Typing {editing} onleave={leave} oncancel={() => table?.focus()} />
    {:else}
      <b>{text}</b>
    {/if}
    <small
      >{asked.has(place)
        ? '? '
        : odd.has(place)
          ? '△ '
          : other.has(place)
            ? '≠ '
            : ''}{below}</small
    >
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
        <tr>
          {@render cell(line, -1, row.name || '…', bottleWords(row))}
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
  {saidAt(sheet, cursor)}
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
    font-size: var(--type-small);
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
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  .days td,
  .days th {
    border-bottom: 2px solid var(--ink);
  }

  th {
    font-size: var(--type-quiet);
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

  .other {
    box-shadow: inset 4px 0 0 var(--water-wash);
  }

  .asked small,
  .odd small {
    color: var(--heed);
    font-weight: 700;
  }
</style>
