<script lang="ts">
  import type { Shapes } from '../api/client';
  import Button from '../parts/Button.svelte';

  /** A reading far from those before asks why. */
  let {
    name,
    far,
    onexplain,
  }: {
    name: string;
    far: NonNullable<Shapes['WaterLineOut']['far']>;
    onexplain: (because: Shapes['FarIn']['because']) => void;
  } = $props();
</script>

<div role="group" aria-label="What {name} read">
  <p role="alert">
    △ {far.shown} is far from {far.usual_shown} as before. Has the season changed it, or does the pen
    need a look? Read it once more.
  </p>
  <Button onclick={() => onexplain('water_changed')}>The water has changed</Button>
  <Button onclick={() => onexplain('pen_off')}>The pen was off</Button>
</div>

<style>
  p {
    margin: 4px 0 0;
    font-weight: 700;
    color: var(--heed);
  }
</style>
