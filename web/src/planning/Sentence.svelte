<script lang="ts">
  import { written } from '../words/numbers';
  import type { Overview } from '../api/client';
  import type { Keys } from '../shell/keys.svelte';
  import Choice from '../parts/Choice.svelte';
  import Blend from './Blend.svelte';
  import { waterChoices } from './blends';
  import Bucket from './Bucket.svelte';
  import type { Mixing } from './mixing.svelte';
  import { chartOf } from './settings';
  import Typed from './Typed.svelte';
  import Wishes from './Wishes.svelte';
  import Button from '../parts/Button.svelte';

  let { overview, mixing, keys }: { overview: Overview; mixing: Mixing; keys: Keys } = $props();

  const settings = $derived(mixing.settings);
  const chart = $derived(mixing.chart);
  /** All charts by name, and the one that is poured from where it is an older version. */
  const charts = $derived(
    chart && !overview.leaflets.some((one) => one.version_id === chart.version_id)
      ? [chart, ...overview.leaflets]
      : overview.leaflets,
  );
  const wrong = $derived(mixing.problem?.where ?? '');
  const held = $derived.by(() => {
    const tank = overview.tanks.find((one) => one.id === settings.tank);
    return tank?.held && tank.chart_id === chart?.chart_id && tank.column === settings.column;
  });
  const hasRange = $derived(mixing.answer?.sheet.pours.some((pour) => pour.range) ?? false);
  const followed = $derived(settings.convention ?? mixing.answer?.conventions.followed ?? 'on_top');

  const usual = $derived(
    { added: 'on_top', total: 'all_in', none: 'doses_only' }[chart?.readings ?? 'added'],
  );
  const conventions = $derived(
    [
      {
        value: 'on_top' as const,
        words: 'on top of the water',
        note: 'the bottles add the chart’s EC; food stays exact',
      },
      {
        value: 'all_in' as const,
        words: 'all-in, water included',
        note: 'the chart’s EC is the final reading; feed shrinks by what the water brings',
      },
      { value: 'doses_only' as const, words: 'none, doses only', note: 'the reading is a check' },
    ].map((one) =>
      one.value === usual ? { ...one, note: `${one.note} (as the chart states)` } : one,
    ),
  );
  const PASSES = [
    { value: 'one', words: 'one pass' },
    { value: 'two', words: 'two passes', note: '80 %, read, then the rest' },
  ];
  const ENDS = [
    { value: 'low' as const, words: 'low end', note: 'seedlings, a careful start' },
    { value: 'middle' as const, words: 'middle' },
    { value: 'high' as const, words: 'high end', note: 'grown plants' },
  ];

  let tank = $state<HTMLButtonElement>();
  let volume = $state<HTMLInputElement>();
  const IN_UNITS = /^[\d\s.,/¼½¾⅓⅔⅛-]+(l|lit|us|uk|imp|gal|m3|m³|ml|$)/i;
  /** What a share of the tank, or a mark on it, comes to. */
  const understood = $derived(
    !IN_UNITS.test(settings.volume) && mixing.answered?.volume === settings.volume
      ? mixing.answer?.volume_shown
      : undefined,
  );
  let water = $state<HTMLButtonElement>();
  let reading = $state<HTMLInputElement>();
  let feed = $state<HTMLButtonElement>();
  let column = $state<HTMLButtonElement>();
  let strength = $state<HTMLInputElement>();
  let target = $state<HTMLButtonElement>();

  /** Blends that are kept stand after the waters, by negative numbers. */
  function takeWater(id: number) {
    const blend = overview.blends.find((one) => -one.id === id);
    if (blend) mixing.takeBlend(blend);
    else mixing.takeWater(id);
  }

  let also = $state<HTMLButtonElement>();

  function stepColumn(by: number) {
    const columns = chart?.columns ?? [];
    const at = columns.findIndex((one) => one.key === settings.column);
    const next = columns[at + by];
    if (next) mixing.set({ column: next.key });
  }

  const open = (part: () => HTMLButtonElement | undefined) => () => {
    part()?.focus();
    part()?.click();
  };

  const parts: [string, string, () => void][] = [
    ['t', 'tank', open(() => tank)],
    ['v', 'volume', () => volume?.focus()],
    ['w', 'water', open(() => water)],
    ['r', 'reading of the water', () => reading?.focus()],
    ['c', 'chart', open(() => feed)],
    ['f', 'week or stage', open(() => column)],
    [']', 'next week or stage', () => stepColumn(1)],
    ['[', 'week or stage before', () => stepColumn(-1)],
    ['s', 'strength', () => strength?.focus()],
    ['g', 'what the target means', open(() => target)],
    ['a', 'also: blend, mix towards, two passes …', open(() => also)],
  ];

  $effect(() => {
    const gone = parts.map(([key, what, act]) => keys.add(key, what, act));
    return () => gone.forEach((take) => take());
  });
</script>

