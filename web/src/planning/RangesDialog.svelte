<script lang="ts">
  import { api, answered, type Element, type Problem } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import type { Mixing } from './mixing.svelte';
  import { ELEMENTS } from '../words/planning';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';

  let { mixing, elements, onclose }: { mixing: Mixing; elements: Element[]; onclose: () => void } =
    $props();

  /** What was kept when the dialog opened; it is not typed over by a new sheet behind it. */
  function kept(): Record<string, { low: string; high: string }> {
    const own = mixing.overview.ranges;
    const fields = ({ element }: Element) => ({
      low: own[element]?.['low'] ?? '',
      high: own[element]?.['high'] ?? '',
    });
    return Object.fromEntries(elements.map((one) => [one.element, fields(one)]));
  }

  let typed = $state(kept());
  let problem = $state<Problem | undefined>();

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    const given = Object.entries(typed).filter(([, { low, high }]) => low.trim() || high.trim());
    const { data, problem: trouble } = await answered(
      api.PUT('/api/grows/{grow_id}/ranges', {
        params: { path: { grow_id: mixing.overview.id } },
        body: { ranges: Object.fromEntries(given) },
      }),
    );
    if (!data) return void (problem = trouble);
    mixing.takeRanges(Object.fromEntries(given));
    onclose();
  }
</script>

<Dialog title="Own ranges, ppm" {onclose}>
  <p>For your crop, in place of the general ranges. Left empty, the general one stands.</p>
  <form onsubmit={keep}>
    {#each elements as one (one.element)}
      {@const fields = typed[one.element]}
      {#if fields}
        <fieldset>
          <legend>{one.element}</legend>
          <span>{ELEMENTS[one.element]}</span>
          <input
            aria-label="{ELEMENTS[one.element]}, from"
            inputmode="decimal"
            maxlength="20"
            bind:value={fields.low}
            placeholder={one.own_range ? '' : (one.low ?? '')}
          />
          to
          <input
            aria-label="{ELEMENTS[one.element]}, up to"
            inputmode="decimal"
            maxlength="20"
            bind:value={fields.high}
            placeholder={one.own_range ? '' : (one.high ?? '')}
          />
        </fieldset>
      {/if}
    {/each}
    <Notice {problem} />
    <Button kind="main" wide type="submit">Save these ranges</Button>
  </form>
</Dialog>

<style>
  form {
    display: grid;
    gap: 8px;
    margin-top: 12px;
  }

  fieldset {
    display: grid;
    grid-template-columns: 28px 1fr 72px auto 72px;
    align-items: center;
    gap: 8px;
    margin: 0;
    padding: 0;
    border: 0;
  }

  legend {
    float: left;
    width: 28px;
    font-weight: 700;
  }

  input {
    min-width: 0;
    height: 40px;
    padding: 0 6px;
    font-family: var(--figures);
    background: var(--paper);
    border: 0;
    border-bottom: 2px solid var(--ink);
  }
</style>
