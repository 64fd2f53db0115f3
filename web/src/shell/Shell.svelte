<script lang="ts">
  import { api, problemOf, type Problem, type Quay, type SignedIn } from '../api/client';
  import { keeping } from '../api/inturn';
  import GuidedView from '../guided/GuidedView.svelte';
  import Choice from '../parts/Choice.svelte';
  import Mix from '../planning/Mix.svelte';
  import { Mixing } from '../planning/mixing.svelte';
  import Shape from '../parts/Shape.svelte';
  import QuayList from '../quay/QuayList.svelte';
  import { listen, Keys } from './keys.svelte';
  import ChartDialog from './ChartDialog.svelte';
  import KeysDialog from './KeysDialog.svelte';
  import StopsDialog from '../planning/StopsDialog.svelte';
  import ShelfView from '../shelf/ShelfView.svelte';
  import WaterView from '../water/WaterView.svelte';
  import TankDialog from './TankDialog.svelte';
  import UnitsDialog from './UnitsDialog.svelte';
  import { benchOf, viewOf, VIEWS, type View } from './views';

  let { session, onleave }: { session: SignedIn; onleave: () => void } = $props();

  const firstGrow = () => session.grows[0]?.id;
  let grow = $state(firstGrow());
  let quay = $state<Quay | undefined>();
  let mixing = $state<Mixing | undefined>();
  let problem = $state<Problem | undefined>();
  let showKeys = $state(false);
  let showUnits = $state(false);
  let showTank = $state(false);
  let showChart = $state(false);
  let showStops = $state(false);
  let view = $state<View>(viewOf(location.hash));
  let benchNumber = $state(benchOf(location.hash));
  /** Where the mix was left, for the way back. */
  let mixHash = '';
  const keys = new Keys();

  async function load() {
    if (grow === undefined) return;
    problem = undefined;
    try {
      const path = { grow_id: grow };
      const { data, error } = await api.GET('/api/grows/{grow_id}/quay', { params: { path } });
      quay = data;
      problem = data ? undefined : problemOf(error);
    } catch {
      problem = problemOf(undefined);
    }
    if (view === 'mix') takeUpMix();
  }

  function takeUpMix() {
    mixing = quay?.tanks.length && quay.charts.length ? new Mixing(quay) : undefined;
  }

  async function go(to: View) {
    if (to === view) return;
    if (view === 'mix') mixHash = mixing?.hash ?? '';
    location.hash = to === 'mix' ? mixHash || '#' : to;
  }

  async function arrive() {
    const to = viewOf(location.hash);
    if (to === view) return;
    if (view === 'mix') mixHash = mixing?.hash ?? mixHash;
    view = to;
    benchNumber = benchOf(location.hash);
    mixing = undefined;
    // What was entered elsewhere counts from now on.
    await keeping.settled();
    if (view === 'mix') await load();
  }

  /** What is to be done with the mix once its stops are acknowledged. */
  let going = $state<'print' | 'bench'>('print');

  /** The mix that is under way in this tank, which no stop of another one holds up. */
  const underWay = $derived(
    quay?.tanks.find((tank) => tank.id === mixing?.settings.tank)?.mix ?? undefined,
  );

  function leave(to: 'print' | 'bench') {
    going = to;
    const held = mixing?.answer?.sheet.unacknowledged.length;
    if (held && !(to === 'bench' && underWay)) showStops = true;
    else proceed();
  }

  function proceed() {
    showStops = false;
    if (going === 'print') requestAnimationFrame(() => print());
    else toBench();
  }

  async function toBench() {
    const id = underWay ?? (await mixing?.start());
    if (id !== undefined) location.hash = `bench=${id}`;
    // Somebody else has begun meanwhile: this button then goes on with theirs.
    else if (mixing?.problem?.code === 'mix_under_way') await load();
  }

  function takeTank(tank: number) {
    if (mixing) return mixing.takeTank(tank);
    mixHash = `#tank=${tank}`;
    go('mix');
  }

  function enter(other: number) {
    grow = other;
    history.replaceState(null, '', location.pathname);
    load();
  }

  const missing = $derived(
    quay?.tanks.length ? 'No chart yet' : quay?.charts.length ? 'No tank yet' : 'Nothing here yet',
  );

  keys.add('?', 'this list of keys', () => (showKeys = true));
  keys.add('u', 'units', () => (showUnits = true));
  keys.add('p', 'print the mix', () => leave('print'));
  keys.add('b', 'take it to the bench', () => leave('bench'));
  for (const one of VIEWS) keys.add(one.key, one.words.toLowerCase(), () => go(one.view));

  $effect(() => listen(keys));
  load();
