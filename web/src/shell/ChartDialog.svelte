<script lang="ts">
  import { api, answered, type Problem, type Quay } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';

  let { quay, onclose, onadded }: { quay: Quay; onclose: () => void; onadded: () => void } =
    $props();

  let problem = $state<Problem | undefined>();
  let name = $state('');

  async function send(file: File | undefined) {
    if (!file) return;
    name = file.name;
    problem = undefined;
    const { data, problem: trouble } = await answered(
      api.POST('/api/grows/{grow_id}/charts', {
        params: { path: { grow_id: quay.id } },
        body: {},
        // The text goes as it is: parsed here, its figures would pass through floats.
        bodySerializer: () => file,
        headers: { 'Content-Type': 'application/json' },
      }),
    );
    if (data) onadded();
    else problem = trouble;
  }
</script>

<Dialog title="Read in a chart" {onclose}>
  <p>
    A file in the open format <code>brisk-measure/feed-chart</code>. A chart of a name you have
    already becomes its next version.
  </p>
  <label>
    Chart file
    <input
      type="file"
      accept=".json,application/json"
      onchange={(event) => send(event.currentTarget.files?.[0])}
    />
  </label>
  {#if problem}
    <p class="problem" role="alert">
      △ {name} was not kept. {problem.message}
      {#if problem.where}<small>At {problem.where}.</small>{/if}
    </p>
  {/if}
</Dialog>

<style>
  code {
    font-family: var(--figures);
    font-size: 0.875em;
  }

  label {
    display: grid;
    gap: 4px;
    margin-top: 16px;
    font-weight: 700;
  }

  input {
    min-height: 44px;
    font-weight: 400;
  }

  .problem {
    margin-top: 12px;
    color: var(--danger);
  }

  small {
    display: block;
    color: var(--faded);
  }
</style>
