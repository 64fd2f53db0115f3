<script lang="ts">
  import type { MixOut } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import type { Mixing } from './mixing.svelte';
  import { SEVERITY, TITLES } from './words';

  let { answer, mixing }: { answer: MixOut; mixing: Mixing } = $props();

  const unit = $derived(answer.climb.unit);
  const ph = $derived(answer.sheet.target.ph);
  const phases = $derived(new Set(answer.sheet.pours.map((pour) => pour.phase)));

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
</script>

<aside aria-label="What to mind">
  <section>
    <h2>Target</h2>
    <dl>
      <div class={{ followed: answer.schools.followed === 'on_top' }}>
        <dt>on top</dt>
        <dd>{answer.schools.on_top ?? '–'}</dd>
      </div>
      <div class={{ followed: answer.schools.followed === 'all_in' }}>
        <dt>all-in</dt>
        <dd>{answer.schools.all_in ?? '–'}</dd>
      </div>
      <div class="followed">
        <dt>pH</dt>
        <dd>{ph.low} to {ph.high}</dd>
      </div>
    </dl>
    <p class="unit">
      EC in {unit}{answer.schools.followed === 'doses_only' ? '; no target, doses only' : ''}
    </p>
  </section>

  {#each answer.sheet.warnings as warning (warning.code + warning.products.join())}
    {@const severity = SEVERITY[warning.severity]}
    <section class={warning.severity}>
      <h2>
        <span aria-hidden="true">{severity.sign}</span><span class="unseen">{severity.word}: </span>
        {TITLES[warning.code] ?? warning.code}
        {#each warning.products as product (product)}
          <abbr>{mixing.tag(product)}</abbr>
        {/each}
      </h2>
      <p>{warning.message}</p>
    </section>
  {/each}

  {#if phases.has('calmag') || phases.has('live') || (phases.has('silica') && phases.has('buffer'))}
    <section class="customs">
      <h2>Where growers differ</h2>
      {#if phases.has('calmag')}
        <p>
          Cal-mag
          <Choice
            label="Cal-mag before or after the base"
            value={mixing.settings.calmag}
            options={CALMAG}
            onchoose={(calmag) => mixing.set({ calmag })}
          />
          the base.
        </p>
      {/if}
      {#if phases.has('silica') && phases.has('buffer')}
        <p>
          Silica
          <Choice
            label="Silica after or before the buffer"
            value={mixing.settings.silica}
            options={SILICA}
            onchoose={(silica) => mixing.set({ silica })}
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
            onchoose={(live) => mixing.set({ live })}
          />.
        </p>
      {/if}
    </section>
  {/if}
</aside>

<style>
  aside {
    display: grid;
    align-content: start;
    gap: 18px;
    padding-left: 14px;
    border-left: 2px solid #e3cfc2;
    font-size: 0.875rem;
    line-height: 1.4;
  }

  h2 {
    font-size: 0.9375rem;
    line-height: 1.4;
  }

  .danger h2 {
    color: var(--danger);
  }

  .attention h2 {
    color: var(--heed);
  }

  abbr {
    font: 700 0.75rem/1.3 var(--figures);
    padding: 0 3px;
    color: var(--ink);
    border: 1px solid var(--ink);
    border-radius: 2px;
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

  .customs p {
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
      font-size: 0.8125rem;
      border: 0;
    }

    section {
      margin-bottom: 8px;
      break-inside: avoid;
    }

    .customs {
      display: none;
    }
  }
</style>
