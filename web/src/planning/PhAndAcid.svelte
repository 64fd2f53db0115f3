<script lang="ts">
  import type { MixOut } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { at, SHELF, WATER } from '../shell/views';
  import { shown } from './figures';
  import type { Mixing } from './mixing.svelte';
  import { ACID_WHY, elementName } from '../words/planning';
  import { fixed, written } from '../words/numbers';

  let { answer, mixing }: { answer: MixOut; mixing: Mixing } = $props();

  const tank = $derived(answer.sheet.in_tank);
  const acid = $derived(tank?.acid);
  const window = $derived(answer.sheet.target.ph);
  const adds = $derived(
    Object.entries(acid?.adds_ppm ?? {})
      .map(([element, ppm]) => `${fixed(ppm, 0)} ppm ${elementName(element)}`)
      .join(' and '),
  );
  const acids = $derived([
    { value: '', words: 'the usual one', note: 'by tank, medium and stage' },
    ...answer.acids.map((one) => ({ value: one.key, words: one.name })),
  ]);
  const noAcid = $derived(answer.sheet.warnings.some((one) => one.code === 'ph_above_window'));
  /** As fine as half a drop: less cannot be poured. */
  const ml = (text: string) => shown(text, Number(text) < 1 ? 2 : Number(text) < 10 ? 1 : 0);
</script>

{#if tank}
  <section>
    {#if tank.ph === null}
      <h2>pH after mixing: not known</h2>
      <p>
        It follows from the water’s alkalinity. <a href={at(WATER, mixing.overview.id)}
          >Enter its lab report</a
        >, or read pH after the feed.
      </p>
    {:else}
      <h2>pH after mixing: about {fixed(tank.ph, 1)}</h2>
      {#if acid}
        <p class="amount">
          <b>{ml(acid.amount.value)} mL</b>
          {acid.name} into
          <b>{ml(acid.cup_water.value)} mL</b> of tank water, {ml(acid.diluted.value)} mL in all, brings
          it to {fixed(acid.to_ph, 1)}.
        </p>
        <p>
          Acid into water, never the other way. Goggles and gloves; never with bleach. Add half,
          stir, wait 5 min and read before the rest. The label comes before this sheet.
        </p>
        <p class="quiet">
          {ACID_WHY[acid.why] ?? acid.why}{adds ? `; it adds ${adds}` : ''}.
        </p>
      {:else if noAcid}
        <p>
          The shelf has no acid whose strength is known. <a href={at(SHELF, mixing.overview.id)}
            >Enter one</a
          >.
        </p>
      {:else}
        <p>
          Within {written(window.low)} to {written(window.high)} or near it: no acid is expected.
        </p>
      {/if}
    {/if}
    {#if acid && answer.acids.length > 1}
      <p class="choice">
        Acid:
        <Choice
          label="Acid for pH"
          value={mixing.settings.acid}
          options={acids}
          onchoose={(key) => mixing.set({ acid: key })}
        />
      </p>
    {/if}
  </section>
{/if}

<style>
  a {
    color: inherit;
  }

  h2 {
    font-size: var(--type-note);
    line-height: 1.4;
  }

  .amount b {
    font-family: var(--figures);
    white-space: nowrap;
  }

  .quiet::first-letter {
    text-transform: uppercase;
  }

  .quiet {
    color: var(--faded);
  }

  .choice {
    line-height: 2.2;
  }

  @media print {
    .choice {
      display: none;
    }
  }
</style>
