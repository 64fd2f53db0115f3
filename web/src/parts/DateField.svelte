<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';

  /** A day of the calendar; empty where none is known. */
  interface Props extends Omit<HTMLInputAttributes, 'class' | 'type' | 'value'> {
    label: string;
    value?: string | null | undefined;
    /** The label is for screen readers alone: the words around it say what it is. */
    inSentence?: boolean;
    /** The day that was chosen, or null where it was emptied. */
    onkeep?: (day: string | null) => void;
  }

  let { label, value = $bindable(), inSentence = false, onkeep, ...rest }: Props = $props();
</script>

<label>
  <span class={{ unseen: inSentence }}>{label}</span>
  <input
    type="date"
    bind:value={() => value ?? '', (day) => (value = day)}
    onchange={(event) => onkeep?.(event.currentTarget.value || null)}
    {...rest}
  />
</label>

<style>
  label {
    display: inline-flex;
    flex-wrap: wrap;
    gap: 0 8px;
    align-items: center;
  }

  input {
    min-height: var(--touch);
    padding: 0 4px;
    font: 700 1rem var(--figures);
    background: none;
    border: 0;
    border-bottom: 2px solid var(--ink);
    border-radius: 0;
  }

  input[aria-invalid='true'] {
    color: var(--danger);
    border-bottom: 3px double var(--danger);
  }
</style>
