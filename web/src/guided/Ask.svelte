<script lang="ts">
  import type { Snippet } from 'svelte';

  let {
    title,
    children,
    yes,
    onyes,
    onno,
  }: {
    title: string;
    children: Snippet;
    yes: string;
    onyes: () => void;
    onno: () => void;
  } = $props();
</script>

<div role="alertdialog" aria-label={title}>
  <p>{@render children()}</p>
  <button type="button" onclick={onyes}>{yes}</button>
  <button type="button" onclick={onno} {@attach (no) => no.focus()}>No, stay</button>
</div>

<style>
  div {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    width: 100%;
    padding: 16px;
    font-size: 1.25rem;
    border: 3px solid var(--guided-ink);
    border-radius: 8px;
  }

  p {
    width: 100%;
  }

  button {
    min-height: 64px;
    padding: 0 20px;
    font-size: 1.25rem;
    font-weight: 700;
    border: 2px solid var(--guided-ink);
    border-radius: 8px;
  }
</style>
