<script lang="ts">
  import { untrack } from 'svelte';

  import type { GuidedState, GuidedStep, MixEvent } from '../../api/client';
  import {
    asks,
    asksBoth,
    BY_DROPS,
    CAUTIONS,
    hinted,
    minutesLeft,
    PAST,
    pressed,
    spoken,
  } from '../../words/guided';
  import Amount from './Amount.svelte';
  import Aside from './Aside.svelte';
  import BesideReadings from './BesideReadings.svelte';
  import Bottles from '../Bottles.svelte';
  import Coming from './Coming.svelte';
  import Conflicts from '../Conflicts.svelte';
  import Countdown from './Countdown.svelte';
  import { pressByKey } from '../foot';
  import type { GuidedMix, Untold } from '../guided.svelte';
  import OtherAmount from './OtherAmount.svelte';
  import OtherWater from './OtherWater.svelte';
  import Questions from '../Questions.svelte';
  import Reading from './Reading.svelte';
  import Screen from '../Screen.svelte';
  import { answeredBy, steers } from '../steps';
  import type { Signals } from '../device/signals.svelte';
  import Unplaced from '../Unplaced.svelte';
  import Volume from './Volume.svelte';
  import WayOut from './WayOut.svelte';
  import Why from './Why.svelte';
  import { written } from '../../words/numbers';
  import Button from '../../parts/Button.svelte';
  import Press from '../../parts/Press.svelte';

  let {
    guided,
    standing,
    step: at,
    signals,
  }: { guided: GuidedMix; standing: GuidedState; step: GuidedStep; signals: Signals } = $props();

  const following = $derived(standing.now === null ? undefined : standing.steps[standing.now + 1]);
  /** What is told by the press of what follows it: one screen for both. */
  const also = $derived(at.ends === 'with_next' && following ? at : undefined);
  const step = $derived(also && following ? following : at);

  /** What the step itself asks again about. */
  const ASKED_AGAIN = ['reading_odd', 'volume_odd'];

  const timed = $derived(answeredBy(step.kind) === 'time');
  /** What follows a stir, where both are one count-down. */
  const joined = $derived(
    step.kind === 'stir' && step.ends === 'itself' && following?.kind === 'wait' && following.ends === 'itself' ? following : undefined,
  ); // prettier-ignore
  const coming = $derived(
    standing.steps.slice((standing.now ?? 0) + 1).find((one) => answeredBy(one.kind) !== 'time' && one.ends !== 'with_next'),
  ); // prettier-ignore
  const reads = $derived(answeredBy(step.kind) === 'reading');
  const pours = $derived(
    answeredBy(step.kind) === 'amount' && (step.kind !== 'alkali' || step.amount !== null),
  );
  /** Told while there is time to read it, until a reading has spoken. */
  const wayOut = $derived(
    !standing.steering.verdict && (timed || step.kind === 'shake')
      ? standing.steering.way_out
      : undefined,
  );
  /** Told before anything is in, while planning again costs nothing. */
  const otherWater = $derived(
    standing.steps.slice(0, standing.now ?? 0).some((one) => one.kind === 'pour')
      ? undefined
      : standing.steering.other_water,
  );
  const past = $derived(PAST[step.why] ?? '');
  const amounts = $derived(pours || step.kind === 'fill');
  /** What goes by a reading, or takes the next one. */
  /** What calibrations say is of the last reading that the server heard. */
  const heardAll = $derived(steers(step.kind) && !guided.queue.length);
  let over = $state(false);
  let asking = $state<'skip' | 'leave' | 'other' | 'past' | undefined>();

  function told(
    kind: 'done' | 'poured' | 'read' | 'skipped',
    of: GuidedStep,
    figure: MixEvent['figure'] = '',
    sure = false,
  ) {
    asking = undefined;
    over = false;
    const rest = { figure: '', of: '', sure };
    const first: Untold[] = also ? [{ ...rest, kind: kind === 'skipped' ? kind : 'done', step: also.id }] : []; // prettier-ignore
    // Of a count-down of two only the stir is left out here: the wait after it is asked for alone.
    void guided.tell([...first, { ...rest, kind, step: of.id, figure }]);
  }

  /** A wait goes by the pace of who poured: no other phone that lies about cuts it. */
  const mine = $derived.by(() => {
    const poured = standing.steps.find((one) => one.kind === 'pour' && one.pour === at.pour);
    return !poured?.by || poured.by === guided.person;
  });

  /** A time that is over goes on by itself, and what this pace cuts is told as left out. */
  function passed(of: GuidedStep, due: number) {
    const rest = { step: of.id, figure: '', of: '', sure: false };
    if (of.ends !== 'itself') return;
    const cut: Untold[] = following?.ends === 'cut' && mine ? [{ ...rest, kind: 'skipped', step: following.id }] : []; // prettier-ignore
    void guided.tell([{ kind: 'done', ...rest }, ...cut], due);
  }
  $effect(() => {
    if (at.ends === 'cut' && mine)
      void guided.tell({ kind: 'skipped', step: at.id, figure: '', of: '', sure: false });
  });

  /** A thumb that was on its way when the step changed means the step before. */
  const THUMB_MS = 500;
  let settled = $state(true);
  const onScreen = $derived(step.id);
  $effect(() => {
    if (!onScreen) return;
    settled = false;
    // A question about a step that went on by itself would be answered for the next one.
    untrack(() => asking !== 'leave' && (asking = undefined));
    const timer = setTimeout(() => (settled = true), THUMB_MS);
    return () => clearTimeout(timer);
  });

  function press(of: GuidedStep) {
    signals.arm();
    if (!settled) return;
    if (timed && !over) asking = 'skip';
    else if (pours)
      told('poured', of, of.exact ?? of.goes_in ?? '0', guided.problem?.code === 'amount_odd');
    else if (of.kind === 'alkali') asking = 'other';
    else if (of.offers) told('skipped', of);
    else told('done', of);
  }

  function key(event: KeyboardEvent) {
    if (event.key === 'Escape' && asking) asking = undefined;
    else pressByKey(event);
  }

  const SOON_S = 20;
  let left = $state(0);
  $effect(() => signals.say(spoken(step, standing)));
