<script lang="ts">
  import { go } from '../routes';
  import type { GrowStore } from './grow.svelte';
  import KeysDialog from './KeysDialog.svelte';
  import TankDialog from './TankDialog.svelte';
  import UnitsDialog from './UnitsDialog.svelte';
  import { at, GROW, MIX } from './views';

  let { grow }: { grow: GrowStore } = $props();

  const overview = $derived(grow.overview);
  const close = () => (grow.asking = undefined);

  /** What was added or set counts at once. */
  async function added(tank?: number) {
    close();
    await grow.load();
    if (tank !== undefined)
      go(overview?.charts.length ? at(MIX, grow.id, { tank }) : at(GROW, grow.id));
  }
</script>

{#if grow.asking === 'keys'}
  <KeysDialog keys={grow.keys} onclose={close} />
{:else if grow.asking === 'tank' && overview}
  <TankDialog
    {overview}
    onclose={close}
    onadded={added}
    onwater={(water) => grow.takeWater(water)}
  />
{:else if grow.asking === 'units' && overview}
  <UnitsDialog {overview} onclose={close} onchanged={() => added()} />
{/if}
