<script lang="ts">
  import { api, answered, type Problem, type Overview, type Shapes } from '../api/client';
  import Entries from '../parts/Entries.svelte';
  import { choices, ROLES } from '../words/growing';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import Field from '../parts/Field.svelte';
  import Unsaved from '../parts/Unsaved.svelte';

  let {
    overview,
    onclose,
    onadded,
  }: { overview: Overview; onclose: () => void; onadded: (id: number, name: string) => void } =
    $props();

  let told = $state<Shapes['NewProduct']>({ name: '', maker: '', role: 'base', form: 'liquid' });
  let problem = $state<Problem | undefined>();
  let unsaved = $state<{ forget: () => void }>();

  async function add() {
    const { data, problem: trouble } = await answered(
      api.POST('/api/grows/{grow_id}/products', {
        params: { path: { grow_id: overview.id } },
        body: told,
      }),
    );
    problem = trouble;
    if (!data) return;
    unsaved?.forget();
    onadded(data.id, told.name.trim());
  }
</script>

<section>
  <h2>Add a product</h2>
  <Unsaved
    bind:this={unsaved}
    form="{overview.id}.product"
    value={told}
    onrestore={(typed) => (told = typed)}
  />
  <Entries submit="Add this product" onsubmit={add}>
    <Field label="Name" bind:value={told.name} required maxlength={60} />
    <Field label="Maker" bind:value={told.maker} maxlength={60} />
    <Field label="What it is for" bind:value={told.role} options={choices(ROLES)} />
    <Field
      label="Form"
      bind:value={told.form}
      options={[
        ['liquid', 'liquid'],
        ['dry', 'dry'],
      ]}
    />
    <Notice {problem} />
  </Entries>
  <Button onclick={onclose}>Cancel</Button>
</section>

<style>
  section {
    display: grid;
    gap: 12px;
    padding-top: 8px;
    border-top: 2px solid var(--ink);
  }

  h2 {
    font-size: var(--type-lead);
  }
</style>
