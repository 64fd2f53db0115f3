<script lang="ts">
  import type { Shapes } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { STAGE_WORDS } from '../words/charts';
  import { choices } from '../words/growing';
  import type { Course } from './course';
  import type { Season } from './season.svelte';

  type Plan = Shapes['SeasonDocument'];
  type Rule = NonNullable<Plan['rules']>[number];

  /** When additives are given, in words that are changed in place. */
  let { season, course }: { season: Season; course: Course } = $props();

  let plan = $state.raw<Plan | undefined>();
  let seen = $state.raw<Plan | undefined>();
  let open = $state(false);

  const rules = $derived(plan?.rules ?? []);
  const changed = $derived(plan !== seen);
  const named = (key: string) => course.products.find((one) => one.key === key)?.name ?? key;
  const products = $derived(course.products.map((one) => ({ value: one.key, words: one.name })));
  const free = $derived(products.find((one) => !rules.some((rule) => rule.product === one.value)));

  async function show() {
    seen = await season.plan();
    plan = seen;
    open = plan !== undefined;
  }

  function change(at: number, told: Partial<Rule>) {
    if (plan)
      plan = { ...plan, rules: rules.map((one, n) => (n === at ? { ...one, ...told } : one)) };
  }

  function add() {
    if (plan && free)
      plan = {
        ...plan,
        rules: [
          ...rules,
          {
            product: free.value,
            every_days: 14,
            from_day: 0,
            with: 'any',
            only_stages: [],
            apart_from: [],
            foliar: false,
          },
        ],
      };
  }

  function remove(at: number) {
    if (plan) plan = { ...plan, rules: rules.filter((_, n) => n !== at) };
  }

  async function keep() {
    if (plan && seen && (await season.keepPlan(plan, seen))) seen = plan;
  }

  const EVERY = [0, 3, 5, 7, 10, 14, 21, 28, 35, 40, 42].map((days) => ({
    value: days,
    words: days ? `every ${days} days` : 'once',
  }));
  const THEN = [0, 14, 21, 28, 30, 35, 40, 42].map((days) => ({
    value: days,
    words: days ? `then every ${days} days` : 'then no more',
  }));
  const FOR = [0, 7, 10, 14, 21, 28, 60, 90].map((days) => ({
    value: days,
    words: days ? `for ${days} days` : 'all the time',
  }));
  const WITH = [
    { value: 'any' as const, words: 'on any day' },
    { value: 'change_out' as const, words: 'with a filling' },
    { value: 'between' as const, words: 'between fillings' },
  ];
  const STAGES = [
    { value: '' as const, words: 'in every stage' },
    ...choices(STAGE_WORDS).map(([value, words]) => ({ value, words: `only in ${words}` })),
  ];
  const UNTIL = [0, 7, 14, 21, 28].map((days) => ({
    value: days,
    words: days ? `until ${days} days before harvest` : 'to the end',
  }));
  const APART = [1, 2, 3, 5, 7].map((days) => ({
    value: days,
    words: days === 1 ? 'never on one day with' : `${days} days apart from`,
  }));
  const others = (rule: Rule) => [
    { value: '', words: 'nothing' },
    ...products.filter((one) => one.value !== rule.product),
  ];
</script>

<section>
  <h2>When additives are given</h2>
  {#if !open}
    <p class="quiet">By the columns of the chart, and by rules of your own.</p>
    <button class="small" onclick={show}>Show and change the rules</button>
  {:else}
    <ol>
      {#each rules as rule, at (at)}
        <li>
          <Choice
            label="Product"
            value={rule.product}
            options={products.some((one) => one.value === rule.product)
              ? products
              : [...products, { value: rule.product, words: named(rule.product) }]}
            onchoose={(product) => change(at, { product })}
          />
          <Choice
            label="How often"
            value={rule.every_days ?? 0}
            options={EVERY}
            onchoose={(days) => change(at, { every_days: days || null })}
          />
          <Choice
            label="For how long"
            value={rule.for_days ?? 0}
            options={FOR}
            onchoose={(days) => change(at, { for_days: days || null })}
          />{#if rule.for_days}
            <Choice
              label="And then"
              value={rule.then_every_days ?? 0}
              options={THEN}
              onchoose={(days) => change(at, { then_every_days: days || null })}
            />{/if}, from day
          <input
            type="number"
            aria-label="From day"
            min="0"
            max="999"
            value={rule.from_day ?? 0}
            onchange={(event) => change(at, { from_day: Number(event.currentTarget.value) || 0 })}
          />
          <Choice
            label="Until when"
            value={rule.until_days_before_harvest ?? 0}
            options={UNTIL}
            onchoose={(days) => change(at, { until_days_before_harvest: days || null })}
          />,
          <Choice
            label="Occasion"
            value={rule.with ?? 'any'}
            options={WITH}
            onchoose={(occasion) => change(at, { with: occasion })}
          />,
          <Choice
            label="Stage"
            value={rule.only_stages?.[0] ?? ''}
            options={STAGES}
            onchoose={(stage) => change(at, { only_stages: stage ? [stage] : [] })}
          />,
          <Choice
            label="Distance"
            value={rule.apart_from?.[0]?.days ?? 3}
            options={APART}
            onchoose={(days) =>
              change(at, { apart_from: (rule.apart_from ?? []).map((one) => ({ ...one, days })) })}
          />
          <Choice
            label="From which product"
            value={rule.apart_from?.[0]?.product ?? ''}
            options={others(rule)}
            onchoose={(product) =>
              change(at, {
                apart_from: product ? [{ product, days: rule.apart_from?.[0]?.days ?? 3 }] : [],
              })}
          />.
          <button class="small" onclick={() => remove(at)}>
            Remove<span class="unseen"> the rule for {named(rule.product)}</span>
          </button>
        </li>
      {:else}
        <li class="quiet">No rules: the columns alone say when.</li>
      {/each}
    </ol>
    <label class="harvest">
      Harvest on
      <input
        type="date"
        value={plan?.harvest ?? ''}
        onchange={(event) =>
          plan && (plan = { ...plan, harvest: event.currentTarget.value || null })}
      />, where it is known
    </label>
    <p>
      {#if free}<button class="small" onclick={add}>Add a rule</button>{/if}
      {#if changed}
        <button class="main" onclick={keep}>Keep the rules</button>
        <button class="small" onclick={() => (plan = seen)}>Leave them as they were</button>
      {/if}
    </p>
  {/if}
</section>

<style>
  h2 {
    font-size: 1.0625rem;
  }

  li {
    padding: 6px 0;
    line-height: 1.9;
    border-bottom: 1px solid var(--rule);
  }

  .quiet {
    color: var(--faded);
  }

  input {
    font: 700 1rem var(--figures);
    background: none;
    border: 0;
    border-bottom: 2px solid var(--ink);
  }

  input[type='number'] {
    width: 4ch;
    text-align: right;
    appearance: textfield;
  }

  .harvest {
    display: block;
    min-height: 44px;
    padding-top: 8px;
  }

  .small {
    min-height: 44px;
    padding: 0 6px;
    font-size: 0.9375rem;
    text-decoration: underline;
    text-decoration-color: var(--faded);
    text-underline-offset: 4px;
  }

  .main {
    min-height: 44px;
    padding: 0 16px;
    font-weight: 700;
    color: var(--sheet);
    background: var(--ink);
    border-radius: 6px;
  }
</style>
