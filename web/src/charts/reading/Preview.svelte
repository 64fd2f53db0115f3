<script lang="ts">
  import type { Leaflet, Problem, ReadTable } from '../../api/client';
  import Choice from '../../parts/Choice.svelte';
  import { answerWords, ASKED, CELL_KINDS } from '../../words/charts';
  import type { Answers } from './answers';
  import Guesses from './Guesses.svelte';
  import RowsAsked from './RowsAsked.svelte';
  import TablesAsked from './TablesAsked.svelte';
  import Button from '../../parts/Button.svelte';
  import Notice from '../../parts/Notice.svelte';

  /** What was found, and beside it what was understood; questions are answered in place. */
  let {
    read,
    answers,
    problem,
    onanswer,
    ontaken,
    ontake,
    onback,
  }: {
    read: ReadTable;
    answers: Answers;
    problem: Problem | undefined;
    onanswer: (answer: Answers) => void;
    /** Of several tables those that are wanted. */
    ontaken: (tables: number[]) => void;
    ontake: (leaflet: Leaflet) => void;
    onback: () => void;
  } = $props();

  const GIVEN = Object.values(ASKED).filter((name) => name !== undefined);

  /** Each cell as it is drawn, so that a large table is looked through once. */
  const table = $derived.by(() => {
    const rows = read.rows.map((row) =>
      row.map((text) => ({ text, kind: '', sign: '', title: undefined as string | undefined })),
    );
    for (const { row, column, kind, meaning } of read.cells) {
      const cell = rows[row - 1]?.[column - 1];
      if (!cell) continue;
      const [sign, words] = CELL_KINDS[kind];
      cell.kind = kind;
      cell.sign = sign;
      if (kind === 'question' || kind === 'note') cell.title = meaning || words;
    }
    return rows;
  });
  const leaflet = $derived(read.leaflet);
  const given = $derived(
    GIVEN.filter((name) => typeof answers[name] === 'string' && answers[name]),
  );
  const unsure = $derived(read.questions.find((one) => one.code === 'rows_unsure'));
  const others = $derived(read.questions.filter((one) => one !== unsure));
  /** Which table, and what its rows are, comes before all else: the sheet would be another. */
  const isUndecided = $derived(
    read.questions.some((one) =>
      ['rows_unsure', 'tables_several', 'hidden_unsure'].includes(one.code),
    ),
  );
  const doses = $derived(read.cells.filter((cell) => cell.kind === 'dose').length);

  let goOn = $state<HTMLButtonElement>();

  /** An answer takes its question away: the way on is at hand then, as it is at first. */
  $effect(() => {
    void read;
    if (!isUndecided) goOn?.focus();
  });

  /** Rows of a question whose doses stand, with those that stood before. */
  function stands(one: ReadTable['questions'][number]): number[] {
    return [...(answers.as_printed ?? []), ...one.rows.map((row) => row.row)];
  }

  /** Where the name of a row stands; where bottles go across, its number is a column's. */
  function placeOf(row: number): [number, number] {
    const name = unsure?.rows.find((one) => one.row === row)?.name;
    const column = read.rows[row - 1]?.findIndex((text) => text.startsWith(name ?? '')) ?? -1;
    if (column >= 0) return [row, column + 1];
    return [read.rows.findIndex((texts) => texts[row - 1]?.startsWith(name ?? '')) + 1, row];
  }

  let at = $state<string | undefined>();

  function look(row: number, column: number) {
    at = `${row},${column}`;
    document.getElementById(`found-${at}`)?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }
</script>

