<script lang="ts">
  import { answered, api, type Problem, type Shapes } from '../api/client';
  import type { ChartId } from '../api/ids';
  import Button from '../parts/Button.svelte';
  import Choice from '../parts/Choice.svelte';
  import Notice from '../parts/Notice.svelte';
  import Shape from '../parts/Shape.svelte';
  import { hashOf } from '../planning/settings';
  import { go, numberHere } from '../routes';
  import { growHere } from '../shell/grow.svelte';
  import { at, GUIDED, MIX, MIXES, TANK_MIXES } from '../shell/views';
  import { dateAndTime } from '../words/dates';
  import { written } from '../words/numbers';

  /** What was mixed: found by tank, chart and person, looked at again, and mixed again. */
  type Line = Shapes['MixLine'];

  const grow = growHere();
  const overview = $derived(grow.overview);
  const tank = $derived(numberHere('tank') || 0);
  let chart = $state(0 as ChartId);
  let person = $state('');
  let people = $state.raw<string[]>([]);
  let lines = $state.raw<Line[] | undefined>();
  let older = $state<number | null>(null);
  let problem = $state.raw<Problem | undefined>();

  void api.GET('/api/grows/{grow_id}/people', { params: { path: { grow_id: grow.id } } }).then(
    ({ data }) => (people = data?.people.map((one) => one.name) ?? []),
    () => undefined,
  );

  async function load(before?: number) {
    const query = {
      ...(tank ? { tank } : {}),
      ...(chart ? { chart_id: chart } : {}),
      ...(person ? { person } : {}),
      ...(before ? { before } : {}),
    };
    const path = { grow_id: grow.id };
    const asked = `${tank} ${chart} ${person}`;
    const outcome = await answered(
      api.GET('/api/grows/{grow_id}/mixes-done', { params: { path, query } }),
    );
    // Another tank, chart or person was chosen meanwhile.
    if (asked !== `${tank} ${chart} ${person}`) return;
    problem = outcome.problem;
    if (!outcome.data) return;
    lines = before ? [...(lines ?? []), ...outcome.data.items] : outcome.data.items;
    older = outcome.data.before;
  }

  $effect(() => {
    void [tank, chart, person];
    lines = undefined;
    void load();
  });

  $effect(() => {
    grow.tank = tank || undefined;
    return () => (grow.tank = undefined);
  });

  const tanks = $derived([
    { value: 0, words: 'all tanks' },
    ...(overview?.tanks ?? []).map((one) => ({ value: one.id, words: one.name })),
  ]);
  const charts = $derived([
    { value: 0 as ChartId, words: 'any chart' },
    ...(overview?.charts ?? []).map((one) => ({ value: one.chart_id, words: one.name })),
  ]);
  const persons = $derived([
    { value: '', words: 'anybody' },
    ...people.map((name) => ({ value: name, words: name })),
  ]);

  function chooseTank(chosen: number) {
    go(chosen ? at(TANK_MIXES, grow.id, { tank: chosen }) : at(MIXES, grow.id));
  }

  const tankOf = (line: Line) => overview?.tanks.find((one) => one.id === line.tank);

  /** The same chart, column and strength, for the tank and its water as they are now. */
  function mixAgain(line: Line) {
    const { id, water } = tankOf(line) ?? {};
    if (id === undefined || water === undefined) return;
    const between = line.towards ? { column: line.towards, share: line.towards_share } : null;
    const { version_id, column, strength } = line;
    go(at(MIX, grow.id, { tank: id }), {
      hash: hashOf({ water, version_id, column, strength, between }),
    });
  }
</script>

<div class="view">
  <h1>
    Mixes in <Choice label="Tank" value={tank} options={tanks} onchoose={chooseTank} /> with
    <Choice label="Chart" value={chart} options={charts} onchoose={(id) => (chart = id)} /> by
    <Choice label="Person" value={person} options={persons} onchoose={(name) => (person = name)} />
  </h1>
  <Notice {problem} />
  {#if lines === undefined}
    {#if !problem}<Shape what="The mixes are being looked up" />{/if}
  {:else}
    <ol>
      {#each lines as line (line.id)}
        <li>
          <span class="when">{dateAndTime(new Date(line.ended_at), overview?.time_zone)}</span>
          <div>
            <b>{line.tank_name}</b>
            {line.chart_name}, {line.label} at {written(line.strength)}
            <p>
              {#if line.is_given_up}
                given up
              {:else}
                {[
                  line.volume,
                  line.ec && `EC ${line.ec}`,
                  line.ph && `pH ${line.ph}`,
                  line.people.join(' and '),
                ]
                  .filter(Boolean)
                  .map((text) => written(`${text}`))
                  .join(' · ')}
              {/if}
            </p>
          </div>
          <div class="acts">
            {#if !line.is_given_up}
              <Button onclick={() => go(at(GUIDED, grow.id, { mix: line.id }))}>
                Record<span class="unseen"> of {line.tank_name}, {line.label}</span>
              </Button>
            {/if}
            {#if line.column && tankOf(line)}
              <Button onclick={() => mixAgain(line)}>
                Mix this again<span class="unseen">: {line.tank_name}, {line.label}</span>
              </Button>
            {/if}
          </div>
        </li>
      {:else}
        <li>Nothing was mixed here yet.</li>
      {/each}
    </ol>
    {#if older}
      <Button kind="framed" onclick={() => load(older ?? undefined)}>Show older mixes</Button>
    {/if}
  {/if}
</div>

<style>
  .view {
    max-width: 1080px;
    padding: 8px 32px 32px;
  }

  h1 {
    font-size: var(--type-title);
    font-weight: 400;
    line-height: 2;
  }

  ol {
    margin: 8px 0 16px;
  }

  li {
    display: grid;
    grid-template-columns: 13rem 1fr auto;
    gap: 4px 16px;
    align-items: center;
    min-height: 64px;
    padding: 6px 0;
    border-top: 1px solid var(--rule);
  }

  .when,
  p {
    color: var(--faded);
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 12px;
  }

  @media screen and (width < 900px) {
    .view {
      padding: 8px 16px 24px;
    }

    li {
      grid-template-columns: 1fr;
    }
  }
</style>
