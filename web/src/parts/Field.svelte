<script lang="ts" generics="Value = string">
  import type { Snippet } from 'svelte';
  import type { HTMLInputAttributes } from 'svelte/elements';

  /** One entry of a form: what it is, where to type or to choose from a few, its unit, what is wrong. */
  interface Props extends Omit<HTMLInputAttributes, 'class' | 'value' | 'name'> {
    label: string;
    value?: Value | undefined;
    unit?: string;
    /** Words and values to choose from, where it is not typed. */
    options?: readonly (readonly [value: Value, words: string])[] | undefined;
    wrong?: boolean;
    /** A number, in the type of figures. */
    figure?: boolean;
    /** The label stands before the entry, in one line with others. */
    beside?: boolean;
    children?: Snippet;
  }

  let {
    label,
    value = $bindable(),
    unit = '',
    options,
    wrong = false,
    figure = false,
    beside = false,
    children,
    ...rest
  }: Props = $props();
</script>

<label class={{ beside, wrong, figure }}>
  <span>{label}</span>
  {#if options}
    <select bind:value disabled={rest.disabled}>
      {#each options as [given, words] (words)}<option value={given}>{words}</option>{/each}
    </select>
  {:else}
    <input bind:value autocomplete="off" aria-invalid={wrong || undefined} {...rest} />
  {/if}
  {#if unit}<small>{unit}</small>{/if}
  {@render children?.()}
</label>

<style>
  label {
    display: grid;
    gap: 2px;
    color: var(--faded);
  }

  .beside {
    display: inline-flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 8px;
  }

  input,
  select {
    min-width: 0;
    min-height: var(--touch);
    padding: 0 8px;
    font: inherit;
    color: var(--ink);
    background: var(--entry, var(--sheet));
    border: 0;
    border-bottom: 2px solid var(--ink);
    border-radius: 0;
  }

  .figure input {
    width: 100%;
    font-family: var(--figures);
    font-size: var(--entry-size, 1rem);
    font-weight: 700;
  }

  .beside input {
    width: auto;
  }

  input::placeholder {
    color: var(--faded);
    opacity: 1;
  }

  .wrong input {
    color: var(--danger);
    border-bottom: 3px double var(--danger);
  }
</style>
