<script lang="ts">
  import type { Quay } from '../api/client';
  import type { Keys } from '../shell/keys.svelte';
  import Choice from '../parts/Choice.svelte';
  import type { Mixing } from './mixing.svelte';
  import Typed from './Typed.svelte';

  let { quay, mixing, keys }: { quay: Quay; mixing: Mixing; keys: Keys } = $props();

  const settings = $derived(mixing.settings);
  const chart = $derived(mixing.chart);
  const wrong = $derived(mixing.problem?.where ?? '');
  const held = $derived.by(() => {
    const tank = quay.tanks.find((one) => one.id === settings.tank);
    return tank?.held && tank.chart === chart?.chart && tank.column === settings.column;
  });
  const hasRange = $derived(mixing.answer?.sheet.pours.some((pour) => pour.range) ?? false);
  const followed = $derived(settings.school ?? mixing.answer?.schools.followed ?? 'on_top');

  const usual = $derived(
    { added: 'on_top', total: 'all_in', none: 'doses_only' }[chart?.readings ?? 'added'],
  );
  const schools = $derived(
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
  const others = $derived(
    quay.waters.filter((one) => !settings.blend.some((part) => part.water === one.id)),
  );
  const spare = $derived(others.find((one) => one.id !== settings.water));
  const laterColumn = $derived.by(() => {
    const columns = chart?.columns ?? [];
    const at = columns.findIndex((one) => one.key === settings.column);
    return columns[at + 1] ?? columns[at - 1];
  });
  const hardForms = $derived(
    mixing.answer?.sheet.warnings.some((one) => one.code === 'hard_form_on_shelf') ?? false,
  );
  /** What may be wished beside the usual; each is said in the sentence once it is. */
  const wishes = $derived([
    { value: '', words: 'also …' },
    ...(spare && settings.blend.length < 5
      ? [{ value: 'blend', words: 'blend another water in' }]
      : []),
    ...(laterColumn && !settings.between
      ? [{ value: 'between', words: 'mix towards another column' }]
      : []),
    ...(settings.split
      ? []
      : [{ value: 'split', words: 'pour the base in two passes', note: '80 %, read, the rest' }]),
    ...(hardForms ? [{ value: 'hard', words: 'pour the hard-water form' }] : []),
    { value: 'usual', words: 'keep as this tank’s usual', note: 'chart, column and strength' },
    { value: 'held', words: 'hold this tank in this column', note: 'as leafy herbs are' },
  ]);

  function wish(what: string) {
    if (what === 'blend' && spare)
      mixing.set({ blend: [...settings.blend, { water: spare.id, share: '50 %' }] });
    if (what === 'between' && laterColumn)
      mixing.set({ between: { column: laterColumn.key, share: '50 %' } });
    if (what === 'split') mixing.set({ split: true });
    if (what === 'hard') mixing.set({ hard_forms: true });
    if (what === 'usual' || what === 'held') mixing.keepAsUsual(what === 'held');
  }

  function blendPart(at: number, change: { water?: number; share?: string } | undefined) {
    const blend = settings.blend
      .map((part, index) => (index === at && change ? { ...part, ...change } : part))
      .filter((_, index) => change || index !== at);
    mixing.set({ blend });
  }
  const ENDS = [
    { value: 'low' as const, words: 'low end', note: 'seedlings, a careful start' },
    { value: 'middle' as const, words: 'middle' },
    { value: 'high' as const, words: 'high end', note: 'grown plants' },
  ];

  let tank = $state<HTMLButtonElement>();
  let volume = $state<HTMLInputElement>();
  let water = $state<HTMLButtonElement>();
  let reading = $state<HTMLInputElement>();
  let feed = $state<HTMLButtonElement>();
  let column = $state<HTMLButtonElement>();
  let strength = $state<HTMLInputElement>();
  let target = $state<HTMLButtonElement>();
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

  $effect(() => {
    const gone = [
      keys.add(
        't',
        'tank',
        open(() => tank),
      ),
      keys.add('v', 'volume', () => volume?.focus()),
      keys.add(
        'w',
        'water',
        open(() => water),
      ),
      keys.add('r', 'reading of the water', () => reading?.focus()),
      keys.add(
        'c',
        'chart',
        open(() => feed),
      ),
      keys.add(
        'f',
        'week or stage',
        open(() => column),
      ),
      keys.add(']', 'next week or stage', () => stepColumn(1)),
      keys.add('[', 'week or stage before', () => stepColumn(-1)),
      keys.add('s', 'strength', () => strength?.focus()),
      keys.add(
        'g',
        'what the target means',
        open(() => target),
      ),
      keys.add(
        'a',
        'also: blend, mix towards, two passes …',
        open(() => also),
      ),
    ];
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
    options={quay.tanks.map((one) => ({ value: one.id, words: one.name, note: one.crop }))}
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
  />
  with
  <Choice
    bind:opener={water}
    label="Water"
    value={settings.water}
    options={quay.waters.map((one) => ({
      value: one.id,
      words: one.name,
      note: one.reading ? `last read ${one.reading} ${quay.units.reading_words}` : 'not read yet',
    }))}
    onchoose={(id) => mixing.takeWater(id)}
  />
  reading
  <span class="whole">
    <Typed
      bind:field={reading}
      label="Reading of the water"
      value={settings.reading}
      step={quay.units.reading === 'mS/cm' ? 0.01 : quay.units.reading === 'CF' ? 0.1 : 5}
      places={2}
      placeholder="not read"
      wrong={wrong.startsWith('reading') || wrong.startsWith('water')}
      onchange={(text) => mixing.set({ reading: text })}
    /><small>{quay.units.reading_words}</small>{settings.blend.length ? '' : ','}
  </span>
  {#each settings.blend as part, at (part.water)}
    and
    <Typed
      label="Share of {quay.waters.find((one) => one.id === part.water)?.name}"
      value={part.share}
      step={5}
      places={1}
      least={5}
      wrong={wrong === `blend.${at}` || wrong === 'blend'}
      onchange={(share) => blendPart(at, { share })}
    />
    <span class="whole">
      <Choice
        label="Water {at + 2}"
        value={part.water}
        options={quay.waters
          .filter((one) => one.id === part.water || others.includes(one))
          .filter((one) => one.id !== settings.water)
          .map((one) => ({ value: one.id, words: one.name, note: one.reading ?? 'not read yet' }))}
        onchoose={(water) => blendPart(at, { water })}
      /><button class="out" aria-label="Take it out again" onclick={() => blendPart(at, undefined)}
        >✕</button
      >
    </span>
  {/each}
  {#if settings.blend.length && mixing.answer?.water_shown}
    <span class="whole">
      together {mixing.answer.water_shown}<small>{quay.units.reading_words}</small>,
    </span>
  {/if}
  and feed
  <Choice
    bind:opener={feed}
    label="Chart"
    value={settings.chart}
    options={quay.charts.map((one) => ({
      value: one.id,
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
      to
      <Choice
        label="The other column"
        value={between.column}
        options={(chart?.columns ?? [])
          .filter((one) => one.key !== settings.column)
          .map((one) => ({ value: one.key, words: one.label }))}
        onchoose={(key) => mixing.set({ between: { ...between, column: key } })}
      /><button
        class="out"
        aria-label="Stay in one column"
        onclick={() => mixing.set({ between: null })}>✕</button
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
  {#if settings.hard_forms}
    with its hard-water form<button
      class="out"
      aria-label="Pour the usual form"
      onclick={() => mixing.set({ hard_forms: false })}>✕</button
    >,
  {/if}
  target
  <span class="whole">
    <Choice
      bind:opener={target}
      label="What the target means"
      value={followed}
      options={schools}
      onchoose={(school) => mixing.set({ school: school === usual ? null : school })}
    />.
  </span>
  <span class="also">
    <Choice bind:opener={also} label="Also" value="" options={wishes} onchoose={wish} />
  </span>
  {#if mixing.said}<small role="status">{mixing.said}</small>{/if}
</div>

<style>
  .sentence {
    font-size: 1.4375rem;
    line-height: 2.75rem;
  }

  .whole {
    white-space: nowrap;
  }

  .out {
    min-width: 28px;
    min-height: 28px;
    font-size: 0.875rem;
    color: var(--faded);
  }

  .also :global(button) {
    font-size: 1rem;
    font-weight: 400;
    color: var(--faded);
    border-bottom-width: 1px;
  }

  @media print {
    .also,
    .out {
      display: none;
    }
  }

  small {
    margin-left: 4px;
    font-size: 0.875rem;
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
