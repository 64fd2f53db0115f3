<script lang="ts">
  import type { ReadTable } from '../../api/client';
  import { TAKEN_AS } from '../../words/charts';
  import Button from '../../parts/Button.svelte';

  type Row = ReadTable['questions'][number]['rows'][number];
  type TakenAs = Row['likely'];

  /** Rows of which nothing says what they are: each with what it is likely to be, settled at once. */
  let {
    rows,
    onsettled,
    onlook,
  }: {
    rows: Row[];
    onsettled: (taken: Record<string, TakenAs>) => void;
    onlook: (row: number) => void;
  } = $props();

  const id = $props.id();
  let chosen = $state<Record<string, TakenAs>>({});
  const taken = $derived(
    Object.fromEntries(rows.map((row) => [row.row, chosen[row.row] ?? row.likely])),
  );
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    onsettled(taken);
  }}
>
  {#each rows as row (row.row)}
    <fieldset>
      <legend>
        <Button size="small" onclick={() => onlook(row.row)}>{row.name}</Button>
        <small>{row.why}</small>
      </legend>
      {#each Object.entries(TAKEN_AS) as [kind, words] (kind)}
        <label class:chosen={taken[row.row] === kind}>
          <input
            type="radio"
            name="{id}-{row.row}"
            checked={taken[row.row] === kind}
            onchange={() => (chosen = { ...chosen, [row.row]: kind as TakenAs })}
          />
          {words}
        </label>
      {/each}
    </fieldset>
  {/each}
  <Button kind="main" size="large" wide type="submit" {@attach (button) => button.focus()}
    >That is right</Button
  >
</form>

<style>
  fieldset {
    display: grid;
    grid-template-columns: 5fr 3fr 3fr 4fr;
    gap: 4px;
    margin: 12px 0 0;
    padding: 0;
    border: 0;
  }

  legend {
    display: flex;
    flex-wrap: wrap;
    gap: 0 8px;
    align-items: baseline;
    padding: 0 0 4px;
  }

  small {
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  label {
    position: relative;
    display: flex;
    align-items: center;
    justify-content: center;
    min-height: 40px;
    font-size: var(--type-note);
    background: var(--sheet);
    border: 1px solid var(--rule);
    border-radius: 6px;
    cursor: pointer;
  }

  .chosen {
    font-weight: 700;
    border: 2px solid var(--ink);
  }

  .chosen::before {
    margin-right: 4px;
    content: '✓';
  }

  label:focus-within {
    outline: 3px solid var(--water);
    outline-offset: 2px;
  }

  input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
  }
</style>
