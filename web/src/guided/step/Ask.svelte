<script lang="ts">
  import type { Snippet } from 'svelte';
  import Button from '../../parts/Button.svelte';

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
  <Button kind="framed" onclick={onyes}>{yes}</Button>
  <Button kind="framed" onclick={onno} {@attach (no) => no.focus()}>No, stay</Button>
</div>

<style>
  div {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    width: 100%;
    padding: 16px;
    font-size: var(--type-head);
    border: 3px solid var(--ink);
    border-radius: 8px;
  }

  p {
    width: 100%;
  }
</style>
