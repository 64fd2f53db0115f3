<script lang="ts">
  import type { BenchState, MixRecord } from '../api/client';
  import { shown } from '../mix/figures';

  let {
    standing,
    record,
    grow,
    onleave,
  }: { standing: BenchState; record: MixRecord; grow: number; onleave: () => void } = $props();

  const file = $derived(`/api/grows/${grow}/mixes/${standing.id}/record`);
  const ended = $derived(new Date(record.ended * 1000));
  const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
  const after = (hours: number) => day.format(new Date(ended.getTime() + hours * 3600_000));
  const planned = (text: string | null) => (text === null ? '–' : shown(text, 1));
</script>

<section class="summary">
  <h1>{standing.tank_name}: mixed</h1>
  <p>
    {standing.column}, {shown(record.litres, 1)} L, {record.minutes} min, {record.people.join(
      ' and ',
    )},
    {day.format(ended)}
  </p>
  <table>
    <thead>
      <tr><th>product</th><th>planned</th><th>poured</th></tr>
    </thead>
    <tbody>
      {#each record.poured as line (line.product)}
        <tr>
          <td>{line.name}</td>
          <td>{planned(line.planned)}</td>
          <td><b>{shown(line.poured, 1)}</b> {line.unit}</td>
        </tr>
      {/each}
    </tbody>
  </table>
  <p class="readings">
    {#if record.ec !== null}EC <b>{shown(record.ec, 2)}</b> mS/cm{/if}
    {#if record.ph !== null}, pH <b>{shown(record.ph, 1)}</b>{/if}
    {#if standing.target}<span
        >target {standing.target} {standing.unit}, pH {standing.ph_low} to {standing.ph_high}</span
      >{/if}
  </p>
  <ul>
    <li>Look at EC and pH again: {after(record.look_again_h)}</li>
    <li>Change out: {after(record.change_out_days * 24)}</li>
    <li>Use by: {after(record.use_by_days * 24)}</li>
    {#if record.skipped.length}<li>Left out: {record.skipped.length} steps</li>{/if}
  </ul>
  <p class="out">
    <button onclick={onleave}>To the mix</button>
    <button onclick={() => print()}>Print</button>
    <a href={file} download="mix-{standing.id}.json">JSON</a>
    <a href="{file}?as_=csv">CSV</a>
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

  table {
    width: 100%;
    margin: 16px 0;
    border-collapse: collapse;
    font-size: 1.125rem;
  }

  th {
    text-align: left;
    font-weight: 400;
    color: var(--bench-quiet);
    border-bottom: 2px solid currentcolor;
  }

  td {
    padding: 6px 0;
    border-bottom: 1px solid var(--bench-table);
  }

  td + td {
    font-family: var(--figures);
  }

  .readings {
    font-size: 1.5rem;
  }

  .readings span {
    display: block;
    font-size: 1rem;
    color: var(--bench-quiet);
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

  .out button,
  .out a {
    display: grid;
    place-items: center;
    min-height: 64px;
    padding: 0 20px;
    color: inherit;
    border: 2px solid currentcolor;
    border-radius: 8px;
  }

  @media print {
    .out {
      display: none;
    }
  }
</style>
