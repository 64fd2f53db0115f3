<script lang="ts">
  import type { GuidedState, MixEvent } from '../api/client';
  import { toldFigure } from './project';
  import { asks } from '../words/guided';
  import Button from '../parts/Button.svelte';

  let {
    late,
    standing,
    onnoted,
  }: { late: MixEvent[]; standing: GuidedState; onnoted: () => void } = $props();

  const lines = $derived(
    late
      .filter((event) => event.step)
      .map((event) => {
        const step = standing.steps.find((one) => one.id === event.step);
        const figure = toldFigure(event, step);
        return { id: event.id, what: step ? asks(step) : event.step, figure };
      }),
  );
</script>

<section role="alert">
  <p>
    △ This mix was over before this device was heard again. What it kept is not in the record: write
    it down if it was really done.
  </p>
  <ul>
    {#each lines as { id, what, figure } (id)}
      <li>
        {what}{#if figure}: <b>{figure}</b>{/if}
      </li>
    {/each}
  </ul>
  <Button kind="framed" onclick={onnoted}>I have noted it</Button>
</section>

<style>
  section {
    max-width: 720px;
    width: calc(100% - 40px);
    margin: 12px auto;
    padding: 16px;
    font-size: var(--type-lead);
    border: 3px solid currentcolor;
    border-radius: 8px;
  }

  ul {
    margin: 8px 0;
    padding-left: 1.2em;
    list-style: disc;
  }

  b {
    font-family: var(--figures);
  }
</style>
