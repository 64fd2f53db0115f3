<script lang="ts">
  import type { GuidedState } from '../../api/client';
  import Note from './Note.svelte';
  import { written } from '../../words/numbers';

  let { other }: { other: NonNullable<GuidedState['steering']['other_water']> } = $props();
</script>

<Note>
  The water reads {written(other.read)}; this sheet was made for {written(other.planned)}.
  {other.follows
    ? 'The target goes with it, the doses stay.'
    : 'Neither target nor doses go with it.'}
  If it is another water, give the mix up and plan it with this reading.
</Note>
