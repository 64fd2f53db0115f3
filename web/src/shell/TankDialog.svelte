<script lang="ts">
  import {
    api,
    problemOf,
    type Problem,
    type Overview,
    type TankIn,
    type Water,
    type WaterIn,
  } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import Entries from '../parts/Entries.svelte';
  import { choices, CROPS, MEDIA, SYSTEMS, WATERS } from '../words/growing';
  import { typedIn } from '../planning/settings';

  let {
    overview,
    onclose,
    onadded,
    onwater,
  }: {
    overview: Overview;
    onclose: () => void;
    onadded: (tank: number) => void;
    onwater: (water: Water) => void;
  } = $props();

  const NEW = 0;
  /** What nobody has measured of a water that was just named. */
  const UNMEASURED = {
    ph: '',
    temperature: '',
    celsius: '',
    disinfectant: null,
    treated_by: null,
    report: {},
    reported_on: null,
    note: '',
    ec: null,
    findings: [],
    balance_shown: null,
    balance_off: false,
  };

  const firstWater = () => overview.waters[0]?.id ?? NEW;
  let water = $state(firstWater());
  let tank = $state<Omit<TankIn, 'water' | 'volume' | 'typed_in'> & { volume: string }>({
    name: '',
    crop: '',
    volume: '',
    grown_in: 'water',
  });
  let source = $state<Pick<WaterIn, 'name' | 'kind'> & { reading: string }>({
    name: '',
    kind: 'mains',
    reading: '',
  });
  let problem = $state<Problem | undefined>();
  let problemIn = $state<'tank' | 'source'>('tank');

  async function add() {
    const params = { path: { grow_id: overview.id } };
    problem = undefined;
    try {
      if (water === NEW) {
        problemIn = 'source';
        const made = await api.POST('/api/grows/{grow_id}/waters', {
          params,
          body: { ...source, typed_in: typedIn(overview) },
        });
        if (!made.data) return void (problem = problemOf(made.error));
        onwater({ ...UNMEASURED, ...source, id: made.data.id });
        water = made.data.id;
      }
      problemIn = 'tank';
      const made = await api.POST('/api/grows/{grow_id}/tanks', {
        params,
        body: { ...tank, water, typed_in: typedIn(overview) },
      });
      if (made.data) onadded(made.data.id);
      else problem = problemOf(made.error);
    } catch {
      problem = problemOf(undefined);
    }
  }
</script>

{#snippet trouble(part: 'tank' | 'source')}
  {#if problem && problemIn === part}
    <p role="alert">△ {problem.message}</p>
  {/if}
{/snippet}

<Dialog title="Add a tank" {onclose}>
  <Entries submit="Add the tank" onsubmit={add}>
    <label>Name <input bind:value={tank.name} required maxlength="60" /></label>
    <label>
      All the water that is joined: tank, pots and pipes
      <input bind:value={tank.volume} required maxlength="60" placeholder="such as 425 L" />
    </label>
    <label>Crop <input bind:value={tank.crop} maxlength="60" /></label>
    <label>
      Plants stand in
      <select bind:value={tank.grown_in}>
        {#each choices(MEDIA) as [value, words] (value)}<option {value}>{words}</option>{/each}
      </select>
    </label>
    <label>
      System
      <select bind:value={tank.system_kind}>
        <option value={undefined}>another one</option>
        {#each choices(SYSTEMS) as [value, words] (value)}<option {value}>{words}</option>{/each}
      </select>
    </label>
    <label>
      Kind of crop
      <select bind:value={tank.crop_kind}>
        <option value={undefined}>not said</option>
        {#each choices(CROPS) as [value, words] (value)}<option {value}>{words}</option>{/each}
      </select>
    </label>
    {@render trouble('tank')}
    <label>
      Filled from
      <select bind:value={water}>
        {#each overview.waters as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
        <option value={NEW}>another water …</option>
      </select>
    </label>
    {#if water === NEW}
      <fieldset>
        <legend>The other water</legend>
        <label>What you call it <input bind:value={source.name} required maxlength="60" /></label>
        <label>
          Kind
          <select bind:value={source.kind}>
            {#each choices(WATERS) as [value, words] (value)}<option {value}>{words}</option>{/each}
          </select>
        </label>
        <label>
          Its reading, if you have one
          <input bind:value={source.reading} maxlength="60" placeholder="such as 0.52 EC" />
        </label>
        {@render trouble('source')}
      </fieldset>
    {/if}
  </Entries>
</Dialog>

<style>
  fieldset {
    margin: 0;
    padding: 0 0 0 12px;
    border: 0;
    border-left: 4px solid var(--water);
  }

  legend {
    font-weight: 700;
  }
</style>
