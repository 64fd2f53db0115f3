<script lang="ts">
  import Choice from '../parts/Choice.svelte';
  import { choices } from '../words/growing';
  import { LENGTHS, USUAL_LENGTHS, VESSEL_SHAPES } from '../words/tanks';
  import { CM_IN, type Drawn, type JoinedVessel } from './drawn.svelte';
  import { written } from '../words/numbers';

  /** One of the vessels a tank is joined of, as a sentence that is changed in place. */
  let { drawn, at }: { drawn: Drawn; at: number } = $props();

  const joined = $derived(drawn.joined);
  const vessel = $derived(joined?.vessels[at]);
  const found = $derived(drawn.measured?.vessels[at]);
  const unit = $derived(joined?.unit ?? 'cm');
  const words = $derived(vessel ? Object.entries(LENGTHS[vessel.shape]) : []);
  const flows = $derived(vessel ? 'slope' in LENGTHS[vessel.shape] : false);

  const set = (changes: Partial<JoinedVessel>) => drawn.set(at, changes);
  const text = (event: Event) =>
    (event.currentTarget as HTMLInputElement).value.trim().replace(',', '.');

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

  function fillTo(event: Event) {
    const volume = text(event);
    if (joined && volume) void drawn.draw(joined, { vessel: at, volume });
  }
</script>

{#snippet figure(label: string, value: string, take: (text: string) => void)}
  <input
    class="figure"
    aria-label={label}
    inputmode="decimal"
    maxlength="12"
    size={Math.max(3, value.length)}
    value={written(value)}
    onchange={(event) => take(text(event) || '0')}
  />
{/snippet}

{#if vessel && joined}
  <p>
    <input
      class="figure count"
      type="number"
      min="1"
      max="500"
      aria-label="How many of {vessel.name}"
      value={vessel.count ?? 1}
      onchange={(event) => set({ count: Math.max(1, Number(text(event)) || 1) })}
    />
    ×
    <input
      class="name"
      aria-label="What vessel {at + 1} is called"
      maxlength="60"
      size={Math.max(6, vessel.name.length)}
      value={vessel.name}
      onchange={(event) => text(event) && set({ name: text(event) })}
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
    <label
      >fill it to hold <input
        class="figure"
        maxlength="20"
        size="6"
        placeholder={found?.shown ?? ''}
        onchange={fillTo}
      /></label
    >
    <label>
      plugs hang at
      <input
        class="figure"
        inputmode="decimal"
        maxlength="12"
        size="4"
        placeholder="none"
        value={written(`${vessel.plug ?? ''}`)}
        onchange={(event) => set({ plug: text(event) || null })}
      />
      {unit}
    </label>
    <label
      ><input
        type="checkbox"
        checked={vessel.runs}
        onchange={(event) => set({ runs: event.currentTarget.checked })}
      /> holds water only while the pump runs</label
    >
    {#if flows}
      <label
        ><input
          type="checkbox"
          checked={vessel.film}
          onchange={(event) =>
            set({
              film: event.currentTarget.checked,
              level: event.currentTarget.checked ? '0.3' : '3',
            })}
        /> as a film</label
      >
    {/if}
    <button type="button" onclick={() => drawn.remove(at)}>Remove {vessel.name}</button>
  </p>
{/if}

<style>
  p {
    line-height: 2;
  }

  input {
    font: 700 1rem var(--text);
    background: none;
    border: 0;
    border-bottom: 2px solid var(--ink);
    border-radius: 0;
  }

  .figure {
    font-family: var(--figures);
    text-align: right;
  }

  .count {
    width: 4ch;
    appearance: textfield;
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
    font-size: 0.9375rem;
    color: var(--faded);
  }

  .wishes label,
  .wishes button {
    display: inline-flex;
    gap: 6px;
    align-items: center;
    min-height: 44px;
  }

  .wishes input[type='checkbox'] {
    width: 20px;
    height: 20px;
  }

  .wishes button {
    text-decoration: underline;
    text-underline-offset: 4px;
  }
</style>
