<script lang="ts">
  import { go } from '../routes';
  import { growHere } from './grow.svelte';
  import { at, LEAFLET } from './views';

  const grow = growHere();
</script>

<button type="button" onclick={() => (grow.asking = 'tank')}>Add a tank</button>
<button type="button" onclick={() => go(at(LEAFLET, grow.id, { chart: 0 }))}
  >Bring in a leaflet</button
>
