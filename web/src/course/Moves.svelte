<script lang="ts">
  import { dayWords } from '../words/dates';
  import type { Season } from './season.svelte';

  /** What a decision would move, before it is taken; and why it is taken, for the record. */
  let { season }: { season: Season } = $props();

  const WHAT: Record<string, string> = { next_filling: 'The next filling', end: 'The end' };
  const named = (what: string) =>
    WHAT[what] ?? season.preview?.products.find((one) => one.key === what)?.name ?? what;
  const isPlan = $derived(season.asked !== undefined && 'plan' in season.asked);
  let reason = $state('');
</script>

<form
  class="moves"
  onsubmit={(event) => {
    event.preventDefault();
    void season.decide(reason);
  }}
>
  <div role="status">
    {#if season.preview}
      {#each season.preview.moves as move (move.what)}
        <p>
          {named(move.what)}:
          <s>{move.before ? dayWords(move.before) : 'not planned'}</s> →
          <b>{move.behind ? dayWords(move.behind) : 'not planned'}</b>
        </p>
      {:else}
        <p>Nothing else moves.</p>
      {/each}
    {:else}
      <p>Computing what else moves …</p>
    {/if}
  </div>
  {#if !isPlan}
    <label>
      Why, for the record
      <input bind:value={reason} maxlength="120" placeholder="roots were not through yet" />
    </label>
  {/if}
  <button type="submit" class="main" disabled={!season.preview || season.deciding}>So be it</button>
  <button type="button" onclick={() => season.leave()}>Leave it as it was</button>
</form>

<style>
  .moves {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 8px 24px;
    margin-top: 12px;
    padding: 12px 16px;
    background: var(--sheet);
    border-left: 4px solid var(--heed);
  }

  [role='status'] {
    flex-basis: 100%;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
    gap: 0 24px;
  }

  s {
    color: var(--faded);
  }

  label {
    display: grid;
    font-size: 0.875rem;
    color: var(--faded);
  }

  input {
    width: 20rem;
    max-width: 100%;
    min-height: 44px;
    padding: 0 8px;
    color: var(--ink);
    background: var(--paper);
    border: 0;
    border-bottom: 2px solid var(--ink);
  }

  button {
    min-height: 44px;
    padding: 0 16px;
    text-decoration: underline;
    text-underline-offset: 4px;
  }

  .main {
    font-weight: 700;
    text-decoration: none;
    color: var(--sheet);
    background: var(--ink);
    border-radius: 6px;
  }

  .main:disabled {
    opacity: 0.5;
  }
</style>
