<script lang="ts">
  import type { Quay } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import type { Mixing } from './mixing.svelte';
  import Typed from './Typed.svelte';

  let { quay, mixing }: { quay: Quay; mixing: Mixing } = $props();

  const settings = $derived(mixing.settings);
  const wrong = $derived(mixing.problem?.where ?? '');
  const others = $derived(
    quay.waters.filter((one) => !settings.blend.some((part) => part.water === one.id)),
  );

  function blendPart(at: number, change: { water?: number; share?: string } | undefined) {
    const blend = settings.blend
      .map((part, index) => (index === at && change ? { ...part, ...change } : part))
      .filter((_, index) => change || index !== at);
    mixing.set({ blend });
  }
</script>

{#each settings.blend as part, at (part.water)}
  and
  <Typed
    label="Share of {quay.waters.find((one) => one.id === part.water)?.name}"
    value={part.share}
    step={5}
    places={1}
    least={5}
    wrong={wrong === `blend.${at}` || wrong === 'blend'}
    onchange={(share) => blendPart(at, { share })}
  />
  <span class="whole">
    <Choice
      label="Water {at + 2}"
      value={part.water}
      options={quay.waters
        .filter((one) => one.id === part.water || others.includes(one))
        .filter((one) => one.id !== settings.water)
        .map((one) => ({ value: one.id, words: one.name, note: one.reading ?? 'not read yet' }))}
      onchoose={(water) => blendPart(at, { water })}
    /><button class="out" aria-label="Take it out again" onclick={() => blendPart(at, undefined)}
      >✕</button
    >
  </span>
{/each}
{#if settings.blend.length && mixing.answer?.water_shown}
  <span class="whole">
    together {mixing.answer.water_shown}<small>{quay.units.reading_words}</small>,
  </span>
{/if}

<style>
  .whole {
    white-space: nowrap;
  }

  .out {
    min-width: 28px;
    min-height: 28px;
    font-size: 0.875rem;
    color: var(--faded);
  }

  small {
    margin-left: 4px;
    font-size: 0.875rem;
    color: var(--faded);
  }

  @media print {
    .out {
      display: none;
    }
  }
</style>
