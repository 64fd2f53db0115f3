<script lang="ts">
  import { answered, api, type Leaflet, type LeafletFound, type Problem } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import Shape from '../parts/Shape.svelte';
  import { go } from '../routes';
  import { growHere } from '../shell/grow.svelte';
  import { at, CHARTS, GROW, LEAFLET, MIX } from '../shell/views';
  import { READING_MEANS, UNITS } from '../words/charts';
  import { choices, MEDIA } from '../words/growing';
  import Beside from './Beside.svelte';
  import Bottle from './Bottle.svelte';
  import Bring from './Bring.svelte';
  import { Editing } from './editing.svelte';
  import Feeds from './Feeds.svelte';
  import type { Fed } from './feeds';
  import Picture from './Picture.svelte';
  import Sheet from './Sheet.svelte';
  import { EMPTY, justKept } from './sheet';
  import Tools from './Tools.svelte';

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
  /** Which chart and version is laid over what this one feeds, as "chart.version". */
  let over = $state('0.0');
  let fedOver = $state.raw<Fed[] | undefined>();
  const overs = $derived([
    { value: '0.0', words: 'nothing' },
    ...(found?.versions ?? [])
      .filter((one) => one.id !== found?.version)
      .map((one) => ({ value: `${chart}.${one.id}`, words: `version ${one.number}` })),
    ...(grow.quay?.charts ?? [])
      .filter((one) => one.chart !== chart)
      .map((one) => ({ value: `${one.chart}.0`, words: one.name })),
  ]);
  /** The chart just kept, for the way on to a pour sheet. */
  const fresh = $derived(keptNow || justKept.chart === chart);

  const tanks = $derived(grow.quay?.tanks ?? []);
  const unit = $derived(
    editing?.sheet.reading_unit === 'ppm'
      ? `ppm ${editing.sheet.ppm_scale ?? ''}`
      : (editing?.sheet.reading_unit ?? 'mS/cm'),
  );
  /** The unit that all its bottles have, for the sentence: mostly they have one. */
  const units = $derived([...new Set(editing?.sheet.rows.map((row) => row.unit) ?? [])]);

  async function load(version = 0) {
    if (!chart) return;
    const { data, problem: wrong } = await answered(
      api.GET('/api/grows/{grow_id}/charts/{chart_id}/leaflet', {
        params: { path: { grow_id: grow.id, chart_id: chart }, query: { version } },
      }),
    );
    problem = wrong;
    if (!data) return;
    found = data;
    picture = data.versions.find((one) => one.id === data.version)?.picture ?? null;
    begin(data.leaflet, data.leaflet);
  }

  function begin(sheet: Leaflet, kept: Leaflet) {
    const shownFor = editing?.shownFor;
    editing = new Editing(grow.id, sheet, kept);
    const tank = tanks.find((one) => one.chart === chart) ?? tanks[0];
    const strength = tank?.strength_shown ?? '100 %';
    editing.show(shownFor ?? { tank: tank?.id ?? null, strength, feeds: true });
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
        params: { path, query: { version: version ?? 0 } },
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

  async function keep() {
    if (!editing) return;
    editing.settle();
    keeping = true;
    const { data, problem: wrong } = await answered(
      api.POST('/api/grows/{grow_id}/leaflets', {
        params: { path: { grow_id: grow.id } },
        body: {
          leaflet: editing.sheet,
          chart: chart || null,
          seen: found?.versions[0]?.id ?? null,
          picture,
        },
      }),
    );
    keeping = false;
    trouble = wrong;
    if (!data) return;
    await grow.load();
    keptNow = true;
    justKept.chart = data.chart;
    if (chart) await load();
    else go(at(LEAFLET, grow.id, { chart: data.chart }), { replace: true });
  }

  function change(sheet: Partial<Leaflet>) {
    if (editing) editing.change({ ...editing.sheet, ...sheet });
  }

  function chooseUnit(chosen: Leaflet['rows'][number]['unit']) {
    const rows = editing?.sheet.rows.map((row) =>
      row.form === 'dry' ? row : { ...row, unit: chosen ?? null },
    );
    if (rows) change({ rows });
  }

  const SCALES = ['mS/cm', 'uS/cm', 'CF', 'ppm 500', 'ppm 640', 'ppm 700'];

  function chooseReading(words: string) {
    const [name, scale] = words.split(' ');
    change({
      reading_unit: name as Leaflet['reading_unit'],
      ppm_scale: (scale ? Number(scale) : null) as NonNullable<Leaflet['ppm_scale']> | null,
    });
  }

  /** Ctrl S keeps the sheet, wherever on it one is. */
  function press(event: KeyboardEvent) {
    if (!editing || event.key.toLowerCase() !== 's' || !(event.ctrlKey || event.metaKey)) return;
    event.preventDefault();
    void keep();
  }

  function mixWithIt() {
    const tank = editing?.shownFor.tank ?? tanks[0]?.id;
    if (!tank) return go(at(GROW, grow.id));
    const column = editing?.sheet.columns[editing.cursor.column]?.key ?? '';
    const hash = `#${new URLSearchParams({ chart: `${found?.version ?? ''}`, column })}`;
    go(at(MIX, grow.id, { tank }), { hash });
  }
</script>

<svelte:window onkeydown={press} />

<div class="view">
  {#if problem}
    <p role="alert">△ {problem.message}</p>
    <button onclick={() => go(at(CHARTS, grow.id))}>Back to the charts</button>
  {:else if editing}
    {@const sheet = editing.sheet}
    <h1 class="unseen">{sheet.name || 'A leaflet'}</h1>
    <p class="sentence">
      <input
        class="title"
        aria-label="Name of the chart"
        placeholder="Name it"
        value={sheet.name}
        maxlength="80"
        size={Math.max(8, sheet.name.length)}
        onchange={(event) => change({ name: event.currentTarget.value })}
      />
      of
      <input
        aria-label="Maker"
        placeholder="no maker"
        value={sheet.maker}
        maxlength="60"
        size={Math.max(8, sheet.maker.length)}
        onchange={(event) => change({ maker: event.currentTarget.value })}
      />, written for
      <Choice
        label="Written for"
        value={sheet.medium}
        options={choices(MEDIA).map(([value, words]) => ({ value, words }))}
        onchoose={(medium) => change({ medium })}
      />, in
      <Choice
        label="Unit of doses"
        value={units.length === 1 ? (units[0] ?? '') : ''}
        options={[
          { value: '' as const, words: 'units of their own' },
          ...choices(UNITS).map(([value, words]) => ({ value, words })),
        ]}
        onchoose={(chosen) => chosen && chooseUnit(chosen)}
      />, its EC
      <Choice
        label="Unit of EC"
        value={unit}
        options={SCALES.map((value) => ({ value, words: value }))}
        onchoose={chooseReading}
      />
      <Choice
        label="What the EC means"
        value={sheet.readings}
        options={choices(READING_MEANS).map(([value, words]) => ({ value, words }))}
        onchoose={(readings) => change({ readings })}
      />. Its rows
      <Choice
        label="Mixing order"
        value={sheet.rows_are_order ? 'are' : 'are not'}
        options={[
          { value: 'are', words: 'are' },
          { value: 'are not', words: 'are not' },
        ]}
        onchoose={(told) => change({ rows_are_order: told === 'are' })}
      /> the mixing order.
    </p>
    <p class="sentence for">
      Shown for
      <Choice
        label="Tank"
        value={editing.shownFor.tank ?? 0}
        options={[
          { value: 0, words: '100 L' },
          ...tanks.map((tank) => ({ value: tank.id, words: tank.name, note: tank.volume })),
        ]}
        onchoose={(tank) => editing?.show({ tank: tank || null })}
      />
      {editing.shownFor.tank ? (editing.meaning?.volume ?? '') : ''} at
      <input
        aria-label="Strength"
        value={editing.shownFor.strength}
        size="6"
        maxlength="12"
        onchange={(event) => editing?.show({ strength: event.currentTarget.value })}
      />.
    </p>
    <div class="halves">
      <div class="left">
        <Tools {editing} />
        <div class={{ beside: picture !== null }}>
          {#if picture !== null}
            <Picture grow={grow.id} {picture} onchange={(kept) => (picture = kept)} />
          {/if}
          <Sheet {editing} readingUnit={unit} />
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
        <Beside
          {editing}
          {found}
          {keeping}
          problem={trouble}
          onkeep={keep}
          onversion={(version) => load(version)}
        />
        {#if fresh && !editing.changed}
          <button class="on" onclick={mixWithIt} {@attach (button) => button.focus()}>
            {tanks.length ? 'On to the pour sheet' : 'On to your tank'}
          </button>
        {/if}
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

  .sentence {
    font-size: 1.25rem;
    line-height: 2;
  }

  .for {
    margin-bottom: 12px;
    font-size: 1.0625rem;
  }

  .sentence input {
    font-weight: 700;
    line-height: 1.3;
    padding: 4px 3px 0;
    background: none;
    border: 0;
    border-bottom: 2px solid var(--ink);
    border-radius: 0;
    field-sizing: content;
  }

  .sentence .title {
    font-size: 1.375rem;
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
    font-size: 1.125rem;
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

  .on {
    min-height: 52px;
    padding: 0 16px;
    font-weight: 700;
    border: 2px solid var(--ink);
    border-radius: 6px;
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
