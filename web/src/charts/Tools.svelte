<script lang="ts">
  import type { Editing } from './editing.svelte';

  /** What is done to bottles and columns as a whole, with the keys that do it. */
  let { editing }: { editing: Editing } = $props();

  const bottle = $derived(editing.bottle !== undefined);
  const column = $derived(editing.cursor.column >= 0);
</script>

<div class="tools" role="toolbar" aria-label="The sheet">
  <span>Bottle</span>
  <button type="button" onclick={() => editing.insertRow()} title="Insert" aria-label="Add a bottle"
    >add</button
  >
  <button
    type="button"
    onclick={() => editing.moveRow(-1)}
    disabled={!bottle}
    title="Alt ↑"
    aria-label="Bottle up">↑</button
  >
  <button
    type="button"
    onclick={() => editing.moveRow(1)}
    disabled={!bottle}
    title="Alt ↓"
    aria-label="Bottle down">↓</button
  >
  <button
    type="button"
    onclick={() => editing.removeRow()}
    disabled={!bottle}
    title="Ctrl Delete"
    aria-label="delete the bottle">delete</button
  >
  <span>Column</span>
  <button
    type="button"
    onclick={() => editing.insertColumn()}
    title="Shift Insert"
    aria-label="Add a column">add</button
  >
  <button
    type="button"
    onclick={() => editing.moveColumn(-1)}
    disabled={!column}
    title="Alt ←"
    aria-label="Column to the left">←</button
  >
  <button
    type="button"
    onclick={() => editing.moveColumn(1)}
    disabled={!column}
    title="Alt →"
    aria-label="Column to the right">→</button
  >
  <button
    type="button"
    onclick={() => editing.removeColumn()}
    disabled={!column}
    title="Ctrl Shift Delete"
    aria-label="delete the column">delete</button
  >
  <button
    type="button"
    class="apart"
    onclick={() => editing.sameAsLeft()}
    disabled={editing.cursor.column < 1}
    title="=">same as left</button
  >
  <button type="button" onclick={() => editing.undo()} disabled={!editing.canUndo} title="Ctrl Z"
    >Undo</button
  >
  <button type="button" onclick={() => editing.redo()} disabled={!editing.canRedo} title="Ctrl Y"
    >Redo</button
  >
</div>

<style>
  .tools {
    display: flex;
    flex-wrap: wrap;
    gap: 2px;
    align-items: center;
    font-size: 0.875rem;
    color: var(--faded);
  }

  span {
    margin-left: 8px;
  }

  span:first-child {
    margin-left: 0;
  }

  button {
    min-width: 32px;
    min-height: 32px;
    padding: 0 8px;
    text-decoration: underline;
    text-decoration-color: var(--rule);
    text-underline-offset: 4px;
  }

  button:hover:enabled {
    background: var(--sheet);
  }

  button:disabled {
    opacity: 0.5;
    cursor: default;
  }

  .apart {
    margin-left: auto;
  }
</style>
