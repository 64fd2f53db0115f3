<script lang="ts">
  import { untrack } from 'svelte';

  import { answered, api, type Problem, type Shapes } from '../api/client';
  import { weighed } from '../planning/drawing/vessel';
  import Vessel from '../planning/drawing/Vessel.svelte';
  import { growHere } from '../shell/grow.svelte';
  import { acts, BREW_DAYS, brewStates, fedAt } from '../words/brewing';
  import { weekdayAndTime } from '../words/dates';
  import type { TankToday, Task } from './today.svelte';
  import Button from '../parts/Button.svelte';
  import Press from '../parts/Press.svelte';
  import Notice from '../parts/Notice.svelte';
  import Field from '../parts/Field.svelte';

  /** A day of the living programme, one step and one press at a time; the last press tells it. */
  let {
    tank,
    task,
    ondone,
    onleave,
  }: {
    tank: TankToday;
    task: Task;
    ondone: (amount: string) => Promise<boolean>;
    onleave: () => void;
  } = $props();

  const grow = growHere();
  let brew = $state.raw<Shapes['BrewOut'] | undefined>();
  let problem = $state.raw<Problem | undefined>();
  let busy = $state(false);
  /** What went in, where it is not what was planned. */
  let amount = $state('');

  // An interruption, or a phone that slept, comes back to the step it left.
  const place = untrack(() => `brew ${tank.season} ${task.key}`);
  const left = Number(localStorage.getItem(place)) || 0;
  let at = $state(left);
  let anyway = $state(left > 0);

  $effect(() => {
    const path = { grow_id: grow.id, season_id: tank.season ?? 0 };
    const params = { path, query: { task: task.key } };
    void answered(api.GET('/api/grows/{grow_id}/seasons/{season_id}/brew', { params })).then(
      (outcome) => {
        problem = outcome.problem;
        brew = outcome.data;
      },
    );
  });

  const step = $derived(brew?.steps[Math.min(at, brew.steps.length - 1)]);
  const last = $derived(brew ? at >= brew.steps.length - 1 : false);
  const fills = $derived(step?.measured?.fills ?? []);
  const held = $derived(Boolean(brew && brewStates(brew)[brew.state] && !anyway));
  const when = $derived(
    brew?.ready_at ? weekdayAndTime(new Date(brew.ready_at), grow.overview?.time_zone) : '',
  );

  function keep(step: number) {
    at = step;
    localStorage.setItem(place, `${step}`);
  }

  async function press() {
    if (held) return void (anyway = true);
    if (!last) {
      keep(at + 1);
      return;
    }
    if (busy) return;
    busy = true;
    if (await ondone(amount)) localStorage.removeItem(place);
    busy = false;
  }
</script>

<section class="guide" aria-labelledby="brew-title">
  <p class="where" id="brew-title">
    <b>{tank.name}</b>
    {#if brew}{BREW_DAYS[brew.day]}, step {Math.min(at + 1, brew.steps.length)} of {brew.steps
        .length}{/if}
  </p>
  <Notice {problem} />
  {#if brew && step}
    <div class="step" aria-live="polite">
      {#if held}
        <h1>△ {brewStates(brew)[brew.state]}{brew.state === 'standing' ? ` on ${when}.` : ''}</h1>
      {:else}
        <h1>{acts(brew)[step.act].words}</h1>
        {#if step.shown}<p class="amount">{weighed(fills) || step.shown}</p>{/if}
        {#if fills.length}
          <div class="vessels">
            {#each fills as fill, index (index)}
              {#if index}<span aria-hidden="true">+</span>{/if}
              <Vessel {fill} unit={step.measured?.unit ?? 'mL'} />
            {/each}
          </div>
        {/if}
        <p class="hint">{acts(brew)[step.act].hint}</p>
        {#if step.act === 'pour'}
          <Field
            label="What goes in, {task.amounts[0]?.amount.unit ?? 'mL'}"
            beside
            bind:value={amount}
            figure
            inputmode="decimal"
            size={9}
            maxlength={20}
            placeholder={task.amounts[0]?.shown ?? ''}
          />
        {/if}
        {#if step.above_source_shown}<p class="hint">
            {fedAt(brew.target_shown, step.above_source_shown)}
          </p>{/if}
      {/if}
    </div>
    <Press onclick={press} disabled={busy}>
      {held ? 'I have looked: go on' : last ? 'Done' : 'Done, next'}
    </Press>
  {/if}
  <p class="ways">
    {#if at > 0 && !held}<Button onclick={() => keep(at - 1)}>One step back</Button>{/if}
    <Button onclick={onleave}>Back to the list</Button>
  </p>
</section>

<style>
  .guide {
    --touch-large: 52px;
    --entry-size: 1.5rem;

    display: flex;
    flex-direction: column;
    gap: 12px;
    max-width: 720px;
    min-height: calc(100vh - 180px);
  }

  .where {
    font-size: var(--type-lead);
    color: var(--faded);
  }

  h1 {
    font-size: 2.25rem;
    line-height: 1.15;
  }

  .amount {
    font: 700 5rem/1.1 var(--figures);
    letter-spacing: -0.04em;
  }

  .vessels {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 12px;
    font-size: 1.5rem;
  }

  .hint {
    margin-top: 8px;
    font-size: var(--type-head);
  }

  .ways {
    display: flex;
    gap: 24px;
  }
</style>
