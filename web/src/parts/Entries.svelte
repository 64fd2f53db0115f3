<script lang="ts">
  import type { Snippet } from 'svelte';

  let { submit, onsubmit, children }: { submit: string; onsubmit: () => void; children: Snippet } =
    $props();
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    onsubmit();
  }}
>
  {@render children()}
  <button type="submit">{submit}</button>
</form>

<style>
  form,
  form :global(fieldset) {
    display: grid;
    gap: 12px;
  }

  form :global(label) {
    display: grid;
    gap: 2px;
    color: var(--faded);
  }

  form :global(:is(input, select)) {
    height: 44px;
    padding: 0 8px;
    font: inherit;
    color: var(--ink);
    background: var(--entry, var(--paper));
    border: 0;
    border-bottom: 2px solid var(--ink);
    border-radius: 0;
  }

  form :global([role='alert']) {
    color: var(--danger);
  }

  button {
    height: 48px;
    font-weight: 700;
    color: var(--paper);
    background: var(--ink);
    border-radius: 6px;
  }
</style>
