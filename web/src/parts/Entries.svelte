<script lang="ts">
  import type { Snippet } from 'svelte';
  import Button from './Button.svelte';

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
  <Button kind="main" wide type="submit">{submit}</Button>
</form>

<style>
  form,
  form :global(fieldset) {
    display: grid;
    gap: 12px;
  }
</style>
