<script lang="ts">
  let {
    typed = $bindable(),
    words,
    unit,
    example = '',
    wide = false,
    ontype,
  }: {
    typed: string;
    words: string;
    unit: string;
    example?: string;
    wide?: boolean;
    ontype?: () => void;
  } = $props();
</script>

<label>
  <span class="unseen">{words}</span>
  <input
    class={{ wide }}
    bind:value={typed}
    inputmode="decimal"
    autocomplete="off"
    maxlength="20"
    {@attach (input) => input.focus()}
    placeholder={example}
    oninput={ontype}
  />
  <span class="unit">{unit}</span>
</label>

<style>
  label {
    display: flex;
    align-items: baseline;
    gap: 12px;
  }

  input {
    width: 4.6ch;
    min-height: 96px;
    padding: 0 4px;
    font: 700 5rem/1 var(--figures);
    color: var(--ink);
    background: none;
    border: 0;
    border-bottom: 4px solid var(--ink);
    border-radius: 0;
  }

  .wide {
    width: 5.4ch;
  }

  input::placeholder {
    color: var(--faded);
    opacity: 0.5;
  }

  .unit {
    font-size: 1.5rem;
    color: var(--faded);
  }
</style>
