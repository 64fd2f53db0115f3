<script lang="ts">
  import type { Snippet } from 'svelte';

  /** What went wrong (read out at once), or what has just been done (read out when there is time). */
  let {
    problem,
    kind = 'problem',
    children,
  }: {
    /** An error of the server; nothing is shown while there is none. */
    problem?: { message: string } | undefined;
    kind?: 'problem' | 'done';
    children?: Snippet;
  } = $props();
</script>

{#if children}
  <p class={kind} role={kind === 'problem' ? 'alert' : 'status'}>
    {#if kind === 'problem'}△{/if}
    {@render children()}
  </p>
{:else if problem}
  <p class={kind} role="alert">△ {problem.message}</p>
{/if}

<style>
  p {
    overflow-wrap: anywhere;
  }

  .problem {
    font-weight: 700;
    color: var(--heed);
  }

  @media print {
    p {
      display: none;
    }
  }
</style>
