<script lang="ts">
  import type { Snippet } from 'svelte';

  /** Things side by side, one a column; or the lines of a record. Its bodies are given as `tbody`. */
  let {
    label,
    head = [],
    kind = 'columns',
    children,
  }: {
    /** What the table shows, for who does not see it. */
    label: string;
    /** Words above the columns; the first stands over the rows' own names. */
    head?: readonly string[];
    kind?: 'columns' | 'lines';
    children: Snippet;
  } = $props();
</script>

<!-- It scrolls sideways on a narrow screen, by keyboard too. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="scroll" role="group" aria-label={label} tabindex="0">
  <table class={kind}>
    {#if head.length}
      <thead>
        <tr>
          {#each head as words, at (at)}
            {#if words}<th scope="col">{words}</th>{:else}<td></td>{/if}
          {/each}
        </tr>
      </thead>
    {/if}
    {@render children()}
  </table>
</div>

<style>
  /* Words for screen readers alone stay within it. */
  .scroll {
    position: relative;
    overflow-x: auto;
  }

  table {
    border-collapse: collapse;
  }

  thead :is(th, td) {
    padding: 4px 20px 4px 0;
    text-align: left;
    border-bottom: 2px solid currentcolor;
  }

  .columns thead th {
    min-width: 172px;
    font-size: var(--type-lead);
  }

  /* Weak, so that a table's own rows can say otherwise. */
  table :global(:where(th[scope='row'])) {
    padding: 0 20px 0 0;
    font-weight: 400;
    color: var(--faded);
    text-align: left;
    white-space: nowrap;
  }

  table :global(:where(td)) {
    height: 38px;
    padding: 0 20px 0 0;
  }

  .lines {
    width: 100%;
    font-size: var(--type-lead);
  }

  .lines thead th {
    font-weight: 400;
    color: var(--faded);
  }

  .lines :global(:where(td)) {
    padding: 6px 12px 6px 0;
    border-bottom: 1px solid var(--table, var(--rule));
  }
</style>
