<script lang="ts">
  import { SvelteMap } from 'svelte/reactivity';

  import { tick } from 'svelte';

  import {
    api,
    answered,
    type MeasuringVessel,
    type Problem,
    type Product,
    type Quay,
    type Shelf,
  } from '../api/client';
  import { keeping } from '../api/inturn';
  import Changes from '../parts/Changes.svelte';
  import { growHere } from '../shell/grow.svelte';
  import { BOTTLE_STATES, lastsWords } from '../words/stock';
  import Bottles from './Bottles.svelte';
  import MakeUp from './MakeUp.svelte';
  import MeasuringVessels from './MeasuringVessels.svelte';
  import { summary } from './label';
  import Meters from './Meters.svelte';
  import NewProduct from './NewProduct.svelte';
  import ProductSheet from './ProductSheet.svelte';

  /** Shown only where the grow is known. */
  const grow = growHere();
  const quay = $derived(grow.quay as Quay);

  let shelf = $state.raw<Shelf | undefined>();
  let chosen = $state<number | undefined>();
  let problem = $state<Problem | undefined>();
  let kept = $state(false);
  let adding = $state(false);
  let makingUp = $state(false);

  /** Each product as the server last had it: an edit names the state that it was made from. */
  const asSeen = new SvelteMap<number, Product>();
  const params = $derived({ path: { grow_id: quay.id } });
  const product = $derived(shelf?.products.find((one) => one.id === chosen));

  async function load() {
    const { data, problem: trouble } = await answered(
      api.GET('/api/grows/{grow_id}/shelf', { params }),
    );
    if (!data) return void (problem = trouble);
    shelf = data;
    for (const one of data.products) asSeen.set(one.id, one);
    chosen ??= data.products[0]?.id;
  }

  /** What is typed stands at once, also while it is refused: the next change builds on it. */
  async function keep(product: Product) {
    kept = false;
    const seen = asSeen.get(product.id) ?? product;
    const products = shelf?.products.map((one) => (one.id === product.id ? product : one));
    if (shelf && products) shelf = { ...shelf, products };
    const { label, left, size, price, hard_form_of } = product;
    const { data, problem: trouble } = await answered(
      keeping.run(() =>
        api.PUT('/api/grows/{grow_id}/products/{product_id}', {
          params: { path: { grow_id: quay.id, product_id: product.id } },
          body: {
            label,
            left,
            size,
            price,
            hard_form_of,
            seen: {
              label: seen.label,
              left: seen.left,
              size: seen.size,
              price: seen.price,
              hard_form_of: seen.hard_form_of,
            },
          },
        }),
      ),
    );
    problem = trouble;
    if (problem?.code === 'changed_meanwhile') await load(); // both are shown: the words, and what is
    if (!data) return;
    kept = true;
    asSeen.set(product.id, product);
    if (label?.acid) await load(); // acids are compared with each other
  }

  async function keepVessels(vessels: MeasuringVessel[]): Promise<Problem | undefined> {
    if (shelf && vessels.length) shelf = { ...shelf, vessels, usual: false };
    const { data, problem: trouble } = await answered(
      keeping.run(() => api.PUT('/api/grows/{grow_id}/vessels', { params, body: { vessels } })),
    );
    if (!data) return trouble;
    if (!vessels.length) await load();
    return undefined;
  }

  let sheet = $state<HTMLDivElement>();

  function choose(id: number) {
    chosen = id;
    problem = undefined;
    kept = adding = makingUp = false;
    reveal();
  }

  /** Beside a long list, or below it on a phone, what was asked for may be out of sight. */
  async function reveal() {
    await tick();
    const top = sheet?.getBoundingClientRect().top ?? 0;
    if (top < 0 || top > innerHeight / 2) sheet?.scrollIntoView();
  }

  load();
</script>

<div class="view">
  <h1>Shelf and bench</h1>
  {#if shelf}
    <div class="halves">
      <ul aria-label="Products">
        {#each shelf.products as one (one.id)}
          <li>
            <button
              class={{ chosen: one.id === chosen && !adding }}
              aria-current={one.id === chosen ? 'true' : undefined}
              onclick={() => choose(one.id)}
            >
              <abbr>{one.tag}</abbr>
              <span class="name">{one.name}</span>
              <span class="told">{summary(one.label)}</span>
              <span class="left">
                {one.left ? `${one.left} ${one.form === 'dry' ? 'g' : 'mL'} left` : ''}
                {#if one.short}<b>△ {one.short} short</b>{/if}
                {#if lastsWords(one.lasts_days)}<b>△ {lastsWords(one.lasts_days)}</b>{/if}
                {#if BOTTLE_STATES[one.off]}<b>△ {BOTTLE_STATES[one.off]}</b>{/if}
              </span>
            </button>
          </li>
        {/each}
        <li>
          <button
            class="new"
            onclick={() => {
              adding = true;
              reveal();
            }}>Put a product on the shelf</button
          >
        </li>
      </ul>
      <div bind:this={sheet}>
        {#if adding}
          <NewProduct
            {quay}
            onclose={() => (adding = false)}
            onadded={(id) => {
              choose(id);
              load();
            }}
          />
        {:else if product && makingUp}
          <MakeUp
            grow={quay.id}
            {product}
            products={shelf.products}
            onleave={() => (makingUp = false)}
            ondone={() => {
              makingUp = false;
              load();
            }}
          />
        {:else if product}
          {#key product.id}
            <ProductSheet
              grow={quay.id}
              {product}
              products={shelf.products}
              {problem}
              {kept}
              onkeep={keep}
            >
              <Bottles
                grow={quay.id}
                today={shelf.today}
                {product}
                onchange={load}
                onmakeup={() => {
                  makingUp = true;
                  reveal();
                }}
              />
              <Changes of={{ product: product.id }} />
            </ProductSheet>
          {/key}
        {/if}
      </div>
    </div>
    <MeasuringVessels
      vessels={shelf.vessels}
      products={shelf.products}
      usual={shelf.usual}
      onkeep={keepVessels}
    />
    <Meters />
  {:else if problem}
    <p role="alert">△ {problem.message} <button onclick={load}>Try again</button></p>
  {/if}
</div>

<style>
  .view {
    padding: 4px 20px 32px 32px;
  }

  h1 {
    margin-bottom: 12px;
    font-size: 1.4375rem;
  }

  .halves {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
    gap: 32px;
    align-items: start;
  }

  ul {
    border-top: 2px solid var(--ink);
  }

  li button {
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
    font-size: 0.875rem;
    color: var(--faded);
  }

  .left {
    font: 0.875rem/1.4 var(--figures);
  }

  .new {
    display: block;
    color: var(--faded);
    text-decoration: underline;
    text-underline-offset: 4px;
  }

  @media screen and (width < 900px) {
    .view {
      padding: 8px 16px 32px;
    }

    .halves {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
