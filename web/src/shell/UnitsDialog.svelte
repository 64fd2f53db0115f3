<script lang="ts">
  import { api, answered, type Problem, type Overview, type UnitsIn } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';

  let {
    overview,
    onclose,
    onchanged,
  }: { overview: Overview; onclose: () => void; onchanged: () => void } = $props();

  const VOLUMES = [
    ['L', 'litres'],
    ['gal_us', 'US gallons (3.785 L)'],
    ['gal_uk', 'UK gallons (4.546 L)'],
  ] as const;
  const READINGS = [
    ['mS/cm', 'EC, mS/cm'],
    ['uS/cm', 'µS/cm'],
    ['CF', 'CF'],
    ['ppm 500', 'ppm on the 500 scale'],
    ['ppm 640', 'ppm on the 640 scale'],
    ['ppm 700', 'ppm on the 700 scale'],
  ] as const;
  const SPOONS = [
    ['metric', 'kitchen: tsp 5, tbsp 15, fl oz 30 mL'],
    ['us', 'US customary: tsp 4.93, tbsp 14.8, fl oz 29.6 mL'],
  ] as const;

  const DEGREES = [
    ['C', '°C'],
    ['F', '°F'],
  ] as const;
  const MARKS = [
    ['.', '1.5'],
    [',', '1,5'],
  ] as const;
  const CLOCKS = [
    ['24', '21:05'],
    ['12', '9:05 pm'],
  ] as const;
  const DATES = [
    ['day_first', '2 December'],
    ['month_first', 'December 2'],
    ['iso', '2026-12-02'],
  ] as const;

  const now = () => overview.units;
  let volume = $state(now().volume);
  let reading = $state(now().ppm_scale ? `ppm ${now().ppm_scale}` : now().reading);
  let spoons = $state(now().spoons);
  let temperature = $state(now().temperature);
  let decimal = $state(now().decimal);
  let clock = $state(now().clock);
  let dates = $state(now().dates);
  let problem = $state<Problem | undefined>();

  async function keep() {
    const { data, problem: trouble } = await answered(
      api.PUT('/api/grows/{grow_id}/units', {
        params: { path: { grow_id: overview.id } },
        body: { volume, reading, spoons, temperature, decimal, clock, dates } as UnitsIn,
      }),
    );
    if (data) onchanged();
    else problem = trouble;
  }
</script>

{#snippet choices(
  title: string,
  list: readonly (readonly [string, string])[],
  chosen: string,
  choose: (value: never) => void,
)}
  <fieldset>
    <legend>{title}</legend>
    {#each list as [value, words] (value)}
      <label>
        <input
          type="radio"
          name={title}
          {value}
          checked={value === chosen}
          onchange={() => choose(value as never)}
        />
        {words}
      </label>
    {/each}
  </fieldset>
{/snippet}

<Dialog title="Your units" {onclose}>
  {@render choices('Water in the tank', VOLUMES, volume, (value) => (volume = value))}
  {@render choices('What your pen reads', READINGS, reading, (value) => (reading = value))}
  {@render choices('Spoons on your charts', SPOONS, spoons, (value) => (spoons = value))}
  <div class="short">
    {@render choices('Temperature', DEGREES, temperature, (value) => (temperature = value))}
    {@render choices('Numbers', MARKS, decimal, (value) => (decimal = value))}
    {@render choices('The clock', CLOCKS, clock, (value) => (clock = value))}
    {@render choices('Dates', DATES, dates, (value) => (dates = value))}
  </div>
  {#if problem}<p role="alert">△ {problem.message}</p>{/if}
  <button type="button" class="keep" onclick={keep}>Use these</button>
</Dialog>

<style>
  fieldset {
    margin: 0 0 12px;
    padding: 0;
    border: 0;
  }

  legend {
    font-weight: 700;
  }

  label {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 32px;
  }

  input {
    width: 18px;
    height: 18px;
    accent-color: var(--ink);
  }

  .short {
    display: flex;
    flex-wrap: wrap;
    gap: 0 32px;
  }

  .keep {
    height: 48px;
    width: 100%;
    font-weight: 700;
    color: var(--paper);
    background: var(--ink);
    border-radius: 6px;
  }
</style>
