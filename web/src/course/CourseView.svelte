<script lang="ts">
  import { onDestroy, untrack } from 'svelte';

  import type { Shapes } from '../api/client';
  import Shape from '../parts/Shape.svelte';
  import { go, numberHere } from '../routes';
  import { growHere } from '../shell/grow.svelte';
  import { at, leftOff, TANK_MIXES } from '../shell/views';
  import { outOfReach, taskWords } from '../words/seasons';
  import BeginSeason from './BeginSeason.svelte';
  import { longDay, shortDay } from '../words/dates';
  import { dayNumber } from './days';
  import CourseDrawing from './CourseDrawing.svelte';
  import Decisions from './Decisions.svelte';
  import Moves from './Moves.svelte';
  import Rules from './Rules.svelte';
  import { Season } from './season.svelte';
  import Told from './Told.svelte';
  import WallList from './WallList.svelte';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';

  const grow = growHere();
  const tank = $derived(numberHere('tank'));

  let season = $state.raw<Season | undefined>();
  let drawing = $state<CourseDrawing>();
  let beginning = $state(false);
  /** Whether it was asked that this tank parts from the others; once parted there is no way back. */
  let parting = $state(false);
  /** Whether it was asked that the season is removed. */
  let takingBack = $state(false);

  $effect(() => {
    const now = new Season(grow.id, tank);
    grow.tank = tank;
    untrack(() => {
      season = now;
      beginning = parting = takingBack = false;
      void now.load();
    });
  });

  const course = $derived(season?.course);
  const shown = $derived(season?.shown);
  const day = $derived(shown ? dayNumber(shown.today) - dayNumber(shown.started_on) : 0);
  const now = $derived(
    shown?.columns.find((one) => one.first <= shown.today && shown.today <= one.last),
  );
  const named = (key: string) => shown?.products.find((one) => one.key === key)?.name ?? key;
  const next = $derived(
    shown?.tasks.filter((one) => one.state !== 'done' && one.state !== 'skipped').slice(0, 3) ?? [],
  );

  /** The plan as it was when a rule was taken hold of. */
  let planned = $state.raw<Shapes['SeasonDocument'] | undefined>();

  async function moveRule(at: number, day: number) {
    const now = season;
    planned ??= await now?.plan();
    if (!now || !planned) return;
    const rules = (planned.rules ?? []).map((rule, n) =>
      n === at ? { ...rule, from_day: day } : rule,
    );
    void now.considerPlan({ ...planned, rules }, planned);
  }

  // What was kept, or left, is no longer the plan that a rule is moved from.
  $effect(() => {
    if (!season?.asked) planned = undefined;
  });

  function nextWords(task: (typeof next)[number]): string {
    const late = { late: `late since ${shortDay(task.on)}`, due: 'today' }[task.state as string];
    return `${taskWords(task, named)} (${late ?? shortDay(task.on)})`;
  }

  function part() {
    parting = false;
    void season?.goOnAlone();
  }

  /** A season of which nothing was told yet can be removed; any other is ended. */
  const isUntold = $derived(
    course ? !course.told.length && !course.together.length && course.ended_on === null : false,
  );

  async function takeBack() {
    takingBack = false;
    if (await season?.takeSeasonBack()) await grow.load();
  }

  const SPANS: [string, number | undefined][] = [
    ['A week', 7],
    ['Five weeks', 35],
    ['The season', undefined],
  ];

  // In an effect: the view before this one takes its own offers away after this one is made.
  $effect(() => {
    const mine = [{ words: 'Print', act: () => print() }];
    grow.offers = mine;
    return () => {
      if (untrack(() => grow.offers) === mine) grow.offers = [];
    };
  });
  onDestroy(() => {
    Object.assign(leftOff, { grow: grow.id, tank, hash: '' });
    grow.tank = undefined;
  });

  function consider(first: string, by: number) {
    if (!season || !shown) return;
    if (!by) {
      season.leave();
      return;
    }
    const on = first > shown.today ? first : shown.today;
    void season.consider({ kind: 'stretch', on, days: by, over_days: 0, reason: '' });
  }
</script>

