<script lang="ts">
  import Button from '../src/parts/Button.svelte';
  import Dialog from '../src/parts/Dialog.svelte';
  import Parts from './Parts.svelte';

  const THEMES = [
    ['day', 'By day, at a desk'],
    ['bench', 'At the bench, by day'],
    ['bench night', 'At the bench, in the dark'],
  ] as const;
  let open = $state(false);
</script>

<main>
  <h1>Parts of the screens</h1>
  <p>
    Tab goes from part to part. A part takes its colours, sizes of type and press areas from the
    tokens in <code>src/styles.css</code>, which the bench and the dark set anew.
  </p>
  <Button kind="framed" onclick={() => (open = true)}>Open a dialog</Button>
  {#each THEMES as [theme, words] (theme)}
    <section class={theme} aria-label={words}>
      <h2>{words}</h2>
      <Parts />
    </section>
  {/each}
</main>
{#if open}
  <Dialog title="A dialog" onclose={() => (open = false)}><p>Escape closes it, too.</p></Dialog>
{/if}

<style>
  main {
    padding: 24px;
  }

  h1 {
    font-size: var(--type-title);
  }

  section {
    margin-top: 24px;
    padding: 24px;
    color: var(--ink);
    background: var(--paper);
    border-top: 2px solid var(--ink);
  }

  h2 {
    margin-bottom: 12px;
    font-size: var(--type-head);
  }
</style>
