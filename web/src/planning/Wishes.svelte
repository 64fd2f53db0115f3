<script lang="ts">
  import type { Overview } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { MOST_BLENDED } from './settings';
  import type { Mixing } from './mixing.svelte';

  let {
    overview,
    mixing,
    opener = $bindable(),
  }: { overview: Overview; mixing: Mixing; opener?: HTMLButtonElement | undefined } = $props();

  const settings = $derived(mixing.settings);
  const chart = $derived(mixing.chart);
  const others = $derived(
    overview.waters.filter((one) => !settings.blend.some((part) => part.water === one.id)),
  );
  const spare = $derived(others.find((one) => one.id !== settings.water));
  const laterColumn = $derived.by(() => {
    const columns = chart?.columns ?? [];
    const at = columns.findIndex((one) => one.key === settings.column);
    return columns[at + 1] ?? columns[at - 1];
  });
  const hardForms = $derived(
    mixing.answer?.sheet.warnings.some((one) => one.code === 'hard_form_on_shelf') ?? false,
  );
  /** What may be wished beside the usual; each is said in the sentence once it is. */
  const wishes = $derived([
    { value: '', words: 'also …' },
    ...(spare && settings.blend.length < MOST_BLENDED
      ? [{ value: 'blend', words: 'blend another water in' }]
      : []),
    ...(laterColumn && !settings.between
      ? [{ value: 'between', words: 'mix towards another column' }]
      : []),
    ...(settings.split
      ? []
      : [{ value: 'split', words: 'pour the base in two passes', note: '80 %, read, the rest' }]),
    ...(settings.bucket
      ? []
      : [
          {
            value: 'bucket',
            words: 'dilute each part in a bucket',
            note: 'one after the other all the same',
          },
        ]),
    ...(hardForms ? [{ value: 'hard', words: 'pour the hard-water form' }] : []),
    { value: 'usual', words: 'keep as this tank’s usual', note: 'chart, column and strength' },
    { value: 'held', words: 'hold this tank in this column', note: 'as leafy herbs are' },
  ]);

  function wish(what: string) {
    if (what === 'blend' && spare)
      mixing.set({ blend: [...settings.blend, { water: spare.id, share: '50 %' }] });
    if (what === 'between' && laterColumn)
      mixing.set({ between: { column: laterColumn.key, share: '50 %' } });
    if (what === 'split') mixing.set({ split: true });
    if (what === 'bucket') mixing.set({ bucket: overview.units.volume === 'L' ? '10 L' : '3 gal' });
    if (what === 'hard') mixing.set({ hard_forms: true });
    if (what === 'usual' || what === 'held') void mixing.keepAsUsual(what === 'held');
  }
</script>

<span>
  <Choice bind:opener label="Also" value="" options={wishes} onchoose={wish} />
</span>

<style>
  span :global(button) {
    font-size: 1rem;
    font-weight: 400;
    color: var(--faded);
    border-bottom-width: 1px;
  }

  @media print {
    span {
      display: none;
    }
  }
</style>
