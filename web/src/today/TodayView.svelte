<script lang="ts">
  import { untrack } from 'svelte';

  import { dayWords } from '../words/dates';
  import Shape from '../parts/Shape.svelte';
  import { go } from '../routes';
  import { at, MIXES, SHELF } from '../shell/views';
  import { lastsWords } from '../words/stock';
  import { growHere } from '../shell/grow.svelte';
  import BrewGuide from './BrewGuide.svelte';
  import CalendarAddress from './CalendarAddress.svelte';
  import { announce, mayTell } from './notices';
  import Round from './Round.svelte';
  import TankTasks from './TankTasks.svelte';
  import { byWhen, Day } from './today.svelte';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';

  const grow = growHere();
  let day = $state.raw<Day | undefined>();
  let round = $state(false);
  /** The tank and the task of the brew that is guided, while one is. */
  let brewing = $state<{ tank: number; task: string } | undefined>();

  $effect(() => {
    const now = new Day(grow.id);
    untrack(() => {
      day = now;
      void now.load();
    });
  });

  const today = $derived(day?.today);
  const brewed = $derived.by(() => {
    const tank = today?.tanks.find((one) => one.tank === brewing?.tank);
    const task = tank?.tasks.find((one) => one.key === brewing?.task);
    return tank && task ? { tank, task } : undefined;
  });

  const typed = (amount: string) => amount.trim().replace(',', '.');

  async function brewDone(amount: string): Promise<boolean> {
    if (!day || !brewed || brewed.tank.season === null) return false;
    const { tank, task } = brewed;
    const [planned] = task.kind === 'inoculate' ? task.amounts : [];
    const told = await day.tell(tank.season ?? 0, {
      task: task.key,
      state: 'done',
      reason: '',
      amount: planned ? { ...planned.amount, value: typed(amount) || planned.amount.value } : null,
    });
    if (told) brewing = undefined;
    return told;
  }
  const waiting = $derived(
    today?.tanks.filter(
      (one) => one.lacks.length > 0 || byWhen(today.today, one.tasks).now.length > 0,
    ) ?? [],
  );
  const others = $derived(today?.tanks.filter((one) => !waiting.includes(one)) ?? []);
  const unread = $derived(
    waiting.filter((one) => one.tasks.some((task) => task.kind === 'read')).length,
  );

  let telling = $state(mayTell());
  $effect(() => {
    if (today && telling === 'yes')
      return announce(today, (title, body) => void new Notification(title, { body }));
    return undefined;
  });

  async function allow() {
    await Notification.requestPermission();
    telling = mayTell();
  }

  $effect(() => grow.keys.add('r', 'the daily round', () => (round = true)));
</script>

<div class="view">
  <Notice problem={day?.problem} />
  {#if day && today}
    <div class={['head', { out: brewed }]}>
      <h1>{dayWords(today.today)}</h1>
      <Button kind="main" size="large" onclick={() => (round = !round)} aria-expanded={round}>
        {round ? 'Back to the list' : `Daily round: read ${unread || today.tanks.length} tanks`}
      </Button>
      <Button onclick={() => go(at(MIXES, grow.id))}>All mixes</Button>
    </div>
    {#if brewed}
      {#key brewed.task.key}
        <BrewGuide {...brewed} ondone={brewDone} onleave={() => (brewing = undefined)} />
      {/key}
    {:else if round}
      <Round
        {day}
        {today}
        units={grow.overview}
        onended={() => ((round = false), void grow.load())}
      />
    {:else}
      {#if grow.overview?.bottles_ending.length}
        <p class="bottles">
          {#each grow.overview.bottles_ending as one (one.product)}
            <span>△ {one.name} {lastsWords(one.lasts_days)}.</span>
          {/each}
          <Button onclick={() => go(at(SHELF, grow.id))}>To the shelf</Button>
        </p>
      {/if}
      {#each waiting as tank (tank.tank)}
        <TankTasks
          {day}
          {tank}
          today={today.today}
          onbrew={(task) => (brewing = { tank: tank.tank, task })}
        />
      {:else}
        <p class="calm">Nothing waits today.</p>
      {/each}
      {#if others.length}
        <h2>Not today</h2>
        {#each others as tank (tank.tank)}
          <TankTasks
            {day}
            {tank}
            today={today.today}
            onbrew={(task) => (brewing = { tank: tank.tank, task })}
          />
        {/each}
      {/if}
      {#if telling === 'ask'}
        <Button onclick={allow}>Tell me on this screen when something is due</Button>
      {/if}
      <CalendarAddress grow={grow.id} />
    {/if}
  {:else if !day?.problem}
    <Shape what="The day is being looked up" />
  {/if}
</div>

<style>
  .view {
    max-width: 1080px;
    padding: 8px 32px 32px;
  }

  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 32px;
    margin-bottom: 8px;
  }

  .head.out {
    display: none;
  }

  h1 {
    font-size: 1.75rem;
    line-height: 1.3;
  }

  h2 {
    margin-top: 24px;
    font-size: var(--type-more);
    color: var(--faded);
  }

  .bottles {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 16px;
    padding: 4px 0 8px;
    font-weight: 700;
    color: var(--heed);
  }

  .calm {
    padding: 16px 0;
    font-size: var(--type-head);
  }

  @media screen and (width < 900px) {
    .view {
      padding: 8px 16px 24px;
    }
  }
</style>
