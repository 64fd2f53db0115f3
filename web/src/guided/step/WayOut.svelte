<script lang="ts">
  import type { GuidedState } from '../../api/client';
  import Note from './Note.svelte';

  let { way }: { way: NonNullable<GuidedState['steering']['way_out']> } = $props();
</script>

<Note>
  {way.poured} of {way.name} went in, {way.planned} were planned. Ways out: {way.dilute_to
    ? `fill up to ${way.dilute_to} with plain water`
    : `drain ${way.drain} and fill with plain water`}, {way.accept_at
    ? `leave it at about ${way.accept_at}`
    : 'leave it so'}, or give up and start again.
  {#if way.behind.length}
    {way.behind.join(' and ')}
    {way.behind.length > 1 ? 'are' : 'is'} in already and cannot follow: the pair stays out of its ratio.
  {/if}
</Note>
