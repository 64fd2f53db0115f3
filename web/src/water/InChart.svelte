<script lang="ts">
  import { answered, api, type Problem, type Overview, type Shapes } from '../api/client';
  import Choice from '../parts/Choice.svelte';

  /** What each water does to a column of a chart, as rows of the table of waters. */
  let {
    overview,
    stamp,
  }: { overview: Overview; /** Moves when a water was changed. */ stamp: number } = $props();

  // What is held against each other at first; the reader goes on from there.
  // svelte-ignore state_referenced_locally
  const fed = overview.tanks.find((one) =>
    overview.charts.some((chart) => chart.chart_id === one.chart_id),
  );
  // svelte-ignore state_referenced_locally
  const usual = overview.charts.find((one) => one.chart_id === fed?.chart_id) ?? overview.charts[0];
  let version = $state(usual?.version_id ?? 0);
  let column = $state(fed?.column || usual?.columns[0]?.key || '');
  let strength = $state(fed?.strength_shown ?? '100 %');
  let found = $state.raw<Shapes['WaterInChartOut'][]>([]);
  let problem = $state.raw<Problem | undefined>();

  const chart = $derived(overview.charts.find((one) => one.version_id === version));

  $effect(() => {
    void stamp;
    const params = {
      path: { grow_id: overview.id, version_id: version },
      query: { column, strength },
    };
    if (!column) return;
    void answered(
      api.GET('/api/grows/{grow_id}/chart-versions/{version_id}/waters', { params }),
    ).then((outcome) => {
      problem = outcome.problem;
      found = outcome.data ?? found;
    });
  });

  function take(next: number) {
    version = next;
    const columns = overview.charts.find((one) => one.version_id === next)?.columns ?? [];
    if (!columns.some((one) => one.key === column)) column = columns[0]?.key ?? '';
  }

  const of = (water: number) => found.find((one) => one.water === water);
</script>

{#if chart}
  <tbody>
    <tr>
      <th scope="row" class="head" colspan={overview.waters.length + 1}>
        In
        <Choice
          label="Chart that waters are held against"
          value={version}
          options={overview.charts.map((one) => ({ value: one.version_id, words: one.name }))}
          onchoose={take}
        />
        <Choice
          label="Week or stage that waters are held against"
          value={column}
          options={chart.columns.map((one) => ({ value: one.key, words: one.label }))}
          onchoose={(next) => (column = next)}
        />
        at
        <input
          aria-label="Strength that waters are held against"
          maxlength="20"
          value={strength}
          onchange={(event) => (strength = event.currentTarget.value || '100 %')}
        />
        {#if problem}<small role="alert">△ {problem.message}</small>{/if}
      </th>
    </tr>
    <tr>
      <th scope="row">share of the target</th>
      {#each overview.waters as water (water.id)}
        {@const one = of(water.id)}
        <td>
          {#if one?.too_strong}<b>△ {one.share_shown}</b>{:else}{one?.share_shown || '–'}{/if}
        </td>
      {/each}
    </tr>
    <tr>
      <th scope="row">calcium from the water <small>ppm</small></th>
      {#each overview.waters as water (water.id)}
        {@const one = of(water.id)}
        <td>
          {#if one?.calcium_shown}{one.calcium_shown}
            <small>of {one.calcium_of_shown}</small>{:else}–{/if}
        </td>
      {/each}
    </tr>
    <tr>
      <th scope="row">acid for 100 L</th>
      {#each overview.waters as water (water.id)}
        {@const one = of(water.id)}
        <td>
          {#if one?.acid_shown}{one.acid_shown}
            <small>{one.acid_name}</small>{:else if one?.ph_shown}none
            <small>pH {one.ph_shown}</small>{:else}–{/if}
        </td>
      {/each}
    </tr>
  </tbody>
{/if}

<style>
  .head {
    padding-top: 16px;
    font-weight: 400;
    text-align: left;
    color: var(--ink);
  }

  td {
    font-family: var(--figures);
    font-weight: 700;
  }

  td small {
    font-family: var(--text);
    font-weight: 400;
    color: var(--faded);
  }

  b {
    color: var(--heed);
  }

  input {
    width: 7ch;
    min-height: 32px;
    font: 700 1rem var(--figures);
    color: var(--ink);
    background: none;
    border: 0;
    border-bottom: 2px solid var(--ink);
  }

  [role='alert'] {
    font-weight: 700;
    color: var(--heed);
  }
</style>
