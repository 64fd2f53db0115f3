<script lang="ts">
  import type { GuidedState, GuidedStep } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import type { GuidedMix } from './guided.svelte';
  import WayOut from './WayOut.svelte';
  import { asks, unitOf } from '../words/guided';

  let {
    guided,
    standing,
    onclose,
  }: { guided: GuidedMix; standing: GuidedState; onclose: () => void } = $props();

  const done = $derived(
    standing.steps.filter((step) => step.status === 'done' || step.status === 'skipped').reverse(),
  );
  const POURS: GuidedStep['kind'][] = ['pour', 'add'];
  let correcting = $state<string | undefined>();
  let figure = $state('');

  function correct(event: SubmitEvent, step: GuidedStep) {
    event.preventDefault();
    if (!step.event || !figure.trim()) return;
    // Whoever corrects has looked twice.
    guided.tell({ kind: 'corrected', step: '', of: step.event, figure, sure: true });
    correcting = undefined;
  }

  /** The bench goes back to that pour; what was told since counts again once it is told. */
  function pourAfterAll(step: GuidedStep) {
    if (!step.event) return;
    void guided.tell({ kind: 'undone', step: '', figure: '', of: step.event, sure: false });
    onclose();
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
        {#if step.event && step.figure_shown && correcting !== step.id}
          <button
            onclick={() => {
              correcting = step.id;
              figure = '';
            }}>Correct</button
          >
        {/if}
        {#if step.event && step.status === 'skipped' && POURS.includes(step.kind)}
          <button onclick={() => pourAfterAll(step)}>It went in after all</button>
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
            <button>It really was so</button>
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

  button {
    min-height: 44px;
    padding: 0 12px;
    text-decoration: underline;
  }
</style>
