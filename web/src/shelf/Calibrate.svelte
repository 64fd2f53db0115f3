<script lang="ts">
  import { answered, api, type Problem, type Shapes } from '../api/client';
  import { typedIn } from '../planning/settings';
  import { growHere } from '../shell/grow.svelte';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import Field from '../parts/Field.svelte';

  /** What a meter shows in each standard, one under another; what was not used stays empty. */
  let {
    meter,
    measures,
    standards,
    ondone,
  }: { meter: number; measures: 'ec' | 'ph'; standards: string[]; ondone: () => void } = $props();

  const grow = growHere();
  const unit = $derived(grow.overview?.units.reading_words ?? 'mS/cm');
  let read = $state<Record<string, string>>({});
  const scale = grow.overview?.units.temperature ?? 'C';
  let degrees = $state({ C: '25', F: '77' }[scale]);
  let problem = $state.raw<Problem | undefined>();

  const points = $derived(
    standards
      .filter((one) => read[one]?.trim())
      .map((standard) => ({ standard, read: read[standard]?.trim().replace(',', '.') ?? '' })),
  );
  /** Where in the list of what was typed the problem is. */
  const wrong = $derived(
    points[Number(/^points\[(\d)\]/.exec(problem?.where ?? '')?.[1] ?? NaN)]?.standard,
  );

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    if (!grow.overview) return;
    const params = { path: { grow_id: grow.id, meter_id: meter } };
    const body: Shapes['CalibrationIn'] = {
      measures,
      points,
      degrees: degrees.trim().replace(',', '.'),
      typed_in: typedIn(grow.overview),
    };
    const outcome = await answered(
      api.POST('/api/grows/{grow_id}/meters/{meter_id}/calibrations', { params, body }),
    );
    problem = outcome.problem;
    if (!problem) ondone();
  }
</script>

<form onsubmit={keep}>
  <p>
    Rinse the pen, dip it, wait until it stands still, type what it shows. Then rinse, and the next.
  </p>
  {#each standards as standard (standard)}
    <Field
      label="in {measures === 'ph' ? `pH ${standard}` : `${standard} mS/cm`} it shows"
      beside
      unit={measures === 'ec' ? unit : ''}
      figure
      inputmode="decimal"
      size={7}
      maxlength={20}
      wrong={wrong === standard}
      bind:value={read[standard]}
    />
  {/each}
  {#if measures === 'ph'}
    <Field
      label="the buffers have"
      beside
      unit="°{scale}"
      figure
      inputmode="decimal"
      size={5}
      maxlength={8}
      bind:value={degrees}
    />
  {/if}
  <Notice {problem} />
  <Button kind="main" size="large" type="submit" disabled={!points.length}
    >Save this calibration</Button
  >
</form>

<style>
  form {
    --entry-size: 1.25rem;

    display: grid;
    gap: 8px;
    padding: 8px 0 16px 16px;
    border-left: 4px solid var(--water);
  }
</style>
