<script lang="ts">
  import type { MixOut } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import type { Mixing } from './mixing.svelte';
  import Button from '../parts/Button.svelte';

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
        <Button kind="framed" tone="danger" wide onclick={() => mixing.acknowledge(stop.code)}
          >I have read “{stop.title}”</Button
        >
      {:else}
        <p class="read">✓ read and accepted for this mix</p>
      {/if}
    </section>
  {/each}
  <Button kind="main" wide disabled={open.length > 0} onclick={ongo}>
    {to === 'print' ? 'Print the mix' : 'Take it to the bench'}
  </Button>
</Dialog>

<style>
  section {
    margin-bottom: 16px;
  }

  h3 {
    font-size: 1rem;
    color: var(--danger);
  }

  .read {
    font-weight: 700;
  }
</style>
