<script lang="ts">
  import Button from './Button.svelte';
  import Field from './Field.svelte';

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
    <Field label="To remove it, type “{name}”" beside bind:value={typed} maxlength={120} />
    <Button type="submit" aria-disabled={!fits}>Remove {name} for good</Button>
    <Button onclick={() => (asked = false)}>No</Button>
  </form>
{:else}
  <Button onclick={() => (asked = true)}>Remove {what} for good</Button>
{/if}

<style>
  form {
    padding: 8px 12px;
    border-left: 4px solid var(--heed);
  }

  p {
    margin: 0 0 8px;
  }
</style>
