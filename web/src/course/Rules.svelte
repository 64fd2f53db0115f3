<script lang="ts">
  import { untrack } from 'svelte';

  import type { Shapes } from '../api/client';
  import type { Course } from './course';
  import HowItGoes from './HowItGoes.svelte';
  import RuleSentence from './RuleSentence.svelte';
  import type { Season } from './season.svelte';
  import Button from '../parts/Button.svelte';
  import DateField from '../parts/DateField.svelte';
  import InSentence from '../parts/InSentence.svelte';

  type Plan = Shapes['SeasonDocument'];
  type Rule = NonNullable<Plan['rules']>[number];

  /** When additives are given, in words that are changed in place. */
  let { season, course }: { season: Season; course: Course } = $props();

  let plan = $state.raw<Plan | undefined>();
  let seen = $state.raw<Plan | undefined>();
  let open = $state(false);

  // What is kept is what is seen; what was left stays as it was typed.
  $effect(() => {
    void course;
    if (untrack(() => open)) void season.plan().then((kept) => (seen = kept));
  });

  const rules = $derived(plan?.rules ?? []);
  const changed = $derived(JSON.stringify(plan) !== JSON.stringify(seen));
  const products = $derived(course.products.map((one) => ({ value: one.key, words: one.name })));
  const free = $derived(products.find((one) => !rules.some((rule) => rule.product === one.value)));

  async function show() {
    seen = await season.plan();
    plan = seen;
    open = plan !== undefined;
  }

  function change(at: number, told: Rule) {
    if (plan) plan = { ...plan, rules: rules.map((one, n) => (n === at ? told : one)) };
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

  /** What the leaflet prints, while no rule is of that product. */
  const offered = $derived(
    season.offered.filter((one) => !rules.some((rule) => rule.product === one.rule.product)),
  );

  function take(rule: Rule) {
    if (plan) plan = { ...plan, rules: [...rules, rule] };
  }

  function remove(at: number) {
    if (plan) plan = { ...plan, rules: rules.filter((_, n) => n !== at) };
  }

  /** What the rules would move is shown first; the picture above follows. */
  function look() {
    if (plan && seen) void season.considerPlan(plan, seen);
  }
</script>

<section>
  <h2>How it goes, and when additives are given</h2>
  {#if !open}
    <p class="quiet">
      Changed out as its sentence says, by the columns of the chart and by rules of your own.
    </p>
    <Button onclick={show}>Show and change the rules</Button>
  {:else if plan}
    <HowItGoes {plan} {course} onchange={(told) => (plan = told)} />
    <ol>
      {#each rules as rule, at (at)}
        <li>
          <RuleSentence
            {rule}
            {products}
            onchange={(told) => change(at, told)}
            onremove={() => remove(at)}
          />
        </li>
      {:else}
        <li class="quiet">No rules: the columns alone say when.</li>
      {/each}
    </ol>
    {#each offered as one (one.rule.product)}
      <p class="offered">
        The leaflet says: “{one.note}”
        <Button onclick={() => take(one.rule)}>
          Make it a rule<span class="unseen"> of this season</span>
        </Button>
      </p>
    {/each}
    <p class="harvest">
      <DateField
        label="Harvest on"
        value={plan.harvest}
        onkeep={(harvest) => plan && (plan = { ...plan, harvest })}
      />, where it is known
    </p>
    <p class="harvest">
      At most
      <InSentence
        label="At most so many additions on one day"
        kind="figure"
        type="number"
        min="1"
        max="99"
        room={4}
        value={plan.most_additions_a_day ?? ''}
        onkeep={(most) => plan && (plan = { ...plan, most_additions_a_day: Number(most) || null })}
      />
      additions on one day, besides fillings
    </p>
    <p>
      {#if free}<Button onclick={add}>Add a rule</Button>{/if}
      {#if changed}
        <Button kind="main" onclick={look}>Preview the changes</Button>
        <Button onclick={() => (plan = seen)}>Cancel</Button>
      {/if}
    </p>
  {/if}
</section>

<style>
  h2 {
    font-size: var(--type-more);
  }

  li {
    padding: 6px 0;
    line-height: 1.9;
    border-bottom: 1px solid var(--rule);
  }

  .quiet {
    color: var(--faded);
  }

  .offered {
    margin-top: 8px;
    padding-left: 12px;
    border-left: 2px solid var(--rule);
  }
</style>