<div class="preview">
  <section class="found" aria-label="What was found">
    <h1>What was found</h1>
    {#if read.sheets.length > 1}
      <p>
        On the sheet
        <Choice
          label="Sheet"
          value={read.sheet}
          options={read.sheets.map((name) => ({ value: name, words: name }))}
          onchoose={(sheet) => onanswer({ sheet })}
        />.
      </p>
    {/if}
    <!-- A scrolled region has to be reached by the keyboard, too. -->
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div class="table" role="group" aria-label="The table" tabindex="0">
      <table>
        <tbody>
          {#each table as row, r (r)}
            <tr>
              <th scope="row">{r + 1}</th>
              {#each row as cell, c (c)}
                <td
                  id="found-{r + 1},{c + 1}"
                  class={at === `${r + 1},${c + 1}` ? `${cell.kind} at` : cell.kind}
                  title={cell.title}
                >
                  {cell.text}
                  {#if cell.sign}<i>{cell.sign}</i>{/if}
                </td>
              {/each}
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    <p class="legend">
      ✓ dose or reading &nbsp; · nothing goes in &nbsp; “ kept as a note &nbsp; <b>? open</b>
    </p>
  </section>
  <section class="margin" aria-label="What was understood">
    <h2>
      {leaflet.name || 'A leaflet'}: {leaflet.rows.length} bottles, {leaflet.columns.length} columns,
      {doses} doses
    </h2>
    <Notice {problem} />
    {#if !isUndecided}
      <Button kind="main" size="large" wide bind:element={goOn} onclick={() => ontake(leaflet)}>
        {read.questions.some((one) => one.of_doses)
          ? 'Go on with it, and settle what is open'
          : 'Go on with it'}
      </Button>
      <p class="small">Nothing is saved yet: you can check it on the sheet first.</p>
    {/if}
    {#if unsure && others.every((one) => one.code !== 'tables_several')}
      <div class="question">
        <p><b>?</b> What are these rows?</p>
        {#key read}
          <RowsAsked
            rows={unsure.rows}
            onlook={(row) => look(...placeOf(row))}
            onsettled={(rows) => onanswer({ rows: { ...answers.rows, ...rows } })}
          />
        {/key}
      </div>
    {/if}
    {#each others as one (`${one.code}${one.row},${one.column}`)}
      <div class="question">
        <p><b>?</b> {one.message}</p>
        {#if one.code === 'implausible'}
          <p class="answers">
            <Button kind="framed" onclick={() => onanswer({ as_printed: stands(one) })}>
              The leaflet prints that
            </Button>
          </p>
          <Button size="small" onclick={() => look(one.row, one.column)}>
            Row {one.row}, column {one.column}: show it
          </Button>
        {:else if one.code === 'tables_several'}
          <TablesAsked tables={read.tables} {ontaken} />
        {:else if ASKED[one.code] && one.choices.length && one.choices.length <= 5}
          <p class="answers">
            {#each one.choices as choice (choice)}
              <Button kind="framed" onclick={() => onanswer({ [ASKED[one.code] ?? '']: choice })}>
                {answerWords(choice)}
              </Button>
            {/each}
          </p>
        {:else}
          <Button size="small" onclick={() => look(one.row, one.column)}>
            Row {one.row}, column {one.column}: show it
          </Button>
        {/if}
      </div>
    {/each}
    {#if given.length}
      <p class="small">
        You said: {given.map((name) => answerWords(String(answers[name]))).join(', ')}.
        <Button
          size="small"
          onclick={() => onanswer(Object.fromEntries(GIVEN.map((name) => [name, undefined])))}
        >
          Undo this answer
        </Button>
      </p>
    {/if}
    <Guesses guesses={read.guesses} />
    <p><Button size="small" onclick={onback}>Back to the text</Button></p>
  </section>
</div>

<style>
  .preview {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 300px;
    gap: 28px;
  }

  h1 {
    margin-bottom: 8px;
    font-size: var(--type-title);
  }

  .table {
    max-height: 70vh;
    overflow: auto;
    background: var(--sheet);
    border: 1px solid var(--rule);
  }

  table {
    border-collapse: separate;
    border-spacing: 0;
    font: 0.9375rem/1.3 var(--figures);
  }

  td,
  th {
    min-width: 44px;
    max-width: 16rem;
    padding: 6px 8px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    border-bottom: 1px solid var(--rule);
  }

  th {
    font-weight: 400;
    color: var(--faded);
    border-right: 1px solid var(--rule);
  }

  i {
    font-style: normal;
    color: var(--faded);
  }

  .title,
  .heading,
  .name {
    font: 700 0.9375rem/1.3 var(--text);
  }

  .note,
  .no_dose,
  .unit {
    color: var(--faded);
  }

  .reading {
    color: var(--water);
  }

  .dose {
    font-weight: 700;
  }

  .question {
    background: #f6e9d4;
  }

  td.question i {
    font-weight: 700;
    color: var(--heed);
  }

  .at {
    outline: 3px solid var(--water);
    outline-offset: -3px;
  }

  .legend,
  .small {
    margin-top: 8px;
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  .margin {
    padding-left: 16px;
    border-left: 2px solid #e7c9ba;
  }

  h2 {
    margin-bottom: 12px;
    font-size: var(--type-more);
  }

  .main {
    width: 100%;
    min-height: 52px;
    padding: 4px 16px;
    font-weight: 700;
    color: var(--sheet);
    background: var(--ink);
    border-radius: 6px;
  }

  div.question {
    margin-top: 12px;
    padding: 8px 12px;
    border-left: 4px solid var(--heed);
  }

  .answers {
    display: grid;
    gap: 6px;
    margin-top: 8px;
  }

  .where {
    min-height: 32px;
    text-decoration: underline;
    text-underline-offset: 4px;
  }

  .problem {
    color: var(--danger);
  }

  @media screen and (width < 900px) {
    .preview {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
