<script lang="ts">
  import type { BenchState } from '../api/client';

  let { other }: { other: NonNullable<BenchState['steering']['other_water']> } = $props();
</script>

<p role="note">
  △ The water reads {other.read}; this sheet was made for {other.planned}.
  {other.follows
    ? 'The target goes with it, the doses stay.'
    : 'Neither target nor doses go with it.'}
  If it is another water, give the mix up and plan it with this reading.
</p>

<style>
  p {
    padding: 12px 16px;
    font-size: 1.125rem;
    border: 2px solid currentcolor;
    border-radius: 8px;
  }
</style>