</script>

{#snippet additions()}
  <button onclick={() => (showTank = true)}>Add a tank</button>
  <button onclick={() => (showChart = true)}>Read in a chart</button>
{/snippet}

<svelte:window onhashchange={arrive} />

{#if view === 'bench' && grow !== undefined && benchNumber !== undefined}
  {#key benchNumber}
    <GuidedView
      {grow}
      mix={benchNumber}
      person={session.person ?? ''}
      onleave={() => (location.hash = mixHash || '#')}
    />
  {/key}
{:else}
  <div class="shell">
    <a class="skip" href="#mix">To the mix</a>
    <nav aria-label="Tanks">
      <p class="house">Brisk Measure</p>
      <div class="grow">
        {#if session.grows.length > 1 && grow !== undefined}
          <Choice
            label="Grow"
            value={grow}
            options={session.grows.map((one) => ({ value: one.id, words: one.name }))}
            onchoose={enter}
          />
        {:else}
          {session.grows[0]?.name ?? ''}
        {/if}
      </div>
      {#if quay?.tanks.length}
        <QuayList {quay} chosen={mixing?.settings.tank} {keys} ontank={takeTank} />
        {#if quay.charts.length}<p class="add">{@render additions()}</p>{/if}
      {/if}
    </nav>
    <header>
      {#if quay?.tanks.length && quay.charts.length}
        <ul class="views" aria-label="Views">
          {#each VIEWS as one (one.view)}
            <li>
              <button
                class={{ here: one.view === view }}
                aria-current={one.view === view ? 'page' : undefined}
                onclick={() => go(one.view)}>{one.words}</button
              >
            </li>
          {/each}
        </ul>
      {/if}
      <span>{session.person}</span>
      {#if quay}
        <button onclick={() => (showUnits = true)}>Units</button>
        {#if mixing}<button onclick={() => leave('print')}>Print</button>{/if}
      {/if}
      <button onclick={() => (showKeys = true)} aria-label="Keys">?</button>
      <button onclick={onleave}>Sign out</button>
    </header>
    <main id="mix" tabindex="-1">
      {#if quay && view === 'water' && quay.tanks.length}
        <WaterView {quay} onadd={() => (showTank = true)} />
      {:else if quay && view === 'shelf' && quay.tanks.length}
        <ShelfView {quay} />
      {:else if quay && mixing}
        <Mix {quay} {mixing} {keys} onbench={() => leave('bench')} />
        <p class="add">{@render additions()}</p>
      {:else if problem}
        <p class="empty" role="alert">{problem.message} Your data is safe on the server.</p>
        <button class="again" onclick={load}>Try again</button>
      {:else if quay || !session.grows.length}
        <div class="empty">
          <h1>{missing}</h1>
          <p>A mix needs a tank with its water, and a feed chart.</p>
          {#if quay}
            <p class="first">{@render additions()}</p>
          {/if}
        </div>
      {:else}
        <Shape what="The yard is being opened" />
      {/if}
    </main>
  </div>
{/if}

{#if showKeys}
  <KeysDialog {keys} onclose={() => (showKeys = false)} />
{/if}
{#if showStops && mixing?.answer}
  <StopsDialog
    answer={mixing.answer}
    {mixing}
    onclose={() => (showStops = false)}
    to={going}
    ongo={proceed}
  />
{/if}
{#if showTank && quay}
  <TankDialog
    {quay}
    onclose={() => (showTank = false)}
    onadded={(tank) => {
      showTank = false;
      history.replaceState(null, '', `#tank=${tank}`);
      load();
    }}
  />
{/if}
{#if showChart && quay}
  <ChartDialog
    {quay}
    onclose={() => (showChart = false)}
    onadded={() => {
      showChart = false;
      load();
    }}
  />
{/if}
{#if showUnits && quay}
  <UnitsDialog
    {quay}
    onclose={() => (showUnits = false)}
    onchanged={() => {
      showUnits = false;
      load();
    }}
  />
{/if}

<style>
  .shell {
    display: grid;
    grid-template: auto 1fr / 232px minmax(0, 1fr);
    min-height: 100vh;
    overflow-x: clip;
  }

  .skip {
    position: absolute;
    top: -80px;
    left: 8px;
    padding: 12px;
    background: var(--sheet);
    z-index: 3;
  }

  .skip:focus {
    top: 8px;
  }

  nav {
    grid-row: 1 / 3;
    border-right: 2px solid var(--rule);
  }

  .house {
    padding: 20px 20px 0;
    font-size: 1.25rem;
    font-weight: 700;
    line-height: 1.2;
  }

  .grow {
    padding: 0 20px 12px;
    font-size: 0.875rem;
    color: var(--faded);
  }

  header {
    display: flex;
    justify-content: flex-end;
    align-items: center;
    gap: 4px;
    padding: 4px 20px 4px 32px;
    font-size: 0.9375rem;
    color: var(--faded);
  }

  header span {
    margin-right: 8px;
  }

  .views {
    display: flex;
    gap: 8px;
    margin-right: auto;
    margin-left: -8px;
  }

  header .views button {
    font-size: 1rem;
    text-decoration: none;
    border-bottom: 3px solid transparent;
  }

  header .views .here {
    font-weight: 700;
    color: var(--ink);
    border-bottom-color: var(--ink);
  }

  header button {
    min-width: 44px;
    height: 44px;
    padding: 0 8px;
    text-decoration: underline;
    text-decoration-color: var(--rule);
    text-underline-offset: 4px;
  }

  main {
    min-width: 0;
    outline: none;
  }

  .empty {
    max-width: 36rem;
    margin: 80px 32px 24px;
    font-size: 1.25rem;
  }

  .add {
    display: grid;
    padding: 8px 12px;
  }

  main .add {
    display: none;
  }

  .add button {
    min-height: 44px;
    padding: 0 8px;
    text-align: left;
    color: var(--faded);
    text-decoration: underline;
    text-decoration-color: var(--rule);
    text-underline-offset: 4px;
  }

  .first {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    margin-top: 24px;
  }

  .first button {
    min-height: 52px;
    padding: 0 20px;
    font-weight: 700;
    border: 2px solid var(--ink);
    border-radius: 6px;
  }

  .again {
    margin-left: 32px;
    padding: 12px 20px;
    border: 2px solid var(--ink);
    border-radius: 6px;
  }

  @media screen and (width < 900px) {
    .shell {
      grid-template: auto auto 1fr / minmax(0, 1fr);
    }

    nav {
      grid-row: auto;
      border-right: 0;
      border-bottom: 2px solid var(--rule);
    }

    .house {
      padding: 12px 16px 0;
    }

    .grow {
      display: none;
    }

    nav .add {
      display: none;
    }

    main .add {
      display: flex;
      padding: 0 16px 24px;
    }

    header {
      gap: 0;
      padding: 2px 12px;
    }

    header button {
      min-width: 40px;
      padding: 0 5px;
    }

    .views {
      gap: 0;
      margin-left: 0;
    }

    header span {
      display: none;
    }
  }

  @media print {
    .shell {
      display: block;
    }

    nav,
    header,
    .skip {
      display: none;
    }
  }
</style>
