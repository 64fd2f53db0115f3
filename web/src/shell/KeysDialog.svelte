<script lang="ts">
  import Dialog from '../parts/Dialog.svelte';
  import type { Keys } from './keys.svelte';
  import CheckField from '../parts/CheckField.svelte';

  let { keys, onclose }: { keys: Keys; onclose: () => void } = $props();
</script>

<Dialog title="Keys" {onclose}>
  <dl>
    {#each keys.list as one (one.key)}
      <div>
        <dt><kbd>{one.key}</kbd></dt>
        <dd>{one.what}</dd>
      </div>
    {/each}
    <div>
      <dt><kbd>↑</kbd> <kbd>↓</kbd></dt>
      <dd>change the underlined part that has the focus</dd>
    </div>
  </dl>
  <CheckField checked={keys.on} onturn={(on) => keys.switch(on)}>Single keys act</CheckField>
</Dialog>

<style>
  dl > div {
    display: grid;
    grid-template-columns: 72px 1fr;
    padding: 4px 0;
    border-bottom: 1px solid var(--rule);
  }

  kbd {
    font: 700 1rem var(--figures);
    padding: 0 6px;
    border: 1px solid var(--faded);
    border-radius: 3px;
  }
</style>
