<script lang="ts">
  import { untrack } from 'svelte';

  import { answered, api, type Problem, type Product, type Shapes } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import SheetField from '../parts/SheetField.svelte';
  import { MAKE_UP } from '../words/making_up';
  import Button from '../parts/Button.svelte';
  import Press from '../parts/Press.svelte';
  import Notice from '../parts/Notice.svelte';

  /** A bottle made up from paste or powder, one thing at a time; the last press puts it on the shelf. */
  let {
    grow,
    product,
    products,
    ondone,
    onleave,
  }: {
    grow: number;
    product: Product;
    products: Product[];
    ondone: () => void;
    onleave: () => void;
  } = $props();

  type Told = Required<Shapes['MadeUpIn']>;

  // An interruption, or a phone that slept, comes back to the step it left.
  const place = untrack(() => `make up ${grow} ${product.id}`);
  const fresh: Told = { size: untrack(() => product.size), from_product: null, amount: '', keeps_days: null, batch: '' }; // prettier-ignore
  const left = untrack(() => remembered());
  let told = $state<Told>({ ...fresh, ...left.told });
  let at = $state(left.at);
  let steps = $state.raw<Shapes['MakeUpStepOut'][] | undefined>();
  let problem = $state.raw<Problem | undefined>();
  let busy = $state(false);

  const path = $derived({ grow_id: grow, product_id: product.id });
  const step = $derived(steps?.[at]);
  const last = $derived(steps ? at === steps.length - 1 : false);
  const source = $derived(products.find((one) => one.id === told.from_product));
  const sources = $derived([
    { value: 0, words: 'its paste is in the bottle' },
    ...products
      .filter((one) => one.id !== product.id && one.may_be_put_in)
      .map((one) => ({ value: one.id, words: one.name })),
  ]);

  function remembered(): { at: number; told: Partial<Told> } {
    try {
      return JSON.parse(localStorage.getItem(place) ?? '') as { at: number; told: Partial<Told> };
    } catch {
      return { at: -1, told: {} };
    }
  }

  function go(next: number) {
    at = next;
    localStorage.setItem(place, JSON.stringify({ at, told }));
  }

  async function begin() {
    const outcome = await answered(
      api.POST('/api/grows/{grow_id}/products/{product_id}/make-up', {
        params: { path },
        body: told,
      }),
    );
    problem = outcome.problem;
    steps = outcome.data;
    if (!steps) return void (at = -1);
    if (at < 0) go(0);
  }

  async function press() {
    if (!last) {
      go(at + 1);
      return;
    }
    if (busy) return;
    busy = true;
    const outcome = await answered(
      api.POST('/api/grows/{grow_id}/products/{product_id}/made-up', {
        params: { path },
        body: told,
      }),
    );
    busy = false;
    problem = outcome.problem;
    if (!outcome.data) return;
    localStorage.removeItem(place);
    ondone();
  }

  function leave() {
    if (at < 0) localStorage.removeItem(place);
    onleave();
  }

  if (left.at >= 0) void begin();
</script>

<section aria-labelledby="make-up">
  <h2 id="make-up">
    <abbr>{product.tag}</abbr>
    {product.name}, made up{#if step && steps}: step {at + 1} of {steps.length}{/if}
  </h2>
  {#if at < 0}
    <form
      onsubmit={(event) => {
        event.preventDefault();
        void begin();
      }}
    >
      <SheetField
        label="A full bottle holds, as its jar says"
        value={told.size}
        unit="mL"
        wrong={problem?.where === 'size'}
        onkeep={(size) => (told.size = size)}
      />
      <p>
        It is made of
        <Choice
          label="What it is made of"
          value={told.from_product ?? 0}
          options={sources}
          onchoose={(id) => (told.from_product = id || null)}
        />.
      </p>
      {#if source}
        <SheetField
          label="How much goes in"
          value={told.amount}
          unit={source.form === 'dry' ? 'g' : 'mL'}
          wrong={problem?.where === 'amount'}
          onkeep={(amount) => (told.amount = amount)}
        />
      {/if}
      <SheetField
        label="Good for, as its label says"
        value={`${told.keeps_days ?? ''}`}
        unit="days"
        placeholder="not told"
        onkeep={(text) => (told.keeps_days = text ? Number(text) || -1 : null)}
      />
      <SheetField label="Batch" value={told.batch} onkeep={(batch) => (told.batch = batch)} />
      <Notice {problem} />
      <Press type="submit">Begin</Press>
    </form>
  {:else if step}
    <div class="step" aria-live="polite">
      <h1>{MAKE_UP[step.act].words}</h1>
      {#if step.shown}<p class="amount">{step.act === 'fill_up' ? 'to ' : ''}{step.shown}</p>{/if}
      <p class="hint">{MAKE_UP[step.act].hint}</p>
      <Notice {problem} />
    </div>
    <Press onclick={press} disabled={busy}>
      {last ? 'Dated: put it on the shelf' : 'Done, next'}
    </Press>
  {/if}
  <p class="ways">
    {#if at >= 0}<Button onclick={() => go(at - 1)}>One step back</Button>{/if}
    <Button onclick={leave}>Back to the shelf</Button>
  </p>
</section>

<style>
  section {
    display: flex;
    flex-direction: column;
    gap: 12px;
    min-height: 60vh;
    padding-top: 8px;
    border-top: 2px solid var(--ink);
  }

  h2 {
    font-size: var(--type-lead);
  }

  abbr {
    font: 700 0.75rem/1.3 var(--figures);
    padding: 0 3px;
    border: 1px solid var(--ink);
    border-radius: 2px;
  }

  h1 {
    font-size: 2rem;
    line-height: 1.15;
  }

  .amount {
    font: 700 3.5rem/1.1 var(--figures);
    letter-spacing: -0.04em;
  }

  .hint {
    margin-top: 8px;
    font-size: var(--type-lead);
  }

  .ways {
    display: flex;
    gap: 24px;
  }
</style>
