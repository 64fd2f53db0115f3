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
  import Field from '../parts/Field.svelte';
  import Notice from '../parts/Notice.svelte';

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
  <Notice problem={problemIn === part ? problem : undefined} />
{/snippet}

<Dialog title="Add a tank" {onclose}>
  <Entries submit="Add the tank" onsubmit={add}>
    <Field label="Name" bind:value={tank.name} required maxlength={60} />
    <Field
      label="All the water that is joined: tank, pots and pipes"
      bind:value={tank.volume}
      required
      maxlength={60}
      placeholder="such as 425 L"
    />
    <Field label="Crop" bind:value={tank.crop} maxlength={60} />
    <Field label="Plants stand in" bind:value={tank.grown_in} options={choices(MEDIA)} />
    <Field
      label="System"
      bind:value={tank.system_kind}
      options={[[undefined, 'another one'], ...choices(SYSTEMS)]}
    />
    <Field
      label="Kind of crop"
      bind:value={tank.crop_kind}
      options={[[undefined, 'not said'], ...choices(CROPS)]}
    />
    {@render trouble('tank')}
    <Field
      label="Filled from"
      bind:value={water}
      options={[
        ...overview.waters.map((one) => [one.id, one.name] as const),
        [NEW, 'another water …'],
      ]}
    />
    {#if water === NEW}
      <fieldset>
        <legend>The other water</legend>
        <Field label="What you call it" bind:value={source.name} required maxlength={60} />
        <Field label="Kind" bind:value={source.kind} options={choices(WATERS)} />
        <Field
          label="Its reading, if you have one"
          bind:value={source.reading}
          maxlength={60}
          placeholder="such as 0.52 EC"
        />
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
