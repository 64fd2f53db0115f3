<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';

  /** A word or a figure that is typed where it stands in a sentence; as large as the words around it. */
  interface Props extends Omit<HTMLInputAttributes, 'class' | 'value' | 'size' | 'onchange'> {
    /** What it is, for who does not see the sentence. */
    label: string;
    value?: string | number | null | undefined;
    kind?: 'word' | 'figure';
    /** Letters that there is room for when it is empty. */
    room?: number;
    wrong?: boolean;
    /** The text that was typed, when it is left or Enter is pressed. */
    onkeep?: (text: string) => void;
    element?: HTMLInputElement | undefined;
  }

  let {
    label,
    value = $bindable(''),
    kind = 'word',
    room = 4,
    wrong = false,
    onkeep,
    element = $bindable(),
    type = 'text',
    ...rest
  }: Props = $props();

  const size = $derived(Math.max(room, `${value ?? ''}`.length));
</script>

<input
  {type}
  class={kind}
  aria-label={label}
  aria-invalid={wrong || undefined}
  {size}
  style:width={type === 'number' ? `${room}ch` : undefined}
  style:min-width="{room}ch"
  bind:this={element}
  bind:value
  autocomplete="off"
  onchange={(event) => onkeep?.(event.currentTarget.value.trim())}
  {...rest}
/>

<style>
  input {
    min-height: var(--touch-small);
    padding: 0 2px;
    font: inherit;
    font-weight: 700;
    color: var(--ink);
    background: none;
    border: 0;
    border-bottom: 2px solid var(--ink);
    border-radius: 0;
    field-sizing: content;
  }

  input:hover {
    background: var(--sheet);
  }

  .figure {
    font-family: var(--figures);
  }

  [type='number'] {
    text-align: right;
    appearance: textfield;
  }

  input::placeholder {
    font-weight: 400;
    color: var(--faded);
    opacity: 1;
  }

  [aria-invalid] {
    color: var(--danger);
    border-bottom: 3px double var(--danger);
  }
</style>
