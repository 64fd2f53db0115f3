<script lang="ts">
  import Choice from '../parts/Choice.svelte';
  import { growHere } from '../shell/grow.svelte';
  import type { Season } from './season.svelte';
  import Button from '../parts/Button.svelte';

  /** A tank goes with another one through the season of that one, from a day on. */
  let { season, started, onjoined }: { season: Season; started: string; onjoined: () => void } =
    $props();

  const grow = growHere();
  const own = $derived(grow.overview?.needs?.[season.tank]?.season ?? null);
  const others = $derived(
    Object.values(grow.overview?.needs ?? {}).filter(
      (one) => one.season !== null && one.season !== own && one.tank !== season.tank,
    ),
  );

  let chosen = $state(0);
  const other = $derived(others.find((one) => one.season === chosen) ?? others[0]);
  let busy = $state(false);

  async function join(event: SubmitEvent) {
    event.preventDefault();
    if (!other?.season) return;
    busy = true;
    const joined = await season.join(other.season, started);
    busy = false;
    if (!joined) return;
    await grow.load();
    onjoined();
  }
</script>

{#if other}
  <form onsubmit={join}>
    <p>
      Or let it go together with
      <Choice
        label="Together with"
        value={other.season ?? 0}
        options={others.map((one) => ({
          value: one.season ?? 0,
          words: one.name,
          note: `${one.chart_name}${one.column ? `, ${one.column}` : ''}`,
        }))}
        onchoose={(season) => (chosen = season)}
      />, filled on that day: what one is told, both are told; each is mixed and read for itself.
    </p>
    <Button kind="framed" type="submit" disabled={busy}>Join this season</Button>
  </form>
{/if}

<style>
  form {
    max-width: 60rem;
    margin-top: 24px;
    padding-top: 12px;
    font-size: var(--type-lead);
    line-height: 2;
    border-top: 1px solid var(--rule);
  }
</style>
