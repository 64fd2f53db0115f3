<script lang="ts">
  import { answered, api, type Problem, type Shapes } from '../api/client';
  import { growHere } from '../shell/grow.svelte';
  import { timeOfDay } from '../words/dates';

  /** A new or rebuilt system: plain water, an hour, a look at every joint; only then comes feed. */
  let { tank }: { tank: number } = $props();

  const grow = growHere();
  let watched = $state.raw<Shapes['FirstFillOut'] | null>(null);
  let problem = $state.raw<Problem | undefined>();
  let leaking = $state(false);
  let where = $state('');
  let said = $state('');

  const params = $derived({ path: { grow_id: grow.id, tank_id: tank } });
  const hour = $derived(
    watched ? timeOfDay(new Date(watched.look_at), grow.overview?.time_zone) : '',
  );

  async function take(asking: Promise<{ data?: Shapes['WatchedOut']; error?: unknown }>) {
    const outcome = await answered(asking);
    problem = outcome.problem;
    if (outcome.data) watched = outcome.data.watched;
    return Boolean(outcome.data);
  }

  $effect(() => void take(api.GET('/api/grows/{grow_id}/tanks/{tank_id}/first-fill', { params })));

  async function fill() {
    said = '';
    await take(api.POST('/api/grows/{grow_id}/tanks/{tank_id}/first-fill', { params }));
  }

  async function look(leaks: boolean) {
    const body = { leaks, note: leaks ? where : 'level stands at its mark' };
    const asking = api.POST('/api/grows/{grow_id}/tanks/{tank_id}/leak-look', { params, body });
    if (!(await take(asking))) return;
    said = leaks
      ? 'Kept. Empty it below the leak, mend it, and fill it with plain water again.'
      : 'Kept: tight, its level marked. Feed may come.';
    leaking = false;
    where = '';
  }
</script>

<section>
  <h2>New or rebuilt?</h2>
  {#if watched}
    <p>
      Plain water stands in it. {watched.due
        ? 'Look at every joint, under every pot, with a dry hand or paper; the level stands at its mark?'
        : `Look at every joint at ${hour}; a leak that shows before is told at once.`}
    </p>
    {#if leaking}
      <label>Where? <input maxlength="120" bind:value={where} /></label>
      <button type="button" class="main" onclick={() => look(true)}>It leaks there</button>
      <button type="button" onclick={() => (leaking = false)}>No</button>
    {:else}
      {#if watched.due}
        <button type="button" class="main" onclick={() => look(false)}
          >Dry everywhere, level as marked</button
        >
      {/if}
      <button type="button" onclick={() => (leaking = true)}>It leaks …</button>
    {/if}
  {:else}
    <p>
      Fill it with plain water first and let the pump run, mark the level inside with tape, look at
      every joint after an hour. Only then comes feed.
    </p>
    <button type="button" onclick={fill}>It is filled with plain water, the level marked</button>
  {/if}
  <p role="status">{problem ? `△ ${problem.message}` : said}</p>
</section>

<style>
  section {
    max-width: 44rem;
    margin-top: 24px;
  }

  h2 {
    font-size: 1.0625rem;
  }

  button {
    min-height: 44px;
    padding: 0 8px 0 0;
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

  input {
    width: 24ch;
    min-height: 44px;
    padding: 0 4px;
    font: inherit;
    border: 0;
    border-bottom: 2px solid var(--ink);
  }
</style>
