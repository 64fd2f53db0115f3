<script lang="ts">
  import { answered, api, type Problem, type Product, type Shapes } from '../api/client';
  import { dayWords } from '../words/dates';
  import { written } from '../words/numbers';
  import SheetField from '../parts/SheetField.svelte';
  import ReceiveBottles from './ReceiveBottles.svelte';
  import StockHistory from './StockHistory.svelte';
  import { BOTTLE_STATES, lastsWords, type Bottle, type Stock } from '../words/stock';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import Field from '../parts/Field.svelte';
  import DateField from '../parts/DateField.svelte';

  /** The bottles of a product, the one to take first before the others. */
  let {
    grow,
    today,
    product,
    onchange,
    onmakeup,
  }: {
    grow: number;
    /** The day at the grow. */
    today: string;
    product: Product;
    /** Stock has changed: the shelf is to be read again. */
    onchange: () => void;
    onmakeup: () => void;
  } = $props();

  let stock = $state.raw<Stock | undefined>();
  let problem = $state.raw<Problem | undefined>();
  let busy = $state<number | undefined>();
  let receiving = $state(false);
  let discarding = $state(0);
  let reason = $state('');

  const path = $derived({ grow_id: grow, product_id: product.id });
  const full = $derived(stock?.bottles.filter((one) => one.state !== 'empty') ?? []);

  async function take(asking: Promise<{ data?: Stock; error?: unknown }>) {
    const outcome = await answered(asking);
    problem = outcome.problem;
    if (!outcome.data) return false;
    stock = outcome.data;
    return true;
  }

  $effect(
    () =>
      void take(api.GET('/api/grows/{grow_id}/products/{product_id}/stock', { params: { path } })),
  );

  async function edit(
    bottle: Bottle,
    body: Partial<Bottle> & { reason?: string; seen_left?: string },
  ) {
    const params = { path: { ...path, bottle_id: bottle.id } };
    const done = await take(
      api.PATCH('/api/grows/{grow_id}/products/{product_id}/bottles/{bottle_id}', { params, body }),
    );
    if (done) onchange();
  }

  async function discard(bottle: Bottle) {
    const done = await take(
      api.POST('/api/grows/{grow_id}/products/{product_id}/bottles/{bottle_id}/discarded', {
        params: { path: { ...path, bottle_id: bottle.id } },
        body: { reason: reason || BOTTLE_STATES[bottle.state] },
      }),
    );
    if (!done) return;
    discarding = 0;
    reason = '';
    onchange();
  }

  async function receive(told: Omit<Shapes['ReceivedIn'], 'received_on' | 'left' | 'note'>) {
    const body = { ...told, received_on: today, left: '', note: '' };
    const done = await take(
      api.POST('/api/grows/{grow_id}/products/{product_id}/bottles', { params: { path }, body }),
    );
    if (!done) return;
    receiving = false;
    onchange();
  }

  function told(bottle: Bottle): string {
    const parts = [
      bottle.opened_on ? `opened ${dayWords(bottle.opened_on)}` : 'not opened',
      bottle.good_until && `good until ${dayWords(bottle.good_until)}`,
      bottle.batch && `batch ${bottle.batch}`,
    ];
    return parts.filter(Boolean).join(', ');
  }
</script>

<section aria-label="Bottles of {product.name}">
  <h3>In bottles</h3>
  {#if stock}
    {#if lastsWords(stock.lasts_days)}
      <p class="mind">△ {lastsWords(stock.lasts_days)} at the pace of the last month.</p>
    {/if}
    <ul>
      {#each stock.bottles as bottle (bottle.id)}
        <li class={bottle.state}>
          <svg viewBox="0 0 22 44" width="22" height="44" aria-hidden="true">
            {#if bottle.level !== null}
              <rect x="2" y={42 - 32 * bottle.level} width="18" height={32 * bottle.level} />
            {/if}
            <path d="M8 2h6v6q6 2 6 8v24q0 2-2 2H4q-2 0-2-2V16q0-6 6-8z" />
          </svg>
          <div>
            <b
              >{written(bottle.left)}{bottle.size ? ` of ${written(bottle.size)}` : ''}
              {stock.unit}</b
            >
            {#if full.length > 1 && bottle === full[0]}<strong>take this one first</strong>{/if}
            <p>
              {told(bottle)}
              {#if BOTTLE_STATES[bottle.state]}<strong>△ {BOTTLE_STATES[bottle.state]}</strong>{/if}
            </p>
            {#if discarding === bottle.id}
              <Field label="Why?" beside size={24} maxlength={120} bind:value={reason} />
              <Button onclick={() => discard(bottle)}>Discard</Button>
              <Button onclick={() => (discarding = 0)}>No</Button>
            {:else}
              {#if !bottle.opened_on}
                <Button onclick={() => edit(bottle, { opened_on: today })}>Opened today</Button>
              {/if}
              <Button
                aria-expanded={busy === bottle.id}
                onclick={() => (busy = busy === bottle.id ? undefined : bottle.id)}>Edit</Button
              >
              <Button onclick={() => (discarding = bottle.id)}>Discard …</Button>
            {/if}
            {#if busy === bottle.id}
              <SheetField
                label="Left in it"
                value={bottle.left}
                unit={stock.unit}
                wrong={problem?.where === 'left'}
                onkeep={(left) =>
                  edit(bottle, { left, reason: 'looked at the bottle', seen_left: bottle.left })}
              />
              <SheetField
                label="Good for, once opened"
                value={`${bottle.keeps_days ?? ''}`}
                unit="days"
                placeholder="not told"
                wrong={problem?.where.endsWith('keeps_days') ?? false}
                onkeep={(text) => edit(bottle, { keeps_days: text ? Number(text) || -1 : null })}
              />
              <SheetField
                label="Batch"
                value={bottle.batch}
                onkeep={(batch) => edit(bottle, { batch })}
              />
              <p>
                <DateField
                  label="Opened on"
                  value={bottle.opened_on}
                  onkeep={(opened_on) => edit(bottle, { opened_on })}
                />
              </p>
              <p>
                <DateField
                  label="Best before"
                  value={bottle.best_before}
                  onkeep={(best_before) => edit(bottle, { best_before })}
                />
              </p>
            {/if}
          </div>
        </li>
      {/each}
    </ul>
    <Notice {problem} />
    {#if receiving}
      <ReceiveBottles
        size={product.size}
        unit={stock.unit}
        onreceive={receive}
        onclose={() => (receiving = false)}
      />
    {:else}
      <Button onclick={() => (receiving = true)}>Add bottles received</Button>
      {#if product.may_be_made_up}<Button onclick={onmakeup}
          >Make one up from paste or powder</Button
        >{/if}
    {/if}
    {#if stock.history.length}<StockHistory {stock} />{/if}
  {:else}
    <Notice {problem} />
  {/if}
</section>

<style>
  h3 {
    margin: 12px 0 4px;
    font-size: 1rem;
  }

  ul {
    padding: 0;
    list-style: none;
  }

  ul li {
    display: flex;
    gap: 12px;
    padding: 8px 0;
    border-bottom: 1px solid var(--rule);
  }

  li.empty svg {
    opacity: 0.5;
  }

  svg {
    flex: none;
  }

  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }

  rect {
    fill: var(--water-wash);
  }

  p {
    margin: 0;
    color: var(--faded);
  }

  strong,
  .mind {
    font-weight: 700;
    color: var(--heed);
  }

  b {
    font-family: var(--figures);
  }
</style>
