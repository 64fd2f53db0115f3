<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLButtonAttributes } from 'svelte/elements';

  /** The one press area at the foot of a screen that is worked through with wet hands. */
  interface Props extends Omit<HTMLButtonAttributes, 'class'> {
    /** Not what is to be pressed now: smaller, and without a ground. */
    quiet?: boolean;
    children: Snippet;
  }

  let { quiet = false, type = 'button', children, ...rest }: Props = $props();
</script>

<button {type} class={['press', { quiet }]} {...rest}>{@render children()}</button>

<style>
  button {
    position: sticky;
    bottom: 8px;
    width: 100%;
    min-height: 128px;
    margin-top: auto;
    padding: 0 16px;
    font-size: 2rem;
    font-weight: 700;
    color: var(--on-go);
    background: var(--go);
    border-radius: 12px;
  }

  .quiet {
    min-height: 88px;
    font-size: var(--type-head);
    color: var(--faded);
    background: var(--paper);
    border: 2px solid var(--faded);
  }

  button:disabled {
    opacity: 0.5;
    cursor: default;
  }

  @media print {
    button {
      display: none;
    }
  }
</style>
