<script lang="ts">
  import type { Snippet } from 'svelte';

  let { title, onclose, children }: { title: string; onclose: () => void; children: Snippet } =
    $props();

  function open(dialog: HTMLDialogElement) {
    dialog.showModal();
  }
</script>

<dialog {@attach open} aria-labelledby="dialog-title" {onclose}>
  <h2 id="dialog-title">{title}</h2>
  {@render children()}
  <form method="dialog"><button type="submit" class="close">Close</button></form>
</dialog>

<style>
  dialog {
    width: min(460px, calc(100vw - 32px));
    padding: 24px;
    color: var(--ink);
    background: var(--sheet);
    border: 2px solid var(--ink);
    border-radius: 8px;
  }

  dialog::backdrop {
    background: #20292b66;
  }

  h2 {
    margin-bottom: 16px;
    font-size: 1.25rem;
  }

  .close {
    height: 44px;
    margin-top: 16px;
    padding: 0 20px;
    border: 2px solid var(--ink);
    border-radius: 6px;
  }
</style>
