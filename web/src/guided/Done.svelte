<script lang="ts">
  import type { GuidedState, GuidedStep } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import type { GuidedMix } from './guided.svelte';
  import { isOdd } from './project';
  import { poursABottle } from './steps';
  import WayOut from './step/WayOut.svelte';
  import { asks, unitOf } from '../words/guided';
  import Button from '../parts/Button.svelte';

  let {
    guided,
    standing,
    onclose,
  }: { guided: GuidedMix; standing: GuidedState; onclose: () => void } = $props();

  const done = $derived(
    standing.steps.filter((step) => step.status === 'done' || step.status === 'skipped').reverse(),
  );
  let correcting = $state<string | undefined>();
  let figure = $state('');
  let doubted = $state('');

  async function correct(event: SubmitEvent, step: GuidedStep) {
    event.preventDefault();
    if (!step.event || !figure.trim()) return;
    if (isOdd(figure, step) && doubted !== figure) {
      doubted = figure;
      return;
    }
    correcting = undefined;
    if (step.status === 'skipped') {
      // Told at once: a bottle that is in is never asked to be poured again.
      await guided.tell({ kind: 'undone', step: '', figure: '', of: step.event, sure: false });
      await guided.tell({ kind: 'poured', step: step.id, figure, of: '', sure: true });
      return;
    }
    await guided.tell({ kind: 'corrected', step: '', of: step.event, figure, sure: true });
  }

  /** What can be told anew of a step that is over: another figure, or that it went in after all. */
  function offered(step: GuidedStep): string | undefined {
    // A mix that is over is corrected in its record.
    if (standing.ended_at || !step.event || correcting === step.id) return undefined;
    if (step.status === 'skipped') {
      return poursABottle(step.kind) ? 'It went in after all' : undefined;
    }
    return step.figure_shown ? 'Correct' : undefined;
  }
</script>

<Dialog title="What was done" {onclose}>
  {#if standing.steering.way_out && !standing.steering.verdict}
    <WayOut way={standing.steering.way_out} />
  {/if}
  <ul>
    {#each done as step (step.id)}
      <li>
        <span>
          {asks(step)}
          {#if step.figure_shown}<b>{step.figure_shown}</b>{/if}
          {#if step.status === 'skipped'}<i>left out</i>{/if}
          <small>{step.by}</small>
        </span>
        {#if offered(step)}
          <Button
            onclick={() => {
              correcting = step.id;
              figure = '';
            }}>{offered(step)}</Button
          >
        {/if}
        {#if correcting === step.id}
          <form onsubmit={(event) => correct(event, step)}>
            <input
              aria-label="It really was"
              inputmode="decimal"
              maxlength="20"
              bind:value={figure}
            />
            {unitOf(step, standing.unit, standing.units.temperature)}
            <Button type="submit">Save the correction</Button>
            {#if doubted === figure && doubted}
              <small role="alert">△ That is far more than was asked for. Is it so?</small>
            {/if}
          </form>
        {/if}
      </li>
    {:else}
      <li>Nothing yet.</li>
    {/each}
  </ul>
</Dialog>

<style>
  ul {
    max-height: 55vh;
    overflow-y: auto;
  }

  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: 4px 12px;
    min-height: 48px;
    border-bottom: 1px solid var(--rule);
  }

  b {
    font-family: var(--figures);
  }

  small {
    color: var(--faded);
  }

  form {
    padding-left: 3px; /* room for the ring around what is typed into */
    display: flex;
    gap: 8px;
    align-items: center;
  }

  input {
    width: 90px;
    height: 44px;
    font-family: var(--figures);
    background: var(--paper);
    border: 0;
    border-bottom: 2px solid var(--ink);
  }
</style>
