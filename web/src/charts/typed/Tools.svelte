<script lang="ts">
  import type { Editing } from './editing.svelte';
  import Button from '../../parts/Button.svelte';

  /** What is done to bottles and columns as a whole, with the keys that do it. */
  let { editing }: { editing: Editing } = $props();

  const bottle = $derived(editing.bottle !== undefined);
  const column = $derived(editing.cursor.column >= 0);
</script>

<div class="tools" role="toolbar" aria-label="The sheet">
  <span>Bottle</span>
  <Button size="small" onclick={() => editing.insertRow()} title="Insert" aria-label="Add a bottle"
    >add</Button
  >
  <Button
    size="small"
    onclick={() => editing.moveRow(-1)}
    disabled={!bottle}
    title="Alt ↑"
    aria-label="Bottle up">↑</Button
  >
  <Button
    size="small"
    onclick={() => editing.moveRow(1)}
    disabled={!bottle}
    title="Alt ↓"
    aria-label="Bottle down">↓</Button
  >
  <Button
    size="small"
    onclick={() => editing.removeRow()}
    disabled={!bottle}
    title="Ctrl Delete"
    aria-label="delete the bottle">delete</Button
  >
  <span>Column</span>
  <Button
    size="small"
    onclick={() => editing.insertColumn()}
    title="Shift Insert"
    aria-label="Add a column">add</Button
  >
  <Button
    size="small"
    onclick={() => editing.moveColumn(-1)}
    disabled={!column}
    title="Alt ←"
    aria-label="Column to the left">←</Button
  >
  <Button
    size="small"
    onclick={() => editing.moveColumn(1)}
    disabled={!column}
    title="Alt →"
    aria-label="Column to the right">→</Button
  >
  <Button
    size="small"
    onclick={() => editing.removeColumn()}
    disabled={!column}
    title="Ctrl Shift Delete"
    aria-label="delete the column">delete</Button
  >
  <span class="apart"
    ><Button
      size="small"
      onclick={() => editing.sameAsLeft()}
      disabled={editing.cursor.column < 1}
      title="=">same as left</Button
    ></span
  >
  <Button size="small" onclick={() => editing.undo()} disabled={!editing.canUndo} title="Ctrl Z"
    >Undo</Button
  >
  <Button size="small" onclick={() => editing.redo()} disabled={!editing.canRedo} title="Ctrl Y"
    >Redo</Button
  >
</div>

<style>
  .tools {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 6px;
    align-items: center;
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  span {
    margin-left: 8px;
  }

  span:first-child {
    margin-left: 0;
  }

  .apart {
    margin-left: auto;
  }
</style>
