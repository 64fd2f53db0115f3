<script lang="ts">
  import type { GuidedState, GuidedStep } from '../../api/client';
  import Figure from './Figure.svelte';
  import type { GuidedMix } from '../guided.svelte';
  import Button from '../../parts/Button.svelte';
  import Press from '../../parts/Press.svelte';

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
    <Button kind="framed" disabled={guided.calculating} onclick={ontaken}>
      I cannot measure it: take {about.about}
    </Button>
    <p class="believed">By the reading it is {about.low} to {about.high}.</p>
  {/if}
  <Press type="submit" disabled={guided.calculating}>
    {guided.calculating ? 'Calculating …' : odd ? 'It is so: send it again' : 'So much is in it'}
  </Press>
</form>

<style>
  form {
    display: contents;
  }

  .believed {
    font-size: var(--type-lead);
    color: var(--faded);
  }
</style>
