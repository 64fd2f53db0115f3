<script lang="ts">
  import { answered, api, type Label, type Problem, type Product } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import SheetField from '../parts/SheetField.svelte';
  import { EMPTY, LINES, PRINTED_IN, printedIn, withLine, type Printed } from './label';
  import Notice from '../parts/Notice.svelte';

  /** The guaranteed analysis, typed as it is printed. */
  let {
    grow,
    product,
    wrong,
    onkeep,
  }: {
    grow: number;
    product: Product;
    /** Whether this place is what was refused. */
    wrong: (where: string) => boolean;
    onkeep: (label: Label) => void;
  } = $props();

  let problem = $state.raw<Problem | undefined>();
  let grade = $state('');
  let elements = $state(false);

  const label = $derived(product.label ?? EMPTY);
  const printed = $derived(printedIn(label));
  const unit = $derived(label.printed_in === 'percent' ? '%' : label.printed_in);
  const as = [
    { value: 'oxides', words: 'P₂O₅ and K₂O', note: 'labels of the EU and the USA' },
    { value: 'elements', words: 'P and K', note: 'some of Australia and New Zealand' },
  ];

  function take(next: Printed) {
    const by = next === 'w/w' || next === 'w/v' ? next : label.basis;
    onkeep({ ...label, basis: by, printed_in: by === next ? 'percent' : (next as 'g/L') });
  }

  async function read(text: string) {
    grade = text;
    if (!text.trim()) return;
    const outcome = await answered(
      api.POST('/api/grows/{grow_id}/printed-grade', {
        params: { path: { grow_id: grow } },
        body: { grade: text, as_elements: elements },
      }),
    );
    problem = outcome.problem;
    if (!outcome.data) return;
    grade = '';
    const front = ['N', 'P', 'K', 'P2O5', 'K2O'];
    const others = Object.entries(label.analysis).filter(([line]) => !front.includes(line));
    onkeep({ ...label, analysis: { ...Object.fromEntries(others), ...outcome.data.analysis } });
  }
</script>

{#if product.form === 'liquid'}
  <p class="kind">
    Its lines are in
    <Choice
      label="What the label is printed in"
      value={printed}
      options={PRINTED_IN}
      onchoose={take}
    />.
  </p>
{/if}
{#if label.printed_in === 'percent'}
  <div class="grade">
    <SheetField
      label="The three figures on its front"
      value={grade}
      placeholder="4-2-6"
      wrong={!!problem}
      onkeep={read}
    />
    <p class="kind">
      They count
      <Choice
        label="What the three figures count"
        value={elements ? 'elements' : 'oxides'}
        options={as}
        onchoose={(next) => (elements = next === 'elements')}
      />.
    </p>
    <Notice {problem} />
  </div>
{/if}
<div class="lines">
  {#each LINES as { line, words } (line)}
    <SheetField
      label={words}
      value={`${label.analysis[line] ?? ''}`}
      placeholder="–"
      {unit}
      wrong={wrong(`label.analysis.${line}`)}
      onkeep={(text) => onkeep(withLine(product.label, line, text))}
    />
  {/each}
</div>
<label class="derived">
  Derived from, in the maker’s words
  <textarea
    rows="2"
    maxlength="600"
    value={label.derived_from}
    onchange={(event) => onkeep({ ...label, derived_from: event.currentTarget.value.trim() })}
  ></textarea>
</label>

<style>
  .kind {
    line-height: 2.2;
  }

  .lines {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
    gap: 0 24px;
    --unit: 32px;
  }

  .derived {
    display: block;
    color: var(--faded);
  }

  textarea {
    display: block;
    width: 100%;
    padding: 4px;
    font: inherit;
    color: var(--ink);
    background: none;
    border: 0;
    border-bottom: 1px solid var(--ink);
    resize: vertical;
  }

  textarea:hover {
    background: var(--sheet);
  }
</style>
