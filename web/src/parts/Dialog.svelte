<script lang="ts">
  import type { Snippet } from 'svelte';

  import Button from './Button.svelte';

  let { title, onclose, children }: { title: string; onclose: () => void; children: Snippet } =
    $props();

  function open(dialog: HTMLDialogElement) {
    dialog.showModal();
  }
</script>

<dialog {@attach open} aria-labelledby="dialog-title" {onclose}>
  <h2 id="dialog-title">{title}</h2>
  {@render children()}
  <form method="dialog"><Button type="submit" kind="framed">Close</Button></form>
</dialog>

<style>
  dialog {
    width: min(460px, calc(100vw - 32px));
    padding: 24px;
    color: var(--ink);
    background: var(--sheet);
    border: 2px solid var(--ink);
    border-radius: calc(var(--corner) + 2px);
  }

  dialog::backdrop {
    background: var(--backdrop);
  }

  h2 {
    margin-bottom: 16px;
    font-size: var(--type-head);
  }

  form {
    margin-top: 16px;
  }
</style>
