<script lang="ts">
  import type { GuidedState } from '../api/client';
  import type { GuidedMix } from './guided.svelte';
  import { asks } from '../words/guided';
  import Button from '../parts/Button.svelte';

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
    <Button kind="framed" wide onclick={() => undo(one.other)}>
      {one.counts_shown ?? 'Done'}, as {one.counts_by} says
    </Button>
    <Button kind="framed" wide onclick={() => undo(one.counts)}>
      {one.other_shown ?? 'Done'}, as {one.other_by} says
    </Button>
    {#if one.both_shown}
      <Button kind="framed" wide onclick={() => both(one)}>Both went in: {one.both_shown}</Button>
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
    font-size: var(--type-lead);
  }

  p {
    width: 100%;
  }
</style>
