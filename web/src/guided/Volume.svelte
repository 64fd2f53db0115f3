<script lang="ts">
  import type { GuidedState, GuidedStep } from '../api/client';
  import Figure from './Figure.svelte';
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
  <Figure bind:typed words="Water in the tank" unit={step.unit} wide />
  {#if empty}<p role="alert">△ Type how much is in it, or take what the reading tells.</p>{/if}
  {#if odd}<p role="alert">△ {guided.problem?.message}</p>{/if}
  {#if about}
    <button type="button" class="take" disabled={guided.calculating} onclick={ontaken}>
      I cannot measure it: take {about.about}
    </button>
    <p class="believed">By the reading it is {about.low} to {about.high}.</p>
  {/if}
  <button type="submit" class="press" disabled={guided.calculating}>
    {guided.calculating ? 'Calculating …' : odd ? 'It is so: send it again' : 'So much is in it'}
  </button>
</form>

<style>
  form {
    display: contents;
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
