<script lang="ts" generics="Value extends string">
  /** One of a few, all of them in sight. */
  let {
    title,
    options,
    value,
    onchoose,
  }: {
    title: string;
    options: readonly (readonly [value: Value, words: string, note?: string])[];
    value: Value;
    onchoose: (value: Value) => void;
  } = $props();

  const name = $props.id();
</script>

<fieldset>
  <legend>{title}</legend>
  {#each options as [given, words, note] (given)}
    <label>
      <input
        type="radio"
        {name}
        value={given}
        checked={given === value}
        onchange={() => onchoose(given)}
      />
      <span>
        {words}
        {#if note}<small>{note}</small>{/if}
      </span>
    </label>
  {/each}
</fieldset>

<style>
  fieldset {
    min-width: 0;
    margin: 0 0 12px;
    padding: 0;
    border: 0;
  }

  legend {
    padding: 0;
    font-weight: 700;
  }

  label {
    display: flex;
    gap: 8px;
    align-items: center;
    padding: var(--space-line, 0);
    min-height: var(--touch);
    cursor: pointer;
  }

  input {
    flex: none;
    width: 20px;
    height: 20px;
    accent-color: var(--ink);
  }

  small {
    display: block;
    color: var(--faded);
  }
</style>
