<script lang="ts">
  import { stepped } from './figures';

  let {
    label,
    value,
    step,
    places,
    least = 0,
    wrong = false,
    placeholder = '',
    field = $bindable(),
    onchange,
  }: {
    label: string;
    value: string;
    step: number;
    places: number;
    least?: number;
    wrong?: boolean;
    placeholder?: string;
    field?: HTMLInputElement | undefined;
    onchange: (value: string) => void;
  } = $props();

  const length = $derived(Math.max(2, (value || placeholder).length));

  /** What stood here when the field was entered: Escape takes it back. */
  let before = '';

  function enter(input: HTMLInputElement) {
    before = value;
    input.select();
  }

  /** Enter takes what was typed and gives the page its keys back, Escape takes it back first. */
  function leave(input: HTMLInputElement, kept: boolean) {
    if (!kept && value !== before) onchange(before);
    input.blur();
  }

  function press(event: KeyboardEvent & { currentTarget: HTMLInputElement }) {
    if (event.key === 'Enter' || event.key === 'Escape') {
      event.preventDefault();
      leave(event.currentTarget, event.key === 'Enter');
      return;
    }
    const by = { ArrowUp: step, ArrowDown: -step }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onchange(stepped(value, by, places, least));
  }
</script>

<input
  bind:this={field}
  type="text"
  inputmode="text"
  autocomplete="off"
  spellcheck="false"
  maxlength="60"
  aria-label={label}
  aria-invalid={wrong}
  aria-describedby={wrong ? 'what-is-wrong' : undefined}
  {value}
  {placeholder}
  style:width="calc({length}ch + 10px)"
  oninput={(event) => onchange(event.currentTarget.value)}
  onkeydown={press}
  onfocus={(event) => enter(event.currentTarget)}
/>

<style>
  input {
    font-family: var(--figures);
    font-weight: 700;
    line-height: 1.3;
    padding: 4px 4px 0;
    background: none;
    border: 0;
    border-bottom: 2px solid var(--ink);
    border-radius: 0;
  }

  input:hover {
    background: var(--sheet);
  }

  input::placeholder {
    color: var(--heed);
    opacity: 1;
  }

  [aria-invalid='true'] {
    color: var(--danger);
    border-bottom: 3px double var(--danger);
  }
</style>
