<script lang="ts">
  import type { Shapes } from '../../api/client';
  import { drawClimb, type ClimbData } from './climb';
  import { fixed, written } from '../../words/numbers';

  let {
    climb,
    water,
    ph,
    acid,
    tag,
    name,
  }: {
    climb: ClimbData;
    water: string;
    ph: Shapes['PhTarget'];
    acid: Shapes['AcidPlanDocument'] | null | undefined;
    tag: (place: number) => string;
    name: (place: number) => string;
  } = $props();

  let width = $state(740);
  const hasPh = $derived(climb.risers.some((riser) => riser.ph !== null));
  const height = $derived((width < 500 || hasPh ? 230 : 256) + (hasPh ? 44 : 0));
  const drawing = $derived(drawClimb(climb, { width, height }, ph));
  const told = $derived(
    climb.risers
      .map((riser) => `${name(riser.place)} at minute ${riser.minute}: ${riser.shown ?? 'unknown'}`)
      .join('; '),
  );
  /** Whether the water is drawn deep enough to hold its own name. */
  const deep = $derived(drawing.bottom - drawing.floorY > 22);
  const axis = $derived(climb.relative ? `EC above the water, ${climb.unit}` : `EC, ${climb.unit}`);
</script>

<figure bind:clientWidth={width}>
  <svg
    {width}
    {height}
    viewBox="0 0 {width} {height}"
    role="img"
    aria-label="Expected readings from {climb.floor_shown} {climb.unit}: {told}."
  >
    <text x="0" y="12" class="quiet">{axis.replace('EC, mS', 'EC mS')}</text>
    {#each drawing.ticks as tick (tick.words)}
      <line x1={drawing.left} x2={drawing.right} y1={tick.y} y2={tick.y} class="rule" />
      <text x={drawing.left - 8} y={tick.y + 5} class="figure quiet" text-anchor="end">
        {tick.words}
      </text>
    {/each}

    <rect
      x={drawing.left}
      y={drawing.floorY}
      width={drawing.right - drawing.left}
      height={Math.max(0, drawing.bottom - drawing.floorY)}
      class="water"
    />
    <text
      x={deep ? drawing.left + 8 : drawing.right - 8}
      y={deep ? drawing.bottom - 8 : drawing.floorY - 7}
      text-anchor={deep ? 'start' : 'end'}
      class="source"
    >
      {water}
      {climb.relative ? 'not read' : climb.floor_shown}
    </text>

    {#if drawing.band && climb.target}
      <rect
        x={drawing.left}
        y={drawing.band.y}
        width={drawing.right - drawing.left}
        height={drawing.band.height}
        class="band"
      />
      <text x={drawing.left + 8} y={drawing.band.y - 6} class="target">
        target {climb.target.shown}
      </text>
    {/if}

    {#each drawing.risers as riser (riser.place)}
      <line x1={riser.x} x2={riser.x} y1={riser.y} y2={drawing.bottom} class="drop" />
      <text x={riser.x} y={drawing.bottom + 19} class="figure quiet" text-anchor="middle">
        {riser.minute}
      </text>
    {/each}
    {#if drawing.risers.length}
      <text x="0" y={drawing.bottom + 19} class="quiet">min</text>
    {/if}
    <path d={drawing.unsure} class="unsure" />
    <path d={drawing.path} class="climb" />
    {#each drawing.risers as riser (riser.place)}
      {#if riser.lifts && riser.shown !== climb.end_shown}
        <text x={riser.x + 6} y={riser.y + 17} class="figure level">{riser.shown}</text>
      {/if}
      <g transform="translate({riser.x - 14} {riser.y - 27})">
        <rect width="28" height="20" rx="2" class={['label', riser.basis]} />
        <text x="14" y="15" text-anchor="middle" class="figure tag">{tag(riser.place)}</text>
      </g>
    {/each}
    {#if drawing.end}
      <circle cx={drawing.end.x - 4} cy={drawing.end.y} r="5" />
      <text x={drawing.end.x} y={drawing.end.y + 24} class="figure end" text-anchor="end">
        {climb.relative ? '+' : ''}{climb.end_shown}
      </text>
    {/if}

    {#if drawing.ph}
      {@const line = drawing.ph}
      <text x="0" y={line.bottom - 4} class="quiet">pH</text>
      <rect
        x={drawing.left}
        width={drawing.right - drawing.left}
        y={line.window.y}
        height={Math.max(3, line.window.height)}
        class="band"
      />
      <text x={drawing.left + 8} y={line.window.y - 4} class="target"
        >{written(ph.low)} to {written(ph.high)}</text
      >
      <path d={line.path} class="ph-line" />
      <text x={line.first.x - 6} y={line.first.y + 5} class="figure quiet" text-anchor="end">
        {line.first.shown}
      </text>
      {#if acid}
        <path d="M{line.last.x - 4} {line.last.y}V{line.acid}m-4 -6l4 6l4 -6" class="acid" />
      {/if}
      <text
        x={line.last.x - (acid ? 14 : 0)}
        y={line.last.y - 6}
        class="figure ph"
        text-anchor="end"
      >
        {line.last.shown}{acid ? `, acid to ${fixed(acid.to_ph, 1)}` : ''}
      </text>
    {:else if drawing.readX !== undefined}
      <text x="0" y={height - 10} class="quiet">pH</text>
      <line
        x1={drawing.left}
        x2={drawing.readX}
        y1={height - 15}
        y2={height - 15}
        class="before-ph"
      />
      <circle cx={drawing.readX} cy={height - 15} r="4" class="ph-mark" />
      <text x={drawing.readX - 10} y={height - 10} class="ph" text-anchor="end">
        read EC, then pH: {written(ph.low)} to {written(ph.high)}
      </text>
    {/if}
  </svg>
</figure>

<style>
  figure {
    min-width: 0;
  }

  svg {
    display: block;
    overflow: visible;
    font-family: var(--text);
    font-size: 14px;
  }

  text {
    fill: var(--ink);
  }

  .figure {
    font-family: var(--figures);
  }

  .quiet {
    fill: var(--faded);
  }

  .rule {
    stroke: var(--rule);
  }

  .water {
    fill: var(--water-wash);
    opacity: 0.45;
  }

  .source {
    fill: #1f5570;
    paint-order: stroke;
    stroke: #f5f2ea88;
    stroke-width: 4px;
  }

  .band {
    fill: var(--grow-wash);
  }

  .target {
    fill: var(--grow);
    font-weight: 700;
  }

  .drop {
    stroke: var(--rule);
    stroke-dasharray: 2 4;
  }

  .climb {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2.5;
    stroke-linejoin: round;
  }

  .unsure {
    fill: var(--ink);
    opacity: 0.09;
  }

  .ph-line,
  .acid {
    fill: none;
    stroke: var(--water);
    stroke-width: 2;
  }

  .acid {
    stroke-dasharray: 3 3;
  }

  .chart {
    stroke-dasharray: 3 2;
  }

  .label {
    fill: var(--sheet);
    stroke: var(--ink);
    stroke-width: 1.25;
  }

  .tag {
    font-weight: 700;
    font-size: 13px;
  }

  .level {
    font-size: 13px;
    fill: var(--faded);
  }

  .end {
    font-size: 20px;
    font-weight: 700;
  }

  .before-ph {
    stroke: var(--rule);
    stroke-width: 1.5;
  }

  .ph-mark {
    fill: var(--paper);
    stroke: var(--faded);
    stroke-width: 1.5;
  }

  .ph {
    fill: var(--faded);
    paint-order: stroke;
    stroke: var(--paper);
    stroke-width: 6px;
  }

  @media print {
    svg {
      width: 62%;
      height: auto;
    }

    .ph,
    .source {
      stroke: none;
    }

    .before-ph {
      display: none;
    }
  }
</style>
