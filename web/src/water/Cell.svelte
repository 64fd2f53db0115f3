<script lang="ts">
  import { writtenNumber } from '../words/numbers';

  /** A figure of a water, typed in its table. */
  let {
    label,
    value,
    placeholder = '–',
    wrong,
    onkeep,
  }: {
    label: string;
    value: string;
    placeholder?: string;
    wrong: boolean;
    onkeep: (text: string) => void;
  } = $props();
</script>

<td>
  <input
    value={writtenNumber(value)}
    {placeholder}
    maxlength="60"
    autocomplete="off"
    spellcheck="false"
    aria-label={label}
    aria-invalid={wrong}
    onchange={(event) => onkeep(event.currentTarget.value)}
  />
</td>

<style>
  input {
    width: 116px;
    min-height: 32px;
    padding: 0 4px;
    font-family: var(--figures);
    font-weight: 700;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--rule);
    border-radius: 0;
  }

  input:hover {
    background: var(--sheet);
    border-bottom-color: var(--ink);
  }

  input::placeholder {
    font-weight: 400;
    color: var(--faded);
    opacity: 1;
  }

  [aria-invalid='true'] {
    color: var(--danger);
    border-bottom: 3px double var(--danger);
  }
</style>
