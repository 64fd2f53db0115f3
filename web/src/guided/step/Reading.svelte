<script lang="ts">
  import type { GuidedStep } from '../../api/client';
  import Figure from './Figure.svelte';
  import type { GuidedMix } from '../guided.svelte';
  import { unitOf } from '../../words/guided';
  import { written } from '../../words/numbers';
  import Button from '../../parts/Button.svelte';
  import Press from '../../parts/Press.svelte';

  let {
    guided,
    step,
    unit,
    degrees,
    haspen,
    onread,
  }: {
    guided: GuidedMix;
    step: GuidedStep;
    unit: string;
    /** The unit of temperatures. */
    degrees: 'C' | 'F';
    haspen: boolean;
    onread: (figure: string, sure: boolean) => void;
  } = $props();

  const LONGEST_S = 60;
  const PEN: Partial<Record<typeof pen, string>> = {
    settling: 'settling …',
    still: 'it stands still',
  };
  const shows = $derived(unitOf(step, unit, degrees));
  const example = $derived({ pH: '5.8', '°C': '20', '°F': '68' }[shows] ?? '1.80');
  const odd = $derived(guided.problem?.code === 'reading_odd');
  let typed = $state('');
  let empty = $state(false);
  let pen = $state<'off' | 'settling' | 'still' | 'silent' | 'restless'>('off');

  const pressed = $derived.by(() => {
    if (guided.calculating) return 'Calculating …';
    if (pen === 'settling') return 'Wait for the pen';
    return odd ? 'It is so: send it again' : 'That is the reading';
  });

  /** A number that still moves is no reading. */
  function send(event: SubmitEvent) {
    event.preventDefault();
    empty = !typed.trim();
    if (!empty && pen !== 'settling') onread(typed, odd);
  }

  /**
   * The pen is looked at each second until it stands still; what it shows then is its median. Who
   * types meanwhile is believed instead.
   */
  async function dip() {
    pen = 'settling';
    for (let seconds = 0; seconds < LONGEST_S; seconds += 1) {
      const shown = await guided.pen(seconds);
      if (pen !== 'settling') return;
      if (!shown) return void (pen = 'silent');
      typed = written(
        { pH: shown.ph, '°C': shown.temperature, '°F': shown.temperature }[shows] ?? shown.ec,
      );
      if (shown.still) return void (pen = 'still');
      await new Promise((next) => setTimeout(next, 1000));
    }
    pen = 'restless';
  }
</script>

<form onsubmit={send}>
  <Figure
    bind:typed
    words={shows === unit ? 'EC' : shows}
    unit={shows}
    {example}
    ontype={() => (pen = 'off')}
  />
  {#if haspen}
    <Button kind="framed" onclick={dip} disabled={pen === 'settling'}>
      {PEN[pen] ?? 'Take it from the pen'}
    </Button>
  {/if}
  {#if pen === 'silent'}<p>The pen does not answer: type what it shows.</p>{/if}
  {#if pen === 'restless'}
    <p>It does not come to rest: stir, shake bubbles off the pen, and take it again; or type it.</p>
  {/if}
  {#if empty && !typed.trim()}
    <p role="alert">△ No number yet: type what the pen shows, or leave the reading out below.</p>
  {/if}
  {#if odd}<p role="alert">△ {guided.problem?.message}</p>{/if}
  <Press
    type="submit"
    quiet={pen === 'settling'}
    disabled={guided.calculating || pen === 'settling'}
  >
    {pressed}
  </Press>
</form>

<style>
  form {
    display: contents;
  }

  p {
    font-size: var(--type-lead);
    font-weight: 700;
  }
</style>
