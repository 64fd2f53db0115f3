<script lang="ts">
  import type { Shapes } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { growHere } from '../shell/grow.svelte';
  import type { Course } from './course';
  import Button from '../parts/Button.svelte';
  import InSentence from '../parts/InSentence.svelte';

  type Plan = Shapes['SeasonDocument'];
  type ChangeOut = Shapes['ChangeOutDocument'];

  /** How a season goes besides its rules, as a sentence that is changed in place. */
  let { plan, course, onchange }: { plan: Plan; course: Course; onchange: (plan: Plan) => void } =
    $props();

  const grow = growHere();
  const tank = $derived(grow.overview?.tanks.find((one) => one.id === course.tank));
  const set = (changes: Partial<Plan>) => onchange({ ...plan, ...changes });

  const COLUMN = -1;
  const DRUNK = -2;
  const EVERY = $derived([
    ...[4, 5, 7, 10, 14, 21, 30, 90].map((days) => ({ value: days, words: `every ${days} days` })),
    ...(tank
      ? [{ value: DRUNK, words: 'when it was drunk once', note: `${tank.volume} topped up` }]
      : []),
    { value: COLUMN, words: 'with each column' },
    { value: 0, words: 'never: it is only topped up' },
  ]);
  const out = $derived(plan.change_out ?? null);
  const every = $derived(
    out?.after_topped_up ? DRUNK : out?.with_each_column ? COLUMN : (out?.every_days ?? 0),
  );
  /** A number of days that is not among the usual ones stays as it is. */
  const known = $derived(
    EVERY.some((one) => one.value === every)
      ? EVERY
      : [{ value: every, words: `every ${every} days` }, ...EVERY],
  );

  function changeOut(value: number) {
    if (!value) {
      set({ change_out: null });
      return;
    }
    const kept = { plain_water_hours: out?.plain_water_hours ?? '0', with_each_column: false };
    const litres = tank?.litres.value ?? '1';
    const how: Partial<ChangeOut> =
      value === DRUNK
        ? { after_topped_up: { value: litres, unit: 'L' } }
        : value === COLUMN
          ? { with_each_column: true }
          : { every_days: value };
    set({ change_out: { ...kept, ...how } });
  }

  const waits = $derived(plan.waits_for ?? []);
  const waiting = $derived(
    course.columns.filter(
      (one, at, all) =>
        all.findIndex((other) => other.key === one.key) === at &&
        !waits.some((wait) => wait.column === one.key),
    ),
  );
  const labels = $derived(new Map(course.columns.map((one) => [one.key, one.label])));
  const meters = $derived(plan.meters ?? []);
</script>

{#snippet count(label: string, value: number | null | undefined, take: (n: number) => void)}
  <InSentence
    {label}
    kind="figure"
    type="number"
    min="0"
    max="240"
    room={5}
    value={value ?? ''}
    onkeep={(typed) => take(Number(typed) || 0)}
  />
{/snippet}

<p>
  Changed out <Choice
    label="When it is changed out"
    value={every}
    options={known}
    onchoose={changeOut}
  />
  {#if out}
    after
    {@render count('Hours of plain water', Number(out.plain_water_hours ?? 0), (hours) =>
      set({ change_out: { ...out, plain_water_hours: `${hours}` } }),
    )}
    hours of plain water
  {/if}, filled at
  <InSentence
    label="Filled at"
    kind="figure"
    type="time"
    value={plan.mix_at.slice(0, 5)}
    onkeep={(time) => time && set({ mix_at: `${time}:00` })}
  />, read every
  {@render count('Read every so many days', plan.read_every_days, (days) =>
    set({ read_every_days: days || null }),
  )} days, on plain water for the last
  {@render count('Days of plain water before harvest', plan.flush_days, (days) =>
    set({ flush_days: days || null }),
  )} days before harvest; stock is made up
  {@render count(
    'Hours before a filling',
    plan.stock_hours == null ? null : Number(plan.stock_hours),
    (hours) => set({ stock_hours: hours ? `${hours}` : null }),
  )} hours before a filling.
</p>
<ul>
  {#each waits as wait, at (wait.column)}
    <li>
      <b>{labels.get(wait.column) ?? wait.column}</b> ends when
      <InSentence
        label="Sign that ends {labels.get(wait.column) ?? wait.column}"
        value={wait.sign}
        maxlength={120}
        room={10}
        onkeep={(sign) =>
          sign && set({ waits_for: waits.map((one, n) => (n === at ? { ...one, sign } : one)) })}
      />
      is seen
      <Button onclick={() => set({ waits_for: waits.filter((_, n) => n !== at) })}
        >by its days instead</Button
      >
    </li>
  {/each}
  {#each meters as meter, at (at)}
    <li>
      <InSentence
        label="Meter {at + 1}"
        value={meter.name}
        maxlength={60}
        room={8}
        onkeep={(name) =>
          name && set({ meters: meters.map((one, n) => (n === at ? { ...one, name } : one)) })}
      />
      is calibrated every
      {@render count(`Days between calibrations of ${meter.name}`, meter.every_days, (days) =>
        set({
          meters: meters.map((one, n) => (n === at ? { ...one, every_days: days || 30 } : one)),
        }),
      )} days
      <Button onclick={() => set({ meters: meters.filter((_, n) => n !== at) })}>Remove</Button>
    </li>
  {/each}
</ul>
<p>
  {#if waiting.length}
    <Choice
      label="A column that waits"
      value=""
      options={[
        { value: '', words: 'a column waits for a sign …' },
        ...waiting.map((one) => ({ value: one.key, words: one.label })),
      ]}
      onchoose={(column) =>
        column && set({ waits_for: [...waits, { column, sign: 'first flowers' }] })}
    />
  {/if}
  <Button
    onclick={() => set({ meters: [...meters, { name: 'EC pen', every_days: 30, last: null }] })}
    >A meter is calibrated too</Button
  >
</p>

<style>
  p,
  li {
    line-height: 2;
  }

  ul {
    padding: 0;
    list-style: none;
  }
</style>
