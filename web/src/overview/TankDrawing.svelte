<script lang="ts">
  import type { Tank } from '../api/client';

  let { tank, widest }: { tank: Tank; widest: number } = $props();

  const MAX_WIDTH = 96;
  const scale = $derived(MAX_WIDTH / widest);
  const width = $derived(tank.width_cm * scale);
  const height = $derived(tank.height_cm * scale);
</script>

<!-- All tanks of a overview are drawn to one scale, with a hand's breadth of freeboard. -->
<svg width={width + 4} height={height + 4} aria-hidden="true">
  <rect x="2" y={2 + height * 0.12} {width} height={height * 0.88} class="water" />
  <path d="M2 2v{height}h{width}v{-height}" />
</svg>

<style>
  svg {
    display: block;
  }

  .water {
    fill: var(--water-wash);
  }

  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
</style>
