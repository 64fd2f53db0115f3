<script lang="ts">
  import type { Shapes } from '../api/client';

  /** What a water has read, as dots over time; its lab report as a mark. */
  let { line, name, unit }: { line: Shapes['WaterLineOut']; name: string; unit: string } = $props();

  const WIDTH = 168;
  const HEIGHT = 56;
  const SPANS = [30, 90, 365, 731];

  const oldest = $derived(
    Math.max(line.points[0]?.days_ago ?? 0, Math.min(line.report_days_ago ?? 0, 731)),
  );
  const span = $derived(SPANS.find((days) => days >= oldest) ?? 731);
  const top = $derived(Math.max(0.1, ...line.points.map((one) => one.ms_cm)) * 1.15);
  const x = (days: number) => 4 + (WIDTH - 8) * (1 - Math.min(days, span) / span);
  const y = (read: number) => HEIGHT - 2 - (HEIGHT - 6) * (read / top);
  const path = $derived(line.points.map((one) => `${x(one.days_ago)},${y(one.ms_cm)}`).join(' '));
  const words = $derived(
    `What ${name} read, ${unit}: ` +
      line.points.map((one) => `${one.shown} on ${one.on}${one.far ? ', far off' : ''}`).join('; '),
  );
  const since = $derived(
    { 30: 'a month', 90: 'three months', 365: 'a year', 731: 'two years' }[span],
  );
</script>

{#if line.points.length}
  <svg viewBox="0 0 {WIDTH} {HEIGHT}" width={WIDTH} height={HEIGHT} role="img" aria-label={words}>
    <line class="floor" x1="0" x2={WIDTH} y1={HEIGHT - 2} y2={HEIGHT - 2} />
    {#if line.report_days_ago !== null && line.report_days_ago <= span}
      <path class="lab" d="M{x(line.report_days_ago)} {HEIGHT - 2}v-{HEIGHT - 8}l5 4l-5 4" />
    {/if}
    <polyline points={path} />
    {#each line.points as one, at (at)}
      {#if one.far}
        <path class="far" d="M{x(one.days_ago)} {y(one.ms_cm) - 5}l5 9h-10z" />
      {:else}
        <circle cx={x(one.days_ago)} cy={y(one.ms_cm)} r="2.5" />
      {/if}
    {/each}
  </svg>
  <small>
    {line.points.length}
    {line.points.length === 1 ? 'reading' : 'readings'} over {since}
  </small>
{:else}–{/if}

<style>
  svg {
    display: block;
    overflow: visible;
  }

  .floor {
    stroke: var(--water);
    stroke-width: 2;
  }

  polyline {
    fill: none;
    stroke: var(--rule);
    stroke-width: 1.5;
  }

  circle {
    fill: var(--ink);
  }

  .far {
    fill: var(--heed);
  }

  .lab {
    fill: none;
    stroke: var(--faded);
    stroke-width: 1.5;
  }

  small {
    color: var(--faded);
  }
</style>
