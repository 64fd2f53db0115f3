<script lang="ts">
  import { answered, api, type Problem, type Shapes } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { typedIn } from '../planning/settings';
  import { go } from '../routes';
  import { choices, MEDIA, WATERS } from '../words/growing';
  import { growHere } from './grow.svelte';
  import { at, LEAFLET, MIX } from './views';
  import Button from '../parts/Button.svelte';
  import InSentence from '../parts/InSentence.svelte';
  import Notice from '../parts/Notice.svelte';
  import Unsaved from '../parts/Unsaved.svelte';

  /** An empty grow: three sentences, in any order, and after them the first pour sheet. */
  const grow = growHere();
  const overview = $derived(grow.overview);
  const path = $derived({ grow_id: grow.id });

  /** With a tank and a chart a mix can be planned at once. */
  $effect(() => {
    const tank = overview?.tanks[0];
    if (tank && overview?.charts.length) go(at(MIX, grow.id, { tank: tank.id }), { replace: true });
  });

  let water = $state<{ name: string; kind: keyof typeof WATERS; reading: string }>({
    name: 'Kitchen tap',
    kind: 'mains',
    reading: '',
  });
  let tank = $state<{ name: string; volume: string; grown_in: keyof typeof MEDIA }>({
    name: '',
    volume: '',
    grown_in: 'water',
  });
  let unsaved = $state<{ forget: () => void }>();
  let starters = $state.raw<Shapes['StarterOut'][]>([]);
  let problem = $state.raw<(Problem & { of: 'water' | 'tank' | 'leaflet' }) | undefined>();

  void api.GET('/api/starter-charts').then(
    ({ data }) => (starters = data ?? []),
    () => undefined,
  );

  const kept = $derived({
    water: overview?.waters[0],
    tank: overview?.tanks[0],
    leaflet: overview?.charts[0],
  });

  const fields = $state<{
    water?: HTMLInputElement | undefined;
    tank?: HTMLInputElement | undefined;
    leaflet?: HTMLButtonElement | undefined;
  }>({});
  /** The first sentence that is not said yet: its field waits for what is typed. */
  const next = $derived((['water', 'tank', 'leaflet'] as const).find((step) => !kept[step]));

  $effect(() => {
    // Never out of the field in which somebody types already.
    const typing = document.activeElement instanceof HTMLInputElement;
    if (overview && next && !typing) fields[next]?.focus();
  });

  type Step = 'water' | 'tank' | 'leaflet';
  type Sent = Promise<{ data?: unknown; error?: unknown }>;

  async function settle(of: Step, asked: Sent): Promise<boolean> {
    const { problem: wrong } = await answered(asked);
    problem = wrong && { ...wrong, of };
    if (!wrong) await grow.load();
    return !wrong;
  }

  function keepWater(told = water) {
    if (!overview) return;
    const body = { ...told, typed_in: typedIn(overview) };
    return settle('water', api.POST('/api/grows/{grow_id}/waters', { params: { path }, body }));
  }

  /** A tank stands on a water: where none is told yet, it is one that nobody has read. */
  async function keepTank(told = tank) {
    if (!overview) return;
    if (!kept.water && !(await keepWater({ ...water, reading: water.reading }))) return;
    const body = {
      ...told,
      crop: '',
      water: overview.waters[0]?.id ?? 0,
      typed_in: typedIn(overview),
    };
    const typedHere = unsaved; // this page is left once there is a tank
    if (await settle('tank', api.POST('/api/grows/{grow_id}/tanks', { params: { path }, body })))
      typedHere?.forget();
  }

  function copy(key: string) {
    const params = { path: { ...path, key } };
    return settle('leaflet', api.POST('/api/grows/{grow_id}/starter-charts/{key}', { params }));
  }

  function submit(act: () => unknown) {
    return (event: SubmitEvent) => {
      event.preventDefault();
      void act();
    };
  }
</script>

