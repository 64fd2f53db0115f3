<script lang="ts">
  import type { GuidedState } from '../api/client';

  let { standing }: { standing: GuidedState } = $props();

  /** A bottle stands on the right until it is in, and on the left from then on. */
  const places = $derived(
    standing.pours.map((pour, at) => {
      const steps = standing.steps.filter((step) => step.pour === at && step.kind === 'pour');
      const isIn = steps.length > 0 && steps.every((step) => step.figure_shown !== null);
      const now = standing.now !== null && standing.steps[standing.now]?.pour === at;
      return { at, tag: pour.tag, isIn, now };
    }),
  );
</script>

<section
  class="strip"
  aria-label="{places.filter((one) => one.isIn).length} of {places.length} pours are in"
>
  <ol class="in" aria-hidden="true">
    {#each places.filter((one) => one.isIn) as one (one.at)}<li>{one.tag}</li>{/each}
  </ol>
  <ol class="ahead" aria-hidden="true">
    {#each places.filter((one) => !one.isIn) as one (one.at)}
      <li class={{ now: one.now }}>{one.tag}</li>
    {/each}
  </ol>
</section>

<style>
  .strip {
    display: flex;
    justify-content: space-between;
    gap: 24px;
    padding: 6px 20px;
    border-block: 2px solid var(--table);
  }

  ol {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
  }

  li {
    min-width: 32px;
    padding: 2px 4px;
    font: 700 1rem/1.4 var(--figures);
    text-align: center;
    border: 2px solid currentcolor;
    border-radius: 3px;
  }

  .in li {
    color: var(--faded);
    border-style: dashed;
  }

  .now {
    color: var(--paper);
    background: var(--ink);
  }
</style>
