<script lang="ts">
  import { untrack } from 'svelte';

  import type { GuidedStep } from '../../api/client';
  import type { SharedClock } from '../device/clock';
  import { countdown } from '../project';

  /** What is left of a step, or of two that are one count-down: stirring, and what stands then. */
  let {
    step,
    clock,
    then,
    inAll = '',
    onover,
    onleft,
  }: {
    step: GuidedStep;
    clock: SharedClock;
    then?: GuidedStep | undefined;
    /** What is left of the whole mix, in words. */
    inAll?: string;
    onover: (over: boolean, due: number) => void;
    /** Whole seconds that are left of both. */
    onleft: (seconds: number) => void;
  } = $props();

  let now = $state(untrack(() => clock.now));
  const due = $derived(step.due ?? now + (step.seconds ?? 0));
  const over = $derived(now >= due);
  const whole = $derived((step.seconds ?? 0) + (then?.seconds ?? 0));
  const end = $derived(due + (then?.seconds ?? 0));

  $effect(() => {
    const told = [over, due] as const;
    untrack(() => onover(...told)); // once each, whatever else moves on the screen
  });
  const left = $derived(Math.max(0, Math.ceil(end - now)));
  $effect(() => onleft(left));
  $effect(() => {
    const tick = () => (now = clock.now);
    const timer = setInterval(tick, 250);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  });
</script>

<div class="left">
  <p class="clock" role="timer" aria-label="Time left">{countdown(end, now)}</p>
  {#if inAll}<p class="all">{inAll}</p>{/if}
</div>
<p class="unseen" aria-live="polite">{over ? 'The time is over.' : ''}</p>
<div class="bar" aria-hidden="true">
  <div style:width="{Math.min(100, Math.max(0, 100 - ((end - now) / (whole || 1)) * 100))}%"></div>
</div>

<style>
  .left {
    display: flex;
    flex-wrap: wrap;
    gap: 0 20px;
    align-items: center;
    width: 100%;
  }

  .all {
    flex: 1 1 5rem;
    font-size: var(--type-lead);
    color: var(--faded);
  }

  .clock {
    font: 700 6.5rem/1 var(--figures);
    letter-spacing: -0.04em;
  }

  .bar {
    width: 100%;
    height: 12px;
    background: var(--table);
    border-radius: 6px;
    overflow: hidden;
  }

  .bar div {
    height: 100%;
    background: var(--go);
  }
</style>
