<script lang="ts">
  import Choice from '../parts/Choice.svelte';
  import { choices } from '../words/growing';
  import { LENGTHS, USUAL_LENGTHS, VESSEL_SHAPES } from '../words/tanks';
  import { CM_IN, type Drawn, type JoinedVessel } from './drawn.svelte';
  import { written } from '../words/numbers';
  import Button from '../parts/Button.svelte';
  import CheckField from '../parts/CheckField.svelte';
  import InSentence from '../parts/InSentence.svelte';

  /** One of the vessels a tank is joined of, as a sentence that is changed in place. */
  let { drawn, at }: { drawn: Drawn; at: number } = $props();

  const joined = $derived(drawn.joined);
  const vessel = $derived(joined?.vessels[at]);
  const found = $derived(drawn.measured?.vessels[at]);
  const unit = $derived(joined?.unit ?? 'cm');
  const words = $derived(vessel ? Object.entries(LENGTHS[vessel.shape]) : []);
  const flows = $derived(vessel ? 'slope' in LENGTHS[vessel.shape] : false);

  const set = (changes: Partial<JoinedVessel>) => drawn.set(at, changes);

  /** Another shape begins with a common size of it, in the unit of the tape. */
  function reshape(shape: JoinedVessel['shape']) {
    const lengths = Object.fromEntries(
      Object.entries(USUAL_LENGTHS[shape]).map(([name, cm]) => [
        name,
        unit === 'cm' ? cm : `${Math.round(Number(cm) / CM_IN.in)}`,
      ]),
    );
    const rim = Number(lengths['height'] ?? lengths['diameter']);
    set({ shape, lengths, level: `${Math.floor(rim * 0.8)}`, film: false });
  }

  function fillTo(volume: string) {
    if (joined && volume) void drawn.draw(joined, { vessel: at, volume });
  }
</script>

{#snippet figure(label: string, value: string, take: (text: string) => void)}
  <InSentence
    {label}
    kind="figure"
    inputmode="decimal"
    maxlength={12}
    room={3}
    value={written(value)}
    onkeep={(typed) => take(typed || '0')}
  />
{/snippet}

{#if vessel && joined}
  <p>
    <InSentence
      label="How many of {vessel.name}"
      kind="figure"
      type="number"
      room={4}
      min="1"
      max="500"
      value={vessel.count ?? 1}
      onkeep={(typed) => set({ count: Math.max(1, Number(typed) || 1) })}
    />
    ×
    <InSentence
      label="What vessel {at + 1} is called"
      maxlength={60}
      value={vessel.name}
      onkeep={(name) => name && set({ name })}
    />, a
    <Choice
      label="Shape of {vessel.name}"
      value={vessel.shape}
      options={choices(VESSEL_SHAPES).map(([value, name]) => ({ value, words: name }))}
      onchoose={reshape}
    />,
    {#each words as [name, length], n (name)}
      {n ? ', ' : ''}{@render figure(
        `${vessel.name}: ${length}`,
        `${vessel.lengths[name] ?? '0'}`,
        (value) => set({ lengths: { ...vessel.lengths, [name]: value } }),
      )}
      {length}
    {/each}
    (inside, {unit}).
    {vessel.film ? 'Water flows' : 'Water stands'}
    {@render figure(`Level in ${vessel.name}`, `${vessel.level}`, (level) => set({ level }))}
    {unit}
    {vessel.film ? 'deep' : 'high'}: <b class="litres">{found?.shown ?? '…'}</b>{#if found}, full to
      the rim {found.rim_shown}, {written(`${found.freeboard_cm}`)}&nbsp;cm free{/if}.
    {#if found?.touches_plug === false}<b class="heed">△ It does not touch the plugs.</b>
    {:else if found?.touches_plug}It touches the plugs.{/if}
  </p>
  <p class="wishes">
    <span>
      fill it to hold
      <InSentence
        label="fill it to hold"
        kind="figure"
        maxlength={20}
        placeholder={found?.shown ?? ''}
        onkeep={fillTo}
      />
    </span>
    <span>
      plugs hang at
      <InSentence
        label="plugs hang at, {unit}"
        kind="figure"
        inputmode="decimal"
        maxlength={12}
        room={4}
        placeholder="none"
        value={written(`${vessel.plug ?? ''}`)}
        onkeep={(plug) => set({ plug: plug || null })}
      />
      {unit}
    </span>
    <CheckField checked={vessel.runs ?? false} onturn={(runs) => set({ runs })}>
      holds water only while the pump runs
    </CheckField>
    {#if flows}
      <CheckField
        checked={vessel.film ?? false}
        onturn={(film) => set({ film, level: film ? '0.3' : '3' })}
      >
        as a film
      </CheckField>
    {/if}
    <Button onclick={() => drawn.remove(at)}>Remove {vessel.name}</Button>
  </p>
{/if}

<style>
  p {
    line-height: 2;
  }

  .litres {
    font-family: var(--figures);
  }

  .heed {
    color: var(--heed);
  }

  .wishes {
    display: flex;
    flex-wrap: wrap;
    gap: 0 20px;
    align-items: center;
    font-size: var(--type-note);
    color: var(--faded);
  }
</style>
