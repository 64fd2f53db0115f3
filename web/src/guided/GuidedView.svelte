<script lang="ts">
  import { onMount } from 'svelte';

  import type { GuidedStep, MixEvent } from '../api/client';
  import Amount from './Amount.svelte';
  import Ask from './Ask.svelte';
  import Aside from './Aside.svelte';
  import Bottles from './Bottles.svelte';
  import { GuidedMix } from './guided.svelte';
  import Conflicts from './Conflicts.svelte';
  import Countdown from './Countdown.svelte';
  import Done from './Done.svelte';
  import Late from './Late.svelte';
  import OtherAmount from './OtherAmount.svelte';
  import OtherWater from './OtherWater.svelte';
  import SignIn from '../sign_in/SignIn.svelte';
  import Reading from './Reading.svelte';
  import Strip from './Strip.svelte';
  import Summary from './Summary.svelte';
  import Unplaced from './Unplaced.svelte';
  import Volume from './Volume.svelte';
  import WayOut from './WayOut.svelte';
  import Why from './Why.svelte';
  import { asks, CAUTIONS, hinted, PAST, pressed } from '../words/guided';

  let {
    grow,
    mix,
    person = '',
    onleave,
  }: { grow: number; mix: number; person?: string; onleave: (tank?: number) => void } = $props();

  /** What the step itself asks again about. */
  const ASKED_AGAIN = ['reading_odd', 'volume_odd'];
  const REMEMBERED = 'brisk-measure.bench-night';
  const made = () => new GuidedMix(grow, mix, person);
  const guided = made();
  const standing = $derived(guided.now);
  const step = $derived(
    standing && standing.now !== null ? standing.steps[standing.now] : undefined,
  );
  const next = $derived(
    standing && standing.now !== null ? standing.steps[standing.now + 1] : undefined,
  );
  const timed = $derived(step?.kind === 'stir' || step?.kind === 'wait');
  const reads = $derived(
    step?.kind === 'read_water' ||
      step?.kind === 'read_temperature' ||
      step?.kind === 'read_ec' ||
      step?.kind === 'read_ph',
  );
  const pours = $derived(
    step?.kind === 'pour' ||
      step?.kind === 'add' ||
      step?.kind === 'acid' ||
      (step?.kind === 'alkali' && step.amount !== null) ||
      step?.kind === 'drain',
  );
  /** Told while there is time to read it, until a reading has spoken. */
  const wayOut = $derived(
    standing && !standing.steering.verdict && (timed || step?.kind === 'shake')
      ? standing.steering.way_out
      : undefined,
  );
  /** Told before anything is in, while planning again costs nothing. */
  const otherWater = $derived(
    standing?.steps.slice(0, standing.now ?? 0).some((one) => one.kind === 'pour')
      ? undefined
      : standing?.steering.other_water,
  );
  const past = $derived(PAST[step?.why ?? ''] ?? '');
  const amounts = $derived(pours || step?.kind === 'fill');
  let night = $state(localStorage.getItem(REMEMBERED) === 'yes');
  let over = $state(false);
  let asking = $state<'skip' | 'leave' | 'other' | 'past' | undefined>();
  let showDone = $state(false);
  let signing = $state(false);

  onMount(() => {
    guided.open();
    return () => guided.close();
  });

  function told(
    kind: 'done' | 'poured' | 'read' | 'skipped',
    of: GuidedStep,
    figure: MixEvent['figure'] = '',
    sure = false,
  ) {
    asking = undefined;
    over = false;
    guided.tell({ kind, step: of.id, figure, of: '', sure });
  }

  /** A thumb that was on its way when the step changed means the step before. */
  const THUMB_MS = 500;
  let settled = $state(true);
  const onScreen = $derived(step?.id);
  $effect(() => {
    if (!onScreen) return;
    settled = false;
    const timer = setTimeout(() => (settled = true), THUMB_MS);
    return () => clearTimeout(timer);
  });

  function press(of: GuidedStep) {
    if (!settled) return;
    if (timed && !over) asking = 'skip';
    else if (pours) told('poured', of, of.exact ?? of.goes_in ?? '0');
    else if (of.kind === 'alkali') asking = 'other';
    else if (of.offers) told('skipped', of);
    else told('done', of);
  }

  const leave = () => onleave(standing?.tank);

  function undo() {
    if (!standing) return;
    const last = guided.undoable;
    if (last) guided.tell({ kind: 'undone', step: '', figure: '', of: last, sure: false });
  }

  function darken() {
    night = !night;
    localStorage.setItem(REMEMBERED, night ? 'yes' : 'no');
  }
