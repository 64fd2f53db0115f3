<script lang="ts">
  import { answered, api, type Problem, type Shapes } from '../api/client';
  import { typedIn } from '../planning/settings';
  import { growHere } from '../shell/grow.svelte';

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
    <label class={{ wrong: wrong === standard }}>
      in {measures === 'ph' ? `pH ${standard}` : `${standard} mS/cm`} it shows
      <input inputmode="decimal" maxlength="20" bind:value={read[standard]} />
      {measures === 'ec' ? unit : ''}
    </label>
  {/each}
  {#if measures === 'ph'}
    <label
      >the buffers have <input inputmode="decimal" maxlength="8" bind:value={degrees} />
      °{scale}</label
    >
  {/if}
  {#if problem}<p role="alert">△ {problem.message}</p>{/if}
  <button type="submit" class="main" disabled={!points.length}>Save this calibration</button>
</form>

<style>
  form {
    display: grid;
    gap: 8px;
    padding: 8px 0 16px 16px;
    border-left: 4px solid var(--water);
  }

  label {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: baseline;
  }

  input {
    width: 8ch;
    min-height: 44px;
    padding: 0 8px;
    font: 700 1.25rem var(--figures);
    background: var(--sheet);
    border: 0;
    border-bottom: 2px solid var(--ink);
  }

  .wrong input {
    border-bottom-color: var(--danger);
  }

  .main {
    justify-self: start;
    min-height: 52px;
    padding: 0 20px;
    font-weight: 700;
    color: var(--sheet);
    background: var(--ink);
    border-radius: 6px;
  }

  .main:disabled {
    opacity: 0.5;
  }

  [role='alert'] {
    font-weight: 700;
    color: var(--heed);
  }
</style>
