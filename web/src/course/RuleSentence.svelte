<script lang="ts">
  import type { Shapes } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { STAGE_WORDS } from '../words/charts';
  import { choices, ROLES } from '../words/growing';
  import Button from '../parts/Button.svelte';
  import InSentence from '../parts/InSentence.svelte';

  type Rule = NonNullable<Shapes['SeasonDocument']['rules']>[number];
  type Anchor = NonNullable<Rule['begins']>;
  type Stage = keyof typeof STAGE_WORDS;

  /** When one product is given, as a sentence whose words are changed in place. */
  let {
    rule,
    products,
    onchange,
    onremove,
  }: {
    rule: Rule;
    products: { value: string; words: string }[];
    onchange: (rule: Rule) => void;
    onremove: () => void;
  } = $props();

  const set = (told: Partial<Rule>) => onchange({ ...rule, ...told });
  const named = $derived(products.find((one) => one.value === rule.product)?.words ?? rule.product);
  const known = $derived(
    products.some((one) => one.value === rule.product)
      ? products
      : [...products, { value: rule.product, words: rule.product }],
  );
  const apart = $derived(rule.apart_from?.[0]);
  /** Other distances of the rule: told here, kept as they are. */
  const more = $derived(rule.apart_from?.slice(1) ?? []);
  const nameOf = (key: string | null | undefined) =>
    products.find((one) => one.value === key)?.words ?? key ?? 'a role';

  const days = (list: number[], words: (days: number) => string, none: string) =>
    [0, ...list].map((value) => ({ value, words: value ? words(value) : none }));
  const EVERY = days([1, 2, 3, 5, 7, 10, 14, 21, 28, 35, 40, 42], (n) => `every ${n} days`, 'once');
  const THEN = days([7, 14, 21, 28, 30, 35, 40, 42], (n) => `then every ${n} days`, 'then no more');
  const FOR = days([7, 10, 14, 21, 28, 60, 90], (n) => `for ${n} days`, 'all the time');
  const APART = days([1, 2, 3, 5, 7, 10, 14], (n) => `${n} days apart from`, '');
  const WITH = [
    { value: 'any' as const, words: 'on any day' },
    { value: 'change_out' as const, words: 'with a filling' },
    { value: 'between' as const, words: 'between fillings' },
  ];
  /** Several stages are one choice, as they were kept. */
  const several = $derived(
    (rule.only_stages?.length ?? 0) > 1
      ? [
          {
            value: '+' as const,
            words: `only in ${rule.only_stages?.map((one) => STAGE_WORDS[one]).join(' or ')}`,
          },
        ]
      : [],
  );
  const STAGES = [
    { value: '' as const, words: 'in every stage' },
    ...choices(STAGE_WORDS).map(([value, words]) => ({ value, words: `only in ${words}` })),
  ];
  const HOW = [
    { value: 'tank', words: 'into the tank' },
    { value: 'leaves', words: 'sprayed on the leaves' },
  ];
  const STARTS = [
    { value: 'day', words: 'from day' },
    { value: 'sign', words: 'with the sign' },
    { value: 'harvest', words: 'before harvest, days' },
    ...choices(STAGE_WORDS).map(([value, words]) => ({ value, words: `with ${words}, days` })),
  ];
  const ENDS = [
    { value: '', words: 'to the end' },
    { value: 'before_harvest', words: 'until before harvest, days' },
    { value: 'sign', words: 'until the sign' },
    ...choices(STAGE_WORDS).map(([value, words]) => ({ value, words: `until ${words}, days` })),
  ];

  const starts = $derived(!rule.begins ? 'day' : rule.begins.of === 'stage' ? rule.begins.name : rule.begins.of); // prettier-ignore
  const ends = $derived.by(() => {
    if (rule.until_days_before_harvest != null) return 'before_harvest';
    if (!rule.ends) return '';
    return rule.ends.of === 'stage' ? rule.ends.name : rule.ends.of;
  });

  function anchor(value: string): Anchor {
    if (value === 'sign') return { of: 'sign', name: 'first flowers', days: 0 };
    if (value === 'harvest') return { of: 'harvest', name: '', days: -14 };
    return { of: 'stage', name: value, days: 0 };
  }

  function start(value: string) {
    set(value === 'day' ? { begins: null } : { begins: anchor(value), from_day: 0 });
  }

  function end(value: string) {
    if (value === 'before_harvest') set({ until_days_before_harvest: 14, ends: null });
    else set({ until_days_before_harvest: null, ends: value ? anchor(value) : null });
  }
