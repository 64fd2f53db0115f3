<script lang="ts">
  import {
    api,
    answered,
    type Problem,
    type Overview,
    type Shapes,
    type Water,
  } from '../api/client';
  import { keeping } from '../api/inturn';
  import Choice from '../parts/Choice.svelte';
  import { DISINFECTANTS, KINDS, TREATED, editOf, withChange, type Report } from './report';
  import { growHere } from '../shell/grow.svelte';
  import Cell from './Cell.svelte';
  import FarReading from './FarReading.svelte';
  import InChart from './InChart.svelte';
  import Changes from '../parts/Changes.svelte';
  import LabReport from './LabReport.svelte';
  import OverTime from './OverTime.svelte';
  import RoShare from './RoShare.svelte';
  import Button from '../parts/Button.svelte';
  import Table from '../parts/Table.svelte';

  const grow = growHere();
  /** Shown only where the grow is known. */
  const overview = $derived(grow.overview as Overview);

  let problem = $state<(Problem & { water: number }) | undefined>();
  let kept = $state('');
  /** How often a water was changed here. */
  let keptTimes = $state(0);

  async function keep(water: Water, change: Report) {
    kept = '';
    const body = editOf(overview, water, change);
    grow.takeWater(withChange(water, change));
    const { data, problem: trouble } = await answered(
      keeping.run(() =>
        api.PATCH('/api/grows/{grow_id}/waters/{water_id}', {
          params: { path: { grow_id: overview.id, water_id: water.id } },
          body,
        }),
      ),
    );
    problem = data ? undefined : { ...trouble, water: water.id };
    if (!data) return;
    grow.takeWater(data);
    kept = water.name;
    keptTimes += 1;
    if ('reading' in change || 'reported_on' in change) await look();
  }

  let lines = $state.raw<Shapes['WaterLineOut'][]>([]);

  async function look() {
    const { data } = await answered(
      api.GET('/api/grows/{grow_id}/water-lines', { params: { path: { grow_id: overview.id } } }),
    );
    lines = data ?? lines;
  }

  $effect(() => void look());

  async function explain(water: Water, entry: number, because: Shapes['FarIn']['because']) {
    const { data, problem: trouble } = await answered(
      api.POST('/api/grows/{grow_id}/waters/{water_id}/far-reading', {
        params: { path: { grow_id: overview.id, water_id: water.id } },
        body: { entry, because },
      }),
    );
    if (!data) return void (problem = { ...trouble, water: water.id });
    keptTimes += 1;
    lines = lines.map((one) => (one.water === water.id ? data : one));
    if (because === 'pen_off') await grow.load();
  }

  const wrong = (water: Water, name: string) =>
    problem?.water === water.id && problem.where.startsWith(name);
</script>

<div class="view">
  <h1>Water</h1>
  {#if overview.waters.length > 1}<RoShare {overview} />{/if}
  <div class="sheet">
    <Table label="Waters side by side" head={['', ...overview.waters.map((one) => one.name)]}>
      <tbody>
        <tr>
          <th scope="row">comes from</th>
          {#each overview.waters as water (water.id)}
            <td>
              <Choice
                label="Kind of {water.name}"
                value={water.kind}
                options={KINDS}
                onchoose={(kind) => keep(water, { kind })}
              />
            </td>
          {/each}
        </tr>
        <tr>
          <th scope="row">disinfected with</th>
          {#each overview.waters as water (water.id)}
            <td>
              <Choice
                label="Disinfectant in {water.name}"
                value={water.disinfectant ?? ''}
                options={DISINFECTANTS}
                onchoose={(one) => keep(water, { disinfectant: one || null })}
              />
            </td>
          {/each}
        </tr>
        <tr>
          <th scope="row">removed by</th>
          {#each overview.waters as water (water.id)}
            <td>
              <Choice
                label="How the disinfectant is removed from {water.name}"
                value={water.treated_by ?? ''}
                options={TREATED}
                onchoose={(one) => keep(water, { treated_by: one || null })}
              />
            </td>
          {/each}
        </tr>
        <tr>
          <th scope="row">last reading <small>{overview.units.reading_words}</small></th>
          {#each overview.waters as water (water.id)}
            <Cell
              label="Last reading of {water.name}"
              value={water.reading ?? ''}
              placeholder="not read"
              wrong={wrong(water, 'reading')}
              onkeep={(reading) => keep(water, { reading })}
            />
          {/each}
        </tr>
        <tr>
          <th scope="row">pH</th>
          {#each overview.waters as water (water.id)}<Cell
              label="pH of {water.name}"
              value={water.ph}
              wrong={wrong(water, 'ph')}
              onkeep={(ph) => keep(water, { ph })}
            />{/each}
        </tr>
        <tr>
          <th scope="row">temperature <small>°{overview.units.temperature}</small></th>
          {#each overview.waters as water (water.id)}
            <Cell
              label="Temperature of {water.name}"
              value={water.temperature}
              wrong={wrong(water, 'temperature')}
              onkeep={(temperature) => keep(water, { temperature })}
            />
          {/each}
        </tr>
        <tr>
          <th scope="row" class="top">over time <small>flag: lab report</small></th>
          {#each overview.waters as water (water.id)}
            {@const line = lines.find((one) => one.water === water.id)}
            <td class="means">
              {#if line}
                <OverTime {line} name={water.name} unit={overview.units.reading_words} />
                {#if line.far}
                  <FarReading
                    name={water.name}
                    far={line.far}
                    onexplain={(because) => explain(water, line.far?.entry ?? 0, because)}
                  />
                {/if}
              {/if}
              <Changes of={{ water: water.id }} />
            </td>
          {/each}
        </tr>
      </tbody>
      <InChart {overview} stamp={keptTimes} />
      <LabReport waters={overview.waters} {wrong} onkeep={keep} />
    </Table>
  </div>
  <p class="said" role="status">
    {#if problem}
      <b>△ {overview.waters.find((one) => one.id === problem?.water)?.name}: {problem.message}</b>
    {:else if kept}✓ kept for {kept}{:else}What is typed here is kept at once.{/if}
  </p>
  <p class="lead">
    Read a source before each mix. A lab report every year or two tells what a pen cannot: calcium,
    alkalinity, sodium. From these follow the expected pH, the acid and the elements in the tank.
    Type its lines as it prints them: <i>68</i>, <i>3.4 mmol/L</i>, <i>9.5 °dH</i>,
    <i>42 mg/L SO4</i>; they stand here in ppm then.
  </p>
  <Button tone="faded" onclick={() => (grow.asking = 'tank')}>Add a tank or a water</Button>
</div>

<style>
  .sheet {
    margin-top: 12px;
  }

  .view {
    padding: 4px 20px 32px 32px;
  }

  h1 {
    font-size: var(--type-title);
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

  .said {
    min-height: 28px;
    margin-top: 12px;
    color: var(--grow);
  }

  .said b {
    color: var(--danger);
  }

  .lead {
    max-width: 44rem;
    color: var(--faded);
  }

  @media screen and (width < 900px) {
    .view {
      padding: 8px 16px 32px;
    }
  }
</style>
