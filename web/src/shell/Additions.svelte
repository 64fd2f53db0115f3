<script lang="ts">
  import { growHere } from './grow.svelte';

  const grow = growHere();
</script>

<button onclick={() => (grow.asking = 'tank')}>Add a tank</button>
<button onclick={() => (grow.asking = 'chart')}>Read in a chart</button>
