<script lang="ts">
  import { go, numberHere } from '../routes';
  import { at, GROW, leftOff, MIX } from '../shell/views';
  import { signedIn } from '../sign_in/here';
  import GuidedView from './GuidedView.svelte';

  const grow = numberHere('grow');
  const mix = $derived(numberHere('mix'));
  const person = signedIn().person ?? '';

  /** Back to the plan as it was left, or to that of the tank that was mixed. */
  function leave(tank: number | undefined) {
    const back = leftOff.grow === grow && (tank === undefined || tank === leftOff.tank);
    if (back) go(at(MIX, grow, { tank: leftOff.tank }), { hash: leftOff.hash });
    else go(tank === undefined ? at(GROW, grow) : at(MIX, grow, { tank }));
  }
</script>

{#key mix}
  <GuidedView {grow} {mix} {person} onleave={leave} />
{/key}
