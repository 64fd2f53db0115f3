<script lang="ts">
  import type { Snippet } from 'svelte';

  let { children }: { children: Snippet } = $props();
</script>

<p role="note">△ {@render children()}</p>

<style>
  p {
    padding: 12px 16px;
    font-size: var(--type-lead);
    border: 2px solid currentcolor;
    border-radius: 8px;
  }
</style>
