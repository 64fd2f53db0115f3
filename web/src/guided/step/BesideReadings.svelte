<script lang="ts">
  import type { GuidedState } from '../../api/client';
  import { dayWords } from '../../words/dates';
  import { MEASURED } from '../../words/meters';

  let { standing }: { standing: GuidedState } = $props();
</script>

<!-- What a meter's calibration does to the last reading: shown, and never applied. -->
{#each standing.beside as one (`${one.meter} ${one.measures}`)}
  <p class="hint">
    The last {MEASURED[one.measures]}, if it was read with {one.meter}: {one.shown} by its calibration
    of {dayWords(one.on)}. The bench goes by what was read.
  </p>
{/each}
