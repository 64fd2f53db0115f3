<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLButtonAttributes } from 'svelte/elements';

  /**
   * Something to press: an underlined word, a framed one, the main thing of its place, or a
   * bare sign or word in a row of them.
   */
  interface Props extends Omit<HTMLButtonAttributes, 'class'> {
    kind?: 'word' | 'framed' | 'main' | 'bare';
    /** Small ones stand in a line of text, large ones end a form; the usual size is a finger's. */
    size?: 'small' | 'usual' | 'large';
    tone?: 'ink' | 'faded' | 'danger';
    /** As wide as what it stands in. */
    wide?: boolean;
    element?: HTMLButtonElement | undefined;
    children: Snippet;
  }

  let {
    kind = 'word',
    size = 'usual',
    tone = 'ink',
    wide = false,
    type = 'button',
    element = $bindable(),
    children,
    ...rest
  }: Props = $props();
</script>

<button {type} bind:this={element} class={[kind, size, tone, { wide }]} {...rest}
  >{@render children()}</button
>

<style>
  button {
    min-height: var(--touch);
    color: var(--ink);
  }

  /* Its words stand in line with the text above; the ground around them is pressed too. */
  .word {
    min-width: var(--touch-small);
    margin-left: -4px;
    padding: 0 8px 0 4px;
    text-align: left;
    text-decoration: underline;
    text-underline-offset: 4px;
  }

  .bare {
    min-width: var(--touch-small);
    padding: 0 8px;
  }

  .framed,
  .main {
    padding: 4px 16px;
    font-size: var(--type-press, inherit);
    font-weight: 700;
    border: 2px solid currentcolor;
    border-radius: var(--corner);
  }

  .faded {
    color: var(--faded);
  }

  .danger {
    color: var(--danger);
  }

  .main {
    color: var(--sheet);
    background: var(--ink);
    border-color: var(--ink);
  }

  .small {
    min-height: var(--touch-small);
    font-size: var(--type-note);
  }

  .large {
    min-height: var(--touch-large);
  }

  .wide {
    width: 100%;
  }

  button:is(:disabled, [aria-disabled='true']) {
    color: var(--faded);
    text-decoration: none;
    cursor: default;
  }

  .framed:disabled,
  .main:is(:disabled, [aria-disabled='true']) {
    background: none;
    border-color: var(--rule);
  }

  @media print {
    button {
      display: none;
    }
  }
</style>
