<script lang="ts">
  import { numberHere } from '../routes';
  import LeafletView from './LeafletView.svelte';

  const chart = $derived(numberHere('chart'));
</script>

{#key chart}
  <LeafletView {chart} />
{/key}
