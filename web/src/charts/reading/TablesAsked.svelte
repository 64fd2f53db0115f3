<script lang="ts">
  import type { ReadTable } from '../../api/client';
  import { tableWords } from '../../words/charts';
  import Button from '../../parts/Button.svelte';

  /** Several tables of one leaflet side by side: each is a chart; one, some or all are taken. */
  let { tables, ontaken }: { tables: ReadTable['tables']; ontaken: (indexes: number[]) => void } =
    $props();

  let left = $state<number[]>([]);
  const taken = $derived(tables.map((one) => one.index).filter((one) => !left.includes(one)));

  function turn(index: number, on: boolean) {
    left = on ? left.filter((one) => one !== index) : [...left, index];
  }
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    ontaken(taken);
  }}
>
  {#each tables as table (table.index)}
    <label class={{ chosen: taken.includes(table.index) }}>
      <input
        type="checkbox"
        checked={taken.includes(table.index)}
        onchange={(event) => turn(table.index, event.currentTarget.checked)}
      />
      {tableWords(table)}
    </label>
  {/each}
  <Button
    kind="main"
    size="large"
    wide
    type="submit"
    disabled={!taken.length}
    {@attach (button) => button.focus()}
  >
    {#if taken.length === 1}
      Take this one
    {:else}
      Take {taken.length === tables.length ? `all ${taken.length}` : taken.length}, one after the
      other
    {/if}
  </Button>
</form>

<style>
  form {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(120px, 1fr));
    gap: 6px;
    margin-top: 8px;
  }

  label {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 8px;
    align-items: start;
    min-height: 64px;
    padding: 8px;
    background: var(--sheet);
    border: 2px dashed var(--rule);
    border-radius: 6px;
    cursor: pointer;
  }

  .chosen {
    border: 2px solid var(--ink);
  }

  input {
    width: 22px;
    height: 22px;
  }
</style>
