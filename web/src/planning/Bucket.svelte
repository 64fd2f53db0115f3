<script lang="ts">
  import type { Mixing } from './mixing.svelte';
  import Typed from './Typed.svelte';
  import Button from '../parts/Button.svelte';

  /** The part of the sentence that says in how much tank water each part is diluted first. */
  let { mixing, wrong }: { mixing: Mixing; wrong: boolean } = $props();
</script>

each part first in a bucket of
<span>
  <Typed
    label="Bucket"
    value={mixing.settings.bucket}
    step={1}
    places={1}
    least={1}
    {wrong}
    onchange={(text) => mixing.set({ bucket: text })}
  /><Button
    kind="bare"
    size="small"
    tone="faded"
    aria-label="Pour it neat"
    onclick={() => mixing.set({ bucket: '' })}>✕</Button
  >,
</span>

<style>
  span {
    white-space: nowrap;
  }

  @media print {
  }
</style>
