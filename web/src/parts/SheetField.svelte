<script lang="ts">
  import { writtenNumber } from '../words/numbers';

  let {
    label,
    value,
    unit = '',
    placeholder = '',
    wrong = false,
    onkeep,
  }: {
    label: string;
    value: string;
    unit?: string;
    placeholder?: string;
    wrong?: boolean;
    onkeep: (value: string) => void;
  } = $props();
</script>

<label class={{ wrong }}>
  <span>{label}</span>
  <input
    value={writtenNumber(value)}
    {placeholder}
    maxlength="60"
    inputmode="text"
    autocomplete="off"
    spellcheck="false"
    aria-invalid={wrong}
    onchange={(event) => onkeep(event.currentTarget.value)}
  />
  <small>{unit}</small>
</label>

<style>
  label {
    display: grid;
    grid-template-columns: minmax(84px, 1fr) 76px var(--unit, 48px);
    align-items: baseline;
    gap: 8px;
    min-height: 36px;
  }

  span {
    color: var(--faded);
  }

  input {
    min-width: 0;
    min-height: 32px;
    padding: 0 4px;
    text-align: right;
    font-family: var(--figures);
    font-weight: 700;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--ink);
    border-radius: 0;
  }

  input:hover {
    background: var(--sheet);
  }

  input::placeholder {
    font-weight: 400;
    color: var(--faded);
    opacity: 1;
  }

  .wrong input {
    color: var(--danger);
    border-bottom: 3px double var(--danger);
  }

  small {
    color: var(--faded);
  }
</style>
