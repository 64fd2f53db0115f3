<script lang="ts">
  import { answered, api, type Problem, type Shapes } from '../api/client';
  import { growHere } from '../shell/grow.svelte';
  import { timeOfDay } from '../words/dates';
  import Button from '../parts/Button.svelte';
  import Field from '../parts/Field.svelte';

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
      <Field label="Where?" beside size={24} maxlength={120} bind:value={where} />
      <Button kind="main" onclick={() => look(true)}>It leaks there</Button>
      <Button onclick={() => (leaking = false)}>No</Button>
    {:else}
      {#if watched.due}
        <Button kind="main" onclick={() => look(false)}>Dry everywhere, level as marked</Button>
      {/if}
      <Button onclick={() => (leaking = true)}>It leaks …</Button>
    {/if}
  {:else}
    <p>
      Fill it with plain water first and let the pump run, mark the level inside with tape, look at
      every joint after an hour. Only then comes feed.
    </p>
    <Button onclick={fill}>It is filled with plain water, the level marked</Button>
  {/if}
  <p role="status">{problem ? `△ ${problem.message}` : said}</p>
</section>

<style>
  section {
    max-width: 44rem;
    margin-top: 24px;
  }

  h2 {
    font-size: var(--type-more);
  }
</style>
