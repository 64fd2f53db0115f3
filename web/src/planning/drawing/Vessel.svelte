<script lang="ts">
  import type { Fill } from '../../api/client';
  import { shown } from '../figures';
  import { vesselShape } from './vessel';
  import { VESSELS } from '../../words/planning';

  let { fill, unit }: { fill: Fill; unit: string } = $props();

  const HEIGHT = 84;
  const BASE = 7;
  const shape = $derived(vesselShape(fill));
  const kind = $derived(VESSELS[fill.vessel]);
  const size = $derived(
    fill.capacity === '1000' && unit === 'mL' ? '1 L' : `${shown(fill.capacity, 2)} ${unit}`,
  );
  const holds = $derived(
    fill.vessel === 'spoon' ? `of ${size}` : fill.vessel === 'marked_cup' ? fill.words : size,
  );
  const { width, height } = $derived(shape);
  const side = $derived(fill.vessel === 'jug' ? 10 : 5);
  const middle = $derived(width / 2);
  const words = $derived(
    fill.times === 1
      ? fill.display || shown(fill.level, 2)
      : fill.vessel === 'spoon'
        ? `${fill.times} tsp`
        : `${fill.times} ×`,
  );
  const outline = $derived(
    {
      syringe:
        `M-5 0h5v${height}h${middle - 2}v5m4 0v-5h${middle - 2}v${-height}h5` +
        `M${middle} ${height - shape.level}V-3M${middle - 4} -3h8`,
      cylinder: `M-3 -1h3v${height + 1}h${width}v${-height - 1}h2M-4 ${height + 4}h${width + 8}`,
      marked_cup: `M-2 0l4 ${height}h${width - 4}l4 ${-height}`,
      spoon: '',
      jug: `M-5 -2q5 0 5 6v${height - 4}h${width}V0M${width} 12q9 0 9 10v14q0 10 -9 10`,
      scale: '',
    }[fill.vessel],
  );
</script>

<figure title="{size} {kind}">
  {#if fill.vessel === 'scale'}
    <svg width="56" height={HEIGHT} aria-hidden="true">
      <path d="M6 44h44M28 44v8M8 52h40v22h-40z" class="glass" />
      <path d="M14 44q14 -22 28 0z" class="powder" />
    </svg>
  {:else if fill.vessel === 'spoon'}
    <svg width="64" height={HEIGHT} aria-hidden="true">
      <path d="M4 62h34q-2 14 -17 14t-17 -14z" class="liquid" />
      <path d="M4 62h34q-2 14 -17 14t-17 -14zM38 62l22 -14" class="glass" />
      <path d="M2 62h38" class="meniscus" />
    </svg>
  {:else}
    <svg width={width + 2 * side} height={HEIGHT} aria-hidden="true">
      <g transform="translate({fill.vessel === 'jug' ? 6 : side} {HEIGHT - height - BASE})">
        <rect y={height - shape.level} {width} height={shape.level} class="liquid" />
        {#each fill.vessel === 'marked_cup' ? [] : shape.marks as mark, index (mark)}
          <line
            x1={width - (index === 4 ? width / 2 : width / 3.5)}
            x2={width}
            y1={mark}
            y2={mark}
            class="mark"
          />
        {/each}
        <path d={outline} class="glass" />
        <line
          x1="-4"
          x2={width + 4}
          y1={height - shape.level}
          y2={height - shape.level}
          class="meniscus"
        />
      </g>
    </svg>
  {/if}
  <figcaption>
    <b>{words}</b>
    <small>
      {holds}{fill.times > 1 && fill.vessel !== 'spoon' ? ', full' : ''}
      <span class="unseen">{kind}</span>
    </small>
  </figcaption>
</figure>

<style>
  figure {
    display: grid;
    justify-items: center;
  }

  svg {
    overflow: visible;
  }

  .glass {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.75;
  }

  .liquid {
    fill: var(--water-wash);
  }

  .powder {
    fill: var(--rule);
    stroke: var(--ink);
  }

  .mark {
    stroke: var(--ink);
    stroke-width: 0.75;
  }

  .meniscus {
    stroke: var(--danger);
    stroke-width: 2;
  }

  figcaption {
    display: grid;
    justify-items: center;
    font: 0.8125rem/1.2 var(--figures);
  }

  small {
    font: 0.75rem/1.2 var(--text);
    color: var(--faded);
    white-space: nowrap;
  }
</style>
