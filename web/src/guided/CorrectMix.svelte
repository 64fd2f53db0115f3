<script lang="ts">
  import { onMount } from 'svelte';

  import { answered, api, type GuidedState, type Problem, type Shapes } from '../api/client';
  import Button from '../parts/Button.svelte';
  import Field from '../parts/Field.svelte';
  import Notice from '../parts/Notice.svelte';
  import Unsaved from '../parts/Unsaved.svelte';
  import { typedIn } from '../planning/settings';
  import { asks } from '../words/guided';
  import { written } from '../words/numbers';

  /** A mix that is over, as it really was: what is changed here is kept with who, when and why. */
  let {
    standing,
    summary,
    grow,
    oncorrected,
    onleave,
  }: {
    standing: GuidedState;
    summary: Shapes['SummaryOut'];
    grow: number;
    oncorrected: (state: GuidedState) => void;
    onleave: () => void;
  } = $props();

  type Line = Shapes['RecordLineOut'];

  const ODD = ['amount_odd', 'volume_odd', 'reading_odd'];

  const before = () => summary.lines.map((line) => written(line.typed));
  const workedBefore = () => [...summary.people];
  let figures = $state(before());
  let people = $state(workedBefore());
  let members = $state.raw<string[]>([]);
  let why = $state('');
  let busy = $state(false);
  let unsaved = $state<{ forget: () => void }>();
  let form = $state<HTMLFormElement>();
  let problem = $state.raw<Problem | undefined>();

  onMount(() => {
    form?.querySelector('input')?.focus();
    void api.GET('/api/grows/{grow_id}/people', { params: { path: { grow_id: grow } } }).then(
      ({ data }) => (members = data?.people.map((one) => one.name) ?? []),
      () => undefined,
    );
  });

  const changes = $derived<Shapes['ChangeIn'][]>([
    ...summary.lines.flatMap((line, at) => {
      const figure = figures[at]?.trim() ?? '';
      if (figure === written(line.typed)) return [];
      return [{ what: line.what, of: line.of, figure, name: '' }];
    }),
    ...summary.people.flatMap((of, at) => {
      const name = people[at] ?? of;
      return name === of ? [] : [{ what: 'person' as const, of, figure: '', name }];
    }),
  ]);

  const wrong = $derived(changes[Number(/^changes\[(\d+)\]/.exec(problem?.where ?? '')?.[1])]);
  const isWrong = (what: string, of: string) => wrong?.what === what && wrong.of === of;
  const isOdd = $derived(ODD.includes(problem?.code ?? ''));

  function words(line: Line): string {
    if (line.what === 'volume') return 'Water in the tank';
    if (line.what === 'poured') return `Poured: ${line.name}`;
    const step = standing.steps.find((one) => one.id === line.of);
    return step ? asks(step) : line.name;
  }

  async function save(sure: boolean) {
    busy = true;
    const typedHere = unsaved;
    const path = { grow_id: grow, mix_id: standing.id };
    const outcome = await answered(
      api.POST('/api/grows/{grow_id}/mixes/{mix_id}/corrections', {
        params: { path },
        body: {
          changes,
          why: why.trim(),
          seen: summary.corrections.length,
          typed_in: typedIn(standing),
          sure,
        },
      }),
    );
    busy = false;
    problem = outcome.problem;
    if (!outcome.data) return;
    typedHere?.forget();
    oncorrected(outcome.data);
  }

  function submit(event: SubmitEvent) {
    event.preventDefault();
    void save(false);
  }

  const choices = (name: string) =>
    [...new Set([name, ...members])].map((one) => [one, one] as const);
</script>

<form onsubmit={submit} bind:this={form}>
  <Unsaved
    bind:this={unsaved}
    form="{grow}.correction.{standing.id}.{summary.corrections.length}"
    value={{ figures, people, why }}
    onrestore={(typed) => ({ figures, people, why } = typed)}
  />
  <p>Change what is wrong. The first record stays readable.</p>
  <div class="lines">
    {#each summary.lines as line, at (`${line.what} ${line.of}`)}
      <Field
        label={line.unit ? `${words(line)}, ${line.unit}` : words(line)}
        figure
        maxlength={30}
        inputmode={line.what === 'volume' ? 'text' : 'decimal'}
        wrong={isWrong(line.what, line.of)}
        bind:value={figures[at]}
      />
    {/each}
    {#each summary.people as name, at (name)}
      <Field
        label={summary.people.length > 1 ? `Mixed by, instead of ${name}` : 'Mixed by'}
        options={choices(name)}
        bind:value={people[at]}
      />
    {/each}
  </div>
  <Field label="Why" required maxlength={200} bind:value={why} />
  <Notice {problem} />
  <p class="acts">
    {#if isOdd}
      <Button kind="framed" disabled={busy} onclick={() => save(true)}>It is so: save it</Button>
    {/if}
    <Button kind="main" type="submit" disabled={busy || !changes.length}>
      Save the correction
    </Button>
    <Button kind="framed" onclick={onleave}>Cancel</Button>
  </p>
</form>

<style>
  form {
    display: grid;
    gap: 12px;
    margin: 16px 0;
  }

  .lines {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
    gap: 12px 24px;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
  }
</style>
