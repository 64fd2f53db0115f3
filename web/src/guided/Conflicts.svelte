<script lang="ts">
  import type { GuidedState } from '../api/client';
  import type { GuidedMix } from './guided.svelte';
  import { asks } from '../words/guided';

  let { guided, standing }: { guided: GuidedMix; standing: GuidedState } = $props();

  type Conflict = GuidedState['conflicts'][number];

  const undo = (of: string) =>
    guided.tell({ kind: 'undone', step: '', figure: '', of, sure: false });

  async function both(one: Conflict) {
    const figure = one.exact ?? one.both ?? '';
    await guided.tell({ kind: 'corrected', step: '', figure, of: one.counts, sure: false });
    await undo(one.other);
  }
</script>

{#each standing.conflicts as one (one.other)}
  {@const step = standing.steps.find((step) => step.id === one.step)}
  <section role="alert">
    <p>
      △ “{step ? asks(step) : one.step}” was told twice: {one.counts_by} says
      <b>{one.counts_shown ?? 'done'}</b>, {one.other_by} says <b>{one.other_shown ?? 'done'}</b>.
    </p>
    <button type="button" onclick={() => undo(one.other)}>
      {one.counts_shown ?? 'Done'}, as {one.counts_by} says
    </button>
    <button type="button" onclick={() => undo(one.counts)}>
      {one.other_shown ?? 'Done'}, as {one.other_by} says
    </button>
    {#if one.both_shown}
      <button type="button" onclick={() => both(one)}>Both went in: {one.both_shown}</button>
    {/if}
  </section>
{/each}

<style>
  section {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    width: 100%;
    padding: 8px 12px;
    border: 3px solid currentcolor;
    border-radius: 8px;
    font-size: 1.125rem;
  }

  p,
  button {
    width: 100%;
  }

  button {
    min-height: 64px;
    padding: 0 16px;
    font-weight: 700;
    border: 2px solid currentcolor;
    border-radius: 8px;
  }
</style>
