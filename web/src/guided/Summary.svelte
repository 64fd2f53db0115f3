<script lang="ts">
  import { answered, api, type GuidedState, type MixRecord, type Shapes } from '../api/client';
  import { dateAndTime, dayWords, timeOfDay } from '../words/dates';
  import { shown } from '../planning/figures';
  import { asks } from '../words/guided';
  import { written } from '../words/numbers';
  import Button from '../parts/Button.svelte';
  import CorrectMix from './CorrectMix.svelte';
  import Table from '../parts/Table.svelte';
  import TextLink from '../parts/TextLink.svelte';

  let {
    standing,
    summary,
    record,
    grow,
    oncorrected,
    onleave,
  }: {
    standing: GuidedState;
    summary: Shapes['SummaryOut'];
    record: MixRecord;
    grow: number;
    oncorrected: (state: GuidedState) => void;
    onleave: () => void;
  } = $props();

  const file = $derived(`/api/grows/${grow}/mixes/${standing.id}/record`);
  const of = (what: string) => summary.lines.filter((line) => line.what === what);
  const volume = $derived(of('volume')[0]);
  const readings = $derived(
    of('reading').map((line) => {
      const step = standing.steps.find((one) => one.id === line.of);
      return {
        when: line.at == null ? '' : timeOfDay(new Date(line.at * 1000), standing.time_zone),
        what: step ? asks(step) : line.of,
        figure: line.name === 'ph' ? `pH ${line.shown}` : line.shown,
        was: line.was,
        by: line.by,
      };
    }),
  );
  const NAMES: Record<string, string> = { ec: 'EC', ph: 'pH', volume: 'water' };
  const changed = (change: Shapes['ChangedOut']) =>
    [NAMES[change.name] ?? change.name, `${written(change.before)} → ${written(change.after)}`]
      .filter(Boolean)
      .join(' ');
  /** What was drained to correct a reading, in the order in which it was done. */
  const drained = $derived(
    standing.steps.flatMap((step) =>
      step.kind === 'drain' && step.status === 'done' && step.figure_shown
        ? [written(step.figure_shown)]
        : [],
    ),
  );
  /** The last reading of EC, unless something moved the tank after it. */
  const ecShown = $derived(
    record.ec === null ? undefined : of('reading').findLast((line) => line.name === 'ec')?.shown,
  );
  let correcting = $state(false);
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
</script>

<section class="summary">
  <h1>{standing.tank_name}: mixed</h1>
  <p>
    {standing.column}, {written(volume?.shown ?? standing.volume)}{#if volume?.was}&nbsp;<s
        >{written(volume.was)}</s
      >{/if}, {record.minutes} min, {summary.people.join(' and ')},
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
        {#each of('poured') as line (line.of)}
          <tr>
            <td>{line.name}</td>
            <td class="figure">{line.planned ? written(line.planned) : '–'}</td>
            <td class="figure">
              <b>{written(line.typed)}</b>
              {line.unit}{#if line.was}&nbsp;<s>{written(line.was)}</s>{/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </Table>
  </div>
  <p class="readings">
    {#if ecShown}<span>EC <b>{written(ecShown)}</b></span>{/if}
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
        {#each readings as { when, what, figure, was, by }, at (at)}
          <tr>
            <td>{when}</td>
            <td>{what}</td>
            <td
              ><b>{written(figure)}</b>{#if was}&nbsp;<s>{written(was)}</s>{/if}</td
            >
            <td>{by}</td>
          </tr>
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
    {#if drained.length}<li>Drained and filled up with water: {drained.join(', ')}</li>{/if}
    {#if record.skipped.length}<li>Left out: {record.skipped.length} steps</li>{/if}
  </ul>
  {#if summary.corrections.length}
    <h2>Corrected</h2>
    <ul class="corrections">
      {#each summary.corrections as correction (correction.at)}
        <li>
          {dateAndTime(new Date(correction.at), standing.time_zone)}, {correction.by}:
          {correction.why}. {correction.changes.map(changed).join(', ')}
        </li>
      {/each}
    </ul>
  {/if}
  {#if correcting}
    <CorrectMix
      {standing}
      {summary}
      {grow}
      oncorrected={(state) => {
        correcting = false;
        oncorrected(state);
      }}
      onleave={() => (correcting = false)}
    />
  {/if}
  <p class="out">
    {#if !correcting}
      <Button kind="framed" onclick={() => (correcting = true)}>Correct</Button>
    {/if}
    <Button kind="framed" onclick={onleave}>To the mix</Button>
    <Button kind="framed" onclick={() => print()}>Print</Button>
    <TextLink kind="framed" href={file} download="mix-{standing.id}.json">JSON</TextLink>
    <TextLink kind="framed" href="{file}?as_=csv">CSV</TextLink>
    {#if summary.corrections.length}
      <TextLink kind="framed" href="{file}?first=true" download="mix-{standing.id}-first.json">
        First record
      </TextLink>
    {/if}
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

  h2 {
    font-size: 1rem;
  }

  s {
    font-weight: 400;
    color: var(--faded);
  }

  .corrections {
    line-height: 1.4;
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
