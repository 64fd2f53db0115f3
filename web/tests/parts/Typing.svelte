<script lang="ts">
  import Field from '../../src/parts/Field.svelte';
  import Unsaved from '../../src/parts/Unsaved.svelte';

  /** A form whose entry is kept until it is saved. */
  let remark = $state('as it was');
  let unsaved = $state<{ forget: () => void }>();
</script>

<Unsaved bind:this={unsaved} form="remark" value={remark} onrestore={(typed) => (remark = typed)} />
<Field label="Remark" bind:value={remark} />
<button type="button" onclick={() => unsaved?.forget()}>Save</button>
