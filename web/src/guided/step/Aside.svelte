<script lang="ts">
  import type { GuidedState } from '../../api/client';
  import type { GuidedMix } from '../guided.svelte';
  import Note from './Note.svelte';
  import { toldFigure } from '../project';
  import { asks } from '../../words/guided';
  import Button from '../../parts/Button.svelte';

  let { guided, standing }: { guided: GuidedMix; standing: GuidedState } = $props();

  const lines = $derived(
    guided.aside.map((event) => {
      const step = standing.steps.find((one) => one.id === event.step);
      return {
        id: event.id,
        what: step ? asks(step) : event.step,
        figure: toldFigure(event, step),
      };
    }),
  );
</script>

<Note>
  The server fails at {lines.length === 1 ? 'one thing' : `${lines.length} things`} told here, and takes
  all else. It is kept on this device:
  {#each lines as { id, what, figure } (id)}
    <b>{what}{figure ? `: ${figure}` : ''}</b>;
  {/each}
  <Button onclick={() => guided.notedAside()}>I have written it down</Button>
</Note>

<style>
</style>
