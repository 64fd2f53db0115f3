<script lang="ts">
  import type { Pour } from '../api/client';
  import { percent, shown } from './figures';
  import Vessel from './drawing/Vessel.svelte';

  let { pour }: { pour: Pour } = $props();

  const fills = $derived(pour.measured?.fills ?? []);
  const error = $derived(pour.measured?.error ?? '0');
</script>

<div class="measuring">
  <div class="vessels">
    {#each fills as fill, index (index)}
      {#if index}<span aria-hidden="true">+</span>{/if}
      <Vessel {fill} unit={pour.measured?.dilute ? 'mL' : (pour.measured?.unit ?? '')} />
    {:else}
      <span class="none">no vessel shows so little</span>
    {/each}
  </div>
  {#if pour.measured?.error_shows}
    <p class="off">
      △ {percent(error.replace('-', ''))}
      {error.startsWith('-') ? 'under' : 'over'}, no nearer mark
    </p>
  {/if}
  {#if pour.measured?.dilute}
    {@const { product, water } = pour.measured.dilute}
    <p class="cup">
      <b>First, in a cup:</b>
      {shown(product.value, 2)}
      {product.unit} with {shown(water.value, 1)} mL of tank water
    </p>
  {/if}
</div>

<style>
  .measuring {
    align-self: end;
  }

  .vessels {
    display: flex;
    flex-wrap: wrap;
    align-items: flex-end;
    justify-content: center;
    gap: 4px 2px;
    margin: 8px -8px 6px;
  }

  .vessels > span {
    align-self: center;
  }

  .none,
  .off,
  .cup {
    font-size: var(--type-small);
    line-height: 1.3;
  }

  .none,
  .off {
    color: var(--heed);
  }

  @media print {
    .vessels {
      zoom: 0.7;
    }
  }

  @media screen and (width < 900px) {
    .vessels {
      justify-content: flex-end;
      margin: 0;
    }
  }
</style>
