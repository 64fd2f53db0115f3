<script lang="ts">
  import { answered, api, type Leaflet, type LeafletFound, type Problem } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import Shape from '../parts/Shape.svelte';
  import { go } from '../routes';
  import { growHere } from '../shell/grow.svelte';
  import { at, CHARTS, GROW, LEAFLET, MIX } from '../shell/views';
  import Beside from './Beside.svelte';
  import Bottle from './Bottle.svelte';
  import Bring from './reading/Bring.svelte';
  import { Editing } from './typed/editing.svelte';
  import Feeds from './Feeds.svelte';
  import type { Fed } from './feeds';
  import LeafletSentence from './LeafletSentence.svelte';
  import Picture from './Picture.svelte';
  import Sheet from './typed/Sheet.svelte';
  import { EMPTY, justKept, readingWords } from './typed/sheet';
  import Tools from './typed/Tools.svelte';
  import { waiting } from './reading/waiting.svelte';
  import Button from '../parts/Button.svelte';
  import Unsaved from '../parts/Unsaved.svelte';

  /** One chart's leaflet; 0 is one that is still to be brought in. */
  let { chart }: { chart: number } = $props();

  const grow = growHere();

  let found = $state.raw<LeafletFound | undefined>();
  let editing = $state.raw<Editing | undefined>();
  let problem = $state.raw<Problem | undefined>();
  let trouble = $state.raw<Problem | undefined>();
  let keeping = $state(false);
  let keptNow = $state(false);
  let picture = $state<number | null>(null);
  let keptPicture = $state<number | null>(null);
  /** The version from which what is typed was begun; none is the newest that was found. */
  let begunFrom = $state<number | undefined>();
  let unsaved = $state<ReturnType<typeof Unsaved<Typed>>>();

  interface Typed {
    leaflet: Leaflet;
    picture: number | null;
    seen: number | null;
  }

  const typedNow = $derived<Typed>({
    leaflet: editing?.asTyped ?? EMPTY,
    picture,
    seen: begunFrom ?? found?.versions[0]?.version_id ?? null,
  });
  const isTyped = $derived(
    editing !== undefined && (editing.asTyped !== editing.kept || picture !== keptPicture),
  );

  function restore({ leaflet, picture: beside, seen }: Typed) {
    begunFrom = seen ?? undefined;
    picture = beside;
    if (editing) editing.change(leaflet);
    else begin(leaflet, EMPTY);
  }

  function throwAway() {
    begunFrom = undefined;
    picture = keptPicture;
    if (chart) editing?.change(editing.kept);
    else editing = undefined;
  }
  /** Which chart and version is laid over what this one feeds, as "chart.version". */
  let over = $state('0.0');
  let fedOver = $state.raw<Fed[] | undefined>();
  const overs = $derived([
    { value: '0.0', words: 'nothing' },
    ...(found?.versions ?? [])
      .filter((one) => one.version_id !== found?.version_id)
      .map((one) => ({
        value: `${chart}.${one.version_id}`,
        words: `version ${one.version_number}`,
      })),
    ...(grow.overview?.leaflets ?? [])
      .filter((one) => one.chart_id !== chart)
      .map((one) => ({ value: `${one.chart_id}.0`, words: one.name })),
  ]);
  /** The chart just kept, for the way on to a pour sheet. */
  const fresh = $derived(keptNow || justKept.chart === chart);

  const tanks = $derived(grow.overview?.tanks ?? []);
  async function load(version = 0) {
    if (!chart) return;
    const { data, problem: wrong } = await answered(
      api.GET('/api/grows/{grow_id}/charts/{chart_id}/leaflet', {
        params: { path: { grow_id: grow.id, chart_id: chart }, query: { version_id: version } },
      }),
    );
    problem = wrong;
    if (!data) return;
    found = data;
    keptPicture = data.versions.find((one) => one.version_id === data.version_id)?.picture ?? null;
    picture = keptPicture;
    begin(data.leaflet, data.leaflet);
  }

  function begin(sheet: Leaflet, kept: Leaflet) {
    const shownFor = editing?.shownFor;
    editing = new Editing(grow.id, sheet, kept);
    const tank = tanks.find((one) => one.chart_id === chart) ?? tanks[0];
    const strength = tank?.strength_shown ?? '100 %';
    editing.show(shownFor ?? { tank: tank?.id ?? null, water: null, strength, feeds: true });
  }

  void load();

  /** What another version, or another chart, feeds: laid over this one. */
  async function layOver(choice: string) {
    over = choice;
    fedOver = undefined;
    const [other, version] = choice.split('.').map(Number);
    if (!other || !editing) return;
    const path = { grow_id: grow.id, chart_id: other };
    const { data } = await answered(
      api.GET('/api/grows/{grow_id}/charts/{chart_id}/leaflet', {
        params: { path, query: { version_id: version ?? 0 } },
      }),
    );
    if (!data) return;
    const { data: meant } = await answered(
      api.POST('/api/grows/{grow_id}/leaflet-meaning', {
        params: { path: { grow_id: grow.id } },
        body: { leaflet: data.leaflet, ...editing.shownFor },
      }),
    );
    if (over === choice) fedOver = meant?.fed;
  }

  /** Somebody kept a version meanwhile: what is typed here stays, beside theirs, and can be kept next. */
  async function lookAgain() {
    const { data } = await answered(
      api.GET('/api/grows/{grow_id}/charts/{chart_id}/leaflet', {
        params: { path: { grow_id: grow.id, chart_id: chart } },
      }),
    );
    if (data && found) found = { ...found, versions: data.versions };
  }

  async function keep() {
    if (!editing) return;
    editing.settle();
    keeping = true;
    const seen = found?.versions[0]?.version_id ?? null;
    const { data, problem: wrong } = await answered(
      api.POST('/api/grows/{grow_id}/leaflets', {
        params: { path: { grow_id: grow.id } },
        body: {
          leaflet: editing.sheet,
          chart_id: chart || null,
          seen: (begunFrom as typeof seen) ?? seen,
          picture,
        },
      }),
    );
    keeping = false;
    trouble = wrong;
    if (wrong?.code === 'changed_meanwhile') {
      begunFrom = undefined;
      return void lookAgain();
    }
    if (!data) return;
    begunFrom = undefined;
    unsaved?.forget();
    await grow.load();
    keptNow = true;
    justKept.chart = data.chart_id;
    if (chart) await load();
    else go(at(LEAFLET, grow.id, { chart: data.chart_id }), { replace: true });
  }

  /** Ctrl S keeps the sheet, wherever on it one is. */
  function press(event: KeyboardEvent) {
    if (!editing || event.key.toLowerCase() !== 's' || !(event.ctrlKey || event.metaKey)) return;
    event.preventDefault();
    void keep();
  }

  function bringNext() {
    justKept.chart = 0;
    go(at(LEAFLET, grow.id, { chart: 0 }));
  }

  function mixWithIt() {
    const tank = editing?.shownFor.tank ?? tanks[0]?.id;
    if (!tank) {
      go(at(GROW, grow.id));
      return;
    }
    const column = editing?.sheet.columns[editing.cursor.column]?.key ?? '';
    const hash = `#${new URLSearchParams({ version_id: `${found?.version_id ?? ''}`, column })}`;
    go(at(MIX, grow.id, { tank }), { hash });
  }
