<script lang="ts">
  import { answered, api, type Problem, type Shapes } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { dayWords } from '../words/dates';
  import { growHere } from '../shell/grow.svelte';
  import { choices } from '../words/growing';
  import { CONDITIONS, MEASURED, METER_KINDS } from '../words/meters';
  import Calibrate from './Calibrate.svelte';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import Field from '../parts/Field.svelte';
  import InSentence from '../parts/InSentence.svelte';

  /** Meters, when they were calibrated, and when they are again. */
  const grow = growHere();
  const path = $derived({ grow_id: grow.id });

  let told = $state.raw<Shapes['MetersOut'] | undefined>();
  let problem = $state.raw<Problem | undefined>();
  let name = $state('');
  let kind = $state<keyof typeof METER_KINDS>('pen');
  let open = $state<{ meter: number; measures: 'ec' | 'ph' } | undefined>();
  let asked = $state(0);

  async function load() {
    const outcome = await answered(api.GET('/api/grows/{grow_id}/meters', { params: { path } }));
    told = outcome.data;
    problem = outcome.problem;
  }

  $effect(() => void load());

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const body = { name, kind, every_days: 30 };
    const outcome = await answered(
      api.POST('/api/grows/{grow_id}/meters', { params: { path }, body }),
    );
    if (outcome.problem) return void (problem = outcome.problem);
    name = '';
    await load();
  }

  async function change(meter: number, days: number) {
    const params = { path: { ...path, meter_id: meter } };
    const body = { every_days: Math.max(1, days || 30) };
    const outcome = await answered(
      api.PATCH('/api/grows/{grow_id}/meters/{meter_id}', { params, body }),
    );
    if (outcome.problem) problem = outcome.problem;
    else await load();
  }

  async function remove(meter: number) {
    const params = { path: { ...path, meter_id: meter } };
    const outcome = await answered(
      api.DELETE('/api/grows/{grow_id}/meters/{meter_id}', { params }),
    );
    asked = 0;
    if (outcome.problem) problem = outcome.problem;
    else await load();
  }
</script>

<section aria-labelledby="meters">
  <h2 id="meters">Meters</h2>
  <Notice {problem} />
  {#if told}
    <ul>
      {#each told.meters as meter (meter.id)}
        <li>
          <p>
            <b>{meter.name}</b>, {METER_KINDS[meter.kind]}{meter.connected
              ? ', connected'
              : ''}{#if meter.measures.length}, calibrated every
              <InSentence
                label="Days between calibrations of {meter.name}"
                kind="figure"
                type="number"
                min="1"
                max="999"
                room={5}
                value={meter.every_days}
                onkeep={(days) => change(meter.id, Number(days))}
              />
              days{:else}; a colour tells half a pH, no more{/if}{meter.due_on &&
            meter.due_on > told.today
              ? `, due on ${dayWords(meter.due_on)}`
              : ''}.
            {#if meter.due_on && meter.due_on <= told.today}
              <b class="due">△ due</b>
            {/if}
            {#if asked === meter.id}
              Its calibrations go with it.
              <Button onclick={() => remove(meter.id)}>Yes, remove {meter.name}</Button>
              <Button onclick={() => (asked = 0)}>No</Button>
            {:else if !meter.connected}
              <Button onclick={() => (asked = meter.id)}>Remove {meter.name}</Button>
            {/if}
          </p>
          {#each meter.measures as measures (measures)}
            {@const last = meter[measures]}
            <p class="last">
              {MEASURED[measures]}:
              {#if last}
                shows {last.slope_shown}{last.offset_shown
                  ? ` of a step, ${last.offset_shown} at pH 7`
                  : ' of its standards'}, on {dayWords(last.on)}.
                {#if CONDITIONS[last.condition]}<b class="due">△ {CONDITIONS[last.condition]}</b
                  >{/if}
              {:else}never calibrated here.{/if}
              <Button onclick={() => (open = { meter: meter.id, measures })}
                >Calibrate {MEASURED[measures]}<span class="unseen"> of {meter.name}</span></Button
              >
            </p>
            {#if open?.meter === meter.id && open.measures === measures}
              <Calibrate
                meter={meter.id}
                {measures}
                standards={measures === 'ec' ? told.ec_standards : told.buffers}
                ondone={() => {
                  open = undefined;
                  void load();
                }}
              />
            {/if}
          {/each}
        </li>
      {/each}
    </ul>
    <form onsubmit={add}>
      <Field
        label="Another meter"
        beside
        bind:value={name}
        required
        maxlength={60}
        placeholder="such as Bench pen"
      />
      <Choice
        label="What it is"
        value={kind}
        options={choices(METER_KINDS).map(([value, words]) => ({ value, words }))}
        onchoose={(chosen) => (kind = chosen)}
      />
      <Button type="submit">Add this meter</Button>
    </form>
  {/if}
</section>

<style>
  section {
    max-width: 60rem;
    margin-top: 32px;
  }

  h2 {
    margin-bottom: 8px;
    font-size: 1.1875rem;
  }

  ul {
    padding: 0;
    list-style: none;
    border-top: 2px solid var(--ink);
  }

  li {
    padding: 8px 0;
    line-height: 1.9;
    border-bottom: 1px solid var(--rule);
  }

  .last {
    padding-left: 16px;
  }

  .due {
    font-weight: 700;
    color: var(--heed);
  }

  form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: baseline;
    margin-top: 8px;
  }
</style>
