<script lang="ts">
  import type { Product } from '../api/client';
  import { BOTTLE_STATES, lastsWords } from '../words/stock';
  import { summary } from './label';
  import { written } from '../words/numbers';
  import Button from '../parts/Button.svelte';

  /** The products of a shelf, one line each; a long list is looked through by words. */
  let {
    products,
    chosen,
    hasMore,
    find = $bindable(),
    onfind,
    onmore,
    onchoose,
    onadd,
  }: {
    products: Product[];
    chosen: number | undefined;
    /** Whether others follow that were not fetched. */
    hasMore: boolean;
    find: string;
    onfind: () => void;
    onmore: () => void;
    onchoose: (product: number) => void;
    onadd: () => void;
  } = $props();
</script>

<ul aria-label="Products">
  {#if find || hasMore}
    <li>
      <input
        type="search"
        aria-label="Find a product"
        placeholder="find by name, maker or tag"
        maxlength="80"
        bind:value={find}
        oninput={onfind}
      />
    </li>
  {/if}
  {#each products as one (one.id)}
    <li>
      <button
        type="button"
        class={{ chosen: one.id === chosen }}
        aria-current={one.id === chosen ? 'true' : undefined}
        onclick={() => onchoose(one.id)}
      >
        <abbr>{one.tag}</abbr>
        <span class="name">{one.name}</span>
        <span class="told">{summary(one.label)}</span>
        <span class="left">
          {one.left ? `${written(one.left)} ${one.form === 'dry' ? 'g' : 'mL'} left` : ''}
          {#if one.short}<b>△ {written(one.short)} short</b>{/if}
          {#if lastsWords(one.lasts_days)}<b>△ {lastsWords(one.lasts_days)}</b>{/if}
          {#if BOTTLE_STATES[one.off]}<b>△ {BOTTLE_STATES[one.off]}</b>{/if}
        </span>
      </button>
    </li>
  {/each}
  {#if find && !products.length}<li class="none">No product matches.</li>{/if}
  {#if hasMore}
    <li><Button tone="faded" onclick={onmore}>Show more products</Button></li>
  {/if}
  <li><Button tone="faded" onclick={onadd}>Add a product</Button></li>
</ul>

<style>
  ul {
    border-top: 2px solid var(--ink);
  }

  input {
    width: 100%;
    min-height: 44px;
    padding: 4px 8px;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--rule);
  }

  .none {
    padding: 12px 8px;
    color: var(--faded);
  }

  button {
    display: grid;
    grid-template-columns: 32px 1fr auto;
    gap: 0 8px;
    align-items: baseline;
    width: 100%;
    min-height: 44px;
    padding: 4px 8px;
    text-align: left;
    border-bottom: 1px solid var(--rule);
    border-left: 4px solid transparent;
  }

  .chosen {
    background: var(--sheet);
    border-left-color: var(--ink);
  }

  abbr {
    justify-self: start;
    font: 700 0.75rem/1.3 var(--figures);
    padding: 0 3px;
    border: 1px solid var(--ink);
    border-radius: 2px;
  }

  .name {
    font-weight: 700;
  }

  .told {
    grid-column: 2 / 4;
    grid-row: 2;
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  .left {
    font: 0.875rem/1.4 var(--figures);
  }
</style>
