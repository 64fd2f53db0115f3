<script lang="ts">
  import { api, problemOf, type Problem, type Quay, type Shapes } from '../api/client';

  let {
    quay,
    onclose,
    onadded,
  }: { quay: Quay; onclose: () => void; onadded: (id: number) => void } = $props();

  const ROLES = [
    ['base', 'part of a base'],
    ['ph_adjuster', 'acid or alkali for pH'],
    ['calmag', 'cal-mag'],
    ['silica', 'silica'],
    ['buffer', 'stabiliser for RO water'],
    ['magnesium', 'magnesium'],
    ['additive_alkaline', 'alkaline tonic'],
    ['enzyme', 'enzyme'],
    ['additive', 'other additive'],
    ['booster', 'booster'],
    ['live', 'live culture'],
  ] as const;

  let told = $state<Shapes['NewProduct']>({ name: '', maker: '', role: 'base', form: 'liquid' });
  let problem = $state<Problem | undefined>();

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const { data, error } = await api
      .POST('/api/grows/{grow_id}/products', {
        params: { path: { grow_id: quay.id } },
        body: told,
      })
      .catch(() => ({ data: undefined, error: undefined }));
    if (data) onadded(data.id);
    else problem = problemOf(error);
  }
</script>

<form onsubmit={add}>
  <h2>Put a product on the shelf</h2>
  <label>Name <input bind:value={told.name} required maxlength="60" /></label>
  <label>Maker <input bind:value={told.maker} maxlength="60" /></label>
  <label>
    What it is for
    <select bind:value={told.role}>
      {#each ROLES as [value, words] (value)}<option {value}>{words}</option>{/each}
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
  <button class="add">Put it there</button>
  <button type="button" class="leave" onclick={onclose}>Leave it</button>
</form>

<style>
  form {
    display: grid;
    gap: 12px;
    padding-top: 8px;
    border-top: 2px solid var(--ink);
  }

  h2 {
    font-size: 1.125rem;
  }

  label {
    display: grid;
    gap: 2px;
    color: var(--faded);
  }

  input,
  select {
    height: 44px;
    padding: 0 8px;
    font: inherit;
    color: var(--ink);
    background: var(--sheet);
    border: 0;
    border-bottom: 2px solid var(--ink);
    border-radius: 0;
  }

  [role='alert'] {
    color: var(--danger);
  }

  .add {
    height: 48px;
    font-weight: 700;
    color: var(--paper);
    background: var(--ink);
    border-radius: 6px;
  }

  .leave {
    min-height: 44px;
    text-decoration: underline;
  }
</style>
