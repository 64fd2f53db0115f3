<script lang="ts">
  import { answered, api, listed, type Problem, type Shapes } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { typedIn } from '../planning/settings';
  import { growHere } from '../shell/grow.svelte';
  import { choices } from '../words/growing';
  import { WAYS } from '../words/tanks';
  import { written } from '../words/numbers';
  import Button from '../parts/Button.svelte';
  import Notice from '../parts/Notice.svelte';
  import InSentence from '../parts/InSentence.svelte';

  /** A volume without a tape: counted, metered, timed, or told by a known dose. */
  let { tank, onknown }: { tank: number; onknown: (volume: Shapes['Figure']) => Promise<boolean> } =
    $props();

  const grow = growHere();
  type Known = Shapes['KnownIn'];
  type Figure = 'count' | 'volume' | 'start' | 'end' | 'seconds' | 'minutes' | 'amount' | 'lifts' | 'before' | 'after'; // prettier-ignore
  let told = $state<Record<Figure, string> & { way: Known['way'] }>({
    way: 'buckets',
    count: '', volume: '10 L', start: '', end: '', seconds: '', minutes: '',
    amount: '', lifts: '', before: '', after: '',
  }); // prettier-ignore
  let product = $state(0);
  let labelled = $state.raw<{ id: number; name: string }[]>([]);
  let found = $state.raw<Shapes['KnownOut'] | undefined>();
  let problem = $state.raw<Problem | undefined>();

  $effect(() => {
    if (told.way !== 'dose' || labelled.length) return;
    const path = { grow_id: grow.id };
    const pages = listed(async (after) => {
      const { data, error } = await api.GET('/api/grows/{grow_id}/shelf', {
        params: { path, query: { after } },
      });
      return data ? { data: { items: data.products, after: data.after } } : { error };
    });
    void pages.then(({ data }) => {
      labelled = data?.filter((one) => one.label).map(({ id, name }) => ({ id, name })) ?? [];
    });
  });

  async function calculate(event: SubmitEvent) {
    event.preventDefault();
    const { overview } = grow;
    if (!overview) return;
    const path = { grow_id: grow.id, tank_id: tank };
    const body = {
      ...told,
      product: told.way === 'dose' && product ? product : null,
      typed_in: typedIn(overview),
    };
    const outcome = await answered(
      api.POST('/api/grows/{grow_id}/tanks/{tank_id}/known-volume', { params: { path }, body }),
    );
    found = outcome.data;
    problem = outcome.problem;
  }
</script>

{#snippet field(label: string, name: Exclude<keyof typeof told, 'way'>, hint = '')}
  <InSentence
    {label}
    kind="figure"
    room={5}
    maxlength={40}
    placeholder={written(hint)}
    bind:value={told[name]}
  />
{/snippet}

<form onsubmit={calculate}>
  <h2>Known in another way</h2>
  <p>
    <Choice
      label="How it is known"
      value={told.way}
      options={choices(WAYS).map(([value, words]) => ({ value, words }))}
      onchoose={(way) => {
        told.way = way;
        found = problem = undefined;
      }}
    />:
    {#if told.way === 'buckets'}
      {@render field('How many buckets', 'count', '42.5')} buckets of
      {@render field('Of what volume', 'volume')} fill it.
    {:else if told.way === 'meter'}
      from {@render field('Meter at the start', 'start', '1200 L')} to
      {@render field('Meter at the end', 'end', '1625 L')}.
    {:else if told.way === 'flow'}
      {@render field('Volume that is timed', 'volume')} take
      {@render field('Seconds', 'seconds', '30')} seconds, the tank takes
      {@render field('Minutes', 'minutes', '20')} minutes.
    {:else}
      {@render field('How much went in, mL or g', 'amount', '50')} mL or g of
      <Choice
        label="Of what"
        value={product}
        options={[
          { value: 0, words: 'something' },
          ...labelled.map((one) => ({ value: one.id, words: one.name })),
        ]}
        onchoose={(id) => (product = id)}
      />
      {#if !product}
        of which 1 in a litre lifts it by {@render field('mS/cm by one in a litre', 'lifts', '1.2')}
        mS/cm
      {/if}
      lifted the reading from {@render field('Reading before', 'before', '0.52')} to
      {@render field('Reading after', 'after', '1.10')}. Stir well before each.
    {/if}
    <Button type="submit">Compute</Button>
  </p>
  <Notice {problem} />
  {#if found}
    {@const { litres } = found}
    <p class="found" role="status">
      That is <b>{found.shown}</b>, between {found.low_shown} and {found.high_shown}.
      <Button onclick={() => onknown(litres)}>Save as the tank’s volume</Button>
    </p>
  {/if}
</form>

<style>
  form {
    margin-top: 24px;
  }

  h2 {
    font-size: var(--type-more);
  }

  p {
    line-height: 2;
  }

  .found b {
    font: 700 1.5rem var(--figures);
  }
</style>
