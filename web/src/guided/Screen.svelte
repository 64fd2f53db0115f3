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
    font-size: 1.25rem;
    color: var(--guided-quiet);
  }

  .screen :global(.press) {
    position: sticky;
    bottom: 8px;
    width: 100%;
    min-height: 128px;
    margin-top: auto;
    font-size: 2rem;
    font-weight: 700;
    color: var(--guided-on-go);
    background: var(--guided-go);
    border-radius: 12px;
  }

  .screen :global(.press.quiet) {
    min-height: 88px;
    font-size: 1.25rem;
    color: var(--guided-quiet);
    background: var(--guided-ground);
    border: 2px solid var(--guided-quiet);
  }
</style>
