<script lang="ts">
  import type { Pour } from '../api/client';
  import { percent, rough, shown } from './figures';
  import type { Mixing } from './mixing.svelte';
  import Typed from './Typed.svelte';
  import Vessel from './Vessel.svelte';
  import { WHY } from './words';

  let { pour, mixing, unit }: { pour: Pour; mixing: Mixing; unit: string } = $props();

  const amount = $derived(pour.amount ?? pour.estimate);
  const big = $derived(pour.measured ? shown(pour.measured.value, 2) : '');
  /** The computed amount; the sign tells whether digits are left out. */
  const computed = $derived(amount ? shown(amount.value, 2) : '');
  const sign = $derived(
    amount && Number(computed.replace(/\s/g, '')) === Number(amount.value) ? '=' : '≈',
  );
  const wish = $derived(mixing.settings.overrides[pour.product]);
  const rule = $derived(
    wish ?? (pour.dose_why.includes('not_scaled') ? 'as is' : mixing.settings.strength),
  );
  const wrong = $derived(mixing.problem?.where === `overrides.${pour.product}`);
  const stop = $derived(
    mixing.answer?.climb.risers.find((riser) => riser.place === pour.place)?.shown ?? '?',
  );
</script>

<li>
  <p class="label">
    <span class="place">{pour.place}</span>
    <span class="in" aria-hidden="true">in ☐</span>
    <abbr title="letters on the paper label">{mixing.tag(pour.product)}</abbr>
  </p>
  <h3>{pour.name}</h3>
  <p class={['amount', big.length > 5 ? 'smallest' : big.length > 3 ? 'smaller' : '']}>
    {#if pour.amount}
      <span class="figure">{big}</span>&nbsp;<span class="unit">{amount?.unit}</span>
    {:else}
      <span class="unit">to</span> <span class="figure">{stop}</span>&nbsp;<span class="unit"
        >{unit}</span
      >
    {/if}
  </p>
  <p class="printed">
    {pour.printed}
    <span class="times"
      >× <Typed
        label="Share of the printed dose for {pour.name}"
        value={rule === 'as is' ? '' : rule}
        placeholder="as is"
        step={5}
        places={1}
        {wrong}
        onchange={(text) => mixing.override(pour.product, text)}
      />{#if wish}<button
          title="Back to the rule for {pour.name}"
          aria-label="Back to the rule for {pour.name}"
          onclick={() => mixing.override(pour.product, '')}>↺</button
        >{/if}</span
    >
  </p>
  {#if pour.dose_why.includes('room_left_by_water')}
    <p class="printed">{percent(pour.share)} of the chart, all-in</p>
  {/if}
  {#if !pour.amount && amount}
    <p class="about">about {big} {amount.unit}</p>
  {:else if computed && computed !== big}
    <p class="printed"><span class="unseen">computed</span> {sign} {computed} {amount?.unit}</p>
  {/if}
  {#if pour.range}
    <p class="printed">
      range {rough(pour.range.low)} to {rough(pour.range.high)}
      {pour.range.unit}
    </p>
  {/if}
  <div class={['vessels', { many: (pour.measured?.fills.length ?? 0) > 2 }]}>
    {#each pour.measured?.fills ?? [] as fill, index (index)}
      {#if index}<span aria-hidden="true">+</span>{/if}
      <Vessel {fill} unit={pour.measured?.unit ?? ''} />
    {/each}
  </div>
  <div class="foot">
    {#each pour.why as code (code)}
      <p>{WHY[code] ?? code}</p>
    {/each}
    <p class="wait">stir, wait {pour.wait_min} min</p>
  </div>
</li>

<style>
  li {
    position: relative;
    display: flex;
    flex-direction: column;
    min-width: 0;
    padding: 6px 9px 10px;
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
    font-size: 0.9375rem;
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
    margin: 6px 0 2px;
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
    font-size: 1.25rem;
    line-height: 2.2rem;
  }

  .unit {
    color: var(--faded);
  }

  .printed {
    font-size: 0.8125rem;
    line-height: 1.4;
    color: var(--faded);
  }

  .about {
    font-weight: 700;
  }

  .times {
    white-space: nowrap;
  }

  .times :global(input) {
    font-size: 0.8125rem;
    min-height: 24px;
    padding: 0 2px;
    border-bottom-width: 1px;
    color: var(--ink);
  }

  .times :global(input::placeholder) {
    color: var(--faded);
  }

  .times button {
    min-width: 24px;
    min-height: 24px;
  }

  .vessels {
    display: flex;
    align-items: flex-end;
    justify-content: center;
    gap: 4px 2px;
    min-height: 100px;
    margin: auto -8px 6px;
  }

  .many {
    flex-wrap: wrap;
  }

  .vessels > span {
    align-self: center;
  }

  .foot {
    display: flex;
    flex-direction: column;
    min-height: 76px;
    font-size: 0.8125rem;
    line-height: 1.3;
  }

  .wait {
    margin-top: auto;
    color: var(--faded);
  }

  @media print {
    li::before {
      display: none;
    }

    .in {
      display: inline;
    }

    .vessels {
      min-height: 0;
      zoom: 0.7;
    }

    .foot {
      min-height: 0;
    }
  }

  @media screen and (width < 900px) {
    li {
      display: grid;
      grid-template-columns: 1fr auto;
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
      font-size: 1.125rem;
    }

    li > * {
      grid-column: 1;
    }

    .vessels {
      grid-column: 2;
      grid-row: 1 / 7;
      align-self: end;
      margin: 0;
    }

    .figure {
      font-size: 2.5rem;
    }
  }
</style>
