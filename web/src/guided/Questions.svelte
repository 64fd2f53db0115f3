<script lang="ts">
  import Ask from './step/Ask.svelte';

  let {
    asking,
    what,
    past,
    onskip,
    onpast,
    onleave,
    onno,
  }: {
    asking: 'skip' | 'past' | 'leave';
    /** What the step on screen asks for, and what is offered beyond what is right. */
    what: string;
    past: string;
    onskip: () => void;
    onpast: () => void;
    onleave: () => void;
    onno: () => void;
  } = $props();
</script>

{#if asking === 'skip'}
  <Ask title="Leave it out?" yes="Leave it out" onyes={onskip} {onno}>
    Leave “{what}” out? It is kept in the record.
  </Ask>
{:else if asking === 'past'}
  <Ask title={past} yes={past} onyes={onpast} {onno}>
    {past}? That is on purpose, and it is kept in the record.
  </Ask>
{:else}
  <Ask title="Give the mix up?" yes="Give it up" onyes={onleave} {onno}>
    Give this mix up? It ends without a record; what was poured is taken off the bottles.
  </Ask>
{/if}
