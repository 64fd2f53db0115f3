<script lang="ts">
  import type { Overview } from '../api/client';
  import type { Keys } from '../shell/keys.svelte';
  import Climb from './drawing/Climb.svelte';
  import Margin from './Margin.svelte';
  import type { Mixing } from './mixing.svelte';
  import PourStrip from './drawing/PourStrip.svelte';
  import Sentence from './Sentence.svelte';
  import { written } from '../words/numbers';
  import Button from '../parts/Button.svelte';

  let {
    overview,
    mixing,
    keys,
    onbench,
  }: { overview: Overview; mixing: Mixing; keys: Keys; onbench: () => void } = $props();

  const answer = $derived(mixing.answer);
  const answered = $derived(mixing.answered);
  const problem = $derived(mixing.problem);
  const water = $derived(
    (answer?.sheet.blend.length
      ? answer.sheet.blend.map((part) => part.name).join(' and ')
      : undefined) ??
      overview.waters.find((one) => one.id === answered?.water)?.name ??
      'Water',
  );
  const pourAt = (place: number) => answer?.sheet.pours[place - 1];
  const silent = $derived(problem?.code === 'server_silent');

  /** A browser says that it is online before its network carries anything. */
  const ASKED_AGAIN_MS = 3000;

  $effect(() => {
    if (!silent) return;
    const again = () => void mixing.recompute();
    const timer = setInterval(again, ASKED_AGAIN_MS);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  });
</script>

<div class="mix">
  <div class="head"><Sentence {overview} {mixing} {keys} /></div>
  <div class="wrong" aria-live="polite">
    {#if problem}
      <p id="what-is-wrong">
        <b>△ {problem.message}</b>
        {#if answered}
          Below is the last good sheet: {answered.volume} at {answered.strength}.
        {/if}
        {#if problem.code === 'sign_in_needed'}
          <Button onclick={() => location.reload()}>Sign in again; this mix is kept</Button>
        {/if}
        {#if silent}
          <Button onclick={() => mixing.recompute()}>Try again</Button>
        {/if}
      </p>
    {/if}
  </div>
  {#if answer}
    <div class={['body', { kept: problem }]}>
      <div class="drawing">
        <Climb
          climb={answer.climb}
          {water}
          ph={answer.sheet.target.ph}
          acid={answer.sheet.in_tank?.acid}
          tag={(place) => mixing.tag(pourAt(place)?.product ?? '')}
          name={(place) => pourAt(place)?.name ?? ''}
        />
        <PourStrip {answer} {mixing} />
      </div>
      <Margin {answer} {mixing} {onbench} />
    </div>
  {/if}
  <p class="noted" aria-hidden="true">
    {overview.name} · date ________ · EC ______ · pH ______ · acid ________ · °{overview.units
      .temperature} ____ · who ________
  </p>
  <p class="unseen" aria-live="polite">
    {#if answer && !problem}
      {answer.sheet.pours.length} pours in {written(answer.litres)} L, {answer.climb.minutes} minutes
    {/if}
  </p>
</div>

<style>
  .mix {
    padding: 4px 20px 32px 32px;
  }

  .head {
    max-width: 980px;
  }

  .noted {
    display: none;
  }

  .wrong p {
    margin-top: 8px;
    padding: 8px 12px;
    color: var(--ink);
    background: var(--sheet);
    border-left: 4px solid var(--heed);
  }

  .body {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 236px;
    gap: 20px;
    margin-top: 16px;
  }

  .kept .drawing {
    opacity: 0.6;
  }

  .drawing {
    display: grid;
    align-content: start;
    gap: 16px;
    min-width: 0;
  }

  @media screen and (width < 900px) {
    .mix {
      padding: 8px 16px 32px;
    }

    .body {
      grid-template-columns: minmax(0, 1fr);
    }
  }

  @media print {
    .mix {
      padding: 0;
    }

    .wrong {
      display: none;
    }

    .body {
      position: relative;
      display: block;
      margin-top: 8px;
    }

    .noted {
      display: block;
      margin-top: 16px;
      padding-top: 8px;
      border-top: 1px solid var(--ink);
    }
  }
</style>
