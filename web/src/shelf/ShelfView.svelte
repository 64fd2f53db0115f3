<script lang="ts">
  import { SvelteMap } from 'svelte/reactivity';

  import { tick } from 'svelte';

  import {
    api,
    answered,
    type MeasuringVessel,
    type Problem,
    type Product,
    type Overview,
    type Shelf,
  } from '../api/client';
  import { keeping } from '../api/inturn';
  import Changes from '../parts/Changes.svelte';
  import { growHere } from '../shell/grow.svelte';
  import Bottles from './Bottles.svelte';
  import MakeUp from './MakeUp.svelte';
  import MeasuringVessels from './MeasuringVessels.svelte';
  import Meters from './Meters.svelte';
  import NewProduct from './NewProduct.svelte';
  import ProductList from './ProductList.svelte';
  import ProductSheet from './ProductSheet.svelte';
  import Button from '../parts/Button.svelte';

  /** Shown only where the grow is known. */
  const grow = growHere();
  const overview = $derived(grow.overview as Overview);

  let shelf = $state.raw<Shelf | undefined>();
  let chosen = $state<number | undefined>();
  let problem = $state<Problem | undefined>();
  let kept = $state(false);
  let find = $state('');
  let adding = $state(false);
  let makingUp = $state(false);

  /** Each product as the server last had it: an edit names the state that it was made from. */
  const asSeen = new SvelteMap<number, Product>();
  const params = $derived({ path: { grow_id: overview.id } });
  const product = $derived(shelf?.products.find((one) => one.id === chosen));

  /** As many products as were on screen, a page at a time; what is looked for may change meanwhile. */
  async function load(least = shelf?.products.length ?? 1) {
    const sought = find;
    let found: Shelf | undefined;
    do {
      const query = { after: found?.after ?? 0, find: sought };
      const { data, problem: trouble } = await answered(
        api.GET('/api/grows/{grow_id}/shelf', { params: { ...params, query } }),
      );
      if (!data) return void (problem = trouble);
      found = { ...data, products: [...(found?.products ?? []), ...data.products] };
    } while (found.after !== null && found.products.length < least);
    if (sought !== find) return;
    shelf = found;
    for (const one of found.products) asSeen.set(one.id, one);
    chosen ??= found.products[0]?.id;
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
          params: { path: { grow_id: overview.id, product_id: product.id } },
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
    void reveal();
  }

  /** Beside a long list, or below it on a phone, what was asked for may be out of sight. */
  async function reveal() {
    await tick();
    const top = sheet?.getBoundingClientRect().top ?? 0;
    if (top < 0 || top > innerHeight / 2) sheet?.scrollIntoView();
  }

  void load();
</script>

<div class="view">
  <h1>Shelf and bench</h1>
  {#if shelf}
    <div class="halves">
      <ProductList
        products={shelf.products}
        chosen={adding ? undefined : chosen}
        hasMore={shelf.after !== null}
        bind:find
        onfind={() => load(1)}
        onmore={() => load((shelf?.products.length ?? 0) + 1)}
        onchoose={choose}
        onadd={() => {
          adding = true;
          void reveal();
        }}
      />
      <div bind:this={sheet}>
        {#if adding}
          <NewProduct
            {overview}
            onclose={() => (adding = false)}
            onadded={(id, name) => {
              choose(id);
              if (find || shelf?.after !== null) find = name; // a long list begins with what is older
              void load();
            }}
          />
        {:else if product && makingUp}
          <MakeUp
            grow={overview.id}
            {product}
            products={shelf.products}
            onleave={() => (makingUp = false)}
            ondone={() => {
              makingUp = false;
              void load();
            }}
          />
        {:else if product}
          {#key product.id}
            <ProductSheet
              grow={overview.id}
              {product}
              products={shelf.products}
              {problem}
              {kept}
              onkeep={keep}
            >
              <Bottles
                grow={overview.id}
                today={shelf.today}
                {product}
                onchange={load}
                onmakeup={() => {
                  makingUp = true;
                  void reveal();
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
    <p role="alert">
      △ {problem.message}
      <Button onclick={() => load()}>Try again</Button>
    </p>
  {/if}
</div>

<style>
  .view {
    padding: 4px 20px 32px 32px;
  }

  h1 {
    margin-bottom: 12px;
    font-size: var(--type-title);
  }

  .halves {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
    gap: 32px;
    align-items: start;
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
