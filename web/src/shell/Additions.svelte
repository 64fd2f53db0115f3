<script lang="ts">
  import { go } from '../routes';
  import { growHere } from './grow.svelte';
  import { at, LEAFLET } from './views';
  import Button from '../parts/Button.svelte';

  const grow = growHere();
</script>

<Button tone="faded" onclick={() => (grow.asking = 'tank')}>Add a tank</Button>
<Button tone="faded" onclick={() => go(at(LEAFLET, grow.id, { chart: 0 }))}
  >Bring in a leaflet</Button
>