</script>

<svelte:window
  onkeydown={(event) => {
    if (event.key === 'Escape' && asking) asking = undefined;
  }}
/>

<div class={['bench', { night }]}>
  <header>
    <button onclick={leave}>‹ Mix</button>
    <p>
      <b>{standing?.tank_name ?? ''}</b>
      {#if guided.offline}<span class="off">no network: going on, told later</span>
      {:else if guided.locked}<span class="off">signed out: going on, told later</span>
      {:else if guided.queue.length && !guided.reckoning}<span class="off">telling …</span>{/if}
    </p>
    <button onclick={() => (showDone = true)}>Done so far</button>
    <button onclick={darken} aria-pressed={night}>{night ? 'Day' : 'Night'}</button>
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
    <button class="locked" onclick={() => (signing = true)}>
      The sign-in has run out. Sign in here, and what was done is told.
    </button>
  {/if}
  {#if standing?.ended_at && guided.late.length}
    <Late late={guided.late} {standing} onnoted={() => guided.noted()} />
  {/if}
  {#if standing?.record && standing.ended_at}
    <Summary {standing} record={standing.record} {grow} onleave={leave} />
  {:else if standing?.ended_at}
    <main class="screen">
      <h1>This mix was given up</h1>
      <button class="press" onclick={leave}>To the mix</button>
    </main>
  {:else if standing && step}
    <Strip {standing} />
    <main class="screen" data-step={step.id}>
      {#if standing.conflicts.length}<Conflicts {guided} {standing} />{/if}
      <Unplaced {guided} {standing} />
      {#if guided.aside.length}<Aside {guided} {standing} />{/if}
      <h1 aria-live="polite">{asks(step)}</h1>
      {#if otherWater}<OtherWater other={otherWater} />{/if}
      {#key step.id}
        {#if reads}
          <p class="hint">{hinted(step)}</p>
          {#if step.kind === 'read_ec' && standing.target}
            <p class="hint">Target {standing.target} {standing.unit}</p>
          {:else if step.kind === 'read_ph'}
            <p class="hint">Window {standing.ph_low} to {standing.ph_high}</p>
          {/if}
          <Reading
            {guided}
            {step}
            unit={standing.unit}
            haspen={standing.has_pen}
            onread={(figure, sure) => told('read', step, figure, sure)}
          />
        {:else if step.kind === 'volume'}
          <p class="hint">{hinted(step)}</p>
          <Volume
            {guided}
            {standing}
            {step}
            ontold={(figure, sure) => told('read', step, figure, sure)}
            ontaken={() => settled && told('done', step)}
          />
        {:else}
          {#if CAUTIONS[step.kind]}<p class="caution">{CAUTIONS[step.kind]}</p>{/if}
          {#if amounts}
            <Amount {step} guided={standing} />
          {:else if timed}
            <Countdown {step} onover={(is) => (over = is)} />
          {/if}
          {#if hinted(step)}<p class="hint">{hinted(step)}</p>{/if}
          {#if step.kind === 'bottles'}<Bottles {standing} />{/if}
          {#if wayOut}<WayOut way={wayOut} />{/if}
          <Why {standing} {step} />
          {#if timed && next}<p class="hint">Then: {asks(next)}</p>{/if}
          {#if step.offers}
            <button class="past" disabled={guided.reckoning} onclick={() => (asking = 'past')}>
              {past}, on purpose
            </button>
          {/if}
          {#if asking === 'other'}
            <OtherAmount {step} ontold={(figure) => told('poured', step, figure)} />
          {:else}
            <button
              class={['press', { quiet: timed && !over }]}
              disabled={guided.reckoning}
              aria-disabled={!settled}
              onclick={() => press(step)}
            >
              {timed ? (over ? 'Go on' : 'Go on before it is over') : pressed(step)}
            </button>
          {/if}
        {/if}
      {/key}
      {#if guided.problem && !ASKED_AGAIN.includes(guided.problem.code)}
        <p class="problem" role="alert">△ {guided.problem.message}</p>
      {/if}
      {#if asking === 'skip'}
        <Ask
          title="Leave it out?"
          yes="Leave it out"
          onyes={() => told('skipped', step)}
          onno={() => (asking = undefined)}
        >
          Leave “{asks(step)}” out? It is kept in the record.
        </Ask>
      {:else if asking === 'past'}
        <Ask
          title={past}
          yes={past}
          onyes={() => told('done', step)}
          onno={() => (asking = undefined)}
        >
          {past}? That is on purpose, and it is kept in the record.
        </Ask>
      {:else if asking === 'leave'}
        <Ask
          title="Give the mix up?"
          yes="Give it up"
          onyes={() => guided.giveUp()}
          onno={() => (asking = undefined)}
        >
          Give this mix up? It ends without a record; what was poured is taken off the bottles.
        </Ask>
      {/if}
    </main>
    <footer>
      <button onclick={undo} disabled={!guided.undoable}>↶ Back one</button>
      {#if pours}
        <button onclick={() => (asking = asking === 'other' ? undefined : 'other')}>
          {asking === 'other' ? 'As asked for' : 'Another amount'}
        </button>
      {/if}
      {#if !timed}<button onclick={() => (asking = 'skip')}>Leave out</button>{/if}
      <button onclick={() => (asking = 'leave')}>Give up</button>
    </footer>
  {:else if standing}
    <main class="screen">
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
      <button class="press" onclick={leave}>To the mix</button>
    </main>
  {:else if guided.problem || guided.offline}
    <main class="screen">
      <h1>
        {guided.problem?.message ?? 'No network, and this device does not know this mix yet.'}
      </h1>
      <button class="press" onclick={leave}>To the mix</button>
    </main>
  {/if}
</div>

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

  header,
  footer {
    display: flex;
    align-items: center;
    gap: 4px;
    padding: 4px 8px;
  }

  header p {
    flex: 1;
    min-width: 0;
    font-size: 1.125rem;
    line-height: 1.15; /* a word below the name must not move the screen under a thumb */
  }

  .off {
    display: block;
    font-size: 0.875rem;
    color: var(--guided-quiet);
  }

  header button,
  footer button {
    min-height: 64px;
    min-width: 64px;
    padding: 0 8px;
    color: var(--guided-quiet);
  }

  footer {
    grid-row: 5;
    justify-content: space-between;
  }

  button:disabled {
    opacity: 0.4;
  }

  .screen {
    grid-row: 4;
    display: flex;
    flex-direction: column;
    gap: 16px;
    align-items: flex-start;
    width: 100%;
    max-width: 720px;
    margin: 0 auto;
    padding: 8px 20px 12px;
  }

  h1 {
    font-size: 2.25rem;
    line-height: 1.15;
  }

  .hint {
    font-size: 1.25rem;
    color: var(--guided-quiet);
  }

  .screen :global(.press) {
    position: sticky;
    bottom: 8px;
    width: 100%;
    min-height: 128px;
    margin-top: auto;
    font-size: 2rem;
    font-weight: 700;
    color: var(--guided-on-go);
    background: var(--guided-go);
    border-radius: 12px;
  }

  .screen :global(.press.quiet) {
    min-height: 88px;
    font-size: 1.25rem;
    color: var(--guided-quiet);
    background: var(--guided-ground);
    border: 2px solid var(--guided-quiet);
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

  .past {
    min-height: 64px;
    padding: 0 20px;
    font-size: 1.125rem;
    color: var(--guided-quiet);
    border: 2px solid var(--guided-quiet);
    border-radius: 8px;
  }

  .caution {
    font-size: 1.125rem;
    font-weight: 700;
  }

  .problem {
    font-size: 1.125rem;
    font-weight: 700;
  }

  @media print {
    header,
    footer {
      display: none;
    }

    .bench {
      color: var(--ink);
      background: none;
    }
  }
</style>
