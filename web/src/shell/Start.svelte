<script lang="ts">
  import { go } from '../routes';
  import Additions from './Additions.svelte';
  import { growHere } from './grow.svelte';
  import { at, MIX } from './views';

  const grow = growHere();

  /** With a tank and a chart a mix can be planned at once; else one is told what is missing. */
  $effect(() => {
    const tank = grow.quay?.tanks[0];
    if (tank && grow.quay?.charts.length)
      go(at(MIX, grow.id, { tank: tank.id }), { replace: true });
  });

  const missing = $derived(
    grow.quay?.tanks.length
      ? 'No chart yet'
      : grow.quay?.charts.length
        ? 'No tank yet'
        : 'Nothing here yet',
  );
</script>

<div class="empty">
  <h1>{missing}</h1>
  <p>A mix needs a tank with its water, and a feed chart.</p>
  <p class="first"><Additions /></p>
</div>

<style>
  .empty {
    max-width: 36rem;
    margin: 80px 32px 24px;
    font-size: 1.25rem;
  }

  .first {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    margin-top: 24px;
  }

  .first :global(button) {
    min-height: 52px;
    padding: 0 20px;
    font-weight: 700;
    border: 2px solid var(--ink);
    border-radius: 6px;
  }
</style>
