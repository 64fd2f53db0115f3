<script lang="ts">
  import { api, answered, type Problem, type Overview, type UnitsIn } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import OneOf from '../parts/OneOf.svelte';

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

<Dialog title="Your units" {onclose}>
  <div class="units">
    <OneOf
      title="Water in the tank"
      options={VOLUMES}
      value={volume}
      onchoose={(value) => (volume = value)}
    />
    <OneOf
      title="What your pen reads"
      options={READINGS}
      value={reading}
      onchoose={(value) => (reading = value)}
    />
    <OneOf
      title="Spoons on your charts"
      options={SPOONS}
      value={spoons}
      onchoose={(value) => (spoons = value)}
    />
    <div class="short">
      <OneOf
        title="Temperature"
        options={DEGREES}
        value={temperature}
        onchoose={(value) => (temperature = value)}
      />
      <OneOf
        title="Numbers"
        options={MARKS}
        value={decimal}
        onchoose={(value) => (decimal = value)}
      />
      <OneOf
        title="The clock"
        options={CLOCKS}
        value={clock}
        onchoose={(value) => (clock = value)}
      />
      <OneOf title="Dates" options={DATES} value={dates} onchoose={(value) => (dates = value)} />
    </div>
  </div>
  <Notice {problem} />
  <Button kind="main" wide onclick={keep}>Save these units</Button>
</Dialog>

<style>
  /* Twenty choices have to be seen at one look. */
  .units {
    --touch: 32px;
  }

  .short {
    display: flex;
    flex-wrap: wrap;
    gap: 0 32px;
  }
</style>
