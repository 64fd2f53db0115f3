<script lang="ts">
  import { onMount } from 'svelte';

  import SignIn from '../sign_in/SignIn.svelte';
  import Conflicts from './Conflicts.svelte';
  import { Daylight } from './daylight.svelte';
  import Done from './Done.svelte';
  import { GuidedMix } from './guided.svelte';
  import Late from './Late.svelte';
  import PaceDialog from './PaceDialog.svelte';
  import Screen from './Screen.svelte';
  import { Signals } from './signals.svelte';
  import StepView from './StepView.svelte';
  import Strip from './Strip.svelte';
  import Summary from './Summary.svelte';

  let {
    grow,
    mix,
    person = '',
    onleave,
  }: { grow: number; mix: number; person?: string; onleave: (tank?: number) => void } = $props();

  const made = () => new GuidedMix(grow, mix, person);
  const guided = made();
  const standing = $derived(guided.now);
  const step = $derived(
    standing && standing.now !== null ? standing.steps[standing.now] : undefined,
  );
  const dayOrNight = () => new Daylight(grow, person);
  const daylight = dayOrNight();
  const night = $derived(daylight.isNight(standing?.night));
  let showDone = $state(false);
  let showPace = $state(false);
  const signals = new Signals();
  let signing = $state(false);

  onMount(() => {
    guided.open();
    signals.start();
    return () => {
      guided.close();
      signals.stop();
    };
  });

  const leave = () => onleave(standing?.tank);

  $effect(() => {
    if (!guided.heard || guided.offline || guided.locked) return;
    void daylight.tell(guided.heard.night).then((told) => {
      if (told) void guided.look();
    });
  });
</script>

<div class={['bench', { night }]}>
  <header>
    <button type="button" onclick={leave}>‹ Mix</button>
    <p>
      <b>{standing?.tank_name ?? ''}</b>
      {#if guided.offline}<span class="off">no network: going on, told later</span>
      {:else if guided.locked}<span class="off">signed out: going on, told later</span>
      {:else if guided.queue.length && !guided.calculating}<span class="off">telling …</span>{/if}
    </p>
    <button type="button" onclick={() => (showDone = true)}>Done so far</button>
    <button type="button" onclick={() => (showPace = true)}>Pace</button>
    <button type="button" onclick={() => daylight.choose(!night)} aria-pressed={night}
      >{night ? 'Day' : 'Night'}</button
    >
  </header>

  {#if guided.locked && signing}
    <SignIn
      demo={false}
      onenter={(entered) => {
        guided.person = entered.person ?? '';
        signing = false;
        guided.look();
      }}
    />
  {:else if guided.locked}
    <button type="button" class="locked" onclick={() => (signing = true)}>
      The sign-in has run out. Sign in here, and what was done is told.
    </button>
  {/if}
  {#if standing?.ended_at && guided.late.length}
    <Late late={guided.late} {standing} onnoted={() => guided.noted()} />
  {/if}
  {#if standing?.record && standing.ended_at}
    <Summary {standing} record={standing.record} {grow} onleave={leave} />
  {:else if standing?.ended_at}
    <Screen>
      <h1>This mix was given up</h1>
      <button type="button" class="press" onclick={leave}>To the mix</button>
    </Screen>
  {:else if standing && step}
    <Strip {standing} />
    <StepView {guided} {standing} {step} {signals} />
  {:else if standing}
    <Screen>
      {#if standing.conflicts.length}
        <h1>One thing to settle, then it is done</h1>
        <Conflicts {guided} {standing} />
      {:else}
        <h1>All is done</h1>
        <p class="hint">
          {guided.offline
            ? 'The record is kept as soon as the server is heard again.'
            : 'The record is being kept …'}
        </p>
      {/if}
      <button type="button" class="press" onclick={leave}>To the mix</button>
    </Screen>
  {:else if guided.problem || guided.offline}
    <Screen>
      <h1>
        {guided.problem?.message ?? 'No network, and this device does not know this mix yet.'}
      </h1>
      <button type="button" class="press" onclick={leave}>To the mix</button>
    </Screen>
  {/if}
</div>

{#if showPace && standing}
  <PaceDialog
    {grow}
    {signals}
    pace={standing.pace}
    onclose={() => (showPace = false)}
    onchanged={() => void guided.look()}
  />
{/if}
{#if showDone && standing}
  <Done {guided} {standing} onclose={() => (showDone = false)} />
{/if}

<style>
  .bench {
    --guided-ground: var(--paper);
    --guided-ink: var(--ink);
    --guided-quiet: var(--faded);
    --guided-table: #e6e0d2;
    --guided-go: var(--grow);
    --guided-on-go: #fffefa;

    display: grid;
    grid-template-rows: auto auto auto 1fr auto;
    min-height: 100dvh;
    color: var(--guided-ink);
    background: var(--guided-ground);
  }

  .night {
    --guided-ground: #171d1f;
    --guided-ink: #f3e6cf;
    --guided-quiet: #c0b49c;
    --guided-table: #c9bfa9;
    --guided-go: #8fc7a6;
    --guided-on-go: #14201a;
  }

  header {
    display: flex;
    align-items: center;
    gap: 4px;
    padding: 4px 8px;
  }

  header p {
    flex: 1;
    min-width: 0;
    font-size: 1rem;
    line-height: 1.15; /* a word below the name must not move the screen under a thumb */
    overflow-wrap: break-word;
  }

  .off {
    display: block;
    font-size: 0.875rem;
    color: var(--guided-quiet);
  }

  header button {
    min-height: 64px;
    min-width: 64px;
    max-width: 76px;
    padding: 0 8px;
    color: var(--guided-quiet);
  }

  @media screen and (width >= 700px) {
    header button {
      max-width: none;
    }
  }

  .locked {
    min-height: 64px;
    margin: 0 20px;
    padding: 8px 16px;
    font-size: 1.125rem;
    font-weight: 700;
    border: 3px solid var(--guided-ink);
    border-radius: 8px;
  }

  @media print {
    header {
      display: none;
    }

    .bench {
      color: var(--ink);
      background: none;
    }
  }
</style>
