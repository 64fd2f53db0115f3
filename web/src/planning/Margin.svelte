<script lang="ts">
  import type { MixOut } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import type { Mixing } from './mixing.svelte';
  import Elements from './drawing/Elements.svelte';
  import Cautions from './Cautions.svelte';
  import PhAndAcid from './PhAndAcid.svelte';
  import RangesDialog from './RangesDialog.svelte';
  import { fixed, written } from '../words/numbers';
  import Button from '../parts/Button.svelte';

  let { answer, mixing, onbench }: { answer: MixOut; mixing: Mixing; onbench: () => void } =
    $props();

  const underWay = $derived(
    mixing.overview.tanks.find((tank) => tank.id === mixing.settings.tank)?.mix ?? null,
  );

  const unit = $derived(answer.climb.unit);
  const ph = $derived(answer.sheet.target.ph);
  const phases = $derived(new Set(answer.sheet.pours.map((pour) => pour.phase)));

  const bothFirst = $derived(phases.has('silica') && phases.has('buffer'));
  const stated = $derived(mixing.chart?.rows_are_order ?? false);
  let showRanges = $state(false);

  const CALMAG = [
    { value: 'before_base' as const, words: 'before', note: 'keeps calcium apart from phosphate' },
    { value: 'after_base' as const, words: 'after', note: 'the other school, before boosters' },
  ];
  const SILICA = [
    { value: 'after_buffer' as const, words: 'after', note: 'the buffer first, so it settles' },
    { value: 'before_buffer' as const, words: 'before', note: 'some makers want it so' },
  ];
  const LIVE = [
    { value: 'last' as const, words: 'last', note: 'after pH, away from acid' },
    { value: 'first' as const, words: 'first', note: 'the other school, into plain water' },
  ];
  const ROWS = [
    { value: 'printed' as const, words: 'the chart’s', note: 'its maker knows the bottles' },
    { value: 'chemistry' as const, words: 'chemistry’s', note: 'what keeps best apart' },
  ];
</script>

