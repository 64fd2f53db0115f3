<script lang="ts">
  import type { MixOut } from '../../api/client';
  import type { Mixing } from '../mixing.svelte';
  import Ticket from '../Ticket.svelte';
  import { LEFT_OUT } from '../../words/planning';
  import Button from '../../parts/Button.svelte';

  let { answer, mixing }: { answer: MixOut; mixing: Mixing } = $props();

  const NARROWEST = 122;

  let width = $state(740);
  /** As many side by side as fit, in rows of equal length; none grows wider than a quarter. */
  const columns = $derived.by(() => {
    const pours = answer.sheet.pours.length;
    const rows = Math.ceil(pours / Math.max(1, Math.floor(width / NARROWEST)));
    return Math.max(4, Math.ceil(pours / Math.max(1, rows)));
  });
  /** On paper, one row of up to eight, or rows of equal length. */
  const onPaper = $derived.by(() => {
    const pours = Math.max(5, answer.sheet.pours.length);
    return Math.ceil(pours / Math.ceil(pours / 8));
  });
  const left = $derived(answer.sheet.left_out);
</script>

<section aria-label="Pours, in order">
  <ol bind:clientWidth={width} style:--columns={columns} style:--on-paper={onPaper}>
    {#each answer.sheet.pours as pour (pour.product + pour.turn)}
      <Ticket {pour} {answer} {mixing} />
    {:else}
      <li class="none">Nothing to pour in this column.</li>
    {/each}
  </ol>
  {#if left.length}
    <p class="left">
      Not poured:
      {#each left as one (one.product)}
        <span>
          {one.name}, {LEFT_OUT[one.why] ?? one.why}
          {#if one.why === 'override'}
            <Button size="small" onclick={() => mixing.override(one.product, '')}
              >put it back</Button
            >
          {/if}
        </span>
      {/each}
    </p>
  {/if}
</section>

<style>
  ol {
    display: grid;
    grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
    gap: 6px;
  }

  .left {
    margin-top: 12px;
    color: var(--faded);
  }

  .left span {
    margin-right: 12px;
  }

  .none {
    grid-column: 1 / -1;
    padding: 24px 0;
    font-size: var(--type-lead);
  }

  @media screen and (width < 900px) {
    ol {
      grid-template-columns: 1fr;
    }
  }

  @media print {
    ol {
      grid-template-columns: repeat(var(--on-paper), minmax(0, 1fr));
    }
  }
</style>
