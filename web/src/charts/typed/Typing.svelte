<script lang="ts">
  import type { Editing } from './editing.svelte';
  import { LONGEST, textAt } from './sheet';

  /** The text of the cell under the cursor while it is typed. */
  let {
    editing,
    onleave,
    oncancel,
  }: {
    editing: Editing;
    onleave: (down: number, across: number) => void;
    oncancel: () => void;
  } = $props();

  function typing(event: KeyboardEvent) {
    if (event.key === 'Enter') onleave(event.shiftKey ? -1 : 1, 0);
    else if (event.key === 'Tab') onleave(0, event.shiftKey ? -1 : 1);
    else if (event.key === 'Escape') cancel();
    else {
      event.stopPropagation();
      return;
    }
    event.preventDefault();
    event.stopPropagation();
  }

  /** What was typed is forgotten; the sheet has its keys back. */
  function cancel() {
    editing.text = undefined;
    oncancel();
  }

  function enter(input: HTMLInputElement) {
    input.focus();
    // What was typed over a cell goes on after the letter, what is edited is chosen whole.
    if (editing.text === textAt(editing.sheet, editing.cursor)) input.select();
  }
</script>

<input
  aria-label={editing.cursor.column < 0 ? 'Name' : 'Cell'}
  bind:value={editing.text}
  maxlength={LONGEST}
  autocomplete="off"
  spellcheck="false"
  onkeydown={typing}
  onblur={() => editing.settle()}
  {@attach enter}
/>

<style>
  input {
    width: 100%;
    min-width: 64px;
    padding: 0;
    font: 700 1rem/1.25 var(--figures);
    background: none;
    border: 0;
    outline: none;
  }
</style>