</script>

<svelte:window onkeydown={press} />

<div class="view">
  {#if !problem && (editing || chart === 0)}
    <Unsaved
      bind:this={unsaved}
      form="{grow.id}.leaflet.{chart}"
      value={typedNow}
      changed={isTyped}
      onrestore={restore}
      onthrow={throwAway}
    />
  {/if}
  {#if problem}
    <p role="alert">△ {problem.message}</p>
    <Button onclick={() => go(at(CHARTS, grow.id))}>Back to the charts</Button>
  {:else if editing}
    {@const sheet = editing.sheet}
    <h1 class="unseen">{sheet.name || 'A leaflet'}</h1>
    <LeafletSentence {editing} {tanks} waters={grow.overview?.waters ?? []} />
    <div class="halves">
      <div class="left">
        <Tools {editing} />
        <div class={{ beside: picture !== null }}>
          {#if picture !== null}
            <Picture grow={grow.id} {picture} onchange={(kept) => (picture = kept)} />
          {/if}
          <Sheet {editing} readingUnit={readingWords(sheet)} />
        </div>
        {#if picture === null}
          <Picture grow={grow.id} {picture} onchange={(kept) => (picture = kept)} />
        {/if}
        {#if editing.meaning && sheet.columns.length && sheet.rows.length}
          <h2>
            What it feeds
            <span class="over">
              <i>with</i>
              <Choice label="Laid over it" value={over} options={overs} onchoose={layOver} />
              <i>laid over it</i>
            </span>
          </h2>
          <Feeds
            {sheet}
            meaning={editing.meaning}
            strength={editing.shownFor.strength}
            other={fedOver}
          />
        {/if}
      </div>
      <div class="right">
        {#if fresh && !editing.changed && waiting.tables[0]}
          <Button
            kind="framed"
            size="large"
            onclick={bringNext}
            {@attach (button) => button.focus()}
          >
            On to the next table: {waiting.tables[0].words}
          </Button>
          <Button onclick={() => waiting.drop()}>
            Skip the other tables ({waiting.tables.length})
          </Button>
        {:else if fresh && !editing.changed}
          <Button
            kind="framed"
            size="large"
            onclick={mixWithIt}
            {@attach (button) => button.focus()}
          >
            {tanks.length ? 'On to the pour sheet' : 'On to your tank'}
          </Button>
        {/if}
        <Beside
          {editing}
          {found}
          {keeping}
          pictured={picture !== keptPicture}
          problem={trouble}
          onkeep={keep}
          onversion={(version) => load(version)}
        />
        {#if editing.bottle !== undefined}
          <Bottle {editing} at={editing.bottle} />
        {/if}
      </div>
    </div>
  {:else if chart === 0}
    <Bring grow={grow.id} ontaken={(leaflet) => begin(leaflet, EMPTY)} />
  {:else}
    <Shape what="The leaflet is being opened" />
  {/if}
</div>

<style>
  .view {
    padding: 4px 20px 48px 32px;
  }

  .halves {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 244px;
    gap: 24px;
    align-items: start;
  }

  .left {
    display: grid;
    gap: 12px;
    min-width: 0;
  }

  .left > :global(*) {
    min-width: 0;
  }

  .beside {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
    gap: 12px;
  }

  .right {
    display: grid;
    gap: 20px;
    padding-left: 16px;
    border-left: 2px solid #e7c9ba;
  }

  h2 {
    margin-top: 8px;
    font-size: var(--type-lead);
  }

  .over {
    display: inline-flex;
    gap: 6px;
    align-items: baseline;
    margin-left: 8px;
    font-size: 1rem;
    font-weight: 400;
  }

  i {
    font-style: normal;
  }

  @media screen and (width < 900px) {
    .view {
      padding: 8px 16px 32px;
    }

    .halves,
    .beside {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
