<script lang="ts">
  import type { BenchState } from '../api/client';

  let { way }: { way: NonNullable<BenchState['steering']['way_out']> } = $props();
</script>

<p role="note">
  △ {way.poured} of {way.name} went in, {way.planned} were planned. Ways out: fill up to
  {way.dilute_to} with plain water if the tank holds it, {way.accept_at
    ? `leave it at about ${way.accept_at}`
    : 'leave it so'}, or give up and start again.
</p>

<style>
  p {
    padding: 12px 16px;
    font-size: 1.125rem;
    border: 2px solid currentcolor;
    border-radius: 8px;
  }
</style>
