<script lang="ts">
  import { api, problemOf, type Overview } from '../api/client';
  import { Latest } from '../planning/latest';
  import { typedIn } from '../planning/settings';
  import Typed from '../planning/Typed.svelte';
  import Choice from '../parts/Choice.svelte';

  let { overview }: { overview: Overview } = $props();

  type Wanted = 'ec' | 'calcium' | 'alkalinity';
  interface Question {
    source: number;
    other: number;
    wanted: Wanted;
    figure: string;
    volume: string;
    recovery: string;
  }

  const WANTED = [
    { value: 'ec' as const, words: 'a reading' },
    { value: 'calcium' as const, words: 'calcium' },
    { value: 'alkalinity' as const, words: 'alkalinity' },
  ];
  const UNITS = $derived({
    ec: overview.units.reading_words,
    calcium: 'ppm',
    alkalinity: 'mg/L CaCO₃',
  });
  /** The hardest water, and the purest: what one most likely wants to know. */
  function first(): Question {
    const read = [...overview.waters].sort((a, b) => Number(b.ec?.value) - Number(a.ec?.value));
    return {
      source: read[0]?.id ?? 0,
      other: (read.find((one) => one.kind === 'ro') ?? read.at(-1))?.id ?? 0,
      wanted: 'ec',
      figure: '',
      volume: '',
      recovery: '',
    };
  }

  let question = $state.raw(first());
  let answer = $state('');
  let made = $state.raw({ made_shown: '', drawn_shown: '', rejected_shown: '' });
  let trouble = $state('');

  const latest = new Latest(async (asked: Question, signal: AbortSignal) => {
    const params = { path: { grow_id: overview.id } };
    return await api.POST('/api/grows/{grow_id}/share-of-water', {
      params,
      body: { ...asked, typed_in: typedIn(overview) },
      signal,
    });
  });

  async function ask(change: Partial<Question>) {
    question = { ...question, ...change };
    answer = trouble = '';
    if (!question.figure.trim()) return;
    const outcome = await latest.ask(question);
    if (!outcome) return;
    if ('answer' in outcome && outcome.answer.data) {
      answer = outcome.answer.data.percent;
      made = outcome.answer.data;
    } else trouble = problemOf('answer' in outcome ? outcome.answer.error : undefined).message;
  }

  const waters = $derived(
    overview.waters.map((one) => ({
      value: one.id,
      words: one.name,
      note: one.reading ?? 'not read',
    })),
  );
</script>

<p class="sentence">
  To bring
  <Choice
    label="Water to thin"
    value={question.source}
    options={waters}
    onchoose={(source) => ask({ source })}
  />
  to
  <Choice
    label="What is wanted"
    value={question.wanted}
    options={WANTED}
    onchoose={(wanted) => ask({ wanted, figure: '' })}
  />
  of
  <Typed
    label="Wanted figure"
    value={question.figure}
    placeholder="how much"
    step={question.wanted === 'ec' ? 0.05 : 5}
    places={2}
    wrong={trouble !== ''}
    onchange={(figure) => ask({ figure })}
  /><small>{UNITS[question.wanted]}</small>, fill
  <b role="status" aria-label="Share">{answer || '… %'}</b>
  of the tank with
  <Choice
    label="Water to thin it with"
    value={question.other}
    options={waters}
    onchoose={(other) => ask({ other })}
  />.
  {#if answer}
    For
    <Typed
      label="Volume that both fill"
      value={question.volume}
      placeholder="how much"
      step={10}
      places={1}
      wrong={trouble !== ''}
      onchange={(volume) => ask({ volume })}
    />
    {#if made.made_shown}
      that is <b>{made.made_shown}</b> of it; where a membrane lets
      <Typed
        label="Recovery of the membrane"
        value={question.recovery}
        placeholder="25 %"
        step={5}
        places={0}
        wrong={trouble !== ''}
        onchange={(recovery) => ask({ recovery })}
      />
      by{#if made.drawn_shown}, it draws <b>{made.drawn_shown}</b> and sends
        <b>{made.rejected_shown}</b> to the drain{/if}.
    {/if}
  {/if}
</p>
{#if trouble}<p class="trouble" id="what-is-wrong" role="alert">△ {trouble}</p>{/if}

<style>
  .sentence {
    font-size: 1.1875rem;
    line-height: 2.4;
  }

  b {
    font-family: var(--figures);
    color: var(--grow);
  }

  small {
    margin-left: 4px;
    color: var(--faded);
  }

  .trouble {
    color: var(--danger);
    font-weight: 700;
  }
</style>
