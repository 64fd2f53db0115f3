<script lang="ts">
  import type { LeafletRow } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { UNITS } from '../words/charts';
  import { choices, ROLES } from '../words/growing';
  import type { Editing } from './typed/editing.svelte';
  import CheckField from '../parts/CheckField.svelte';
  import InSentence from '../parts/InSentence.svelte';

  /** What is known of the bottle under the cursor: each with its guess, changed in place. */
  let { editing, at }: { editing: Editing; at: number } = $props();

  const row = $derived(editing.sheet.rows[at] as LeafletRow);
  const guess = $derived(editing.meaning?.guesses.find((one) => one.row === at));
  const isNew = $derived(row.key.startsWith('bottle-'));
  const others = $derived(editing.sheet.rows.filter((one) => one.key !== row.key && one.name));
  const MASS = ['g', 'oz'];
  const units = $derived(
    choices(UNITS)
      .filter(([unit]) => MASS.includes(unit.split('/')[0] ?? '') === (row.form === 'dry'))
      .map(([value, words]) => ({ value, words })),
  );
  /** Why the parts stand as they do, while nobody chose otherwise. */
  const why = $derived.by(() => {
    const reasons = [];
    if (row.role === 'base' && row.group && guess?.group === row.group)
      reasons.push('by its name: parts of one base belong together');
    if (row.role === 'base' && row.rank && guess?.rank === row.rank)
      reasons.push('its number is that of its name, calcium and micronutrients first');
    if (row.oxidiser && guess?.oxidiser) reasons.push('its name says that it is an oxidiser');
    if (scales === 'usual')
      reasons.push('base, cal-mag, magnesium and boosters scale with strength, others do not');
    if (row.wait_min === null || row.wait_min === undefined)
      reasons.push('its wait is the usual one for its role');
    return reasons.join('; ');
  });
  const scales = $derived(
    row.scales === null || row.scales === undefined ? 'usual' : row.scales ? 'yes' : 'no',
  );

  function form(value: 'liquid' | 'dry') {
    editing.choose(at, { form: value, unit: value === 'dry' ? 'g/L' : 'mL/L' });
  }

  function number(text: string, most: number): number | null {
    const value = Number.parseInt(text, 10);
    return Number.isNaN(value) ? null : Math.min(Math.max(value, 0), most);
  }
</script>

<section aria-label="The bottle">
  <h3>{row.name || 'A new bottle'}</h3>
  <p>
    is <Choice
      label="What it is for"
      value={row.role}
      options={choices(ROLES).map(([value, words]) => ({ value, words }))}
      onchoose={(role) => editing.choose(at, { role })}
    />, <Choice
      label="Form"
      value={row.form}
      options={[
        { value: 'liquid', words: 'liquid' },
        { value: 'dry', words: 'dry' },
      ]}
      onchoose={form}
    />, in <Choice
      label="Unit of its figures"
      value={row.unit ?? ''}
      options={[...(row.unit ? [] : [{ value: '' as const, words: 'no unit yet' }]), ...units]}
      onchoose={(unit) => editing.choose(at, { unit: unit || null })}
    />.
  </p>
  {#if guess?.sure && guess.role !== row.role}
    <p class="why">By its name one would take it for {ROLES[guess.role]}: {guess.why}.</p>
  {:else if guess && isNew}
    <p class="why">Guessed: {guess.why}.</p>
  {/if}
  <p>
    Strength scales it: <Choice
      label="Whether strength scales it"
      value={scales}
      options={[
        { value: 'usual', words: 'as usual for its role' },
        { value: 'yes', words: 'yes' },
        { value: 'no', words: 'no' },
      ]}
      onchoose={(told) => editing.choose(at, { scales: told === 'usual' ? null : told === 'yes' })}
    />.
  </p>
  {#if row.role === 'base'}
    <p class="fields">
      <span>
        Belongs to
        <InSentence
          label="Belongs to"
          value={row.group}
          maxlength={40}
          onkeep={(group) => editing.choose(at, { group })}
        />
      </span>
      <span>
        and goes in as number
        <InSentence
          label="and goes in as number"
          inputmode="numeric"
          value={row.rank || ''}
          maxlength={2}
          room={4}
          onkeep={(text) => editing.choose(at, { rank: number(text, 99) ?? 0 })}
        />
      </span>
    </p>
  {/if}
  <p class="fields">
    <span>
      Wait after it, minutes
      <InSentence
        label="Wait after it, minutes"
        inputmode="numeric"
        placeholder="as usual"
        value={row.wait_min ?? ''}
        maxlength={3}
        room={8}
        onkeep={(text) => editing.choose(at, { wait_min: number(text, 999) })}
      />
    </span>
  </p>
  <p class="ticks">
    <CheckField checked={row.oxidiser} onturn={(oxidiser) => editing.choose(at, { oxidiser })}>
      an oxidiser, such as peroxide
    </CheckField>
    <CheckField checked={row.settles} onturn={(settles) => editing.choose(at, { settles })}>
      settles the pH by itself
    </CheckField>
  </p>
  {#if why}<p class="why">Guessed: {why}.</p>{/if}
  {#if others.length}
    <details>
      <summary
        >Its label puts others before it{row.after.length ? `: ${row.after.length}` : ''}</summary
      >
      {#each others as other (other.key)}
        <CheckField
          checked={row.after.includes(other.key)}
          onturn={(after) =>
            editing.choose(at, {
              after: after
                ? [...row.after, other.key]
                : row.after.filter((key) => key !== other.key),
            })}
        >
          {other.name}
        </CheckField>
      {/each}
    </details>
  {/if}
</section>

<style>
  section {
    --touch: 32px;
    --touch-small: 28px;

    display: grid;
    gap: 6px;
    font-size: var(--type-note);
  }

  h3 {
    font-size: 1rem;
  }

  .why {
    color: var(--faded);
    font-size: var(--type-quiet);
  }

  .fields,
  .ticks {
    display: grid;
    gap: 4px;
  }

  summary {
    min-height: 32px;
    cursor: pointer;
  }
</style>