{#snippet trouble(of: Step)}
  <Notice problem={problem?.of === of ? problem : undefined} />
{/snippet}

<div class="start">
  <h1>Three sentences, then the first pour sheet</h1>
  <Unsaved
    bind:this={unsaved}
    form="{grow.id}.start"
    value={{ water, tank }}
    onrestore={(typed) => ({ water, tank } = typed)}
  />
  <ol>
    <li class={{ done: kept.water }}>
      <span class="n" aria-hidden="true">{kept.water ? '✓' : '1'}</span>
      {#if kept.water}
        <p class="sentence">Your water is <b>{kept.water.name}</b>.</p>
      {:else}
        <form onsubmit={submit(() => keepWater())}>
          <p class="sentence">
            Your water comes from
            <Choice
              label="Where it comes from"
              value={water.kind}
              options={choices(WATERS).map(([value, words]) => ({ value, words }))}
              onchoose={(kind) => (water.kind = kind)}
            />, you call it
            <InSentence
              label="What you call it"
              bind:value={water.name}
              required
              maxlength={60}
              room={12}
            />
            and it reads
            <InSentence
              label="What it reads"
              bind:element={fields.water}
              bind:value={water.reading}
              placeholder="such as 0.5 EC"
              maxlength={60}
              room={14}
            />.
          </p>
          {@render trouble('water')}
          <p class="does">
            <Button kind="framed" size="large" type="submit">Save my water</Button>
            <Button
              kind="framed"
              size="large"
              tone="faded"
              onclick={() => keepWater({ name: 'Kitchen tap', kind: 'mains', reading: '0.5 EC' })}
            >
              Take an example: a kitchen tap of 0.5 EC
            </Button>
          </p>
        </form>
      {/if}
    </li>
    <li class={{ done: kept.tank }}>
      <span class="n" aria-hidden="true">{kept.tank ? '✓' : '2'}</span>
      {#if kept.tank}
        <p class="sentence">Your tank is <b>{kept.tank.name}</b>, {kept.tank.volume}.</p>
      {:else}
        <form onsubmit={submit(() => keepTank())}>
          <p class="sentence">
            Your tank, <InSentence
              label="Name of the tank"
              bind:element={fields.tank}
              bind:value={tank.name}
              placeholder="such as Tub"
              required
              maxlength={60}
              room={12}
            />, holds
            <InSentence
              label="All its water, pots and pipes included"
              bind:value={tank.volume}
              placeholder="such as 40 L"
              required
              maxlength={60}
              room={12}
            />, pots and pipes included; plants stand in
            <Choice
              label="Plants stand in"
              value={tank.grown_in}
              options={choices(MEDIA).map(([value, words]) => ({ value, words }))}
              onchoose={(medium) => (tank.grown_in = medium)}
            />.
          </p>
          {@render trouble('tank')}
          <p class="does">
            <Button kind="framed" size="large" type="submit">Save my tank</Button>
            <Button
              kind="framed"
              size="large"
              tone="faded"
              onclick={() => keepTank({ name: 'Tub', volume: '40 L', grown_in: 'water' })}
            >
              Take an example: a tub of 40 L
            </Button>
          </p>
        </form>
      {/if}
    </li>
    <li class={{ done: kept.leaflet }}>
      <span class="n" aria-hidden="true">{kept.leaflet ? '✓' : '3'}</span>
      {#if kept.leaflet}
        <p class="sentence">Your leaflet is <b>{kept.leaflet.name}</b>.</p>
      {:else}
        <div>
          <p class="sentence">Your leaflet says how much of each bottle goes in, week by week.</p>
          {@render trouble('leaflet')}
          <p class="does">
            <Button
              kind="framed"
              size="large"
              bind:element={fields.leaflet}
              onclick={() => go(at(LEAFLET, grow.id, { chart: 0 }))}
            >
              Bring in my leaflet
            </Button>
            {#each starters as one (one.key)}
              <Button kind="framed" size="large" tone="faded" onclick={() => copy(one.key)}>
                {one.name}
                <small>{one.bottles} bottles, {one.columns} columns, invented</small>
              </Button>
            {/each}
          </p>
        </div>
      {/if}
    </li>
  </ol>
</div>

<style>
  .start {
    max-width: 60rem;
    padding: 24px 32px 48px;
  }

  h1 {
    margin-bottom: 20px;
    font-size: 1.625rem;
  }

  li {
    display: grid;
    grid-template-columns: 48px minmax(0, 1fr);
    padding: 16px 0 20px;
    border-top: 1px solid var(--rule);
  }

  li:first-child {
    border-top: 2px solid var(--ink);
  }

  .n {
    font: 700 2rem/1.3 var(--figures);
  }

  .done .n {
    color: var(--grow);
  }

  .sentence {
    font-size: var(--type-head);
    line-height: 2;
  }

  .does {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin-top: 8px;
  }

  small {
    display: block;
    font-size: var(--type-small);
    color: var(--faded);
  }

  @media screen and (width < 900px) {
    .start {
      padding: 12px 16px 32px;
    }
  }
</style>
