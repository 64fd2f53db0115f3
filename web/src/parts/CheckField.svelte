<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLInputAttributes } from 'svelte/elements';

  /** Something that holds or does not, with a tick before its words. */
  interface Props extends Omit<HTMLInputAttributes, 'class' | 'type' | 'checked'> {
    checked?: boolean;
    onturn?: (checked: boolean) => void;
    children: Snippet;
  }

  let { checked = $bindable(false), onturn, children, ...rest }: Props = $props();
</script>

<label>
  <input
    type="checkbox"
    bind:checked
    onchange={(event) => onturn?.(event.currentTarget.checked)}
    {...rest}
  />
  <span>{@render children()}</span>
</label>

<style>
  label {
    display: inline-flex;
    gap: 8px;
    align-items: center;
    min-height: var(--touch);
    cursor: pointer;
  }

  input {
    flex: none;
    width: 20px;
    height: 20px;
    accent-color: var(--ink);
  }
</style>
