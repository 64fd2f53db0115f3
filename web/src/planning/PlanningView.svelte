<script lang="ts">
  import { onDestroy, untrack } from 'svelte';

  import type { Overview } from '../api/client';
  import { go, numberHere } from '../routes';
  import Additions from '../shell/Additions.svelte';
  import { growHere } from '../shell/grow.svelte';
  import { at, GROW, GUIDED, leftOff } from '../shell/views';
  import Mix from './Mix.svelte';
  import { Mixing } from './mixing.svelte';
  import { chartOf, versionsIn } from './settings';
  import StopsDialog from './StopsDialog.svelte';

  const grow = growHere();
  const overview = $derived(grow.overview);
  const tank = $derived(numberHere('tank'));
  const known = $derived(
    overview?.tanks.some((one) => one.id === tank) && overview.charts.length > 0,
  );

  let mixing = $state.raw<Mixing | undefined>();
  let showStops = $state(false);
  /** What is to be done with the mix once its stops are acknowledged. */
  let going = $state<'print' | 'bench'>('print');

  $effect(() => {
    if (!overview) return;
    grow.tank = tank;
    if (!known) go(at(GROW, grow.id), { replace: true });
    else untrack(() => void takeUp(overview, tank));
  });

  async function takeUp(overview: Overview, tank: number) {
    // A season may stand on an older version of its chart than the tank would be fed by.
    const needs = overview.needs?.[tank];
    const standing = [needs?.version_id, needs?.towards?.version_id];
    for (const version of [...versionsIn(location.hash), ...standing])
      if (version && !chartOf(overview, version)) await grow.whole(version);
    // Meanwhile the grow may have been fetched anew, or another tank gone to.
    if (grow.overview !== overview || numberHere('tank') !== tank) return;
    if (mixing?.overview === overview) mixing.showTank(tank);
    else mixing = new Mixing(grow, overview, tank, mixing);
  }

  /** The mix that is under way in this tank, which no stop of another one holds up. */
  const underWay = $derived(overview?.tanks.find((one) => one.id === tank)?.mix ?? undefined);

  function leave(to: 'print' | 'bench') {
    going = to;
    const held = mixing?.answer?.sheet.unacknowledged.length;
    if (held && !(to === 'bench' && underWay)) showStops = true;
    else proceed();
  }

  function proceed() {
    showStops = false;
    if (going === 'print') requestAnimationFrame(() => print());
    else void toBench();
  }

  async function toBench() {
    const id = underWay ?? (await mixing?.start());
    if (id !== undefined) go(at(GUIDED, grow.id, { mix: id }));
    // Somebody else has begun meanwhile: this button then goes on with theirs.
    else if (mixing?.problem?.code === 'mix_under_way') await grow.load();
  }

  grow.offers = [{ words: 'Print', act: () => leave('print') }];
  const gone = [
    grow.keys.add('p', 'print the mix', () => leave('print')),
    grow.keys.add('b', 'take it to the bench', () => leave('bench')),
  ];
  onDestroy(() => {
    gone.forEach((take) => take());
    grow.offers = [];
    grow.tank = undefined;
    Object.assign(leftOff, { grow: grow.id, tank, hash: mixing?.hash ?? '' });
  });
</script>

{#if overview && mixing && known}
  <Mix {overview} {mixing} keys={grow.keys} onbench={() => leave('bench')} />
  <p class="add"><Additions /></p>
{/if}
{#if showStops && mixing?.answer}
  <StopsDialog
    answer={mixing.answer}
    {mixing}
    onclose={() => (showStops = false)}
    to={going}
    ongo={proceed}
  />
{/if}

<style>
  .add {
    display: none;
  }

  @media screen and (width < 900px) {
    .add {
      display: flex;
      padding: 0 16px 24px;
    }
  }
</style>