<div class="view">
  <Notice problem={season?.problem} />
  {#if !season || course === undefined}
    {#if !season?.problem}<Shape what="The season is being laid out" />{/if}
  {:else if course === null || beginning}
    <BeginSeason {season} onbegun={() => (beginning = false)} running={course !== null} />
    {#if course !== null}
      <Button onclick={() => (beginning = false)}>Go on with the one that runs</Button>
    {/if}
  {:else if shown}
    <h1>
      <b>{shown.chart_name}</b> in <b>{shown.name}</b> since
      <b>{longDay(shown.started_on, shown.today)}</b>
      {#if shown.planted}with <b>{shown.planted}</b>{/if}{#if shown.programme === 'living'}, a
        <b>living tank</b>{/if}{#if shown.change_out_days}, changed out every
        <b>{shown.change_out_days} days</b>{/if}{#if shown.ended_on}, ended on
        <b>{shortDay(shown.ended_on)}</b>{/if}.
    </h1>
    <p class="status">
      {#if now}{now.label}, day {day}.{:else}Day {day}: no column holds any more.{/if}
      {#if next.length}Next: {next.map(nextWords).join('; ')}.{/if}
    </p>
    {#if shown.together.length}
      <p class="status">
        Together with {shown.together.map((one) => one.name).join(', ')}: what one is told, all are
        told. Each is mixed and read for itself{#if shown.joined_on && shown.joined_on > shown.started_on},
          this one since {shortDay(shown.joined_on)}{/if}.
        {#if parting}
          <Button onclick={part}>Yes, it goes on alone from now</Button>
          <Button onclick={() => (parting = false)}>No</Button>
        {:else}
          <Button onclick={() => (parting = true)}>Let it go on alone</Button>
        {/if}
      </p>
    {/if}
    {#each shown.conflicts as conflict (conflict.message)}
      <p class="conflict">△ {conflict.message}</p>
    {/each}
    {#each outOfReach(shown) as words (words)}
      <p class="conflict">△ {words}</p>
    {/each}
    <div class="picture">
      <CourseDrawing bind:this={drawing} course={shown} ondrag={consider} onrule={moveRule} />
    </div>
    <div class="spans" role="group" aria-label="How much is shown">
      {#each SPANS as [words, days] (words)}
        <Button onclick={() => drawing?.show(days)}>{words}</Button>
      {/each}
      <span
        >Drag the end of a column, or the next mark of a rule; + and − come nearer and go away, ←
        and → move.</span
      >
    </div>
    {#if season.asked}
      <Moves {season} />
    {:else}
      <Decisions {season} {course} />
    {/if}
    <WallList course={shown} />
    <div class="below">
      <Rules {season} {course} />
      <Told {season} {course} />
    </div>
    <p class="last">
      <Button onclick={() => go(at(TANK_MIXES, grow.id, { tank: shown.tank }))}>
        Mixes of {shown.name}
      </Button>
      <Button onclick={() => (beginning = true)}>Begin another season here</Button>
      {#if course.ended_on === null}
        <Button onclick={() => season?.end(course.today)}>End this season today</Button>
      {:else}
        <Button onclick={() => season?.end(null)}>Let it go on</Button>
      {/if}
      {#if isUntold && takingBack}
        <Button onclick={takeBack}>Yes, remove this season</Button>
        <Button onclick={() => (takingBack = false)}>No</Button>
      {:else if isUntold}
        <Button onclick={() => (takingBack = true)}>Take this season back</Button>
      {/if}
    </p>
  {/if}
</div>

<style>
  .view {
    padding: 8px 32px 32px;
    max-width: 1180px;
  }

  h1 {
    font-size: 1.5rem;
    font-weight: 400;
    line-height: 1.45;
  }

  .status {
    margin: 4px 0 12px;
    color: var(--faded);
  }

  .conflict {
    padding: 6px 0;
    font-weight: 700;
    color: var(--heed);
  }

  .picture {
    margin: 8px 0 0;
  }

  .spans {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 8px;
    font-size: var(--type-small);
    color: var(--faded);
  }

  .spans span {
    margin-left: 8px;
  }

  .below {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
    gap: 24px 48px;
    margin-top: 24px;
  }

  .last {
    margin-top: 16px;
  }

  @media screen and (width < 900px) {
    .view {
      padding: 8px 16px 24px;
    }

    .below {
      grid-template-columns: minmax(0, 1fr);
    }
  }

  @media print {
    .view {
      padding: 0;
    }

    .spans,
    .below,
    .last {
      display: none;
    }
  }
</style>
