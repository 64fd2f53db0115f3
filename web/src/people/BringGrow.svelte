<script lang="ts">
  import { answered, api, type Problem } from '../api/client';
  import FileField from '../parts/FileField.svelte';
  import Notice from '../parts/Notice.svelte';

  /** A grow brought in from the file that another gave out. */
  let problem = $state.raw<Problem | undefined>();
  let busy = $state(false);

  async function bring(file: File) {
    busy = true;
    const form = new FormData();
    form.append('file', file);
    const outcome = await answered(
      api.POST('/api/archives', { body: { file: '' }, bodySerializer: () => form }),
    );
    busy = false;
    problem = outcome.problem;
    // Everything on screen is of the grow before: it is left as a whole.
    if (outcome.data) location.assign(`/g/${outcome.data.id}`);
  }
</script>

<FileField
  words="Import a grow"
  accept=".zip,application/zip"
  kind="word"
  disabled={busy}
  onfile={bring}
/>
{#if busy}<Notice kind="done">Importing …</Notice>{/if}
{#if problem}
  <Notice>{problem.message} {problem.where ? `(${problem.where})` : ''}</Notice>
  <p>Nothing was imported.</p>
{/if}
