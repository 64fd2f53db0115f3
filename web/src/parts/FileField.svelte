<script lang="ts">
  /** A file of the device; the same one can be chosen again. */
  let {
    words,
    accept,
    kind = 'framed',
    disabled = false,
    onfile,
  }: {
    words: string;
    /** Ends of names and types, as a browser wants them. */
    accept: string;
    kind?: 'word' | 'framed';
    disabled?: boolean;
    onfile: (file: File) => void;
  } = $props();

  function take(input: HTMLInputElement) {
    const file = input.files?.[0];
    input.value = '';
    if (file) onfile(file);
  }
</script>

<label class={[kind, { disabled }]}>
  {words}
  <input type="file" {accept} {disabled} onchange={(event) => take(event.currentTarget)} />
</label>

<style>
  label {
    position: relative;
    display: inline-flex;
    align-items: center;
    min-height: var(--touch);
    cursor: pointer;
  }

  .word {
    padding: 0 8px;
    text-decoration: underline;
    text-underline-offset: 4px;
  }

  .framed {
    padding: 4px 16px;
    font-weight: 700;
    border: 2px solid currentcolor;
    border-radius: var(--corner);
  }

  .disabled {
    color: var(--faded);
    cursor: default;
  }

  label:focus-within {
    outline: 3px solid var(--water);
    outline-offset: 2px;
  }

  input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: inherit;
  }

  @media print {
    label {
      display: none;
    }
  }
</style>
