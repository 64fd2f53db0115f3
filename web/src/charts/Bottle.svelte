<script lang="ts">
  import type { LeafletRow } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { UNITS } from '../words/charts';
  import { choices, ROLES } from '../words/growing';
  import type { Editing } from './editing.svelte';

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
      <label>
        Belongs to <input
          value={row.group}
          maxlength="40"
          onchange={(e) => editing.choose(at, { group: e.currentTarget.value.trim() })}
        />
      </label>
      <label>
        and goes in as number
        <input
          class="short"
          inputmode="numeric"
          value={row.rank || ''}
          maxlength="2"
          onchange={(e) => editing.choose(at, { rank: number(e.currentTarget.value, 99) ?? 0 })}
        />
      </label>
    </p>
  {/if}
  <p class="fields">
    <label>
      Wait after it, minutes
      <input
        class="short"
        inputmode="numeric"
        placeholder="as usual"
        value={row.wait_min ?? ''}
        maxlength="3"
        onchange={(e) => editing.choose(at, { wait_min: number(e.currentTarget.value, 999) })}
      />
    </label>
  </p>
  <p class="ticks">
    <label>
      <input
        type="checkbox"
        checked={row.oxidiser}
        onchange={(e) => editing.choose(at, { oxidiser: e.currentTarget.checked })}
      />
      an oxidiser, such as peroxide
    </label>
    <label>
      <input
        type="checkbox"
        checked={row.settles}
        onchange={(e) => editing.choose(at, { settles: e.currentTarget.checked })}
      />
      settles the pH by itself
    </label>
  </p>
  {#if why}<p class="why">Guessed: {why}.</p>{/if}
  {#if others.length}
    <details>
      <summary
        >Its label puts others before it{row.after.length ? `: ${row.after.length}` : ''}</summary
      >
      {#each others as other (other.key)}
        <label class="after">
          <input
            type="checkbox"
            checked={row.after.includes(other.key)}
            onchange={(e) =>
              editing.choose(at, {
                after: e.currentTarget.checked
                  ? [...row.after, other.key]
                  : row.after.filter((one) => one !== other.key),
              })}
          />
          {other.name}
        </label>
      {/each}
    </details>
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 6px;
    font-size: 0.9375rem;
  }

  h3 {
    font-size: 1rem;
  }

  .why {
    color: var(--faded);
    font-size: 0.875rem;
  }

  input:not([type='checkbox']) {
    width: 7rem;
    min-height: 28px;
    font-weight: 700;
    background: none;
    border: 0;
    border-bottom: 2px solid var(--ink);
    border-radius: 0;
  }

  input.short {
    width: 5rem;
  }

  .fields,
  .ticks {
    display: grid;
    gap: 4px;
  }

  .ticks label,
  .after {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 32px;
  }

  summary {
    min-height: 32px;
    cursor: pointer;
  }
</style>
