<script lang="ts">
  import type { Snippet } from 'svelte';

  import type { Problem, Product } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import SheetField from '../parts/SheetField.svelte';
  import Analysis from './Analysis.svelte';
  import { ACIDS, EMPTY, kindOf, SALTS, type LabelKind } from './label';

  let {
    grow,
    product,
    products,
    problem,
    kept,
    onkeep,
    children,
  }: {
    grow: number;
    product: Product;
    products: Product[];
    problem: Problem | undefined;
    kept: boolean;
    onkeep: (product: Product) => void;
    /** What stands below its figures: its bottles. */
    children: Snippet;
  } = $props();

  const KINDS = [
    { value: 'analysis' as const, words: 'its analysis', note: 'percentages on the label' },
    { value: 'salt' as const, words: 'a plain salt', note: 'known by its name' },
    { value: 'acid' as const, words: 'an acid', note: 'for pH: which, and how strong' },
  ];

  const firstKind = () => kindOf(product.label);
  let kind = $state<LabelKind>(firstKind());
  const label = $derived(product.label ?? EMPTY);
  const acid = $derived(label.acid ?? { kind: 'nitric' as const });
  const unit = $derived(product.form === 'dry' ? 'g' : 'mL');
  const wrong = (name: string) => problem?.where.startsWith(name) ?? false;
  const figure = (text: string) => text.trim().replace(',', '.') || null;
  const keepLabel = (change: Partial<typeof label>) =>
    onkeep({ ...product, label: { ...label, ...change } });

  function chooseKind(next: LabelKind) {
    kind = next;
    if (next === 'analysis' && (label.salt || label.acid)) onkeep({ ...product, label: null });
    if (next === 'salt' && !label.salt)
      onkeep({ ...product, label: { ...EMPTY, salt: SALTS[0]?.value ?? null } });
  }

  const others = $derived([
    { value: 0, words: 'no other product' },
    ...products
      .filter((one) => one.id !== product.id && one.form === product.form)
      .filter((one) => one.hard_form_of === null)
      .map((one) => ({ value: one.id, words: one.name })),
  ]);
</script>

<section aria-label={product.name}>
  <h2><abbr>{product.tag}</abbr> {product.name}</h2>
  {#if product.short}
    <p class="short">
      △ {product.short}
      {unit} more were poured than was noted as left. Look at the bottle and put in what it holds.
    </p>
  {/if}
  {#if product.bottles < 2}
    <SheetField
      label="Left in the bottle or bag"
      value={product.left}
      placeholder="not known"
      {unit}
      wrong={wrong('left')}
      onkeep={(text) => onkeep({ ...product, left: figure(text) ?? '' })}
    />
  {/if}
  {@render children()}
  <h3>Label</h3>
  <p class="kind">
    Its label gives
    <Choice label="What the label gives" value={kind} options={KINDS} onchoose={chooseKind} />.
  </p>
  {#if kind === 'analysis'}
    <Analysis {grow} {product} {wrong} onkeep={(label) => onkeep({ ...product, label })} />
  {:else if kind === 'salt'}
    <p class="kind">
      It is
      <Choice
        label="Which salt"
        value={label.salt ?? 'calcium_nitrate'}
        options={SALTS}
        onchoose={(salt) => keepLabel({ salt })}
      />.
    </p>
    <SheetField
      label="Purity, or strength of a solution"
      value={`${label.purity ?? 100}`}
      unit="%"
      wrong={wrong('label.purity')}
      onkeep={(text) => keepLabel({ purity: figure(text) ?? '100' })}
    />
  {:else}
    <p class="kind">
      It is
      <Choice
        label="Which acid"
        value={acid.kind}
        options={ACIDS}
        onchoose={(next) => keepLabel({ acid: { ...acid, kind: next } })}
      /> acid.
    </p>
    <SheetField
      label="Strength by weight"
      value={`${acid.percent ?? ''}`}
      unit="%"
      wrong={wrong('label.acid')}
      onkeep={(text) => keepLabel({ acid: { kind: acid.kind, percent: figure(text) } })}
    />
    <SheetField
      label="or strength by volume"
      value={`${acid.molar ?? ''}`}
      unit="mol/L"
      wrong={wrong('label.acid')}
      onkeep={(text) => keepLabel({ acid: { kind: acid.kind, molar: figure(text) } })}
    />
    {#each product.as_much as words (words)}<p class="much">{words}.</p>{/each}
  {/if}
  {#if product.form === 'liquid'}
    <SheetField
      label="Density: weigh 100 mL, divide the g by 100"
      value={`${label.density ?? ''}`}
      placeholder="estimated"
      unit="g/mL"
      wrong={wrong('label.density')}
      onkeep={(text) => keepLabel({ density: figure(text) })}
    />
  {/if}
  <SheetField
    label="Bottle size"
    value={product.size}
    placeholder="not known"
    {unit}
    wrong={wrong('size')}
    onkeep={(text) => onkeep({ ...product, size: figure(text) ?? '' })}
  />
  <SheetField
    label="Price"
    value={product.price}
    placeholder="not known"
    wrong={wrong('price')}
    onkeep={(text) => onkeep({ ...product, price: figure(text) ?? '' })}
  />
  {#if product.role !== 'ph_adjuster'}
    <p class="kind">
      It is the hard-water form of
      <Choice
        label="Hard-water form of"
        value={product.hard_form_of ?? 0}
        options={others}
        onchoose={(id) => onkeep({ ...product, hard_form_of: id || null })}
      />.
    </p>
  {/if}
  <p class="said" role="status">
    {#if problem}<b>△ {problem.message}</b>{:else if kept}✓ kept{/if}
  </p>
</section>

<style>
  section {
    position: sticky;
    top: 8px;
    padding-top: 8px;
    border-top: 2px solid var(--ink);
  }

  h2 {
    font-size: var(--type-lead);
  }

  h3 {
    margin: 16px 0 0;
    font-size: 1rem;
  }

  abbr {
    font: 700 0.75rem/1.3 var(--figures);
    padding: 0 3px;
    border: 1px solid var(--ink);
    border-radius: 2px;
  }

  .kind {
    line-height: 2.2;
  }

  .much {
    color: var(--faded);
  }

  .short {
    max-width: 44ch;
  }

  .said {
    min-height: 24px;
    color: var(--grow);
  }

  .said b {
    color: var(--danger);
  }
</style>
