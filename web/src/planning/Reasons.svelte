<script lang="ts">
  import type { MixOut, Pour } from '../api/client';
  import { shown } from './figures';
  import type { Mixing } from './mixing.svelte';
  import { DOUBTS, MINERALS, RESTS_ON, VESSELS, WHY } from '../words/planning';

  let { pour, answer, mixing }: { pour: Pour; answer: MixOut; mixing: Mixing } = $props();

  const riser = $derived(answer.climb.risers.find((one) => one.place === pour.place));
  const others = $derived([...new Set(pour.rinses.map((rinse) => mixing.tag(rinse.other)))]);
  const vessels = $derived(
    pour.rinses.map(({ vessel }) => {
      const kind = VESSELS[vessel.vessel];
      return ['jug', 'spoon'].includes(vessel.vessel)
        ? kind
        : `${shown(vessel.capacity, 2)} mL ${kind}`;
    }),
  );
  const stir = $derived(pour.stir_s < 60 ? `${pour.stir_s} s` : `${pour.stir_s / 60} min`);
  const rests = $derived(
    [riser && RESTS_ON[riser.basis], ...pour.doubts.map((doubt) => DOUBTS[doubt])]
      .filter(Boolean)
      .join('; '),
  );
</script>

<div class="why">
  {#if vessels.length}
    <p>
      <b>Rinse first</b>
      {#each others as other (other)}<abbr>{other}</abbr>{/each}
      out of the {vessels.join(' and the ')}
    </p>
  {/if}
  {#each pour.why as code (code)}
    <p>{WHY[code] ?? code}</p>
  {/each}
  {#if pour.grit}
    <p class="quiet">
      Undiluted with <abbr>{mixing.tag(pour.grit.other)}</abbr>
      {MINERALS[pour.grit.mineral]}, {pour.grit.times} × saturated
    </p>
  {/if}
</div>
<div class="then">
  {#if pour.rinse_into_tank}<p>rinse into the tank</p>{/if}
  <p>stir {stir}</p>
  <p>wait {pour.wait_min} min</p>
  {#if riser?.shown && riser.basis !== 'nothing'}
    <p class="reads" title={rests}>
      reads {riser.shown}{riser.unsure_shown ? ` ±${riser.unsure_shown}` : ''}
      <span>{rests}</span>
    </p>
  {/if}
</div>

<style>
  .why,
  .then {
    font-size: var(--type-small);
    line-height: 1.3;
  }

  .why p + p {
    margin-top: 3px;
  }

  .then {
    padding-top: 6px;
    color: var(--faded);
  }

  .quiet {
    color: var(--faded);
  }

  .reads {
    font-family: var(--figures);
    font-size: 0.75rem;
    margin-top: 4px;
    padding-top: 4px;
    border-top: 1px solid var(--rule);
  }

  .reads span {
    display: block;
    font: 0.75rem/1.3 var(--text);
  }

  @media print {
    .quiet,
    .reads span {
      display: none;
    }
  }

  abbr {
    font: 700 0.6875rem/1.3 var(--figures);
    padding: 0 2px;
    border: 1px solid var(--ink);
    border-radius: 2px;
  }
</style>
