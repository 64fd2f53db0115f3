<script lang="ts">
  import { answered, api, type GuidedState, type MixRecord, type Shapes } from '../api/client';
  import { dayWords, timeOfDay } from '../words/dates';
  import { shown } from '../planning/figures';
  import { asks } from '../words/guided';
  import { written } from '../words/numbers';
  import Button from '../parts/Button.svelte';
  import Table from '../parts/Table.svelte';
  import TextLink from '../parts/TextLink.svelte';

  let {
    standing,
    record,
    grow,
    onleave,
  }: { standing: GuidedState; record: MixRecord; grow: number; onleave: () => void } = $props();

  const file = $derived(`/api/grows/${grow}/mixes/${standing.id}/record`);
  const readings = $derived(
    record.readings.map((reading) => {
      const step = standing.steps.find((one) => one.id === reading.step);
      return {
        when: timeOfDay(new Date(reading.at * 1000), standing.time_zone),
        what: step ? asks(step) : reading.step,
        figure: step?.figure_shown ?? reading.figure,
        by: reading.by,
      };
    }),
  );
  /** Litres that readings told, where the tank was believed to hold others. */
  const holds = $derived(standing.steering.holds);
  const litres = $derived(written(standing.steering.litres ?? ''));
  let told = $state<'' | 'kept' | 'refused'>('');

  async function correctTank() {
    if (!holds) return;
    const path = { grow_id: grow, tank_id: standing.tank };
    const { problem } = await answered(
      api.PATCH('/api/grows/{grow_id}/tanks/{tank_id}', {
        params: { path },
        // Only what is named is changed.
        body: { volume: holds } as Shapes['TankEdit'],
      }),
    );
    told = problem ? 'refused' : 'kept';
  }

  const planned = (text: string | null) => (text === null ? '–' : shown(text, 1));
</script>

<section class="summary">
  <h1>{standing.tank_name}: mixed</h1>
  <p>
    {standing.column}, {standing.volume}, {record.minutes} min, {record.people.join(' and ')},
    {standing.days && dayWords(standing.days.mixed_on)}
  </p>
  {#if holds}
    <p class="volume">
      {#if told === 'kept'}
        From now on mixes are computed for {litres}.
      {:else}
        △ It was planned for {standing.volume}, and readings told {litres}.
        <Button kind="framed" onclick={correctTank}>The tank holds {litres}</Button>
        {#if told === 'refused'}That could not be kept; look at the tank itself.{/if}
      {/if}
    </p>
  {/if}
  <div class="poured">
    <Table label="What was poured" kind="lines" head={['product', 'planned', 'poured']}>
      <tbody>
        {#each record.poured as line, at (at)}
          <tr>
            <td>{line.name}</td>
            <td class="figure">{planned(line.planned)}</td>
            <td class="figure"><b>{shown(line.poured, 1)}</b> {line.unit}</td>
          </tr>
        {/each}
      </tbody>
    </Table>
  </div>
  <p class="readings">
    {#if standing.ec_shown}<span>EC <b>{standing.ec_shown}</b></span>{/if}
    {#if record.ph !== null}<span>pH <b>{shown(record.ph, 1)}</b></span>{/if}
    {#if standing.target}
      <small>
        target {standing.target}
        {standing.unit}, pH {written(standing.ph_low)} to {written(standing.ph_high)}
      </small>
    {/if}
  </p>
  <div class="read">
    <Table label="What was read" kind="lines">
      <tbody>
        {#each readings as { when, what, figure, by }, at (at)}
          <tr><td>{when}</td><td>{what}</td><td><b>{figure}</b></td><td>{by}</td></tr>
        {/each}
      </tbody>
    </Table>
  </div>
  <ul>
    {#if standing.days}
      <li>Look at EC and pH again: {dayWords(standing.days.look_again_on)}</li>
      <li>Change out: {dayWords(standing.days.change_out_on)}</li>
      <li>Use by: {dayWords(standing.days.use_by_on)}</li>
    {/if}
    {#if record.skipped.length}<li>Left out: {record.skipped.length} steps</li>{/if}
  </ul>
  <p class="out">
    <Button kind="framed" onclick={onleave}>To the mix</Button>
    <Button kind="framed" onclick={() => print()}>Print</Button>
    <TextLink kind="framed" href={file} download="mix-{standing.id}.json">JSON</TextLink>
    <TextLink kind="framed" href="{file}?as_=csv">CSV</TextLink>
  </p>
</section>

<style>
  section {
    max-width: 40rem;
    margin: 0 auto;
    padding: 24px;
    overflow-y: auto;
  }

  h1 {
    font-size: 1.75rem;
  }

  .volume {
    margin-top: 12px;
    font-size: var(--type-lead);
  }

  .figure {
    font-family: var(--figures);
  }

  .poured {
    margin: 12px 0 16px;
  }

  .read {
    --type-lead: 1rem;

    margin: 16px 0;
    color: var(--faded);
  }

  .read b {
    color: var(--ink);
    white-space: nowrap;
  }

  .readings {
    display: flex;
    flex-wrap: wrap;
    gap: 0 24px;
    font-size: 1.5rem;
  }

  small {
    width: 100%;
    font-size: 1rem;
    color: var(--faded);
  }

  ul {
    margin: 12px 0;
    line-height: 1.8;
  }

  .out {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
  }

  @media print {
    .out {
      display: none;
    }
  }
</style>