</script>

{#snippet count(label: string, value: number, least: number, take: (days: number) => void)}
  <InSentence
    {label}
    kind="figure"
    type="number"
    min={least}
    max="999"
    room={5}
    {value}
    onkeep={(typed) => take(Number(typed))}
  />
{/snippet}

{#snippet sign(label: string, kept: Anchor, take: (anchor: Anchor) => void)}
  <InSentence
    {label}
    maxlength={120}
    room={8}
    value={kept.name}
    onkeep={(name) => take({ ...kept, name })}
  />
{/snippet}

<Choice
  label="Product"
  value={rule.product}
  options={known}
  onchoose={(product) => set({ product })}
/>
<Choice
  label="How often"
  value={rule.every_days ?? 0}
  options={EVERY}
  onchoose={(every) => set({ every_days: every || null })}
/>
<Choice
  label="For how long"
  value={rule.for_days ?? 0}
  options={FOR}
  onchoose={(length) => set({ for_days: length || null })}
/>{#if rule.for_days},
  <Choice
    label="And then"
    value={rule.then_every_days ?? 0}
    options={THEN}
    onchoose={(every) => set({ then_every_days: every || null })}
  />{/if},
<Choice label="From when" value={starts} options={STARTS} onchoose={start} />
{#if !rule.begins}
  {@render count('From day', rule.from_day ?? 0, 0, (from_day) => set({ from_day }))}
{:else if rule.begins.of === 'sign'}
  {@render sign('Sign that begins it', rule.begins, (begins) => set({ begins }))}
{:else}
  {@const begins = rule.begins}
  {@render count('Days after it, below 0 before it', begins.days ?? 0, -999, (behind) =>
    set({ begins: { ...begins, days: behind } }),
  )}
{/if},
<Choice label="Until when" value={ends} options={ENDS} onchoose={end} />
{#if rule.until_days_before_harvest != null}
  {@render count('Days before harvest', rule.until_days_before_harvest, 0, (before) =>
    set({ until_days_before_harvest: before }),
  )}
{:else if rule.ends?.of === 'sign'}
  {@render sign('Sign that ends it', rule.ends, (ended) => set({ ends: ended }))}
{:else if rule.ends}
  {@const kept = rule.ends}
  {@render count('Days after its start, below 0 before it', kept.days ?? 0, -999, (behind) =>
    set({ ends: { ...kept, days: behind } }),
  )}
{/if},
<Choice
  label="Occasion"
  value={rule.with ?? 'any'}
  options={WITH}
  onchoose={(occasion) => set({ with: occasion })}
/>,
<Choice
  label="Stage"
  value={several.length ? '+' : (rule.only_stages?.[0] ?? '')}
  options={[...several, ...STAGES]}
  onchoose={(stage: Stage | '' | '+') =>
    stage !== '+' && set({ only_stages: stage ? [stage] : [] })}
/>,
<Choice
  label="How it is given"
  value={rule.foliar ? 'leaves' : 'tank'}
  options={HOW}
  onchoose={(how) => set({ foliar: how === 'leaves' })}
/>,
{#if apart}
  <Choice
    label="Distance"
    value={apart.days ?? 1}
    options={APART.slice(1)}
    onchoose={(distance) => set({ apart_from: [{ ...apart, days: distance }, ...more] })}
  />
{:else}
  apart from
{/if}
<Choice
  label="From which product"
  value={apart?.product ?? ''}
  options={[
    { value: '', words: 'nothing' },
    ...products.filter((one) => one.value !== rule.product),
  ]}
  onchoose={(product) =>
    set({
      apart_from: [...(product ? [{ product, role: null, days: apart?.days ?? 3 }] : []), ...more],
    })}
/>{#each more as one, n (n)}, {one.days ?? 1} days apart from {one.role
    ? ROLES[one.role]
    : nameOf(one.product)}{/each}.
<Button onclick={onremove}>Remove<span class="unseen"> the rule for {named}</span></Button>
