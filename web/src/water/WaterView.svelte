<script lang="ts">
  import { api, answered, type Problem, type Quay, type Water } from '../api/client';
  import { keeping } from '../api/inturn';
  import Choice from '../parts/Choice.svelte';
  import { DISINFECTANTS, KINDS, LINES, editOf, withChange, type Report } from './report';
  import { WATER_IS } from '../words/growing';
  import { growHere } from '../shell/grow.svelte';
  import RoShare from './RoShare.svelte';

  const grow = growHere();
  /** Shown only where the grow is known. */
  const quay = $derived(grow.quay as Quay);

  let problem = $state<(Problem & { water: number }) | undefined>();
  let kept = $state('');

  async function keep(water: Water, change: Report) {
    kept = '';
    const body = editOf(quay, water, change);
    grow.takeWater(withChange(water, change));
    const { data, problem: trouble } = await answered(
      keeping.run(() =>
        api.PATCH('/api/grows/{grow_id}/waters/{water_id}', {
          params: { path: { grow_id: quay.id, water_id: water.id } },
          body,
        }),
      ),
    );
    problem = data ? undefined : { ...trouble, water: water.id };
    if (!data) return;
    grow.takeWater(data);
    kept = water.name;
  }

  const wrong = (water: Water, name: string) =>
    problem?.water === water.id && problem.where.startsWith(name);
</script>

{#snippet cell(water: Water, label: string, name: keyof Report, value: string, placeholder = '–')}
  <td>
    <input
      {value}
      {placeholder}
      maxlength="60"
      autocomplete="off"
      spellcheck="false"
      aria-label="{label} of {water.name}"
      aria-invalid={wrong(water, name)}
      onchange={(event) => keep(water, { [name]: event.currentTarget.value })}
    />
  </td>
{/snippet}

<div class="view">
  <h1>Water</h1>
  {#if quay.waters.length > 1}<RoShare {quay} />{/if}
  <div class="sheet">
    <table>
      <thead>
        <tr>
          <td></td>
          {#each quay.waters as water (water.id)}<th scope="col">{water.name}</th>{/each}
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">comes from</th>
          {#each quay.waters as water (water.id)}
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
          {#each quay.waters as water (water.id)}
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
          <th scope="row">last reading <small>{quay.units.reading_words}</small></th>
          {#each quay.waters as water (water.id)}
            {@render cell(water, 'Last reading', 'reading', water.reading ?? '', 'not read')}
          {/each}
        </tr>
        <tr>
          <th scope="row">pH</th>
          {#each quay.waters as water (water.id)}{@render cell(water, 'pH', 'ph', water.ph)}{/each}
        </tr>
        <tr>
          <th scope="row">temperature <small>°C</small></th>
          {#each quay.waters as water (water.id)}
            {@render cell(water, 'Temperature', 'temperature', water.temperature)}
          {/each}
        </tr>
      </tbody>
      <tbody>
        <tr>
          <th scope="row" class="report">Lab report of</th>
          {#each quay.waters as water (water.id)}
            <td>
              <input
                type="date"
                aria-label="Date of the lab report of {water.name}"
                aria-invalid={wrong(water, 'reported_on')}
                value={water.reported_on ?? ''}
                onchange={(event) =>
                  keep(water, { reported_on: event.currentTarget.value || null })}
              />
            </td>
          {/each}
        </tr>
        {#each LINES as line (line.name)}
          <tr>
            <th scope="row">{line.words} <small>{line.unit}</small></th>
            {#each quay.waters as water (water.id)}
              {@render cell(water, line.words, line.name, water.report[line.name] ?? '')}
            {/each}
          </tr>
        {/each}
        <tr>
          <th scope="row" class="top">balance of its ions</th>
          {#each quay.waters as water (water.id)}
            <td class="means">
              {#if water.balance_off}
                <b>△ {water.balance_shown}</b>: over 10 %, look for a slip or a line that is missing
              {:else}{water.balance_shown ?? '–'}{/if}
            </td>
          {/each}
        </tr>
        <tr>
          <th scope="row" class="top">so this water is</th>
          {#each quay.waters as water (water.id)}
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
    </table>
  </div>
  <p class="said" role="status">
    {#if problem}
      <b>△ {quay.waters.find((one) => one.id === problem?.water)?.name}: {problem.message}</b>
    {:else if kept}✓ kept for {kept}{:else}What is typed here is kept at once.{/if}
  </p>
  <p class="lead">
    Read a source before each mix. A lab report every year or two tells what a pen cannot: calcium,
    alkalinity, sodium. From these follow the expected pH, the acid and the elements in the tank.
    Type its lines as it prints them: <i>68</i>, <i>3.4 mmol/L</i>, <i>9.5 °dH</i>,
    <i>42 mg/L SO4</i>; they stand here in ppm then.
  </p>
  <button class="add" onclick={() => (grow.asking = 'tank')}>Add a tank or a water</button>
</div>

<style>
  .view {
    padding: 4px 20px 32px 32px;
  }

  h1 {
    font-size: 1.4375rem;
  }

  .sheet {
    overflow-x: auto;
    margin-top: 12px;
  }

  table {
    border-collapse: collapse;
  }

  thead th {
    min-width: 172px;
    padding: 4px 20px 4px 0;
    font-size: 1.125rem;
    text-align: left;
    border-bottom: 2px solid var(--ink);
  }

  thead td {
    border-bottom: 2px solid var(--ink);
  }

  th[scope='row'] {
    padding: 0 20px 0 0;
    font-weight: 400;
    color: var(--faded);
    text-align: left;
    white-space: nowrap;
  }

  th.report {
    padding-top: 12px;
    font-weight: 700;
    color: var(--ink);
  }

  .report + td,
  .report ~ td {
    padding-top: 12px;
  }

  td {
    height: 38px;
    padding-right: 20px;
  }

  th.top {
    padding-top: 2px;
    vertical-align: top;
  }

  .means {
    max-width: 172px;
    vertical-align: top;
    font-size: 0.875rem;
  }

  .means span {
    display: block;
    padding-top: 4px;
  }

  .means b {
    color: var(--ink);
  }

  input {
    width: 116px;
    min-height: 32px;
    padding: 0 4px;
    font-family: var(--figures);
    font-weight: 700;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--rule);
    border-radius: 0;
  }

  input[type='date'] {
    width: 152px;
    font-weight: 400;
  }

  input:hover {
    background: var(--sheet);
    border-bottom-color: var(--ink);
  }

  input::placeholder {
    font-weight: 400;
    color: var(--faded);
    opacity: 1;
  }

  [aria-invalid='true'] {
    color: var(--danger);
    border-bottom: 3px double var(--danger);
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

  .add {
    min-height: 44px;
    margin-top: 12px;
    color: var(--faded);
    text-decoration: underline;
    text-underline-offset: 4px;
  }

  @media screen and (width < 900px) {
    .view {
      padding: 8px 16px 32px;
    }
  }
</style>
