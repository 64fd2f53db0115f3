<script lang="ts">
  import type { GuidedState, GuidedStep } from '../api/client';
  import type { GuidedMix } from './guided.svelte';

  let {
    guided,
    standing,
    step,
    ontold,
    ontaken,
  }: {
    guided: GuidedMix;
    standing: GuidedState;
    step: GuidedStep;
    ontold: (figure: string, sure: boolean) => void;
    ontaken: () => void;
  } = $props();

  const about = $derived(standing.steering.estimate);
  const odd = $derived(guided.problem?.code === 'volume_odd');
  let typed = $state('');
  let empty = $state(false);

  function send(event: SubmitEvent) {
    event.preventDefault();
    empty = !typed.trim();
    if (!empty) ontold(typed, odd);
  }
</script>

<p class="believed">It was taken for {standing.volume}.</p>
<form onsubmit={send}>
  <label>
    <span class="unseen">Water in the tank</span>
    <input
      bind:value={typed}
      inputmode="decimal"
      autocomplete="off"
      maxlength="20"
      {@attach (input) => input.focus()}
    />
    <span class="unit">{step.unit}</span>
  </label>
  {#if empty}<p role="alert">△ Type how much is in it, or take what the reading tells.</p>{/if}
  {#if odd}<p role="alert">△ {guided.problem?.message}</p>{/if}
  {#if about}
    <button type="button" class="take" disabled={guided.reckoning} onclick={ontaken}>
      I cannot measure it: take {about.about}
    </button>
    <p class="believed">By the reading it is {about.low} to {about.high}.</p>
  {/if}
  <button class="press" disabled={guided.reckoning}>
    {guided.reckoning ? 'Reckoning …' : odd ? 'It is so: send it again' : 'So much is in it'}
  </button>
</form>

<style>
  form {
    display: contents;
  }

  label {
    display: flex;
    align-items: baseline;
    gap: 12px;
  }

  input {
    width: 5.4ch;
    min-height: 96px;
    padding: 0 4px;
    font: 700 5rem/1 var(--figures);
    color: var(--guided-ink);
    background: none;
    border: 0;
    border-bottom: 4px solid var(--guided-ink);
    border-radius: 0;
  }

  .unit {
    font-size: 1.5rem;
    color: var(--guided-quiet);
  }

  .take {
    min-height: 64px;
    padding: 0 20px;
    font-size: 1.25rem;
    border: 2px solid var(--guided-ink);
    border-radius: 8px;
  }

  .believed {
    font-size: 1.125rem;
    color: var(--guided-quiet);
  }
</style>
