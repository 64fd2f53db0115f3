<script lang="ts">
  import type { Shapes } from '../api/client';
  import Button from '../parts/Button.svelte';
  import DateField from '../parts/DateField.svelte';
  import Field from '../parts/Field.svelte';

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
  <Field
    label="How many"
    beside
    figure
    inputmode="numeric"
    size={3}
    maxlength={2}
    bind:value={fresh.count}
  />
  <Field
    label="of"
    beside
    {unit}
    figure
    inputmode="decimal"
    size={7}
    maxlength={20}
    aria-label="What one holds, {unit}"
    placeholder={size}
    required={!size}
    bind:value={fresh.size}
  />
  <Field
    label="for"
    beside
    unit="each"
    figure
    inputmode="decimal"
    size={7}
    maxlength={20}
    bind:value={fresh.price}
  />
  <DateField label="best before" bind:value={fresh.best_before} />
  <Field
    label="good for"
    beside
    unit="days once opened"
    figure
    inputmode="numeric"
    size={4}
    maxlength={4}
    bind:value={fresh.keeps_days}
  />
  <Field label="batch" beside size={10} maxlength={60} bind:value={fresh.batch} />
  <Button kind="main" type="submit">Add to the shelf</Button>
  <Button onclick={() => onclose()}>No</Button>
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
</style>
