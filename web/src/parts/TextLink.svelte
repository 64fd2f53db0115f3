<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLAnchorAttributes } from 'svelte/elements';

  /** A way to another place or a file, with an address of its own. */
  interface Props extends Omit<HTMLAnchorAttributes, 'class'> {
    kind?: 'word' | 'framed';
    href: string;
    children: Snippet;
  }

  let { kind = 'word', children, ...rest }: Props = $props();
</script>

<a class={kind} {...rest}>{@render children()}</a>

<style>
  a {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    min-height: var(--touch);
    color: inherit;
  }

  .word {
    text-decoration: underline;
    text-underline-offset: 4px;
  }

  .framed {
    padding: 4px 16px;
    font-weight: 700;
    text-decoration: none;
    border: 2px solid currentcolor;
    border-radius: var(--corner);
  }

  @media print {
    a {
      display: none;
    }
  }
</style>
