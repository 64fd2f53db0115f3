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
    /><small>{quay.units.reading_words}</small>,
  </span>
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
</div>

<style>
  .sentence {
    font-size: 1.4375rem;
    line-height: 2.75rem;
  }

  .whole {
    white-space: nowrap;
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
