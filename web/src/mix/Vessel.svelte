<script lang="ts">
  import type { Fill } from '../api/client';
  import { shown } from './figures';
  import { vesselShape } from './vessel';
  import { VESSELS } from './words';

  let { fill, unit }: { fill: Fill; unit: string } = $props();

  const HEIGHT = 80;
  const shape = $derived(vesselShape(fill));
  const kind = $derived(VESSELS[fill.vessel]);
  const spout = $derived(fill.vessel === 'syringe' ? 0 : 4);
</script>

<figure title="{shown(fill.capacity, 2)} {unit} {kind}">
  {#if fill.vessel === 'scale'}
    <svg width="56" height={HEIGHT} aria-hidden="true">
      <path d="M6 44h44M28 44v8M8 52h40v22h-40z" class="glass" />
      <path d="M14 44q14 -22 28 0z" class="powder" />
    </svg>
  {:else}
    <svg width={shape.width + 14} height={HEIGHT} aria-hidden="true">
      <g transform="translate(5 {HEIGHT - shape.height - 4})">
        <rect
          y={shape.height - shape.level}
          width={shape.width}
          height={shape.level}
          class="liquid"
        />
        {#each shape.marks as mark, index (mark)}
          <line
            x1={shape.width - (index === 4 ? shape.width / 2 : shape.width / 3.5)}
            x2={shape.width}
            y1={mark}
            y2={mark}
            class="mark"
          />
        {/each}
        <path
          d="M{-spout} -2h{spout}v{shape.height + 2}h{shape.width}v{-shape.height - 2}h{spout}"
          class="glass"
        />
        <line
          x1="-4"
          x2={shape.width + 4}
          y1={shape.height - shape.level}
          y2={shape.height - shape.level}
          class="meniscus"
        />
      </g>
    </svg>
  {/if}
  <figcaption>
    <b>{fill.times > 1 ? `${fill.times} × ` : ''}{shown(fill.level, 2)}</b>
    <small>{fill.vessel === 'scale' ? 'scale' : `${shown(fill.capacity, 2)} ${kind}`}</small>
  </figcaption>
</figure>

<style>
  figure {
    display: grid;
    justify-items: center;
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
