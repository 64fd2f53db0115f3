<script lang="ts">
  import type { Shapes } from '../api/client';

  /** Bottles that came, as they are put on the shelf. */
  let {
    size,
    unit,
    onreceive,
    onclose,
  }: {
    /** What a full one usually holds, as typed; empty where nobody told. */
    size: string;
    unit: string;
    onreceive: (told: Omit<Shapes['ReceivedIn'], 'received_on' | 'left' | 'note'>) => void;
    onclose: () => void;
  } = $props();

  let fresh = $state({
    size: '',
    price: '',
    count: '1',
    best_before: '',
    keeps_days: '',
    batch: '',
  });

  function receive(event: SubmitEvent) {
    event.preventDefault();
    onreceive({
      size: fresh.size || size,
      price: fresh.price,
      count: Number(fresh.count) || 1,
      best_before: fresh.best_before || null,
      keeps_days: fresh.keeps_days ? Number(fresh.keeps_days) || -1 : null,
      batch: fresh.batch,
    });
  }
</script>

<form onsubmit={receive}>
  <label>How many <input inputmode="numeric" maxlength="2" bind:value={fresh.count} /></label>
  <label
    >of <input
      inputmode="decimal"
      maxlength="20"
      aria-label="What one holds, {unit}"
      placeholder={size}
      required={!size}
      bind:value={fresh.size}
    />
    {unit}</label
  >
  <label>for <input inputmode="decimal" maxlength="20" bind:value={fresh.price} /> each</label>
  <label>best before <input type="date" bind:value={fresh.best_before} /></label>
  <label
    >good for <input inputmode="numeric" maxlength="4" bind:value={fresh.keeps_days} /> days once opened</label
  >
  <label>batch <input maxlength="60" bind:value={fresh.batch} /></label>
  <button type="submit" class="main">Add to the shelf</button>
  <button type="button" onclick={() => onclose()}>No</button>
</form>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: baseline;
    padding: 8px 0 8px 12px;
    border-left: 4px solid var(--water);
  }

  input {
    width: 8ch;
    min-height: 44px;
    padding: 0 4px;
    font: 700 1rem var(--figures);
    color: var(--ink);
    background: var(--sheet);
    border: 0;
    border-bottom: 2px solid var(--ink);
  }

  input[type='date'] {
    width: auto;
  }

  button {
    min-height: 44px;
    padding: 0 8px 0 0;
    font-size: 0.9375rem;
    text-decoration: underline;
    text-underline-offset: 4px;
  }

  .main {
    padding: 0 16px;
    font-weight: 700;
    text-decoration: none;
    color: var(--sheet);
    background: var(--ink);
    border-radius: 6px;
  }
</style>
