<script lang="ts">
  import { onMount } from 'svelte';

  import { PROGRAM } from '../shell/titles';
  import SignIn from '../sign_in/SignIn.svelte';
  import Conflicts from './Conflicts.svelte';
  import { Daylight } from './device/daylight.svelte';
  import Done from './Done.svelte';
  import { GuidedMix } from './guided.svelte';
  import Late from './Late.svelte';
  import PaceDialog from './PaceDialog.svelte';
  import Screen from './Screen.svelte';
  import { Signals } from './device/signals.svelte';
  import StepView from './step/StepView.svelte';
  import Strip from './Strip.svelte';
  import Summary from './Summary.svelte';
  import Button from '../parts/Button.svelte';
  import Press from '../parts/Press.svelte';

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
    void guided.open();
    signals.start();
    return () => {
      guided.close();
      signals.stop();
    };
  });

  const leave = () => onleave(standing?.tank);

  $effect(() => {
    document.title = ['Bench', standing?.tank_name, PROGRAM].filter(Boolean).join(' · ');
  });

  $effect(() => {
    if (!guided.heard || guided.offline || guided.locked) return;
    void daylight.tell(guided.heard.night).then((told) => {
      if (told) void guided.look();
    });
  });
</script>

<div class={['bench', { night }]}>
  <header>
    <Button kind="bare" tone="faded" onclick={leave}>‹ Mix</Button>
    <p>
      <b>{standing?.tank_name ?? ''}</b>
      {#if guided.offline}<span class="off">no network: going on, told later</span>
      {:else if guided.locked}<span class="off">signed out: going on, told later</span>
      {:else if guided.queue.length && !guided.calculating}<span class="off">telling …</span>{/if}
    </p>
    <Button kind="bare" tone="faded" onclick={() => (showDone = true)}>Done so far</Button>
    <Button kind="bare" tone="faded" onclick={() => (showPace = true)}>Pace</Button>
    <Button kind="bare" tone="faded" onclick={() => daylight.choose(!night)} aria-pressed={night}
      >{night ? 'Day' : 'Night'}</Button
    >
  </header>

  {#if guided.locked && signing}
    <SignIn
      demo={false}
      onenter={(entered) => {
        guided.person = entered.person ?? '';
        signing = false;
        void guided.look();
      }}
    />
  {:else if guided.locked}
    <p class="locked">
      <Button kind="framed" wide onclick={() => (signing = true)}>
        The sign-in has run out. Sign in here, and what was done is told.
      </Button>
    </p>
  {/if}
  {#if standing?.ended_at && guided.late.length}
    <Late late={guided.late} {standing} onnoted={() => guided.noted()} />
  {/if}
  {#if standing?.record && standing.summary && standing.ended_at}
    <Summary
      {standing}
      summary={standing.summary}
      record={standing.record}
      {grow}
      oncorrected={(state) => guided.corrected(state)}
      onleave={leave}
    />
  {:else if standing?.ended_at}
    <Screen>
      <h1>This mix was given up</h1>
      <Press onclick={leave}>To the mix</Press>
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
      <Press onclick={leave}>To the mix</Press>
    </Screen>
  {:else if guided.problem || guided.offline}
    <Screen>
      <h1>
        {guided.problem?.message ?? 'No network, and this device does not know this mix yet.'}
      </h1>
      <Press onclick={leave}>To the mix</Press>
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
    display: grid;
    grid-template-rows: auto auto auto 1fr auto;
    min-height: 100dvh;
    color: var(--ink);
    background: var(--paper);
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
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  @media screen and (width >= 700px) {
  }

  /* Words of the header break into two lines on a phone. */
  header :global(button) {
    min-width: 64px;
  }

  @media screen and (width < 700px) {
    header :global(button) {
      max-width: 76px;
      text-align: center;
    }
  }

  .locked {
    padding: 0 20px;
  }

  @media print {
    header {
      display: none;
    }

    .bench {
      background: none;
    }
  }
</style>
