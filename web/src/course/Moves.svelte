<script lang="ts">
  import { dayWords } from '../words/dates';
  import type { Season } from './season.svelte';
  import Button from '../parts/Button.svelte';
  import Field from '../parts/Field.svelte';

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
          <b>{move.after ? dayWords(move.after) : 'not planned'}</b>
        </p>
      {:else}
        <p>Nothing else moves.</p>
      {/each}
    {:else}
      <p>Computing what else moves …</p>
    {/if}
  </div>
  {#if !isPlan}
    <Field
      label="Why, for the record"
      bind:value={reason}
      size={34}
      maxlength={120}
      placeholder="roots were not through yet"
    />
  {/if}
  <Button kind="main" type="submit" disabled={!season.preview || season.deciding}
    >Save this change</Button
  >
  <Button onclick={() => season.leave()}>Cancel</Button>
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
</style>
