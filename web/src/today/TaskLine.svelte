<script lang="ts">
  import { shortDay } from '../words/dates';
  import { betweenToday, hashOf } from '../planning/settings';
  import { go } from '../routes';
  import { growHere } from '../shell/grow.svelte';
  import { at, MIX } from '../shell/views';
  import { taskWords, WHYS } from '../words/seasons';
  import type { Day, TankToday, Task } from './today.svelte';
  import Button from '../parts/Button.svelte';
  import Field from '../parts/Field.svelte';

  /** One task with the press that begins it; what is left out is left out for a reason. */
  let {
    day,
    tank,
    task,
    named,
    onbrew,
  }: {
    day: Day;
    tank: TankToday;
    task: Task;
    named: (key: string) => string;
    onbrew: () => void;
  } = $props();

  const grow = growHere();
  let opened = $state<'add' | 'skip' | undefined>();
  let amount = $state('');
  let reason = $state('');

  const isAddition = $derived(task.kind === 'add' || task.kind === 'inoculate');
  const planned = $derived(task.amounts[0]);
  const unit = $derived(planned?.amount.unit ?? 'mL');
  /** Whether it is a day of the living programme, which is guided step by step. */
  const isBrew = $derived(
    task.kind === 'inoculate'
      ? tank.programme === 'living'
      : task.why[0] === 'molasses' || task.why[0] === 'inoculant',
  );
  const begin = $derived(
    isBrew
      ? 'Brew it'
      : {
          mix: 'Mix it',
          change_out: task.products.length ? 'Mix it' : 'It is changed',
          flush: task.products.length ? 'Mix it' : 'It is flushed',
          read: 'Read it',
          add: 'Add it',
          inoculate: 'Add them',
          prepare: 'It is done',
          calibrate: 'It is calibrated',
        }[task.kind],
  );
  const whys = $derived(task.why.filter((why) => task.kind !== 'read' && task.kind !== 'prepare' && WHYS[why])); // prettier-ignore

  function start() {
    if (task.kind === 'read') {
      const field = document.querySelector<HTMLInputElement>(`[data-tank="${tank.tank}"]`);
      if (field) {
        field.focus();
        return;
      }
      return grow.keys.list.find((one) => one.key === 'r')?.act();
    }
    if (isBrew) {
      onbrew();
      return;
    }
    if (isAddition) return void (opened = 'add');
    if (task.products.length && task.kind !== 'prepare') {
      mixIt();
      return;
    }
    void told('done');
  }

  /** The mix that the season asks for; the Mix view takes its column and strength. */
  function mixIt() {
    const { version_id } = tank;
    const usual = grow.overview?.tanks.find((one) => one.id === tank.tank);
    const between = betweenToday(tank.towards);
    const column = (between ? tank.column_key : task.column) ?? '';
    const strength = task.strength_shown ?? usual?.strength_shown ?? '';
    const hash =
      version_id !== null && usual
        ? hashOf({ water: usual.water, version_id, column, strength, between })
        : '';
    go(at(MIX, grow.id, { tank: tank.tank }), { hash });
  }

  function told(state: 'done' | 'skipped') {
    if (tank.season === null) return;
    // What adds up in the tank is never taken from the plan by an empty field: it is typed on purpose.
    const usual = task.again_since ? undefined : planned?.amount.value;
    const value = amount.trim().replace(',', '.') || usual;
    return day.tell(tank.season, {
      task: task.key,
      state,
      reason,
      amount: isAddition && state === 'done' && value ? { value, unit } : null,
    });
  }
</script>

<li>
  <div class="line">
    <span class={['when', task.state]}>
      {task.state === 'late' ? `late, ${shortDay(task.on)}` : 'today'}
    </span>
    <span class="what">
      {taskWords(task, named)}
      {#if task.again_since}
        <small class="heed">
          △ It went in on {shortDay(task.again_since)}, and the tank was not filled since: doses add
          up. Add only what its label allows on top.
        </small>
      {/if}
      {#if whys.length}<small>{whys.map((why) => WHYS[why]).join('; ')}</small>{/if}
    </span>
    <Button kind="framed" onclick={start}>
      {begin}<span class="unseen"> {tank.name}, {taskWords(task, named)}</span>
    </Button>
    <Button tone="faded" onclick={() => (opened = opened === 'skip' ? undefined : 'skip')}>
      Leave out<span class="unseen"> {tank.name}, {taskWords(task, named)}</span>
    </Button>
  </div>
  {#if opened === 'add'}
    <form
      onsubmit={(event) => {
        event.preventDefault();
        void told('done');
      }}
    >
      <Field
        label="What went in, {unit}"
        bind:value={amount}
        figure
        inputmode="decimal"
        maxlength={20}
        placeholder={planned?.shown ?? 'no dose is printed here'}
      />
      <Button kind="framed" type="submit">It went in</Button>
    </form>
  {:else if opened === 'skip'}
    <form
      onsubmit={(event) => {
        event.preventDefault();
        void told('skipped');
      }}
    >
      <Field label="Why, for the record" bind:value={reason} maxlength={120} required />
      <Button kind="framed" type="submit">Leave it out</Button>
    </form>
  {/if}
</li>

<style>
  .line {
    display: grid;
    grid-template-columns: 104px 1fr auto auto;
    align-items: center;
    gap: 4px 12px;
    min-height: 56px;
  }

  .when {
    font-weight: 700;
  }

  .late {
    color: var(--heed);
  }

  .what {
    font-size: var(--type-lead);
    line-height: 1.3;
  }

  small {
    display: block;
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  .heed {
    font-weight: 700;
    color: var(--heed);
  }

  form {
    --entry-size: 1.25rem;

    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 8px 16px;
    padding: 4px 0 12px 116px;
  }

  @media screen and (width < 900px) {
    .line {
      grid-template-columns: 1fr auto;
      padding: 6px 0;
    }

    .what {
      grid-column: 1 / 3;
      grid-row: 2;
    }

    form {
      padding-left: 0;
    }
  }
</style>
