<script lang="ts">
  import { answered, api, type LeafletFound, type Problem } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { growHere } from '../shell/grow.svelte';
  import { dateWords } from '../words/dates';
  import type { Editing } from './typed/editing.svelte';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import TextLink from '../parts/TextLink.svelte';

  /** The margin of a sheet: keeping it, what is open and odd in it, its notes and versions. */
  let {
    editing,
    found,
    keeping,
    pictured,
    problem,
    onkeep,
    onversion,
  }: {
    editing: Editing;
    found: LeafletFound | undefined;
    keeping: boolean;
    /** Whether another picture lies beside the sheet than was kept with it. */
    pictured: boolean;
    problem: Problem | undefined;
    onkeep: () => void;
    onversion: (version: number) => void;
  } = $props();

  const grow = growHere();

  const meaning = $derived(editing.meaning);
  const newest = $derived(found?.versions[0]);
  const older = $derived(found !== undefined && found.version_id !== newest?.version_id);
  const next = $derived((newest?.version_number ?? 0) + 1);

  let against = $state<number | undefined>();
  let differs = $state.raw<string[]>([]);
  let beside = $state.raw<string[]>([]);

  const FILES = [
    ['xlsx', 'XLSX'],
    ['csv', 'CSV'],
    ['json', 'JSON'],
  ] as const;

  function where(row: number | null, column: number | null, part = 'cell'): string {
    const bottle = row === null ? '' : editing.sheet.rows[row]?.name || 'a bottle';
    const week = column === null ? '' : (editing.sheet.columns[column]?.label ?? '');
    const what = { days: 'days', ec: 'EC', ph: 'pH' }[part] ?? '';
    return [bottle, what, week].filter(Boolean).join(', ');
  }

  /** The cell's own line: three lines of headings stand above the bottles. */
  function show(row: number | null, column: number | null) {
    editing.goTo({ line: row === null ? 0 : row + 3, column: column ?? -1 });
    document.querySelector<HTMLElement>('[role=grid]')?.focus();
  }

  function settle(remedy: { text: string; row: number | null; column: number | null }) {
    if (remedy.row !== null && remedy.column !== null) {
      editing.type({ line: remedy.row + 3, column: remedy.column }, remedy.text);
      return;
    }
    const columns = editing.sheet.columns.map((one) => ({ ...one, days: one.days || remedy.text }));
    editing.change({ ...editing.sheet, columns });
  }

  async function compare(version: number) {
    against = version;
    const { data } = await answered(
      api.GET('/api/grows/{grow_id}/chart-versions/{version_id}/compared', {
        params: {
          path: { grow_id: editing.grow, version_id: found?.version_id ?? 0 },
          query: { before: version },
        },
      }),
    );
    differs = data?.differences.map((one) => one.words) ?? [];
    editing.differs = data?.differences ?? [];
    beside = data?.beside ?? [];
  }

  $effect(() => {
    const before = found?.versions.find((one) => one.version_id !== found.version_id);
    // Beside itself nothing differs, and what a table cannot hold is told all the same.
    if (found) void compare(before?.version_id ?? found.version_id);
  });
</script>

<div class="margin">
  <Button
    kind="main"
    size="large"
    onclick={onkeep}
    disabled={keeping || !(editing.changed || older || pictured)}
  >
    {older && !editing.changed ? `Restore as version ${next}` : `Save as version ${next}`}
    <small>
      {meaning?.problems.length
        ? `${meaning.problems.length} to settle first`
        : editing.changed || pictured
          ? 'unsaved changes'
          : 'saved'}
    </small>
  </Button>
  <Notice {problem} />
  <Notice problem={editing.problem} />
  {#each meaning?.problems ?? [] as one, n (n)}
    <button type="button" class="open" onclick={() => show(one.row, one.column)}>
      <b>? {where(one.row, one.column, one.part)}</b>
      {one.message}
    </button>
  {/each}
  {#each meaning?.margin ?? [] as one, n (n)}
    <div class="odd">
      <button type="button" onclick={() => show(one.row, one.column)}>
        <b>△ {where(one.row, one.column) || 'The leaflet'}</b>
        {one.message}
      </button>
      {#if one.remedy}
        {@const remedy = one.remedy}
        <Button kind="framed" size="small" onclick={() => settle(remedy)}
          >Change it to {remedy.words}</Button
        >
      {/if}
    </div>
  {/each}
  {#if editing.sheet.notes.length}
    <h3>At the foot of the leaflet</h3>
    <ul>
      {#each editing.sheet.notes.slice(0, 12) as note (note)}<li>{note}</li>{/each}
    </ul>
  {/if}
  {#if found}
    <h3>Versions</h3>
    <p>
      This is <Choice
        label="Version"
        value={found.version_id}
        options={found.versions.map((one) => ({
          value: one.version_id,
          words: `version ${one.version_number}`,
          note: dateWords(new Date(one.written_at), grow.overview?.time_zone),
        }))}
        onchoose={onversion}
      />{#if found.versions.length > 1}, beside <Choice
          label="Compared with"
          value={against ?? 0}
          options={found.versions
            .filter((one) => one.version_id !== found.version_id)
            .map((one) => ({ value: one.version_id, words: `version ${one.version_number}` }))}
          onchoose={compare}
        />{/if}.
    </p>
    {#if found.versions.length > 1}
      <ul class="differs">
        {#each differs as words (words)}<li>{words}</li>{:else}<li>Nothing differs.</li>{/each}
      </ul>
    {/if}
    <h3>Download</h3>
    <p class="files">
      {#each FILES as [kind, words] (kind)}
        <TextLink
          href="/api/grows/{editing.grow}/chart-versions/{found.version_id}/file?kind={kind}"
          download>{words}</TextLink
        >
      {/each}
    </p>
    {#if beside.length}
      <p class="small">
        A table cannot hold {beside.join('; ')}: that is in extra lines of its own.
      </p>
    {/if}
  {/if}
</div>

<style>
  .margin {
    display: grid;
    gap: 12px;
    align-content: start;
    font-size: var(--type-note);
  }

  small {
    display: block;
    font-size: var(--type-small);
    font-weight: 400;
  }

  .open,
  .odd button {
    text-align: left;
  }

  .open b,
  .odd b {
    display: block;
    color: var(--heed);
  }

  h3 {
    margin-top: 4px;
    font-size: 1rem;
  }

  li {
    font-size: var(--type-quiet);
  }

  .differs li {
    padding-left: 10px;
    border-left: 3px solid var(--rule);
  }

  .files {
    display: flex;
    gap: 12px;
  }

  .small {
    font-size: var(--type-quiet);
    color: var(--faded);
  }
</style>
