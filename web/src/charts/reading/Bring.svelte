<script lang="ts">
  import { onMount } from 'svelte';

  import { answered, api, type Leaflet, type Problem, type ReadTable } from '../../api/client';
  import { formFields, settled, type Answers } from './answers';
  import Preview from './Preview.svelte';
  import { EMPTY, newColumn, newRow } from '../typed/sheet';
  import { tableWords } from '../../words/charts';
  import { waiting } from './waiting.svelte';
  import Button from '../../parts/Button.svelte';
  import Notice from '../../parts/Notice.svelte';
  import Unsaved from '../../parts/Unsaved.svelte';
  import FileField from '../../parts/FileField.svelte';

  /** A leaflet on its way in: pasted, from a file, or typed from the first line on. */
  let { grow, ontaken }: { grow: number; ontaken: (leaflet: Leaflet) => void } = $props();

  let text = $state('');
  let file = $state.raw<File | undefined>();
  let read = $state.raw<ReadTable | undefined>();
  let problem = $state.raw<Problem | undefined>();
  let answers = $state.raw<Answers>({});

  const EXAMPLE = [
    'All doses in mL per litre\t\t\t',
    '\tWeek 1\tWeek 2\tWeek 3-4',
    'Skerry A\t1\t1.5\t2-2.5',
    'Skerry B\t1\t1.5\t2-2.5',
    'Glass silica\t0.2\t0.2\t-',
    'EC\t0.8\t1.2\t1.6-1.8',
  ].join('\n');

  let unsaved = $state<ReturnType<typeof Unsaved<{ text: string; answers: Answers }>>>();

  function restore(kept: { text: string; answers: Answers }) {
    ({ text, answers } = kept);
    if (Object.keys(answers).length) void look();
  }

  function taken(leaflet: Leaflet) {
    unsaved?.forget();
    ontaken(leaflet);
  }

  /** Ask what it is understood as; nothing of it is kept. */
  async function look(more: Answers = {}) {
    answers = settled(answers, more);
    const form = new FormData();
    if (file) form.set('file', file);
    else form.set('text', text);
    form.set('name', file?.name.replace(/\.\w+$/, '') ?? '');
    for (const [name, value] of formFields(answers)) form.set(name, value);
    const { data, problem: trouble } = await answered(
      api.POST('/api/grows/{grow_id}/read-table', {
        params: { path: { grow_id: grow } },
        body: {
          text: '',
          name: '',
          sheet: '',
          gallon: '',
          ppm_scale: '',
          unit: '',
          reading_unit: '',
          answers: '',
        },
        bodySerializer: () => form,
      }),
    );
    problem = trouble;
    if (data) read = data;
  }

  function take(chosen: File) {
    file = chosen;
    answers = {};
    waiting.drop();
    void look();
  }

  /** The first of several tables now, the others once it is kept. */
  function takeTables(indexes: number[]) {
    const [first, ...rest] = (read?.tables ?? []).filter((one) => indexes.includes(one.index));
    if (!first) return;
    const others = rest.map((one) => ({ index: one.index, words: tableWords(one) }));
    waiting.put({ text, file }, answers, others);
    void look({ table: first.index });
  }

  // One of several tables was kept, and this is the next.
  onMount(() => {
    const next = waiting.next();
    if (!next) return;
    ({ text, file } = next.source);
    void look(next.answers);
  });

  function pastedHere(event: ClipboardEvent) {
    const given = event.clipboardData?.getData('text/plain') ?? '';
    if (!given.includes('\n')) return;
    event.preventDefault();
    text = given;
    file = undefined;
    answers = {};
    waiting.drop();
    void look();
  }

  function drop(event: DragEvent) {
    event.preventDefault();
    const dropped = event.dataTransfer?.files[0];
    if (dropped) take(dropped);
  }

  function again() {
    read = file = undefined;
    answers = {};
  }

  /** A blank sheet of the usual size: four bottles, four weeks. */
  function blank() {
    let sheet = EMPTY;
    for (let n = 0; n < 4; n += 1) sheet = newColumn(sheet, n);
    for (let n = 0; n < 4; n += 1) sheet = newRow(sheet, n);
    taken(sheet);
  }
</script>

<Unsaved
  bind:this={unsaved}
  form="{grow}.paste"
  value={{ text, answers }}
  changed={text !== ''}
  onrestore={restore}
  onthrow={() => {
    text = '';
    again();
  }}
/>
{#if read}
  <Preview
    {read}
    {answers}
    {problem}
    onanswer={(more) => look(more)}
    ontaken={takeTables}
    ontake={(leaflet) => taken(leaflet)}
    onback={again}
  />
{:else}
  <div
    class="bring"
    role="group"
    aria-label="A leaflet"
    ondragover={(e) => e.preventDefault()}
    ondrop={drop}
  >
    <h1>Bring in a leaflet</h1>
    <p>
      Copy its table from a spreadsheet or a page and paste it here, or choose a file. What was
      understood is shown beside it first; nothing is kept until you say so.
    </p>
    <label>
      <span>The leaflet’s table</span>
      <textarea
        bind:value={text}
        rows="9"
        spellcheck="false"
        placeholder={EXAMPLE}
        onpaste={pastedHere}
        {@attach (area) => area.focus()}></textarea>
    </label>
    <Notice {problem} />
    <p class="ways">
      <Button kind="main" disabled={!text.trim()} onclick={() => look()}>Read it</Button>
      <FileField words="Choose a file" accept=".csv,.tsv,.txt,.xlsx,.ods,.json" onfile={take} />
      <Button kind="framed" onclick={blank}>Type it on a blank sheet</Button>
      <Button
        kind="framed"
        onclick={() => {
          text = EXAMPLE;
          void look();
        }}>Try an example</Button
      >
    </p>
    <p class="small">CSV, XLSX, ODS, or a chart in JSON. At most 2 MB, 500 rows, 200 columns.</p>
  </div>
{/if}

<style>
  .bring {
    max-width: 56rem;
    font-size: var(--type-more);
  }

  h1 {
    margin-bottom: 8px;
    font-size: var(--type-title);
  }

  label span {
    display: block;
    margin-top: 16px;
    font-weight: 700;
  }

  textarea {
    width: 100%;
    padding: 12px;
    font: 0.9375rem/1.5 var(--figures);
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--rule);
    border-bottom: 2px solid var(--ink);
    resize: vertical;
    tab-size: 14;
  }

  textarea::placeholder {
    color: var(--faded);
    opacity: 0.7;
  }

  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    margin-top: 16px;
  }

  .small {
    margin-top: 12px;
    font-size: var(--type-quiet);
    color: var(--faded);
  }
</style>
