<script lang="ts">
  import type { Snippet } from 'svelte';

  import Choice from '../parts/Choice.svelte';
  import Shape from '../parts/Shape.svelte';
  import TankList from '../overview/TankList.svelte';
  import { go, numberHere, route } from '../routes';
  import { signedIn } from '../sign_in/here';
  import Additions from './Additions.svelte';
  import Dialogs from './Dialogs.svelte';
  import { GrowStore, provideGrow } from './grow.svelte';
  import Header from './Header.svelte';
  import { Keys, listen } from './keys.svelte';
  import NoSuchTank from './NoSuchTank.svelte';
  import { titleOf } from './titles';
  import {
    about,
    at,
    CHARTS,
    GROW,
    LEAFLET,
    leftOff,
    MIX,
    OF_A_TANK,
    TANK_MIXES,
    VIEWS,
    type View,
  } from './views';
  import Button from '../parts/Button.svelte';

  let { children }: { children: Snippet } = $props();

  const session = $derived(signedIn());
  const keys = new Keys();
  const number = $derived(numberHere('grow'));
  const grow = $derived(new GrowStore(number, keys));
  const overview = $derived(grow.overview);
  const here = $derived(
    about(LEAFLET, route.pathname)
      ? CHARTS
      : VIEWS.find((view) => about(view, route.pathname) !== undefined),
  );
  const planned = $derived(Boolean(overview?.tanks.length && overview.charts.length));
  /** The address is about a tank that is not, or no longer, in use. */
  const lost = $derived.by(() => {
    const numbers = OF_A_TANK.map((view) => about(view, route.pathname)).find(Boolean);
    return numbers && !overview?.tanks.some((one) => one.id === numbers['tank']);
  });
  let main = $state<HTMLElement>();

  provideGrow(() => grow);

  /** The view that was asked for and is still being fetched: a tank pressed meanwhile is for it. */
  let asked: View | undefined;

  // What was entered in one view counts in the next: each is shown what there is when one comes.
  $effect(() => {
    void here;
    asked = undefined;
    void grow.load();
  });

  function show(view: View) {
    if (view === here && !about(LEAFLET, route.pathname)) return;
    asked = view;
    if (!OF_A_TANK.includes(view)) {
      go(at(view, number));
      return;
    }
    const left = leftOff.grow === number ? leftOff.tank : undefined;
    const tank = grow.tank ?? left ?? overview?.tanks[0]?.id;
    const hash = view === MIX && tank === left ? leftOff.hash : '';
    go(tank ? at(view, number, { tank }) : at(GROW, number), { hash });
  }

  /** A tank is gone to in the view that is about a tank already, else to its mix. */
  function showTank(tank: number) {
    const view = asked ?? here ?? (about(TANK_MIXES, route.pathname) && TANK_MIXES);
    go(at(view && OF_A_TANK.includes(view) ? view : MIX, number, { tank }));
  }

  keys.add('?', 'this list of keys', () => (grow.asking = 'keys'));
  keys.add('u', 'units', () => (grow.asking = 'units'));
  for (const one of VIEWS) keys.add(one.key, one.words.toLowerCase(), () => show(one));

  $effect(() => listen(keys));

  $effect(() => {
    document.title = titleOf(route.pathname, overview);
  });
</script>

<div class="shell">
  <a
    class="skip"
    href="#main"
    onclick={(event) => {
      event.preventDefault();
      main?.focus();
    }}>To the mix</a
  >
  <nav aria-label="Tanks">
    <p class="house">Brisk Measure</p>
    <div class="grow">
      {#if session.grows.length > 1}
        <Choice
          label="Grow"
          value={number}
          options={session.grows.map((one) => ({ value: one.id, words: one.name }))}
          onchoose={(other) => go(at(GROW, other))}
        />
      {:else}
        {session.grows[0]?.name ?? ''}
      {/if}
    </div>
    {#if overview?.tanks.length}
      <TankList {overview} chosen={grow.tank} {keys} ontank={showTank} />
      {#if overview.charts.length}<p class="add"><Additions /></p>{/if}
    {/if}
  </nav>
  <Header {grow} {here} {planned} onview={show} />
  <main id="main" bind:this={main} tabindex="-1">
    {#if overview && lost}
      <NoSuchTank {overview} />
    {:else if overview}
      {@render children()}
    {:else if grow.problem}
      <div class="empty">
        <p role="alert">{grow.problem.message} Your data is safe on the server.</p>
        <Button kind="framed" onclick={() => grow.load()}>Try again</Button>
      </div>
    {:else}
      <Shape what="The yard is being opened" />
    {/if}
  </main>
</div>
<Dialogs {grow} />

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
    font-size: var(--type-head);
    font-weight: 700;
    line-height: 1.2;
  }

  .grow {
    padding: 0 20px 12px;
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  main {
    min-width: 0;
    outline: none;
  }

  .add {
    display: grid;
    justify-items: start;
    padding: 8px 16px;
  }

  .empty {
    max-width: 36rem;
    margin: 80px 32px 24px;
    font-size: var(--type-head);
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
  }

  @media print {
    .shell {
      display: block;
    }

    nav,
    .skip {
      display: none;
    }
  }
</style>
