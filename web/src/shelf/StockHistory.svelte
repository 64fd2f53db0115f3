<script lang="ts">
  import { dayWords } from '../words/dates';
  import { STOCK_ENTRIES, type Stock } from '../words/stock';
  import { written } from '../words/numbers';

  /** What became of a product's stock, the newest first. */
  let { stock }: { stock: Stock } = $props();
</script>

<details>
  <summary>Stock history</summary>
  <ol>
    {#each stock.history as one, at (at)}
      <li>
        {dayWords(one.on)}: {STOCK_ENTRIES[one.kind]}
        <b>{written(one.amount)} {stock.unit}</b>{one.left
          ? `, ${written(one.left)} left`
          : ''}{one.reason ? `: ${one.reason}` : ''}{one.by ? `, ${one.by}` : ''}
      </li>
    {/each}
  </ol>
</details>

<style>
  ol {
    padding: 0;
    list-style: none;
  }

  summary {
    min-height: 44px;
    line-height: 44px;
    cursor: pointer;
  }

  li {
    padding: 2px 0;
    font-size: var(--type-note);
  }

  b {
    font-family: var(--figures);
  }
</style>