<aside aria-label="What to mind">
  <Button kind="main" size="large" wide onclick={onbench}>
    {underWay ? 'Go on at the bench' : 'Take it to the bench'}
    <small>{underWay ? 'a mix is under way' : `${answer.climb.minutes} min`}</small>
  </Button>
  <section>
    <h2>Target</h2>
    <dl>
      <div class={{ followed: answer.conventions.followed === 'on_top' }}>
        <dt>on top</dt>
        <dd>{answer.conventions.on_top ?? '–'}</dd>
      </div>
      <div class={{ followed: answer.conventions.followed === 'all_in' }}>
        <dt>all-in</dt>
        <dd>{answer.conventions.all_in ?? '–'}</dd>
      </div>
      <div class="followed">
        <dt>pH</dt>
        <dd>{written(ph.low)} to {written(ph.high)}</dd>
      </div>
    </dl>
    <p class="unit">
      EC in {unit}{answer.conventions.followed === 'doses_only' ? '; no target, doses only' : ''}
    </p>
    {#if answer.sheet.schools.not_counted.length}
      <p class="unit">
        No label tells what {answer.sheet.schools.not_counted.join(' and ')} brings, poured whole: the
        target does not count it.
      </p>
    {/if}
    {#if answer.drawn_down}
      {@const down = answer.drawn_down}
      <p class="down">
        The pump draws {down.topped_up_shown} out of it. With the pump at rest, in
        {down.standing_shown}, mix to
        <b>{down.mix_to_shown}</b>{#if down.ph_mix_to !== null}&#32;and pH <b
            >{fixed(down.ph_mix_to, 1)}</b
          >{/if}; topped up with
        {down.topped_up_shown} of water it stands at
        <b>{down.stands_at_shown}</b>{#if down.ph_stands_at !== null}&#32;and pH <b
            >{fixed(down.ph_stands_at, 1)}</b
          >{:else}, its pH nearer to the water’s{/if}. The guided mix takes this into account: let
        the pump run and top up first.
      </p>
    {/if}
  </section>

  <Cautions {answer} {mixing} />
  <PhAndAcid {answer} {mixing} />
  {#if answer.sheet.in_tank}
    <section class="in-tank">
      <Elements tank={answer.sheet.in_tank} onranges={() => (showRanges = true)} />
    </section>
  {/if}

  {#if phases.has('calmag') || phases.has('live') || bothFirst || stated}
    <section class="order-preferences">
      <h2>Where growers differ</h2>
      {#if phases.has('calmag')}
        <p>
          Cal-mag
          <Choice
            label="Cal-mag before or after the base"
            value={mixing.settings.calmag}
            options={CALMAG}
            onchoose={(calmag) => mixing.follow({ calmag })}
          />
          the base.
        </p>
      {/if}
      {#if bothFirst}
        <p>
          Silica
          <Choice
            label="Silica after or before the buffer"
            value={mixing.settings.silica}
            options={SILICA}
            onchoose={(silica) => mixing.follow({ silica })}
          />
          the buffer.
        </p>
      {/if}
      {#if phases.has('live')}
        <p>
          Live cultures
          <Choice
            label="Live cultures last or first"
            value={mixing.settings.live}
            options={LIVE}
            onchoose={(live) => mixing.follow({ live })}
          />.
        </p>
      {/if}
      {#if stated}
        <p>
          Order:
          <Choice
            label="Whose order holds"
            value={mixing.settings.rows}
            options={ROWS}
            onchoose={(rows) => mixing.follow({ rows })}
          />.
        </p>
      {/if}
      <p class="kept">Remembered for all mixes of this grow.</p>
    </section>
  {/if}
</aside>

{#if showRanges && answer.sheet.in_tank}
  <RangesDialog
    {mixing}
    elements={answer.sheet.in_tank.elements}
    onclose={() => (showRanges = false)}
  />
{/if}

<style>
  small {
    display: block;
    font-weight: 400;
    color: var(--rule);
  }

  .down {
    margin-top: 8px;
    font-size: var(--type-note);
  }

  .down b {
    font-family: var(--figures);
  }

  aside {
    display: grid;
    align-content: start;
    gap: 18px;
    padding-left: 14px;
    border-left: 2px solid #e3cfc2;
    font-size: var(--type-quiet);
    line-height: 1.4;
  }

  h2 {
    font-size: var(--type-note);
    line-height: 1.4;
  }

  dl {
    margin-top: 4px;
  }

  dl > div {
    display: grid;
    grid-template-columns: 72px 1fr;
    align-items: baseline;
    padding: 2px 6px;
    border-left: 4px solid transparent;
    color: var(--faded);
  }

  dd {
    font: 1rem/1.5 var(--figures);
  }

  .followed {
    border-left-color: var(--grow);
    color: var(--ink);
  }

  .followed dd {
    font-weight: 700;
  }

  .unit {
    padding-left: 10px;
    color: var(--faded);
  }

  .order-preferences .kept {
    font-size: var(--type-small);
    line-height: 1.3;
    color: var(--faded);
  }

  .order-preferences p {
    font-size: 1rem;
    line-height: 2.2;
  }

  @media screen and (width < 900px) {
    aside {
      padding: 16px 0 0;
      border-left: 0;
      border-top: 2px solid #e3cfc2;
      font-size: 1rem;
    }
  }

  @media print {
    aside {
      display: block;
      columns: 3;
      padding: 12px 0 0;
      font-size: var(--type-small);
      border: 0;
    }

    aside :global(section),
    aside :global(details) {
      margin-bottom: 6px;
      break-inside: avoid;
    }

    .order-preferences {
      display: none;
    }

    /* Beside the climb, which leaves room for it on paper. */
    .in-tank {
      position: absolute;
      top: 0;
      right: 0;
      width: 34%;
    }
  }
</style>
