<script lang="ts">
  import type { Water } from '../api/client';
  import { WATER_IS } from '../words/growing';
  import Cell from './Cell.svelte';
  import { LINES, type Report } from './report';
  import DateField from '../parts/DateField.svelte';

  /** The rows of the lab reports, and what follows from them. */
  let {
    waters,
    wrong,
    onkeep,
  }: {
    waters: Water[];
    /** Whether this field of a water is what was refused. */
    wrong: (water: Water, name: string) => boolean;
    onkeep: (water: Water, change: Report) => void;
  } = $props();
</script>

<tbody>
  <tr>
    <th scope="row" class="report">Lab report of</th>
    {#each waters as water (water.id)}
      <td>
        <DateField
          label="Date of the lab report of {water.name}"
          inSentence
          aria-invalid={wrong(water, 'reported_on')}
          value={water.reported_on}
          onkeep={(reported_on) => onkeep(water, { reported_on })}
        />
      </td>
    {/each}
  </tr>
  {#each LINES as line (line.name)}
    <tr>
      <th scope="row">{line.words} <small>{line.unit}</small></th>
      {#each waters as water (water.id)}
        <Cell
          label="{line.words} of {water.name}"
          value={water.report[line.name] ?? ''}
          wrong={wrong(water, line.name)}
          onkeep={(text) => onkeep(water, { [line.name]: text })}
        />
      {/each}
    </tr>
  {/each}
  <tr>
    <th scope="row" class="top">balance of its ions</th>
    {#each waters as water (water.id)}
      <td class="means">
        {#if water.balance_off}
          <b>△ {water.balance_shown}</b>: over 10 %, look for a slip or a line that is missing
        {:else}{water.balance_shown ?? '–'}{/if}
      </td>
    {/each}
  </tr>
  <tr>
    <th scope="row" class="top">so this water is</th>
    {#each waters as water (water.id)}
      <td class="means">
        {#each water.findings as one (one.what)}
          <span
            ><b>{WATER_IS[one.what].words}</b>: {one.shown}
            {WATER_IS[one.what].of}, {WATER_IS[one.what].edge}
            {one.threshold}</span
          >
        {:else}–{/each}
      </td>
    {/each}
  </tr>
</tbody>

<style>
  th.report {
    padding-top: 12px;
    font-weight: 700;
    color: var(--ink);
  }

  .report ~ td {
    padding-top: 12px;
  }

  th.top {
    padding-top: 2px;
    vertical-align: top;
  }

  .means {
    max-width: 172px;
    vertical-align: top;
    font-size: var(--type-quiet);
  }

  .means span {
    display: block;
    padding-top: 4px;
  }

  .means b {
    color: var(--ink);
  }
</style>
