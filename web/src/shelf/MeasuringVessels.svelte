<script lang="ts">
  import type { MeasuringVessel, Problem } from '../api/client';
  import Vessel from '../planning/Vessel.svelte';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';

  let {
    vessels,
    usual,
    onkeep,
  }: {
    vessels: MeasuringVessel[];
    usual: boolean;
    onkeep: (vessels: MeasuringVessel[]) => Promise<Problem | undefined>;
  } = $props();

  const KINDS = [
    { value: 'syringe' as const, words: 'syringe' },
    { value: 'cylinder' as const, words: 'cylinder' },
    { value: 'jug' as const, words: 'jug' },
    { value: 'scale' as const, words: 'scale' },
  ];
  const SHOWS = [
    { value: 'g' as const, words: 'g' },
    { value: 'lb' as const, words: 'decimal lb' },
    { value: 'lb_oz' as const, words: 'lb and oz', note: '6 lb 4 oz is 6.25 lb' },
  ];
  let problem = $state<Problem | undefined>();

  async function keep(next: MeasuringVessel[]) {
    problem = await onkeep(next);
  }

  const figure = (text: string) => text.trim().replace(',', '.');
  const change = (at: number, change: Partial<MeasuringVessel>) =>
    keep(vessels.map((one, index) => (index === at ? { ...one, ...change } : one)));
  const wrong = (at: number, name: string) =>
    problem?.where.startsWith(`vessels[${at}].${name}`) ?? false;
  const unit = (vessel: MeasuringVessel) => (vessel.vessel === 'scale' ? 'g' : 'mL');
</script>

<section>
  <h2>On the bench</h2>
  <p>
    {#if usual}These are the usual vessels. Change one, and the bench is yours.{:else}Amounts are
      split over these: least error first, then fewest fills.
      <button class="plain" onclick={() => keep([])}>Back to the usual vessels</button>{/if}
  </p>
  {#if problem}<p class="problem" role="alert">△ {problem.message}</p>{/if}
  <ul>
    {#each vessels as vessel, at (at)}
      <li>
        <div class="drawing">
          <Vessel
            fill={{ ...vessel, level: vessel.capacity, times: 1, display: '' }}
            unit={unit(vessel)}
          />
        </div>
        <Choice
          label="Kind of vessel {at + 1}"
          value={vessel.vessel}
          options={KINDS}
          onchoose={(kind) => change(at, { vessel: kind })}
        />
        <Field
          label="holds"
          value={vessel.capacity}
          unit={unit(vessel)}
          wrong={wrong(at, 'capacity')}
          onkeep={(text) => change(at, { capacity: figure(text) })}
        />
        <Field
          label={vessel.vessel === 'scale' ? 'step' : 'marks of'}
          value={vessel.mark}
          unit={unit(vessel)}
          wrong={wrong(at, 'mark')}
          onkeep={(text) => change(at, { mark: figure(text) })}
        />
        {#if vessel.vessel === 'scale'}
          <p>
            shows
            <Choice
              label="What scale {at + 1} shows"
              value={vessel.shows}
              options={SHOWS}
              onchoose={(shows) => change(at, { shows })}
            />
          </p>
        {/if}
        <button class="plain" onclick={() => keep(vessels.filter((_, index) => index !== at))}>
          Take it away
        </button>
      </li>
    {/each}
    <li>
      <button
        class="plain"
        onclick={() =>
          keep([...vessels, { vessel: 'cylinder', capacity: '100', mark: '1', shows: 'g' }])}
      >
        Add a vessel
      </button>
    </li>
  </ul>
</section>

<style>
  section {
    margin-top: 28px;
    padding-top: 8px;
    border-top: 2px solid var(--ink);
  }

  h2 {
    font-size: 1.125rem;
  }

  p {
    color: var(--faded);
  }

  .problem {
    color: var(--danger);
    font-weight: 700;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(184px, 1fr));
    gap: 20px 28px;
    margin-top: 12px;
  }

  li {
    --unit: 28px;
  }

  .drawing {
    display: flex;
    min-height: 118px;
    align-items: flex-end;
  }

  .plain {
    min-height: 32px;
    color: var(--faded);
    text-decoration: underline;
    text-underline-offset: 3px;
  }
</style>
