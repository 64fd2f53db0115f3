<script lang="ts">
  import type { MixOut, Caution } from '../api/client';
  import { percent } from './figures';
  import type { Mixing } from './mixing.svelte';
  import { weekdayAndTime } from '../words/dates';
  import { SEVERITY } from '../words/planning';
  import Button from '../parts/Button.svelte';

  let { answer, mixing }: { answer: MixOut; mixing: Mixing } = $props();

  const hours = (at: Date) => weekdayAndTime(at, mixing.overview.time_zone);

  function wayOut({ remedy }: Caution): string {
    const { product, strength, end, column, hard_forms, acid } = remedy;
    const name = answer.sheet.pours.find((pour) => pour.product === product)?.name;
    const left = answer.sheet.left_out.find((one) => one.product === product)?.name;
    const share = strength && percent(strength);
    if (product && share)
      return share === '0 %' ? `Leave ${name ?? left} out` : `Pour ${share} of ${name ?? left}`;
    if (acid) return `Take ${answer.acids.find((one) => one.key === acid)?.name ?? 'the other'}`;
    if (share) return `Set ${share}`;
    if (end) return 'Pour the low end';
    if (column) return `Back to ${mixing.chart?.columns.find((one) => one.key === column)?.label}`;
    return hard_forms ? 'Pour the hard-water form' : '';
  }
</script>

{#snippet heading(warning: Caution)}
  {@const severity = SEVERITY[warning.severity]}
  <span aria-hidden="true">{severity.sign}</span><span class="unseen">{severity.word}: </span>
  {warning.title}
  {#each warning.products as product (product)}
    <abbr>{mixing.tag(product)}</abbr>
  {/each}
{/snippet}

{#snippet rest(warning: Caution)}
  <p>{warning.message}</p>
  {#if answer.ready_at && warning.values['hours']}
    <p class="stood">
      Ready {hours(new Date(answer.ready_at))}, if drawn just now. It has stood
      <input
        aria-label="Hours for which the water has stood open"
        aria-invalid={mixing.problem?.where === 'stood'}
        inputmode="decimal"
        maxlength="10"
        value={mixing.settings.stood}
        placeholder="0"
        oninput={(event) => mixing.set({ stood: event.currentTarget.value })}
      /> h.
    </p>
  {/if}
  {#if wayOut(warning)}
    <Button kind="framed" onclick={() => mixing.remedy(warning)}>{wayOut(warning)}</Button>
  {/if}
{/snippet}

{#if answer.usual_reading}
  <section class="mind">
    <h2><span aria-hidden="true">△</span> The water reads otherwise</h2>
    <p>
      It read {answer.usual_reading} before. Has the season changed it, or does the pen need a look? Read
      it once more; every dose here rests on it.
    </p>
  </section>
{/if}

{#each answer.sheet.warnings as warning (warning.code + warning.products.join())}
  {#if warning.severity === 'note'}
    <details>
      <summary>{@render heading(warning)}</summary>
      {@render rest(warning)}
    </details>
  {:else}
    <section class={warning.severity}>
      <h2>{@render heading(warning)}</h2>
      {@render rest(warning)}
      {#if answer.sheet.unacknowledged.includes(warning.code)}
        <Button kind="framed" tone="danger" onclick={() => mixing.acknowledge(warning.code)}>
          I have read “{warning.title}”
        </Button>
      {:else if warning.severity === 'stop'}
        <p class="accepted">✓ read and accepted for this mix</p>
      {/if}
    </section>
  {/if}
{/each}

{#if answer.findings.length}
  <section class="mind">
    <h2><span aria-hidden="true">△</span> The chart as typed</h2>
    {#each answer.findings as finding (`${finding.code} ${finding.product} ${finding.column}`)}
      <p>
        {#if finding.product}<abbr>{mixing.tag(finding.product)}</abbr>{/if}
        {finding.message}
      </p>
    {/each}
  </section>
{/if}

<style>
  h2,
  summary {
    font-size: var(--type-note);
    font-weight: 700;
    line-height: 1.4;
  }

  summary {
    min-height: 28px;
    cursor: pointer;
    list-style: none;
  }

  summary::-webkit-details-marker {
    display: none;
  }

  summary::after {
    content: ' more';
    font-size: var(--type-small);
    font-weight: 400;
    color: var(--faded);
    text-decoration: underline;
    text-underline-offset: 3px;
  }

  [open] > summary::after {
    content: ' less';
  }

  details {
    margin-bottom: -10px;
  }

  .stop {
    padding: 8px 10px;
    background: var(--sheet);
    border: 2px solid var(--danger);
    border-radius: 4px;
  }

  .stop h2 {
    color: var(--danger);
  }

  .mind h2 {
    color: var(--heed);
  }

  abbr {
    font: 700 0.75rem/1.3 var(--figures);
    padding: 0 3px;
    color: var(--ink);
    border: 1px solid var(--ink);
    border-radius: 2px;
  }

  input {
    width: 40px;
    min-height: 28px;
    font-family: var(--figures);
    font-weight: 700;
    text-align: center;
    background: none;
    border: 0;
    border-bottom: 2px solid var(--ink);
  }

  .remedy,
  .accept {
    display: block;
    min-height: 44px;
    margin-top: 6px;
    padding: 4px 10px;
    text-align: left;
    font-weight: 700;
    border: 2px solid var(--ink);
    border-radius: 6px;
  }

  .accept {
    border-color: var(--danger);
    color: var(--danger);
  }

  .accepted {
    font-weight: 700;
  }

  @media print {
    summary::after {
      content: '';
    }

    details {
      margin: 0;
    }

    summary {
      min-height: 0;
      padding: 0;
    }

    /* paper unfolds nothing by a press */
    details::details-content {
      content-visibility: visible;
    }

    .stood,
    .remedy,
    .accept,
    input {
      display: none;
    }
  }
</style>