</script>

<svelte:window onkeydown={key} />

<Screen step={step.id}>
  {#if standing.conflicts.length}<Conflicts {guided} {standing} />{/if}
  <Unplaced {guided} {standing} />
  {#if guided.aside.length}<Aside {guided} {standing} />{/if}
  <h1 aria-live="polite">{also ? asksBoth(step) : asks(step)}</h1>
  {#if otherWater}<OtherWater other={otherWater} />{/if}
  {#key step.id}
    {#if reads}
      <p class="hint">{hinted(step)}</p>
      {#if step.kind === 'read_ec' && standing.target}
        <p class="hint">Target {standing.target} {standing.unit}</p>
      {:else if step.kind === 'read_ph' && step.why !== 'pen_check'}
        <p class="hint">Window {written(standing.ph_low)} to {written(standing.ph_high)}</p>
        {#if standing.by_drops}<p class="hint">{BY_DROPS}</p>{/if}
      {/if}
      {#if heardAll}<BesideReadings {standing} />{/if}
      <Reading
        {guided}
        {step}
        unit={standing.unit}
        degrees={standing.units?.temperature ?? 'C'}
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
        <Countdown
          {step}
          clock={guided.clock}
          then={joined}
          inAll={coming ? minutesLeft(standing, coming, left) : ''}
          onover={(is, due) => {
            over = is;
            if (!is) return;
            if (!joined) signals.end();
            passed(step, due);
          }}
          onleft={(seconds) => (left = seconds)}
        />
      {/if}
      {#if hinted(step)}<p class="hint">{hinted(step)}</p>{/if}
      {#if step.kind === 'bottles'}<Bottles {standing} />{/if}
      {#if wayOut}<WayOut way={wayOut} />{/if}
      <Why {standing} {step} />
      {#if heardAll}<BesideReadings {standing} />{/if}
      {#if timed && coming}<Coming {standing} {coming} soon={left <= SOON_S} />{/if}
      {#if step.offers}
        <Button
          kind="framed"
          tone="faded"
          disabled={guided.calculating}
          onclick={() => (asking = 'past')}
        >
          {past}, on purpose
        </Button>
      {/if}
      {#if asking === 'other'}
        <OtherAmount {step} ontold={(figure, sure) => told('poured', step, figure, sure)} />
      {:else}
        <Press
          quiet={timed && !over}
          disabled={guided.calculating}
          aria-disabled={!settled}
          onclick={() => press(step)}
        >
          {timed ? (over ? 'Go on' : 'Go on before it is over') : pressed(step)}
        </Press>
      {/if}
    {/if}
  {/key}
  {#if guided.problem && !ASKED_AGAIN.includes(guided.problem.code)}
    <p class="problem" role="alert">△ {guided.problem.message}</p>
  {/if}
  {#if asking === 'skip' || asking === 'past' || asking === 'leave'}
    <Questions
      {asking}
      what={asks(step)}
      {past}
      onskip={() => told('skipped', step)}
      onpast={() => told('done', step)}
      onleave={() => guided.giveUp()}
      onno={() => (asking = undefined)}
    />
  {/if}
</Screen>
<footer>
  <Button kind="bare" tone="faded" onclick={() => void guided.undo()} disabled={!guided.undoable}
    >↶ Back one</Button
  >
  {#if pours}
    <Button
      kind="bare"
      tone="faded"
      onclick={() => (asking = asking === 'other' ? undefined : 'other')}
    >
      {asking === 'other' ? 'As asked for' : 'Another amount'}
    </Button>
  {/if}
  {#if !timed}<Button kind="bare" tone="faded" onclick={() => (asking = 'skip')}>Leave out</Button
    >{/if}
  <Button kind="bare" tone="faded" onclick={() => (asking = 'leave')}>Give up</Button>
</footer>

<style>
  footer {
    grid-row: 5;
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 4px;
    padding: 4px 8px;
  }

  .caution,
  .problem {
    font-size: var(--type-lead);
    font-weight: 700;
  }

  @media print {
    footer {
      display: none;
    }
  }
</style>
