<script lang="ts">
  import { tick } from 'svelte';

  import type { Overview, Shapes } from '../api/client';
  import { typedIn } from '../planning/settings';
  import { dayWords } from '../words/dates';
  import { MEASURED } from '../words/meters';
  import { ASKS, SAID } from '../words/seasons';
  import type { Day, Today } from './today.svelte';
  import Button from '../parts/Button.svelte';
  import Field from '../parts/Field.svelte';
  import Unsaved from '../parts/Unsaved.svelte';

  /** All tanks in one go, by keyboard alone: Tab within a tank, Enter keeps it and goes to the next. */
  let {
    day,
    today,
    units,
    onended,
  }: { day: Day; today: Today; units: Overview | undefined; onended: () => void } = $props();

  interface Row {
    ec: string;
    ph: string;
    temperature: string;
    topped_up: string;
    judged?: Shapes['JudgedOut'];
    /** The figures that were judged: only these may be kept though they are odd. */
    seen?: string;
    problem?: string;
    busy?: boolean;
  }

  const blank = (): Row => ({ ec: '', ph: '', temperature: '', topped_up: '' });
  /** A round goes over the tanks that there were when it began. */
  const rowsOf = () => Object.fromEntries(today.tanks.map((one) => [one.tank, blank()]));
  let rows = $state<Record<number, Row>>(rowsOf());
  let list = $state<HTMLOListElement>();
  const kept = $derived(Object.values(rows).filter((row) => row.judged?.kept).length);

  type Figures = Pick<Row, 'ec' | 'ph' | 'temperature' | 'topped_up'>;

  /** What is typed and not kept yet, by tank. */
  const typedRows = $derived.by(() => {
    const typed: Record<number, Figures> = {};
    for (const { tank } of today.tanks) {
      const { ec = '', ph = '', temperature = '', topped_up = '', judged } = rows[tank] ?? {};
      if (!judged?.kept && ec + ph + temperature + topped_up)
        typed[tank] = { ec, ph, temperature, topped_up };
    }
    return typed;
  });

  function restore(typed: Record<number, Figures>) {
    for (const { tank } of today.tanks) {
      const row = rows[tank];
      if (row && !row.judged?.kept) Object.assign(row, typed[tank] ?? blank());
    }
  }

  async function keep(event: SubmitEvent, tank: number, at: number) {
    event.preventDefault();
    const row = rows[tank];
    if (!row || row.busy || !units) return;
    const figures = [row.ec, row.ph, row.temperature, row.topped_up].join('|');
    const sure = row.judged !== undefined && !row.judged.kept && row.seen === figures;
    row.busy = true;
    const { data, problem } = await day.read(tank, {
      ec: row.ec,
      ph: row.ph,
      temperature: row.temperature,
      topped_up: row.topped_up,
      note: '',
      typed_in: typedIn(units),
      sure,
    });
    row.busy = false;
    row.problem = problem?.message ?? '';
    if (!data) return;
    row.judged = data;
    row.seen = figures;
    await goTo(data.kept ? at + 1 : at);
  }

  /** The first field of the next tank; after the last the way out. */
  async function goTo(at: number) {
    await tick();
    const forms = list?.querySelectorAll('form') ?? [];
    const next: HTMLElement | null | undefined = forms[at]?.querySelector<HTMLElement>('input') ?? document.getElementById('round-end'); // prettier-ignore
    next?.focus();
    if (next instanceof HTMLInputElement) next.select();
  }

  $effect(() => void goTo(0));
</script>

<Unsaved form="{units?.id ?? 0}.round" value={typedRows} onrestore={restore} />
<p class="hint">
  Type what the pen shows; Tab goes on within a tank, Enter keeps it and goes to the next.
</p>
<ol bind:this={list}>
  {#each today.tanks as tank, at (tank.tank)}
    {@const row = rows[tank.tank]}
    {#if row}
      <li>
        <form onsubmit={(event) => keep(event, tank.tank, at)}>
          <p class="name">
            <b>{tank.name}</b>
            <small>
              {tank.target_shown ?? 'no target'}{tank.ph_shown ? ` · pH ${tank.ph_shown}` : ''}
            </small>
          </p>
          {#each [['ec', `EC, ${units?.units.reading_words ?? ''}`], ['ph', 'pH'], ['temperature', `°${units?.units.temperature ?? 'C'}`], ['topped_up', `water in, ${units?.units.volume === 'L' ? 'L' : 'gal'}`]] as const as [name, words] (name)}
            <Field
              label={words}
              bind:value={row[name]}
              aria-label="{tank.name}, {words}"
              data-tank={name === 'ec' ? tank.tank : undefined}
              figure
              inputmode="decimal"
              maxlength={20}
              disabled={row.judged?.kept}
            />
          {/each}
          <p class="keep">
            <Button
              kind="framed"
              size="large"
              wide
              type="submit"
              disabled={row.busy || row.judged?.kept}
            >
              {row.judged?.kept ? 'Kept' : row.judged ? 'It is so: keep it' : 'Keep'}
              <span class="unseen"> {tank.name}</span>
            </Button>
          </p>
        </form>
        <div role="status">
          {#if row.problem}<p class="asks">△ {row.problem}</p>{/if}
          {#each row.judged?.said ?? [] as said (said)}
            <p class={{ asks: ASKS.includes(said) }}>
              {ASKS.includes(said) ? '△ ' : ''}{SAID[said]}
            </p>
          {/each}
          {#each row.judged?.beside ?? [] as one (`${one.meter} ${one.measures}`)}
            <p>
              Read with {one.meter}, its calibration of {dayWords(one.on)} makes {MEASURED[
                one.measures
              ]} <b>{one.shown}</b>. The reading stays as it was read.
            </p>
          {/each}
          {#if row.judged && !row.judged.kept}
            <p>
              It read {row.judged.before_shown} before, you typed {row.judged.ec_shown}. Nothing is
              kept yet: type the new reading, or keep it as it is.
            </p>
          {/if}
        </div>
      </li>
    {/if}
  {/each}
</ol>
<p class="end">
  <Button
    kind="framed"
    size="large"
    id="round-end"
    onclick={async () => {
      await day.load();
      onended();
    }}>The round is done: {kept} of {today.tanks.length} kept</Button
  >
</p>

<style>
  .end {
    margin-top: 16px;
  }

  .hint {
    color: var(--faded);
  }

  li {
    padding: 8px 0;
    border-top: 1px solid var(--rule);
  }

  form {
    --touch: 52px;
    --entry-size: 1.5rem;

    display: grid;
    grid-template-columns: minmax(180px, 1fr) repeat(4, 104px) 144px;
    align-items: end;
    gap: 12px;
  }

  .name {
    line-height: 1.3;
  }

  .name small {
    display: block;
    color: var(--faded);
  }

  /* the ring of the field in hand leaves the word above it alone */

  [role='status'] {
    display: flex;
    flex-wrap: wrap;
    gap: 0 20px;
  }

  .asks {
    font-weight: 700;
    color: var(--heed);
  }

  @media screen and (width < 900px) {
    form {
      grid-template-columns: repeat(4, minmax(0, 1fr));
    }

    .name,
    .keep {
      grid-column: 1 / 5;
    }
  }
</style>
