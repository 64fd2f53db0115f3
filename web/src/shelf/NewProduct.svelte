<script lang="ts">
  import { api, answered, type Problem, type Overview, type Shapes } from '../api/client';
  import Entries from '../parts/Entries.svelte';
  import { choices, ROLES } from '../words/growing';

  let {
    overview,
    onclose,
    onadded,
  }: { overview: Overview; onclose: () => void; onadded: (id: number, name: string) => void } =
    $props();

  let told = $state<Shapes['NewProduct']>({ name: '', maker: '', role: 'base', form: 'liquid' });
  let problem = $state<Problem | undefined>();

  async function add() {
    const { data, problem: trouble } = await answered(
      api.POST('/api/grows/{grow_id}/products', {
        params: { path: { grow_id: overview.id } },
        body: told,
      }),
    );
    if (data) onadded(data.id, told.name.trim());
    else problem = trouble;
  }
</script>

<section>
  <h2>Add a product</h2>
  <Entries submit="Put it there" onsubmit={add}>
    <label>Name <input bind:value={told.name} required maxlength="60" /></label>
    <label>Maker <input bind:value={told.maker} maxlength="60" /></label>
    <label>
      What it is for
      <select bind:value={told.role}>
        {#each choices(ROLES) as [value, words] (value)}<option {value}>{words}</option>{/each}
      </select>
    </label>
    <label>
      Form
      <select bind:value={told.form}>
        <option value="liquid">liquid</option>
        <option value="dry">dry</option>
      </select>
    </label>
    {#if problem}<p role="alert">△ {problem.message}</p>{/if}
  </Entries>
  <button type="button" class="leave" onclick={onclose}>Leave it</button>
</section>

<style>
  section {
    --entry: var(--sheet);

    display: grid;
    gap: 12px;
    padding-top: 8px;
    border-top: 2px solid var(--ink);
  }

  h2 {
    font-size: 1.125rem;
  }

  .leave {
    min-height: 44px;
    text-decoration: underline;
  }
</style>
