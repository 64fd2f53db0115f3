<script lang="ts">
  import type { GuidedState, GuidedStep } from '../../api/client';
  import { shown } from '../../planning/figures';
  import { weighed } from '../../planning/drawing/vessel';
  import { PASS_WORDS } from '../../words/guided';
  import Vessel from '../../planning/drawing/Vessel.svelte';

  /** `brief` where it stands below something else, to be got ready. */
  let {
    step,
    guided,
    brief = false,
  }: { step: GuidedStep; guided: GuidedState; brief?: boolean } = $props();

  const pour = $derived(step.pour === null ? undefined : guided.pours[step.pour]);
  const pass = $derived(step.kind === 'pour' && pour ? PASS_WORDS[pour.turn] : '');
  const dilute = $derived(step.measured?.dilute);
  const fills = $derived(step.measured?.fills ?? []);
  const pounds = $derived(weighed(fills));
  const figure = $derived(
    pounds || (step.measured ? shown(step.measured.value, 2) : shown(step.amount ?? '', 3)),
  );
</script>

<p class="amount">
  <b class={{ long: figure.length > 5 }}>{figure}</b>
  {#if !pounds}<span class={{ words: dilute }}>{dilute ? 'mL, diluted' : step.unit}</span>{/if}
</p>
{#if step.cup_water}
  <p class="cup">
    into <b>{shown(step.cup_water, 0)} mL</b> of tank water in a
    {Number(step.cup_water) > 900 ? 'bucket' : 'cup'}: {step.kind} into water
  </p>
{:else if dilute}
  <p class="cup">
    first <b>{shown(dilute.product.value, 2)} {dilute.product.unit}</b> with
    <b>{shown(dilute.water.value, 1)} mL</b> of tank water in a cup{pour
      ? ''
      : `, ${step.kind} into water`}; pour {figure} mL of that
  </p>
{/if}
{#if pour?.bucket && step.kind === 'pour' && !dilute}
  <p class="cup">
    into <b>{pour.bucket}</b> of tank water in the bucket{brief ? '' : '; stir clear, pour slowly'}
  </p>
{/if}
{#if fills.length}
  <div class={['vessels day', { beside: !pour || step.kind === 'add' }]}>
    {#each fills as fill, index (index)}
      {#if index}<span aria-hidden="true">+</span>{/if}
      <Vessel {fill} unit={dilute ? 'mL' : step.unit} />
    {/each}
  </div>
{/if}
{#if pour && !fills.length}
  <p class="rinse">No vessel here shows so little: take it as near as you can.</p>
{/if}
{#if pour && step.kind === 'pour'}
  <p class="printed">
    {pour.printed}{pass ? `, ${pass}` : ''}{pour.until
      ? `; stop at ${pour.until} ${guided.unit}`
      : ''}
  </p>
  {#if pour.rinse}<p class="rinse">Rinse {pour.rinse} out first</p>{/if}
{/if}

<style>
  .amount {
    display: flex;
    align-items: baseline;
    gap: 12px;
    line-height: 1;
  }

  .amount b {
    font: 700 var(--amount, 6.5rem) / 1 var(--figures);
    letter-spacing: -0.04em;
  }

  .amount .long {
    font-size: min(4.75rem, var(--amount, 4.75rem));
  }

  .amount span {
    font-size: 2rem;
    color: var(--faded);
  }

  .amount .words {
    font-size: 1.375rem;
  }

  .cup {
    font-size: 1.5rem;
  }

  .cup b {
    font-family: var(--figures);
    white-space: nowrap;
  }

  .vessels {
    display: flex;
    align-items: flex-end;
    gap: 12px;
    padding: 8px;
    zoom: 1.5;
    --faded: var(--ink);

    color: var(--ink);
    background: var(--table);
    border-radius: 6px;
  }

  /* The caution above it, or what an addition means below it, takes its room. */
  .beside {
    padding: 4px 8px;
    zoom: 1.15;
  }

  .vessels > span {
    align-self: center;
  }

  .printed {
    color: var(--faded);
  }

  .rinse {
    font-size: var(--type-head);
    font-weight: 700;
  }
</style>
