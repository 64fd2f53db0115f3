<script lang="ts">
  import { answered, api, type ChartCard, type Problem } from '../api/client';
  import { Latest } from '../planning/latest';
  import { go } from '../routes';
  import { growHere } from '../shell/grow.svelte';
  import { at, LEAFLET } from '../shell/views';
  import { MEDIA } from '../words/growing';
  import Ink from './typed/Ink.svelte';
  import RemoveChart from './RemoveChart.svelte';
  import { written } from '../words/numbers';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import CheckField from '../parts/CheckField.svelte';
  import InSentence from '../parts/InSentence.svelte';

  const grow = growHere();
  const path = $derived({ grow_id: grow.id });

  let cards = $state.raw<ChartCard[] | undefined>();
  let after = $state<number | null>(null);
  let search = $state('');
  let archived = $state(false);
  let problem = $state.raw<Problem | undefined>();
  /** The chart whose name is being typed. */
  let naming = $state<number | undefined>();

  const latest = new Latest((from: number, signal: AbortSignal) =>
    answered(
      api.GET('/api/grows/{grow_id}/library', {
        params: { path, query: { after: from, search, archived } },
        signal,
      }),
    ),
  );

  async function load(from = 0) {
    const outcome = await latest.ask(from);
    if (!outcome || !('answer' in outcome)) return;
    const { data, problem: trouble } = outcome.answer;
    problem = trouble;
    if (!data) return;
    cards = from ? [...(cards ?? []), ...data.items] : data.items;
    after = data.after;
  }

  $effect(() => {
    void [search, archived];
    void load();
  });

  async function settle(asked: Promise<{ data?: unknown; error?: unknown }>) {
    const { problem: trouble } = await answered(asked);
    problem = trouble;
    if (trouble) return;
    await Promise.all([load(), grow.load()]);
  }

  function edit(chart: number, body: { name?: string; archived?: boolean }) {
    const params = { path: { ...path, chart_id: chart } };
    return settle(api.PATCH('/api/grows/{grow_id}/charts/{chart_id}', { params, body }));
  }

  function copy(chart: number) {
    const params = { path: { ...path, chart_id: chart } };
    return settle(api.POST('/api/grows/{grow_id}/charts/{chart_id}/copy', { params }));
  }

  async function rename(event: SubmitEvent, chart: number) {
    event.preventDefault();
    const form = new FormData(event.currentTarget as HTMLFormElement);
    naming = undefined;
    await edit(chart, { name: form.get('name') as string });
  }

  function open(chart: number) {
    go(at(LEAFLET, grow.id, { chart }));
  }

  function used(card: ChartCard): string {
    return card.used_in.length ? `feeds ${card.used_in.join(', ')}` : 'feeds no tank yet';
  }
</script>

<div class="view">
  <div class="head">
    <h1>Charts</h1>
    <Button kind="main" onclick={() => open(0)}>Bring in a leaflet</Button>
    <InSentence
      label="Search charts"
      type="search"
      placeholder="Search by name or maker"
      bind:value={search}
      room={26}
      maxlength={80}
    />
    <CheckField bind:checked={archived}>Archived</CheckField>
  </div>
  <Notice {problem} />
  {#if cards}
    <ul>
      {#each cards as card (card.chart_id)}
        <li>
          <button type="button" class="leaf" onclick={() => open(card.chart_id)}>
            <span class="unseen">Open {card.name}</span>
            <span class="tags" aria-hidden="true">
              {#each card.bottles.slice(0, 12) as tag, n (n)}<abbr>{tag}</abbr>{/each}
            </span>
            <span class="ink"><Ink ink={card.ink.slice(0, 12)} columns={card.columns} /></span>
          </button>
          {#if naming === card.chart_id}
            <form onsubmit={(event) => rename(event, card.chart_id)}>
              <InSentence
                label="New name of {card.name}"
                name="name"
                value={card.name}
                maxlength={80}
                room={20}
                required
                {@attach (input) => input.select()}
              />
              <Button kind="framed" size="small" type="submit">Rename</Button>
            </form>
          {:else}
            <h2>{card.name}</h2>
          {/if}
          <p>
            {card.maker ? `${card.maker} · ` : ''}{MEDIA[card.medium]} · {written(card.weeks)} ·
            {card.bottles.length} bottles · version {card.versions}
          </p>
          <p class={{ used: card.used_in.length > 0 }}>{used(card)}</p>
          <p class="does">
            <Button onclick={() => copy(card.chart_id)}>Copy</Button>
            <Button onclick={() => (naming = card.chart_id)}>Rename</Button>
            <Button onclick={() => edit(card.chart_id, { archived: !card.archived })}>
              {card.archived ? 'Restore' : 'Archive'}
            </Button>
          </p>
          {#if card.archived}<RemoveChart {card} onasked={settle} />{/if}
        </li>
      {/each}
    </ul>
    {#if !cards.length}
      <p class="none">
        {search
          ? `No chart is called “${search}”.`
          : archived
            ? 'No chart is archived.'
            : 'No chart yet: bring in your leaflet, pasted, typed or from a file.'}
      </p>
    {/if}
    {#if after !== null}<Button kind="framed" size="small" onclick={() => load(after ?? 0)}
        >Show more</Button
      >{/if}
  {/if}
</div>

<style>
  .view {
    padding: 4px 20px 32px 32px;
  }

  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 12px 24px;
    margin-bottom: 20px;
  }

  h1 {
    font-size: var(--type-title);
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
    gap: 28px 24px;
  }

  .leaf {
    display: grid;
    grid-template-columns: 24px 1fr;
    gap: 6px;
    width: 100%;
    padding: 12px;
    margin-bottom: 8px;
    background: var(--sheet);
    border: 1px solid var(--rule);
    border-bottom: 2px solid var(--ink);
  }

  .leaf:hover {
    border-color: var(--ink);
  }

  .tags {
    display: flex;
    flex-direction: column;
    height: 104px;
  }

  .tags abbr {
    flex: 1;
    min-height: 0;
    font: 700 0.5625rem/1 var(--figures);
    display: flex;
    align-items: flex-end;
    max-height: 13px;
  }

  h2 {
    font-size: var(--type-more);
    line-height: 1.3;
  }

  li p {
    font-size: var(--type-quiet);
    color: var(--faded);
  }

  li .used {
    color: var(--ink);
  }

  .does {
    display: flex;
    gap: 8px;
  }

  form {
    display: flex;
    gap: 8px;
  }

  .none {
    font-size: var(--type-lead);
  }

  @media screen and (width < 900px) {
    .view {
      padding: 8px 16px 32px;
    }
  }
</style>
