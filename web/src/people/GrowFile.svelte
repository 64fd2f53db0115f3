<script lang="ts">
  import { answered, api, type Problem } from '../api/client';
  import ForGood from '../parts/ForGood.svelte';
  import BringGrow from './BringGrow.svelte';
  import Notice from '../parts/Notice.svelte';
  import TextLink from '../parts/TextLink.svelte';

  /** All of a grow in one file, out and in; and a grow removed for good. */
  let { id, name, owns }: { id: number; name: string; owns: boolean } = $props();

  let problem = $state.raw<Problem | undefined>();

  async function remove(typed: string) {
    const outcome = await answered(
      api.DELETE('/api/grows/{grow_id}/for-good', {
        params: { path: { grow_id: id } },
        body: { name: typed },
      }),
    );
    problem = outcome.problem;
    if (!problem) location.assign('/');
  }
</script>

<section>
  <h2>Export and import</h2>
  <p>
    The export is one zip with all data of {name}: tanks, waters, shelf, charts with their versions,
    seasons, mixes and readings, as JSON and as tables for a spreadsheet. Imported here or
    elsewhere, it is the same grow again. Members are not included.
  </p>
  <p><TextLink href="/api/grows/{id}/archive" download>Export {name}</TextLink></p>
  <p><BringGrow /></p>
  {#if owns}
    <Notice {problem} />
    <ForGood
      {name}
      what="this grow"
      loses="All data of {name} will be deleted, its record too. Export it first."
      onremove={remove}
    />
  {/if}
</section>

<style>
  section {
    max-width: 44rem;
  }

  h2 {
    margin-top: 24px;
    font-size: var(--type-more);
  }
</style>
