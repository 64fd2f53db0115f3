<script lang="ts">
  import type { MixOut } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import type { Mixing } from './mixing.svelte';

  let {
    answer,
    mixing,
    onclose,
    to,
    ongo,
  }: {
    answer: MixOut;
    mixing: Mixing;
    onclose: () => void;
    to: 'print' | 'bench';
    ongo: () => void;
  } = $props();

  const stops = $derived(answer.sheet.warnings.filter((one) => one.severity === 'stop'));
  const open = $derived(answer.sheet.unacknowledged);
</script>

<Dialog title="Before this mix goes to the bench" {onclose}>
  {#each stops as stop (stop.code + stop.products.join())}
    <section>
      <h3>◆ {stop.title}</h3>
      <p>{stop.message}</p>
      {#if open.includes(stop.code)}
        <button type="button" onclick={() => mixing.acknowledge(stop.code)}
          >I have read “{stop.title}”</button
        >
      {:else}
        <p class="read">✓ read and accepted for this mix</p>
      {/if}
    </section>
  {/each}
  <button type="button" class="go" disabled={open.length > 0} onclick={ongo}>
    {to === 'print' ? 'Print the mix' : 'Take it to the bench'}
  </button>
</Dialog>

<style>
  section {
    margin-bottom: 16px;
  }

  h3 {
    font-size: 1rem;
    color: var(--danger);
  }

  section button,
  .go {
    width: 100%;
    min-height: 48px;
    margin-top: 8px;
    padding: 0 12px;
    font-weight: 700;
    border: 2px solid var(--danger);
    color: var(--danger);
    border-radius: 6px;
  }

  .go {
    color: var(--paper);
    background: var(--ink);
    border-color: var(--ink);
  }

  .go:disabled {
    color: var(--faded);
    background: none;
    border-color: var(--rule);
    cursor: default;
  }

  .read {
    font-weight: 700;
  }
</style>
