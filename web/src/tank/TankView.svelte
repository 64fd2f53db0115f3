<script lang="ts">
  import { onDestroy, untrack } from 'svelte';

  import type { Shapes } from '../api/client';
  import Changes from '../parts/Changes.svelte';
  import Choice from '../parts/Choice.svelte';
  import Shape from '../parts/Shape.svelte';
  import { typedIn } from '../planning/settings';
  import { go, numberHere } from '../routes';
  import { growHere } from '../shell/grow.svelte';
  import { at, GROW, leftOff, TANK_MIXES } from '../shell/views';
  import { choices, CROPS, MEDIA, SYSTEMS } from '../words/growing';
  import { Drawn } from './drawn.svelte';
  import FirstFill from './FirstFill.svelte';
  import KnownVolume from './KnownVolume.svelte';
  import Order from './Order.svelte';
  import TankSection from './TankSection.svelte';
  import VesselSentence from './VesselSentence.svelte';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import InSentence from '../parts/InSentence.svelte';

  const grow = growHere();
  const number = $derived(numberHere('tank'));
  const overview = $derived(grow.overview);
  const tank = $derived(overview?.tanks.find((one) => one.id === number));

  let drawn = $state.raw<Drawn | undefined>();
  let busy = $state(false);

  $effect(() => {
    const now = new Drawn(grow.id, number);
    grow.tank = number;
    untrack(() => {
      drawn = now;
      void now.load();
    });
  });
  $effect(() => {
    if (overview && !tank) go(at(GROW, grow.id), { replace: true });
  });
  onDestroy(() => {
    if (leftOff.tank !== number) Object.assign(leftOff, { grow: grow.id, tank: number, hash: '' });
    grow.tank = undefined;
  });

  /** An edit of one field, made from what stands here now. */
  async function edit(body: Partial<Shapes['TankEdit']>): Promise<boolean> {
    if (!drawn || !overview) return false;
    const kept = await drawn.edit({ ...body, typed_in: typedIn(overview) });
    if (kept) await changed();
    return kept;
  }

  /** A mix that was left is taken up as the tank is now, not as it was. */
  async function changed() {
    leftOff.hash = '';
    await grow.load();
  }

  async function keep() {
    busy = true;
    if (await drawn?.keep()) await changed();
    busy = false;
  }

  const tape = $derived(
    overview?.units.volume.startsWith('gal') ? ('in' as const) : ('cm' as const),
  );
</script>

<div class="view">
  <Notice problem={drawn?.problem} />
  {#if !tank || !overview || !drawn}
    <Shape what="The tank is being looked up" />
  {:else}
    {#key tank.id}
      <h1>
        <InSentence
          label="Name of the tank"
          maxlength={60}
          room={8}
          value={tank.name}
          onkeep={(name) =>
            name && void edit({ name, seen: { name: tank.name } as Shapes['TankSeen'] })}
        />
        holds
        <InSentence
          label="Volume, all that is joined"
          kind="figure"
          maxlength={40}
          room={5}
          value={tank.volume}
          onkeep={(volume) =>
            volume && void edit({ volume, seen: { litres: tank.litres } as Shapes['TankSeen'] })}
        />
        of
        <Choice
          label="Filled from"
          value={tank.water}
          options={overview.waters.map((one) => ({ value: one.id, words: one.name }))}
          onchoose={(water) => void edit({ water })}
        />, grown in
        <Choice
          label="Plants stand in"
          value={tank.grown_in}
          options={choices(MEDIA).map(([value, words]) => ({ value, words }))}
          onchoose={(grown_in) => void edit({ grown_in })}
        />
        by
        <Choice
          label="System"
          value={tank.system_kind ?? ''}
          options={[
            ...choices(SYSTEMS).map(([value, words]) => ({ value, words })),
            { value: '' as const, words: 'another system' },
          ]}
          onchoose={(kind) => void edit({ system_kind: kind || null })}
        />; crop
        <InSentence
          label="Crop"
          maxlength={60}
          placeholder="not said"
          value={tank.crop}
          onkeep={(crop) => void edit({ crop })}
        />,
        <Choice
          label="Kind of crop"
          value={tank.crop_kind ?? ''}
          options={[
            ...choices(CROPS).map(([value, words]) => ({ value, words })),
            { value: '' as const, words: 'of no kind that was said' },
          ]}
          onchoose={(kind) => void edit({ crop_kind: kind || null })}
        />.
      </h1>
    {/key}
    {#if drawn.kept}
      {#if drawn.joined}
        <div class="picture"><TankSection {drawn} /></div>
        <p class="sum">
          All that is joined: <b>{drawn.measured?.shown ?? '…'}</b
          >{#if drawn.measured?.standing_shown}, of which {drawn.measured.standing_shown} stand while
            the pump rests{/if}.
          {#if drawn.changed}
            <Button
              kind="main"
              size="large"
              onclick={keep}
              disabled={busy || Boolean(drawn.problem)}
              >Save: the tank holds {drawn.measured?.shown}</Button
            >
            <Button onclick={() => drawn?.leave()}>Cancel</Button>
          {:else if drawn.kept.measured && drawn.kept.measured.shown !== drawn.kept.shown}
            <span class="heed"
              >△ Mixes are computed for {drawn.kept.shown}, which was told in another way.</span
            >
            <Button onclick={keep}>Take {drawn.measured?.shown} instead</Button>
          {/if}
        </p>
        <ol>
          {#each drawn.joined.vessels, n}
            <li><VesselSentence {drawn} at={n} /></li>
          {/each}
        </ol>
        <p>
          <Button onclick={() => drawn?.add(tape)}>Join another vessel</Button>
          <span class="quiet">Drag a water line, or step it with ↑ and ↓.</span>
        </p>
      {:else}
        <p class="quiet">
          Nobody has drawn it yet. Measure its vessels inside, and the litres follow from the water
          line; header tank, pots, pipes and channels all count.
        </p>
        <Button kind="main" size="large" onclick={() => drawn?.add(tape)}>Draw this tank</Button>
      {/if}
      <KnownVolume tank={number} onknown={(volume) => edit({ volume })} />
      {#key number}<FirstFill tank={number} />{/key}
      <p>
        <Button onclick={() => go(at(TANK_MIXES, grow.id, { tank: number }))}>
          Mixes of {tank.name}
        </Button>
      </p>
      <Order {tank} />
      {#key number}<Changes of={{ tank: number }} />{/key}
    {/if}
  {/if}
</div>

<style>
  .view {
    max-width: 1140px;
    padding: 8px 32px 32px;
  }

  h1 {
    font-size: 1.5rem;
    font-weight: 400;
    line-height: 2;
  }

  .picture {
    margin: 12px 0 8px;
  }

  .sum {
    font-size: var(--type-lead);
    line-height: 2;
  }

  .sum b {
    font: 700 1.75rem var(--figures);
  }

  ol {
    padding: 0;
    list-style: none;
  }

  li {
    padding: 8px 0;
    border-top: 1px solid var(--rule);
  }

  .quiet {
    max-width: 44rem;
    padding: 4px 0;
    color: var(--faded);
  }

  .heed {
    font-weight: 700;
    color: var(--heed);
  }

  @media screen and (width < 900px) {
    .view {
      padding: 8px 16px 24px;
    }
  }
</style>
