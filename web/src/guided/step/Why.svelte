<script lang="ts">
  import type { GuidedState, GuidedStep } from '../../api/client';
  import { ACID_WHY, ALKALI_WHY } from '../../words/planning';
  import { CAUSES } from '../../words/guided';
  import { isWorkedOut } from '../steps';
  import { written } from '../../words/numbers';

  let { standing, step }: { standing: GuidedState; step: GuidedStep } = $props();

  const steering = $derived(standing.steering);
  const chosen = $derived(
    step.kind === 'acid'
      ? ACID_WHY[steering.acid_why ?? '']
      : step.kind === 'alkali'
        ? ALKALI_WHY[steering.alkali_why ?? '']
        : undefined,
  );
  const corrects = $derived(
    step.kind === 'add' ||
      step.kind === 'drain' ||
      (step.kind === 'pour' && standing.pours[step.pour ?? -1]?.turn === 'second'),
  );
  const causes = $derived(corrects ? steering.causes : step.causes);
  const adds = $derived(step.kind === 'add' ? Object.entries(step.adds_ppm) : []);
</script>

{#if step.kind === 'add'}
  <p>
    {#if step.of_dose}<b>{step.name} then stands at {step.of_dose}</b> of printed dose × strength.{/if}
    {#if adds.length}
      It brings {adds.map(([element, ppm]) => `${element} ${ppm.toFixed(0)}`).join(', ')} ppm.
    {/if}
    All parts in ratio; to add one alone, leave the others out.
  </p>
{/if}
{#if ['beyond_dose', 'beyond_usual'].includes(step.why) && steering.offer}
  <ul class="offer">
    {#each steering.offer.lines as line (line.name)}
      <li>
        <b>{line.add}</b> more of {line.name}: then {line.of_dose} of {step.why === 'beyond_dose'
          ? 'its planned dose'
          : 'what it usually takes'} is in
      </li>
    {/each}
  </ul>
  <p>The tank would read about {steering.offer.reading}; it reads {standing.ec_shown} now.</p>
{/if}
{#if steering.litres && isWorkedOut(step.kind)}
  <p>Reckoned for {written(steering.litres)}, as settled at the bench.</p>
{/if}
{#if ['ec_unmoved', 'ec_odd', 'ec_untold'].includes(step.why)}
  <p>
    It read {standing.ec_shown}{standing.target
      ? `; the target is ${standing.target} ${standing.unit}`
      : ''}.
  </p>
{/if}
{#if causes.length}
  <details open={step.kind === 'advice'}>
    <summary>
      △ {step.kind === 'advice'
        ? 'What it may be, likeliest first'
        : `What went in was worth ${steering.off_percent} than expected`}
    </summary>
    <ol>
      {#each causes as cause (cause)}<li>{CAUSES[cause]}</li>{/each}
    </ol>
  </details>
{/if}
{#if step.beyond}
  <p>
    The reading asks for {step.beyond}
    {step.unit}; printed dose × strength is the cap. To cross it, press “Another amount”.
  </p>
{/if}
{#if chosen}<p>{chosen}</p>{/if}

<style>
  p {
    font-size: 1rem;
    color: var(--faded);
  }

  .offer {
    font-size: var(--type-head);
  }

  details {
    font-size: var(--type-lead);
  }

  summary {
    min-height: 44px;
    font-weight: 700;
    cursor: pointer;
  }

  ol {
    padding-left: 1.2em;
    list-style: decimal;
  }
</style>
