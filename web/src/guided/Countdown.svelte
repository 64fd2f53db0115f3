<script lang="ts">
  import type { GuidedStep } from '../api/client';
  import { countdown } from './project';

  let { step, onover }: { step: GuidedStep; onover: (over: boolean) => void } = $props();

  let now = $state(Date.now() / 1000);
  const due = $derived(step.due ?? now + (step.seconds ?? 0));
  const over = $derived(now >= due);

  $effect(() => onover(over));
  $effect(() => {
    const tick = () => (now = Date.now() / 1000);
    const timer = setInterval(tick, 250);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  });
</script>

<p class="clock" role="timer" aria-label="Time left">{countdown(due, now)}</p>
<p class="unseen" aria-live="polite">{over ? 'The time is over.' : ''}</p>
<div class="bar" aria-hidden="true">
  <div
    style:width="{Math.min(100, Math.max(0, 100 - ((due - now) / (step.seconds || 1)) * 100))}%"
  ></div>
</div>

<style>
  .clock {
    font: 700 6.5rem/1 var(--figures);
    letter-spacing: -0.04em;
  }

  .bar {
    width: 100%;
    height: 12px;
    background: var(--guided-table);
    border-radius: 6px;
    overflow: hidden;
  }

  .bar div {
    height: 100%;
    background: var(--guided-go);
  }
</style>
