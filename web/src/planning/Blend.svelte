<script lang="ts">
  import { answered, api, type Overview } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import type { Mixing } from './mixing.svelte';
  import { keptBlend } from './settings';
  import { growHere } from '../shell/grow.svelte';
  import Typed from './Typed.svelte';
  import Button from '../parts/Button.svelte';

  let { overview, mixing }: { overview: Overview; mixing: Mixing } = $props();

  const grow = growHere();
  const settings = $derived(mixing.settings);
  const wrong = $derived(mixing.problem?.where ?? '');
  const others = $derived(
    overview.waters.filter((one) => !settings.blend.some((part) => part.water === one.id)),
  );

  const kept = $derived(keptBlend(overview, settings));
  const problemHere = $derived(wrong.startsWith('blend'));
  let naming = $state(false);
  let name = $state('');
  let trouble = $state('');

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    trouble = (await mixing.keepBlend(name))?.message ?? '';
    if (trouble) return;
    naming = false;
    name = '';
  }

  async function drop(blend: number) {
    const { data } = await answered(
      api.DELETE('/api/grows/{grow_id}/blends/{blend_id}', {
        params: { path: { grow_id: overview.id, blend_id: blend } },
      }),
    );
    if (data) grow.takeBlends(overview.blends.filter((one) => one.id !== blend));
  }

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
    label="Share of {overview.waters.find((one) => one.id === part.water)?.name}"
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
      options={overview.waters
        .filter((one) => one.id === part.water || others.includes(one))
        .filter((one) => one.id !== settings.water)
        .map((one) => ({ value: one.id, words: one.name, note: one.reading ?? 'not read yet' }))}
      onchoose={(water) => blendPart(at, { water })}
    /><Button
      kind="bare"
      size="small"
      tone="faded"
      aria-label="Take it out again"
      onclick={() => blendPart(at, undefined)}>✕</Button
    >
  </span>
{/each}
{#if settings.blend.length && !problemHere}
  {#if kept}
    <small>kept as {kept.name}</small>
    <Button
      kind="bare"
      size="small"
      tone="faded"
      aria-label="Keep {kept.name} no longer"
      onclick={() => drop(kept.id)}>✕</Button
    >
  {:else if naming}
    <form class="whole" onsubmit={keep}>
      <input
        aria-label="Name of this blend"
        placeholder="55 % RO"
        maxlength="60"
        required
        bind:value={name}
      />
      <Button tone="faded" type="submit">Save</Button>
      {#if trouble}<small role="alert">△ {trouble}</small>{/if}
    </form>
  {:else}
    <Button tone="faded" onclick={() => (naming = true)}>save this blend</Button>
  {/if}
{/if}
{#if settings.blend.length && mixing.answer?.water_shown}
  <span class="whole">
    together {mixing.answer.water_shown}<small>{overview.units.reading_words}</small>,
  </span>
{/if}

<style>
  .whole {
    white-space: nowrap;
  }

  input {
    width: 12ch;
    min-height: 36px;
    font: inherit;
    font-weight: 700;
    color: var(--ink);
    background: var(--sheet);
    border: 0;
    border-bottom: 2px solid var(--ink);
  }

  small {
    margin-left: 4px;
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  @media print {
    form {
      display: none;
    }
  }
</style>
