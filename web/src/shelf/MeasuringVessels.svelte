<script lang="ts">
  import type { MeasuringVessel, Problem, Product } from '../api/client';
  import Vessel from '../planning/drawing/Vessel.svelte';
  import Choice from '../parts/Choice.svelte';
  import SheetField from '../parts/SheetField.svelte';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';

  let {
    vessels,
    products,
    usual,
    onkeep,
  }: {
    vessels: MeasuringVessel[];
    products: Product[];
    usual: boolean;
    onkeep: (vessels: MeasuringVessel[]) => Promise<Problem | undefined>;
  } = $props();

  const KINDS = [
    { value: 'syringe' as const, words: 'syringe' },
    { value: 'cylinder' as const, words: 'cylinder' },
    { value: 'jug' as const, words: 'jug' },
    { value: 'spoon' as const, words: 'teaspoons', note: 'a whole one, a half, a quarter' },
    { value: 'marked_cup' as const, words: 'marked cup', note: 'one mark, for one product' },
    { value: 'scale' as const, words: 'scale' },
  ];
  /** Teaspoons as charts mean them; the US one is 4.92892 mL. */
  const SPOONS = [
    { value: '5', words: 'metric, 5 mL' },
    { value: '4.92892', words: 'US, 4.93 mL' },
  ];
  const QUARTERS: Record<string, string> = { '5': '1.25', '4.92892': '1.23223' };
  const SHOWS = [
    { value: 'g' as const, words: 'g' },
    { value: 'lb' as const, words: 'decimal lb' },
    { value: 'lb_oz' as const, words: 'lb and oz', note: '6 lb 4 oz is 6.25 lb' },
  ];
  let problem = $state<Problem | undefined>();

  async function keep(next: MeasuringVessel[]) {
    problem = await onkeep(next);
  }

  const liquids = $derived(
    products
      .filter((one) => one.form === 'liquid')
      .map((one) => ({ value: one.id, words: one.name })),
  );
  const figure = (text: string) => text.trim().replace(',', '.');
  const change = (at: number, change: Partial<MeasuringVessel>) =>
    keep(vessels.map((one, index) => (index === at ? { ...one, ...change } : one)));
  const wrong = (at: number, name: string) =>
    problem?.where.startsWith(`vessels[${at}].${name}`) ?? false;
  /** Another kind, with what it cannot do without. */
  function become(at: number, kind: MeasuringVessel['vessel']) {
    const bare = { vessel: kind, product: null, words: '' };
    if (kind === 'spoon') return change(at, { ...bare, capacity: '5', mark: '1.25' });
    if (kind !== 'marked_cup') return change(at, bare);
    const product = products.find((one) => one.form === 'liquid')?.id ?? null;
    const words = 'shot glass to the red line';
    return change(at, { ...bare, product, words, capacity: '6', mark: '6' });
  }

  const unit = (vessel: MeasuringVessel) => (vessel.vessel === 'scale' ? 'g' : 'mL');
</script>

<section>
  <h2>On the bench</h2>
  <p>
    {#if usual}These are the usual vessels. Change one, and the bench is yours.{:else}Amounts are
      split over these: least error first, then fewest fills. A marked cup is taken for its product
      and amount alone: prove its mark once with water from a syringe.
      <Button size="small" tone="faded" onclick={() => keep([])}>Back to the usual vessels</Button
      >{/if}
  </p>
  <Notice {problem} />
  <ul>
    {#each vessels as vessel, at (at)}
      <li>
        <div class="drawing">
          <Vessel
            fill={{ ...vessel, level: vessel.capacity, times: 1, display: '' }}
            unit={unit(vessel)}
          />
        </div>
        <Choice
          label="Kind of vessel {at + 1}"
          value={vessel.vessel}
          options={KINDS}
          onchoose={(kind) => become(at, kind)}
        />
        {#if vessel.vessel === 'spoon'}
          <p>
            <Choice
              label="Which teaspoon {at + 1} is"
              value={vessel.capacity}
              options={SPOONS}
              onchoose={(size) => change(at, { capacity: size, mark: QUARTERS[size] ?? size })}
            />
          </p>
        {:else if vessel.vessel === 'marked_cup'}
          <div class="wide">
            <SheetField
              label="what it is"
              value={vessel.words}
              onkeep={(words) => change(at, { words })}
            />
          </div>
          <SheetField
            label="to its mark"
            value={vessel.capacity}
            unit={unit(vessel)}
            wrong={wrong(at, 'capacity')}
            onkeep={(text) => change(at, { capacity: figure(text), mark: figure(text) })}
          />
          <p>
            of
            <Choice
              label="What cup {at + 1} is marked for"
              value={vessel.product ?? 0}
              options={liquids}
              onchoose={(product) => change(at, { product })}
            />
          </p>
        {:else}
          <SheetField
            label="holds"
            value={vessel.capacity}
            unit={unit(vessel)}
            wrong={wrong(at, 'capacity')}
            onkeep={(text) => change(at, { capacity: figure(text) })}
          />
          <SheetField
            label={vessel.vessel === 'scale' ? 'step' : 'marks of'}
            value={vessel.mark}
            unit={unit(vessel)}
            wrong={wrong(at, 'mark')}
            onkeep={(text) => change(at, { mark: figure(text) })}
          />
        {/if}
        {#if vessel.vessel === 'scale'}
          <p>
            shows
            <Choice
              label="What scale {at + 1} shows"
              value={vessel.shows}
              options={SHOWS}
              onchoose={(shows) => change(at, { shows })}
            />
          </p>
        {/if}
        <Button
          size="small"
          tone="faded"
          onclick={() => keep(vessels.filter((_, index) => index !== at))}
        >
          Remove
        </Button>
      </li>
    {/each}
    <li>
      <Button
        size="small"
        tone="faded"
        onclick={() =>
          keep([
            ...vessels,
            {
              vessel: 'cylinder',
              capacity: '100',
              mark: '1',
              shows: 'g',
              product: null,
              words: '',
            },
          ])}
      >
        Add a vessel
      </Button>
    </li>
  </ul>
</section>

<style>
  section {
    margin-top: 28px;
    padding-top: 8px;
    border-top: 2px solid var(--ink);
  }

  h2 {
    font-size: var(--type-lead);
  }

  p {
    color: var(--faded);
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(184px, 1fr));
    gap: 20px 28px;
    margin-top: 12px;
  }

  li {
    --unit: 28px;
  }

  .drawing {
    display: flex;
    min-height: 118px;
    align-items: flex-end;
  }

  .wide :global(label) {
    grid-template-columns: 1fr;
    gap: 0;
  }

  .wide :global(input) {
    font: inherit;
    text-align: left;
  }
</style>
