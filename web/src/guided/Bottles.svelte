<script lang="ts">
  import type { GuidedState } from '../api/client';
  import { written } from '../words/numbers';

  let { standing }: { standing: GuidedState } = $props();
</script>

<ul>
  {#each standing.bottles as bottle (bottle.name)}
    <li>
      <b>{bottle.tag}</b>
      <span>{bottle.name}</span>
      <span class="figure">{bottle.takes ?? 'by reading'}</span>
      <small class={{ short: bottle.is_enough === false }}>
        {#if bottle.is_enough === false}△ only {written(bottle.left ?? '')} left
        {:else if bottle.left}enough: {written(bottle.left ?? '')} left
        {:else}look what is left{/if}
      </small>
    </li>
  {/each}
</ul>
<p>{standing.vessels.join('; ')}; a cup for diluting.</p>

<style>
  ul {
    width: 100%;
  }

  li {
    display: grid;
    grid-template-columns: 2.5rem 1fr auto;
    gap: 0 12px;
    align-items: baseline;
    padding: 4px 0;
    font-size: var(--type-lead);
    border-bottom: 1px solid var(--table);
  }

  b {
    font-family: var(--figures);
    text-align: center;
    border: 2px solid currentcolor;
    border-radius: 3px;
  }

  .figure {
    font-family: var(--figures);
    white-space: nowrap;
  }

  small {
    grid-column: 2 / 4;
    font-size: var(--type-note);
    color: var(--faded);
  }

  .short {
    font-weight: 700;
    color: var(--ink);
  }

  p {
    font-size: 1rem;
    color: var(--faded);
  }
</style>
