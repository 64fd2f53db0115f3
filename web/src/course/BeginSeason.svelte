<script lang="ts">
  import Choice from '../parts/Choice.svelte';
  import Typed from '../planning/Typed.svelte';
  import { growHere } from '../shell/grow.svelte';
  import JoinSeason from './JoinSeason.svelte';
  import type { Season } from './season.svelte';
  import { dayWords } from '../words/dates';
  import Button from '../parts/Button.svelte';
  import Unsaved from '../parts/Unsaved.svelte';
  import DateField from '../parts/DateField.svelte';
  import InSentence from '../parts/InSentence.svelte';

  /** A season is begun with a sentence, as a mix is. */
  let { season, running, onbegun }: { season: Season; running: boolean; onbegun: () => void } =
    $props();

  const grow = growHere();
  const overview = $derived(grow.overview);
  const tank = $derived(overview?.tanks.find((one) => one.id === season.tank));
  const usual = $derived(overview?.leaflets.find((one) => one.chart_id === tank?.chart_id));

  let chosen = $state(0);
  const version = $derived(chosen || usual?.version_id || overview?.leaflets[0]?.version_id || 0);
  const chart = $derived(overview?.charts.find((one) => one.version_id === version));
  const columns = $derived(chart?.columns ?? []);

  let started = $state(new Date().toLocaleDateString('sv-SE'));
  let planted = $state('plugs rooted');
  let first = $state('');
  let strength = $state('50 %');
  let rising = $state('80 %');
  let by = $state('');
  let every = $state<number | null>(10);
  let programme = $state<'mineral' | 'living'>('mineral');
  let busy = $state(false);
  let unsaved = $state<{ forget: () => void }>();

  const firstColumn = $derived(columns.find((one) => one.key === first) ?? columns[0]);
  const byColumn = $derived(
    columns.find((one) => one.key === by) ?? columns[Math.min(3, columns.length - 1)],
  );

  // A chart that no tank is fed by is fetched when it is chosen.
  $effect(() => {
    if (version && !chart) void grow.whole(version);
  });

  async function begin() {
    if (!firstColumn || !started) return;
    busy = true;
    const typedHere = unsaved; // this form is gone once the season runs
    const begun = await season.begin({
      version_id: version,
      started_on: started,
      planted,
      first_column: firstColumn.key,
      strength,
      rising_to: rising,
      rising_by: rising.trim() ? (byColumn?.key ?? '') : '',
      change_out_days: programme === 'living' ? null : every,
      programme,
    });
    busy = false;
    if (!begun) return;
    typedHere?.forget();
    await grow.load();
    onbegun();
  }

  const EVERY = [
    ...[4, 7, 10, 14, 21].map((days) => ({ value: days, words: `every ${days} days` })),
    { value: 0, words: 'never, only topped up' },
  ];
</script>

{#if overview && tank}
  <h1 class="unseen">Begin a season</h1>
  <Unsaved
    bind:this={unsaved}
    form="{season.grow}.season.{season.tank}"
    value={{ chosen, started, planted, first, strength, rising, by, every, programme }}
    onrestore={(typed) =>
      ({ chosen, started, planted, first, strength, rising, by, every, programme } = typed)}
  />
  <div class="season">
    <p class="sentence" role="group" aria-label="The season">
      Start
      <Choice
        label="Chart"
        value={version}
        options={overview.leaflets.map((one) => ({ value: one.version_id, words: one.name }))}
        onchoose={(id) => (chosen = id)}
      />
      in <b>{tank.name}</b> on
      <DateField label="First day" inSentence bind:value={started} required />
      with
      <InSentence label="What is planted" bind:value={planted} maxlength={60} room={8} />, in
      <Choice
        label="First column"
        value={firstColumn?.key ?? ''}
        options={columns.map((one) => ({ value: one.key, words: one.label }))}
        onchoose={(key) => (first = key)}
      />
      at
      <Typed
        label="Strength"
        value={strength}
        step={5}
        places={1}
        onchange={(text) => (strength = text)}
      />
      rising to
      <Typed
        label="Rising to"
        value={rising}
        step={5}
        places={1}
        placeholder="nothing more"
        onchange={(text) => (rising = text)}
      />
      {#if rising.trim()}
        by
        <Choice
          label="By which column"
          value={byColumn?.key ?? ''}
          options={columns.map((one) => ({ value: one.key, words: one.label }))}
          onchoose={(key) => (by = key)}
        />{/if}{#if programme === 'mineral'}, change out
        <Choice
          label="Change out"
          value={every ?? 0}
          options={EVERY}
          onchoose={(days) => (every = days || null)}
        />{/if}. It is
      <Choice
        label="Programme"
        value={programme}
        options={[
          { value: 'mineral' as const, words: 'a mineral feed' },
          {
            value: 'living' as const,
            words: 'a living tank',
            note: 'held for months; cultures come again by their rule',
          },
        ]}
        onchoose={(chosen) => (programme = chosen)}
      />.
    </p>
    {#if firstColumn && started}
      <p class="note">
        The first filling is {firstColumn.label} on {dayWords(started)}.
        {#if running}The season that runs here ends on the day before.{/if}
        Nothing begins before you press the button, and it can be taken back.
      </p>
    {/if}
    <p>
      <Button kind="main" size="large" disabled={busy || !firstColumn || !started} onclick={begin}>
        Begin the season
      </Button>
    </p>
  </div>
  <JoinSeason {season} {started} onjoined={onbegun} />
{/if}

<style>
  .sentence {
    max-width: 60rem;
    font-size: 1.5rem;
    line-height: 2;
  }

  .note {
    margin-top: 8px;
    color: var(--faded);
  }
</style>
