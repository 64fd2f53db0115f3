<script lang="ts">
  import { api, type ChartCard } from '../api/client';
  import ForGood from '../parts/ForGood.svelte';
  import { growHere } from '../shell/grow.svelte';

  /** A chart that was put away, removed for good by typing its name. */
  let {
    card,
    onasked,
  }: { card: ChartCard; onasked: (asked: Promise<{ data?: unknown; error?: unknown }>) => void } =
    $props();

  const grow = growHere();

  function remove(name: string) {
    const params = { path: { grow_id: grow.id, chart_id: card.chart_id } };
    const body = { name };
    onasked(api.DELETE('/api/grows/{grow_id}/charts/{chart_id}/for-good', { params, body }));
  }
</script>

<ForGood
  name={card.name}
  what={card.name}
  loses="All its versions and photographs are lost."
  onremove={remove}
/>
