<script lang="ts">
  import { answered, api, type Problem, type Shapes, type Tank } from '../api/client';
  import ForGood from '../parts/ForGood.svelte';
  import { go } from '../routes';
  import { growHere } from '../shell/grow.svelte';
  import { at, GROW } from '../shell/views';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';

  /** Where a tank stands in the list of tanks; archived, and restored. */
  let { tank }: { tank: Tank } = $props();

  const grow = growHere();
  const tanks = $derived(grow.overview?.tanks ?? []);
  const place = $derived(tanks.findIndex((one) => one.id === tank.id));
  let away = $state.raw<Shapes['ArchivedTank'][]>([]);
  let problem = $state.raw<Problem | undefined>();
  let asked = $state(false);

  const path = $derived({ grow_id: grow.id });

  async function look() {
    const { data } = await answered(
      api.GET('/api/grows/{grow_id}/archived-tanks', { params: { path } }),
    );
    away = data ?? [];
  }

  $effect(() => void look());

  async function move(by: number) {
    const order = tanks.map((one) => one.id);
    order.splice(place, 1);
    order.splice(place + by, 0, tank.id);
    const outcome = await answered(
      api.PUT('/api/grows/{grow_id}/tank-order', { params: { path }, body: { tanks: order } }),
    );
    problem = outcome.problem;
    await grow.load();
  }

  async function remove(which: number, name: string) {
    const outcome = await answered(
      api.DELETE('/api/grows/{grow_id}/tanks/{tank_id}/for-good', {
        params: { path: { ...path, tank_id: which } },
        body: { name },
      }),
    );
    problem = outcome.problem;
    await look();
  }

  async function put(which: number, archived: boolean) {
    const outcome = await answered(
      api.PUT('/api/grows/{grow_id}/tanks/{tank_id}/archived', {
        params: { path: { ...path, tank_id: which } },
        body: { archived },
      }),
    );
    problem = outcome.problem;
    asked = false;
    if (problem) return;
    if (archived) grow.tank = undefined;
    await grow.load();
    // Who has gone on meanwhile is left where they are.
    if (archived) go(at(GROW, grow.id));
    else await look();
  }
</script>

<section>
  <h2>Tank list</h2>
  <Notice {problem} />
  <p>
    <Button onclick={() => move(-1)} disabled={place <= 0}>Move up</Button>
    <Button onclick={() => move(1)} disabled={place < 0 || place >= tanks.length - 1}
      >Move down</Button
    >
    {#if asked}
      Its record stays, and it can be brought back.
      <Button onclick={() => put(tank.id, true)}>Yes, archive {tank.name}</Button>
      <Button onclick={() => (asked = false)}>No</Button>
    {:else}
      <Button onclick={() => (asked = true)}>Archive</Button>
    {/if}
  </p>
  {#if away.length}
    <div class="away">
      Archived:
      {#each away as one (one.id)}
        <span>
          {one.name}
          <Button onclick={() => put(one.id, false)}>Restore {one.name}</Button>
          <ForGood
            name={one.name}
            what={one.name}
            loses="Its mixes, seasons and readings will be deleted."
            onremove={(typed) => remove(one.id, typed)}
          />
        </span>
      {/each}
    </div>
  {/if}
</section>

<style>
  section {
    margin-top: 24px;
  }

  h2 {
    font-size: var(--type-more);
  }

  .away span {
    display: block;
  }
</style>
