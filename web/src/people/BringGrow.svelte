<script lang="ts">
  import { answered, api, type Problem } from '../api/client';

  /** A grow brought in from the file that another gave out. */
  let problem = $state.raw<Problem | undefined>();
  let busy = $state(false);

  async function bring(event: Event & { currentTarget: HTMLInputElement }) {
    const picked = event.currentTarget;
    const [file] = picked.files ?? [];
    if (!file) return;
    busy = true;
    const form = new FormData();
    form.append('file', file);
    const outcome = await answered(
      api.POST('/api/archives', { body: { file: '' }, bodySerializer: () => form }),
    );
    busy = false;
    problem = outcome.problem;
    picked.value = '';
    // Everything on screen is of the grow before: it is left as a whole.
    if (outcome.data) location.assign(`/g/${outcome.data.id}`);
  }
</script>

<label
  >Import a grow
  <input type="file" accept=".zip,application/zip" disabled={busy} onchange={bring} /></label
>
{#if busy}<p role="status">Importing …</p>{/if}
{#if problem}
  <p role="alert">△ {problem.message} {problem.where ? `(${problem.where})` : ''}</p>
  <p>Nothing was imported.</p>
{/if}

<style>
  input {
    min-height: 44px;
    font: inherit;
    color: var(--ink);
  }

  input::file-selector-button {
    min-height: 44px;
    padding: 0 8px;
    font: inherit;
    color: var(--ink);
    text-decoration: underline;
    text-underline-offset: 4px;
    background: none;
    border: 0;
  }

  [role='alert'] {
    font-weight: 700;
    color: var(--heed);
  }
</style>
