<script lang="ts">
  import type { Snippet } from 'svelte';

  let { step, children }: { step?: string; children: Snippet } = $props();
</script>

<!-- One thing at a time, large enough for wet hands, with the one press area at the foot. -->
<main class="screen" data-step={step}>
  {@render children()}
</main>

<style>
  .screen {
    grid-row: 4;
    display: flex;
    flex-direction: column;
    gap: 16px;
    align-items: flex-start;
    width: 100%;
    max-width: 720px;
    margin: 0 auto;
    padding: 8px 20px 12px;
  }

  .screen :global(h1) {
    font-size: 2.25rem;
    line-height: 1.15;
  }

  .screen :global(.hint) {
    font-size: var(--type-head);
    color: var(--faded);
  }
</style>
