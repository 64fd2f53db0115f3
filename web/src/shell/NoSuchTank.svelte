<script lang="ts">
  import type { Overview } from '../api/client';
  import Button from '../parts/Button.svelte';
  import { go } from '../routes';
  import { at, MIX, TODAY } from './views';

  /** An address of a tank that is not, or no longer, in use here: said so, with the ways on. */
  let { overview }: { overview: Overview } = $props();
</script>

<div class="none" role="alert">
  <h1>This tank is not in use here</h1>
  <p>
    It was archived or removed, or the address has a slip. An archived tank is restored in the tank
    list of any other tank.
  </p>
  <p>
    {#each overview.tanks as tank (tank.id)}
      <Button kind="framed" onclick={() => go(at(MIX, overview.id, { tank: tank.id }))}>
        {tank.name}
      </Button>
    {/each}
    <Button onclick={() => go(at(TODAY, overview.id))}>Today</Button>
  </p>
</div>

<style>
  .none {
    display: grid;
    gap: 12px;
    max-width: 44rem;
    padding: 24px 32px;
  }

  h1 {
    font-size: var(--type-title);
  }

  p:last-child {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
</style>
