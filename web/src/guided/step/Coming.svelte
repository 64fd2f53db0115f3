<script lang="ts">
  import type { GuidedState, GuidedStep } from '../../api/client';
  import { asks } from '../../words/guided';
  import Amount from './Amount.svelte';

  /** What comes when the time is over: waiting time is measuring time. */
  let {
    standing,
    coming,
    soon,
  }: {
    standing: GuidedState;
    coming: GuidedStep;
    /** Whether the time is nearly over. */
    soon: boolean;
  } = $props();

  const pour = $derived(coming.pour === null ? undefined : standing.pours[coming.pour]);
  const measured = $derived(pour && coming.kind === 'pour' && Number(coming.amount) > 0);
</script>

<section class={{ soon }} aria-label="What comes next">
  {#if pour && measured}
    <h2>
      {soon ? 'In a moment' : 'Get it ready now'}: <abbr>{pour.tag}</abbr>
      {pour.name}
    </h2>
    <Amount step={coming} guided={standing} brief />
  {:else}
    <h2>Then: {asks(coming)}</h2>
  {/if}
</section>

<style>
  section {
    width: 100%;
    padding-top: 8px;
    border-top: 2px solid var(--table);
    --amount: 2.75rem;
  }

  .soon {
    --amount: 4.75rem;
  }

  h2 {
    font-size: 1.375rem;
  }

  abbr {
    padding: 0 4px;
    font: 700 1rem/1.4 var(--figures);
    border: 2px solid currentcolor;
    border-radius: 3px;
  }
</style>
