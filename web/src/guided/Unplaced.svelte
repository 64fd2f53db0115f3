<script lang="ts">
  import type { GuidedState } from '../api/client';
  import type { GuidedMix } from './guided.svelte';
  import Note from './step/Note.svelte';
  import Button from '../parts/Button.svelte';

  let { guided, standing }: { guided: GuidedMix; standing: GuidedState } = $props();

  const undo = (of: string) =>
    guided.tell({ kind: 'undone', step: '', figure: '', of, sure: false });
</script>

{#each standing.unplaced as one (one.event)}
  <Note>
    {one.shown}
    {one.name} went in, told by {one.by}, before a reading was corrected. It counts, in the record
    and on the shelf.
    <Button onclick={() => undo(one.event)}>It never went in</Button>
  </Note>
{/each}

<style>
</style>
