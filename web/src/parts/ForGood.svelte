<script lang="ts">
  /** Removing for good, by typing the name of what is removed. */
  let {
    name,
    what,
    loses,
    onremove,
  }: {
    name: string;
    /** What is removed, as in “Remove this grow for good”. */
    what: string;
    /** What is lost with it. */
    loses: string;
    onremove: (typed: string) => void;
  } = $props();

  let asked = $state(false);
  let typed = $state('');
  const fits = $derived(typed.trim() === name.trim());

  function remove(event: SubmitEvent) {
    event.preventDefault();
    if (fits) onremove(typed);
  }
</script>

{#if asked}
  <form onsubmit={remove}>
    <p>{loses} It cannot be brought back.</p>
    <label
      >To remove it, type <b>{name}</b>
      <input bind:value={typed} maxlength="120" autocomplete="off" /></label
    >
    <button type="submit" aria-disabled={!fits}>Remove {name} for good</button>
    <button type="button" onclick={() => (asked = false)}>No</button>
  </form>
{:else}
  <button type="button" onclick={() => (asked = true)}>Remove {what} for good</button>
{/if}

<style>
  form {
    padding: 8px 12px;
    border-left: 4px solid var(--heed);
  }

  p {
    margin: 0 0 8px;
  }

  input {
    min-height: 44px;
    padding: 0 8px;
    font: inherit;
    color: var(--ink);
    background: var(--sheet);
    border: 2px solid var(--ink);
    border-radius: 6px;
  }

  button {
    min-height: 44px;
    padding: 0 8px;
    font-size: 0.9375rem;
    text-decoration: underline;
    text-underline-offset: 4px;
  }

  button[aria-disabled='true'] {
    color: var(--faded);
    text-decoration: none;
  }
</style>
