<script lang="ts">
  import type { ReadTable } from '../../api/client';
  import { ROLES } from '../../words/growing';

  /** What was taken where the leaflet is silent, and why. */
  let { guesses }: { guesses: ReadTable['guesses'] } = $props();

  const roles = $derived(guesses.filter((guess) => guess.field === 'role' && guess.product));
  const others = $derived(guesses.filter((guess) => guess.field === 'name' || !guess.product));
</script>

{#if roles.length || others.length}
  <h3>Guessed, to look over</h3>
  <ul>
    {#each others as guess (`${guess.product}${guess.field}`)}
      <li>
        {#if guess.product}<b>{guess.product}</b> is {guess.value} on the shelf: {guess.why}{:else}
          {guess.field === 'medium' ? 'written for water culture' : 'its EC is added to the water'}: {guess.why}{/if}
      </li>
    {/each}
    {#each roles as guess (guess.product)}
      <li>
        <b>{guess.product}</b>
        {ROLES[guess.value as keyof typeof ROLES]}: {guess.why}
      </li>
    {/each}
  </ul>
{/if}

<style>
  h3 {
    margin-top: 16px;
    font-size: 1rem;
  }

  li {
    margin-top: 4px;
    font-size: var(--type-note);
  }
</style>
