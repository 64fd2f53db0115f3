<script lang="ts">
  import type { MixOut, Pour } from '../api/client';
  import { percent, rough, shown } from './figures';
  import Measuring from './Measuring.svelte';
  import type { Mixing } from './mixing.svelte';
  import Reasons from './Reasons.svelte';
  import Typed from './Typed.svelte';
  import { weighed } from './drawing/vessel';
  import { PASSES } from '../words/planning';
  import Button from '../parts/Button.svelte';

  let { pour, answer, mixing }: { pour: Pour; answer: MixOut; mixing: Mixing } = $props();

  const amount = $derived(pour.amount ?? pour.estimate);
  const dilute = $derived(pour.measured?.dilute);
  const big = $derived(pour.measured ? shown(pour.measured.value, 2) : '');
  /** The computed amount; the sign tells whether digits are left out. */
  const computed = $derived(amount ? shown(amount.value, 3) : '');
  const sign = $derived(
    amount && Number(computed.replace(/\s/g, '').replace(',', '.')) === Number(amount.value)
      ? '='
      : '≈',
  );
  const pounds = $derived(weighed(pour.measured?.fills ?? []));
  const wish = $derived(mixing.settings.overrides[pour.product]);
  const rule = $derived(
    wish ?? (pour.dose_why.includes('not_scaled') ? 'as is' : mixing.settings.strength),
  );
  const wrong = $derived(mixing.problem?.where === `overrides.${pour.product}`);
  const stop = $derived(
    answer.climb.risers.find((riser) => riser.place === pour.place)?.shown ?? '?',
  );
  const size = $derived(
    pounds || big.length > 5 ? 'smallest' : dilute || big.length > 3 ? 'smaller' : '',
  );
</script>

<li>
  <div class="head">
    <p class="label">
      <span class="place">{pour.place}</span>
      <span class="in" aria-hidden="true">in ☐</span>
      <abbr title="letters on the paper label">{mixing.tag(pour.product)}</abbr>
    </p>
    <h3>{pour.name}</h3>
    {#if pour.instead_of}<p class="printed">in place of {pour.instead_of}</p>{/if}
    {#if pour.turn !== 'whole'}
      <p class="pass">{pour.read_before ? 'read EC, then ' : ''}{PASSES[pour.turn]}</p>
    {/if}
  </div>
  <p class={['amount', size]}>
    {#if pour.amount && pounds}
      <span class="figure">{pounds}</span>
    {:else if pour.amount}
      <span class="figure">{big}</span>&nbsp;<span class="unit"
        >{dilute ? 'mL, diluted' : amount?.unit}</span
      >
    {:else}
      <span class="unit">to</span> <span class="figure">{stop}</span>&nbsp;<span class="unit"
        >{answer.climb.unit}</span
      >
    {/if}
  </p>
  <div class="dose">
    <p class="printed">
      {pour.printed}
      <span class="times"
        >× <Typed
          label="Share of the printed dose for {pour.name}{pour.turn === 'second'
            ? ', second pass'
            : ''}"
          value={rule === 'as is' ? '' : rule}
          placeholder="as is"
          step={5}
          places={1}
          {wrong}
          onchange={(text) => mixing.override(pour.product, text)}
        />{#if wish}<Button
            kind="bare"
            size="small"
            title="Back to the rule for {pour.name}"
            aria-label="Back to the rule for {pour.name}"
            onclick={() => mixing.override(pour.product, '')}>↺</Button
          >{/if}</span
      >
    </p>
    {#if pour.premix}
      <p class="printed">
        {pour.premix.is_clear === false
          ? '△ neat: it clouds in the bucket'
          : pour.premix.is_clear
            ? 'by the bucket: clear'
            : 'by the bucket: see that it is clear'}
      </p>
    {/if}
    {#if pour.dose_why.includes('room_left_by_water')}
      <p class="printed">{percent(pour.share)} of the chart, all-in</p>
    {/if}
    {#if pour.dose_why.includes('rule_met')}
      <p class="printed">By then the reading is there already: read first.</p>
    {/if}
    {#if !pour.amount && amount}
      <p class="about">about {big} {amount.unit}</p>
    {:else if dilute || (computed && computed !== big)}
      <p class="printed"><span class="unseen">computed</span> {sign} {computed} {amount?.unit}</p>
    {/if}
    {#if pour.range}
      <p class="printed">
        range {rough(pour.range.low)} to {rough(pour.range.high)}
        {pour.range.unit}
      </p>
    {/if}
  </div>
  <Measuring {pour} />
  <Reasons {pour} {answer} {mixing} />
</li>

<style>
  /* The parts of all tickets in a row stand on common lines. */
  li {
    position: relative;
    display: grid;
    grid-row: span 6;
    grid-template: subgrid / minmax(0, 1fr);
    row-gap: 0;
    min-width: 0;
    padding: 6px 9px 8px;
    background: var(--sheet);
    border: 1px solid var(--rule);
    border-radius: 8px 8px 0 0;
    break-inside: avoid;
  }

  li::before {
    content: '';
    position: absolute;
    top: 8px;
    left: calc(50% - 4px);
    width: 8px;
    height: 8px;
    border: 1px solid #b9b1a0;
    border-radius: 50%;
    background: var(--paper);
  }

  .label {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
  }

  h3 {
    font-size: var(--type-note);
    line-height: 1.2;
  }

  .in {
    display: none;
  }

  .place {
    font: 0.9375rem/1.3 var(--figures);
    color: var(--faded);
  }

  abbr {
    font: 700 0.75rem/1.3 var(--figures);
    text-decoration: none;
    padding: 0 3px;
    border: 1px solid var(--ink);
    border-radius: 2px;
  }

  .amount {
    margin: 4px 0 2px;
    line-height: 1.1;
    white-space: nowrap;
  }

  .figure {
    font: 700 2rem/1.1 var(--figures);
    letter-spacing: -0.03em;
  }

  .smaller .figure {
    font-size: 1.625rem;
    line-height: 2.2rem;
  }

  .smallest .figure {
    font-size: var(--type-head);
    line-height: 2.2rem;
  }

  .smallest {
    white-space: normal;
  }

  .unit {
    color: var(--faded);
  }

  .printed {
    font-size: var(--type-small);
    line-height: 1.4;
    color: var(--faded);
  }

  .about,
  .pass {
    font-size: var(--type-small);
    line-height: 1.3;
    font-weight: 700;
  }

  .times {
    white-space: nowrap;
  }

  .times :global(input) {
    font-size: var(--type-small);
    min-height: 24px;
    padding: 0 2px;
    border-bottom-width: 1px;
    color: var(--ink);
  }

  .times :global(input::placeholder) {
    color: var(--faded);
  }

  @media print {
    li::before {
      display: none;
    }

    .in {
      display: inline;
    }
  }

  @media screen and (width < 900px) {
    li {
      grid-row: auto;
      grid-template: auto / 1fr auto;
      gap: 0 12px;
      padding: 12px;
      border-radius: 8px;
    }

    li::before {
      display: none;
    }

    .label {
      justify-content: flex-start;
      gap: 8px;
    }

    h3 {
      font-size: var(--type-lead);
    }

    li > :global(*) {
      grid-column: 1;
    }

    li > :global(.measuring) {
      grid-column: 2;
      grid-row: 1 / 6;
      max-width: 150px;
    }

    .figure {
      font-size: 2.5rem;
    }
  }
</style>
