<script lang="ts">
  import { api, answered, type Problem, type Quay, type UnitsIn } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';

  let { quay, onclose, onchanged }: { quay: Quay; onclose: () => void; onchanged: () => void } =
    $props();

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

  const now = () => quay.units;
  let volume = $state(now().volume);
  let reading = $state(now().ppm_scale ? `ppm ${now().ppm_scale}` : now().reading);
  let spoons = $state(now().spoons);
  let problem = $state<Problem | undefined>();

  async function keep() {
    const { data, problem: trouble } = await answered(
      api.PUT('/api/grows/{grow_id}/units', {
        params: { path: { grow_id: quay.id } },
        body: { volume, reading, spoons } as UnitsIn,
      }),
    );
    if (data) onchanged();
    else problem = trouble;
  }
</script>

{#snippet choices(title: string, list: readonly (readonly [string, string])[], name: string)}
  <fieldset>
    <legend>{title}</legend>
    {#each list as [value, words] (value)}
      <label>
        {#if name === 'volume'}
          <input type="radio" {name} {value} bind:group={volume} />
        {:else if name === 'reading'}
          <input type="radio" {name} {value} bind:group={reading} />
        {:else}
          <input type="radio" {name} {value} bind:group={spoons} />
        {/if}
        {words}
      </label>
    {/each}
  </fieldset>
{/snippet}

<Dialog title="Your units" {onclose}>
  {@render choices('Water in the tank', VOLUMES, 'volume')}
  {@render choices('What your pen reads', READINGS, 'reading')}
  {@render choices('Spoons on your charts', SPOONS, 'spoons')}
  {#if problem}<p role="alert">△ {problem.message}</p>{/if}
  <button class="keep" onclick={keep}>Use these</button>
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

  .keep {
    height: 48px;
    width: 100%;
    font-weight: 700;
    color: var(--paper);
    background: var(--ink);
    border-radius: 6px;
  }
</style>
