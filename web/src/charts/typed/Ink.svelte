<script lang="ts">
  /** A chart as a small picture of itself: bottles down, columns across, the dose as ink. */
  let { ink, columns }: { ink: string[]; columns: number } = $props();

  const WIDE = 200;
  const LINE = 9;
  const step = $derived(WIDE / Math.max(columns, 1));
  const LEAST_LINES = 8;
  const tall = $derived(Math.max(ink.length, LEAST_LINES) * LINE);
</script>

<svg viewBox="0 0 {WIDE} {tall}" preserveAspectRatio="none" aria-hidden="true">
  {#each ink as row, down (down)}
    <line x1="0" x2={WIDE} y1={down * LINE + LINE - 0.5} y2={down * LINE + LINE - 0.5} />
    {#each row as dose, across (across)}
      {#if dose !== '0'}
        {@const height = 1 + (Number(dose) / 9) * (LINE - 2.5)}
        <rect
          x={across * step + 0.6}
          y={(down + 1) * LINE - 1 - height}
          width={Math.max(step - 1.2, 1)}
          {height}
        />
      {/if}
    {/each}
  {/each}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    height: 104px;
  }

  rect {
    fill: var(--ink);
  }

  line {
    stroke: var(--rule);
    stroke-width: 0.5;
  }
</style>
