<script lang="ts">
  import type { GuidedStep } from '../../api/client';
  import Note from './Note.svelte';
  import { isOdd } from '../project';
  import Press from '../../parts/Press.svelte';

  let { step, ontold }: { step: GuidedStep; ontold: (figure: string, sure: boolean) => void } =
    $props();

  let typed = $state('');
  let doubted = $state('');

  /** Far more than was asked for may be a digit too many: it is asked for once more. */
  function send(event: SubmitEvent) {
    event.preventDefault();
    const figure = typed.trim();
    if (isOdd(figure, step) && doubted !== figure) doubted = figure;
    else if (figure) ontold(figure, doubted === figure);
  }
</script>

<form onsubmit={send}>
  <label>
    It was
    <input
      bind:value={typed}
      inputmode="decimal"
      maxlength="20"
      {@attach (input) => input.focus()}
    />
    {step.unit}
  </label>
  {#if doubted && doubted === typed.trim()}
    <Note>That is far more than was asked for. Is it so?</Note>
  {/if}
  <Press type="submit">
    {doubted && doubted === typed.trim() ? `It is so: ${doubted} ${step.unit}` : 'That went in'}
  </Press>
</form>

<style>
  form {
    display: contents;
  }

  label {
    font-size: 1.5rem;
  }

  input {
    width: 5ch;
    min-height: 64px;
    font: 700 2rem/1 var(--figures);
    color: inherit;
    background: none;
    border: 0;
    border-bottom: 3px solid var(--ink);
  }
</style>
