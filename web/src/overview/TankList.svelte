<script lang="ts">
  import type { Overview } from '../api/client';
  import type { Keys } from '../shell/keys.svelte';
  import { DUE } from '../words/growing';
  import { needWords } from '../words/seasons';
  import TankDrawing from './TankDrawing.svelte';

  let {
    overview,
    chosen,
    keys,
    ontank,
  }: {
    overview: Overview;
    chosen: number | undefined;
    keys: Keys;
    ontank: (tank: number) => void;
  } = $props();

  /** By its season, where it has one; else by what its last mix asks for. */
  function need(tank: Overview['tanks'][number]) {
    const today = overview.needs?.[tank.id];
    if (today?.season != null) return needWords(today);
    return tank.due ? { words: DUE[tank.due], pressing: true } : undefined;
  }

  const widest = $derived(Math.max(...overview.tanks.map((tank) => tank.width_cm)));

  function step(by: number) {
    const at = overview.tanks.findIndex((tank) => tank.id === chosen);
    const next = overview.tanks[(at + by + overview.tanks.length) % overview.tanks.length];
    if (next) ontank(next.id);
  }

  $effect(() => keys.add('j', 'next tank', () => step(1)));
  $effect(() => keys.add('k', 'tank before', () => step(-1)));
</script>

<ul>
  {#each overview.tanks as tank (tank.id)}
    {@const here = tank.id === chosen}
    {@const wanted = need(tank)}
    <li>
      <button
        type="button"
        class={{ chosen: here }}
        aria-current={here ? 'true' : undefined}
        onclick={() => ontank(tank.id)}
      >
        <span class="name">{tank.name}</span>
        <span class="drawing"><TankDrawing {tank} {widest} /></span>
        <span class="facts">
          <span class="litres">{tank.volume}</span>
          {#if tank.mix}<span class="now">mixing now</span>
          {:else if tank.last_ec}
            <span>{tank.last_ec} · pH {tank.last_ph ?? '–'}</span>
          {:else}<span>{tank.crop}</span>{/if}
          {#if !tank.mix && wanted}
            <span class={{ now: wanted.pressing }}>{wanted.words}</span>
          {/if}
        </span>
      </button>
    </li>
  {/each}
</ul>

<style>
  button {
    display: grid;
    grid-template-columns: 1fr auto;
    align-items: end;
    gap: 4px 8px;
    width: 100%;
    padding: 12px 16px 12px 16px;
    text-align: left;
    border-left: 4px solid transparent;
  }

  .chosen {
    background: var(--sheet);
    border-left-color: var(--ink);
  }

  .name {
    grid-column: 1 / 3;
    font-weight: 700;
    line-height: 1.2;
  }

  .facts {
    display: grid;
    justify-items: end;
    font-size: var(--type-small);
    line-height: 1.3;
    color: var(--faded);
    text-align: right;
  }

  .now {
    font-weight: 700;
    color: var(--heed);
  }

  .litres {
    font: 700 1rem/1.3 var(--figures);
    color: var(--ink);
  }

  @media screen and (width < 900px) {
    ul {
      display: flex;
      overflow-x: auto;
      padding: 4px 12px 0;
    }

    button {
      display: block;
      min-height: 44px;
      padding: 4px 12px;
      white-space: nowrap;
      border-left: 0;
      border-bottom: 4px solid transparent;
    }

    .chosen {
      border-bottom-color: var(--ink);
    }

    .drawing,
    .facts {
      display: none;
    }
  }
</style>
