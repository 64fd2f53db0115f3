<script lang="ts">
  import type { Shapes } from '../../api/client';
  import { elementLine } from './elements';
  import { elementName } from '../../words/planning';
  import Button from '../../parts/Button.svelte';

  let { tank, onranges }: { tank: Shapes['InTankDocument']; onranges: () => void } = $props();

  const lines = $derived(tank.elements.map((one) => elementLine(one, !tank.unlabelled.length)));
  const WIDTH = 100;
  const nitrogen = $derived(
    Object.entries(tank.nitrogen)
      .filter(([, ppm]) => ppm >= 0.5)
      .map(([form, ppm]) => `${ppm.toFixed(0)} as ${form}`)
      .join(', '),
  );
</script>

<h2>In the tank, ppm</h2>
<ul>
  {#each lines as line (line.element)}
    <li aria-label="{elementName(line.element)}: {line.words}" title={line.words}>
      <b>{line.element}</b>
      <svg viewBox="0 0 {WIDTH} 14" preserveAspectRatio="none" aria-hidden="true">
        <line x1="0" x2={WIDTH} y1="7" y2="7" class="axis" />
        {#if line.range}
          <rect
            x={line.range.from * WIDTH}
            width={(line.range.to - line.range.from) * WIDTH}
            y="2"
            height="10"
            class="range"
          />
        {/if}
        <rect x="0" width={line.water * WIDTH} y="5" height="4" class="water" />
        {#if line.acid}
          <rect
            x={line.acid.from * WIDTH}
            width={(line.acid.to - line.acid.from) * WIDTH}
            y="5"
            height="4"
            class="acid"
          />
        {/if}
        <rect x={line.mark * WIDTH - 0.75} width="1.5" y="0" height="14" class="mark" />
      </svg>
      <span class={['ppm', { out: line.out }]}>
        {tank.told === 'nothing'
          ? '?'
          : `${line.out === 'below' ? '↓' : line.out === 'above' ? '↑' : ''}${line.ppm}`}
      </span>
    </li>
  {/each}
</ul>
{#if nitrogen}<p>N: {nitrogen}</p>{/if}
{#if tank.told === 'nothing'}
  <p>
    What the feed brings is not known, nor the pH it makes: the label of
    {tank.unlabelled.join(' and ')} would tell. This is the water alone.
  </p>
{:else if tank.told === 'part'}
  <p>
    At least so much: the label of {tank.unlabelled.join(' and ')} would tell the rest, and the pH.
  </p>
{/if}
<p class="legend">
  <span class="key range" aria-hidden="true"></span> range
  <span class="key water" aria-hidden="true"></span> from the water
  {#if tank.acid}<span class="key acid" aria-hidden="true"></span> from the acid{/if}
</p>
<p class="source">{tank.ranges}. <Button size="small" onclick={onranges}>Own ranges</Button></p>

<style>
  h2 {
    font-size: var(--type-note);
    line-height: 1.4;
  }

  li {
    display: grid;
    grid-template-columns: 24px 1fr 44px;
    align-items: center;
    gap: 8px;
    line-height: 1.5;
  }

  b {
    font-weight: 400;
  }

  svg {
    width: 100%;
    height: 14px;
    overflow: visible;
  }

  .axis {
    stroke: var(--rule);
    vector-effect: non-scaling-stroke;
  }

  .range {
    fill: var(--grow-wash);
    background: var(--grow-wash);
  }

  .water {
    fill: var(--water-wash);
    background: var(--water-wash);
  }

  .acid {
    fill: #b08a3e;
    background: #b08a3e;
  }

  .mark {
    fill: var(--ink);
  }

  .ppm {
    font: 0.875rem/1.5 var(--figures);
    text-align: right;
  }

  .out {
    font-weight: 700;
    color: var(--heed);
  }

  p {
    color: var(--faded);
    font-size: var(--type-small);
  }

  @media print {
    .legend,
    .source {
      display: none;
    }

    li {
      grid-template-columns: 20px 1fr 36px;
      line-height: 1.15;
    }
  }

  .key {
    display: inline-block;
    width: 14px;
    height: 8px;
  }
</style>
