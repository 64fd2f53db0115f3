<script lang="ts">
  import { TOLD } from '../words/seasons';
  import type { Course } from './course';
  import { shortDay } from '../words/dates';
  import type { Season } from './season.svelte';
  import Button from '../parts/Button.svelte';

  /** What the season was told, newest first; what was wrong is taken back, and stays in its record. */
  let { season, course }: { season: Season; course: Course } = $props();

  const labels = $derived(new Map(course.columns.map((one) => [one.key, one.label])));

  function words(one: Course['told'][number]): string {
    const days = one.days === null ? '' : ` by ${Math.abs(one.days)} days`;
    const kind = one.kind === 'stretch' && (one.days ?? 0) < 0 ? 'made shorter' : TOLD[one.kind];
    return `${kind} ${labels.get(one.what) ?? one.what}${days}`;
  }
</script>

<section>
  <h2>Decisions</h2>
  <ul>
    {#each [...course.told].reverse() as one (one.id)}
      <li>
        <span class="on">{shortDay(one.on)}</span>
        <span>
          {words(one)}{#if one.reason}: {one.reason}{/if}
          {#if one.by}<small>{one.by}</small>{/if}
        </span>
        <Button onclick={() => season.takeBack(one.id)}>
          Take back<span class="unseen"> {words(one)} of {shortDay(one.on)}</span>
        </Button>
      </li>
    {:else}
      <li class="none">None yet: the season follows the chart.</li>
    {/each}
  </ul>
</section>

<style>
  h2 {
    font-size: var(--type-more);
  }

  li {
    display: grid;
    grid-template-columns: 64px 1fr auto;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    border-bottom: 1px solid var(--rule);
  }

  .none {
    grid-template-columns: 1fr;
    color: var(--faded);
  }

  .on {
    font-family: var(--figures);
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  small {
    color: var(--faded);
  }

  @media print {
  }
</style>