<h1 class="unseen">Mix</h1>
<div class="sentence" role="group" aria-label="What to mix">
  Fill
  <Choice
    bind:opener={tank}
    label="Tank"
    value={settings.tank}
    options={overview.tanks.map((one) => ({ value: one.id, words: one.name, note: one.crop }))}
    onchoose={(id) => mixing.takeTank(id)}
  />
  to
  <Typed
    bind:field={volume}
    label="Volume"
    value={settings.volume}
    step={5}
    places={2}
    wrong={wrong.startsWith('volume')}
    onchange={(text) => mixing.set({ volume: text })}
  />{#if understood}<small>= {written(understood)}</small>{/if}
  with
  <Choice
    bind:opener={water}
    label="Water"
    value={settings.water}
    options={waterChoices(overview)}
    onchoose={takeWater}
  />
  reading
  <span class="whole">
    <Typed
      bind:field={reading}
      label="Reading of the water"
      value={settings.reading}
      step={overview.units.reading === 'mS/cm' ? 0.01 : overview.units.reading === 'CF' ? 0.1 : 5}
      places={2}
      placeholder="not read"
      wrong={wrong.startsWith('reading') || wrong.startsWith('water')}
      onchange={(text) => mixing.set({ reading: text })}
    /><small>{overview.units.reading_words}</small>{settings.blend.length ? '' : ','}
  </span>
  <Blend {overview} {mixing} />
  and feed
  <Choice
    bind:opener={feed}
    label="Chart"
    value={settings.version_id}
    options={charts.map((one) => ({
      value: one.version_id,
      words: one.name,
      note: `for ${one.medium === 'water' ? 'water culture' : one.medium}`,
    }))}
    onchoose={(id) => mixing.takeChart(id)}
  />
  <Choice
    bind:opener={column}
    label="Week or stage"
    value={settings.column}
    options={(chart?.columns ?? []).map((one) => ({ value: one.key, words: one.label }))}
    onchoose={(key) => mixing.set({ column: key })}
  />
  {#if held}<small>held</small>{/if}
  {#if settings.between}
    {@const between = settings.between}
    {@const other = between.version_id ? chartOf(overview, between.version_id) : chart}
    going
    <Typed
      label="How far towards the other column"
      value={between.share}
      step={10}
      places={1}
      wrong={wrong.startsWith('between')}
      onchange={(share) => mixing.set({ between: { ...between, share } })}
    />
    <span class="whole">
      to {#if between.version_id}<b>{other?.name}</b>{/if}
      <Choice
        label="The other column"
        value={between.column}
        options={(other?.columns ?? [])
          .filter((one) => between.version_id || one.key !== settings.column)
          .map((one) => ({ value: one.key, words: one.label }))}
        onchoose={(key) => mixing.set({ between: { ...between, column: key } })}
      /><Button
        kind="bare"
        size="small"
        tone="faded"
        aria-label="Stay in one column"
        onclick={() => mixing.set({ between: null })}>✕</Button
      >
    </span>
  {/if}
  at
  <span class="whole">
    <Typed
      bind:field={strength}
      label="Strength"
      value={settings.strength}
      step={5}
      places={1}
      least={5}
      wrong={wrong.startsWith('strength')}
      onchange={(text) => mixing.set({ strength: text })}
    />,
  </span>
  {#if hasRange}
    ranges at the
    <span class="whole">
      <Choice
        label="End of printed ranges"
        value={settings.end}
        options={ENDS}
        onchoose={(end) => mixing.set({ end })}
      />,
    </span>
  {/if}
  {#if settings.split}
    the base in
    <span class="whole">
      <Choice
        label="Passes of the base"
        value="two"
        options={PASSES}
        onchoose={() => mixing.set({ split: false })}
      />,
    </span>
  {/if}
  {#if settings.bucket}<Bucket {mixing} wrong={wrong.startsWith('bucket')} />{/if}
  {#if settings.hard_forms}
    with its hard-water form<Button
      kind="bare"
      size="small"
      tone="faded"
      aria-label="Pour the usual form"
      onclick={() => mixing.set({ hard_forms: false })}>✕</Button
    >,
  {/if}
  target
  <span class="whole">
    <Choice
      bind:opener={target}
      label="What the target means"
      value={followed}
      options={conventions}
      onchoose={(convention) =>
        mixing.set({ convention: convention === usual ? null : convention })}
    />.
  </span>
  <Wishes {overview} {mixing} bind:opener={also} />
  {#if mixing.said}<small role="status">{mixing.said}</small>{/if}
</div>

<style>
  .sentence {
    font-size: var(--type-title);
    line-height: 2.75rem;
  }

  .whole {
    white-space: nowrap;
  }

  @media print {
  }

  small {
    margin-left: 4px;
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  @media screen and (width < 900px) {
    .sentence {
      font-size: 1.1875rem;
      line-height: 2.5rem;
    }
  }

  @media print {
    .sentence {
      font-size: 1rem;
      line-height: 1.8;
    }
  }
</style>
