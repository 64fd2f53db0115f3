<script lang="ts">
  import type { Leaflet, Tank, Water } from '../api/client';
  import Choice from '../parts/Choice.svelte';
  import { READING_MEANS, UNITS } from '../words/charts';
  import { choices, MEDIA } from '../words/growing';
  import type { Editing } from './typed/editing.svelte';
  import { readingWords } from './typed/sheet';
  import InSentence from '../parts/InSentence.svelte';

  /** What holds for a whole leaflet, and the tank it is shown for, in two sentences. */
  let { editing, tanks, waters }: { editing: Editing; tanks: Tank[]; waters: Water[] } = $props();

  const water = $derived(
    editing.shownFor.water ?? tanks.find((one) => one.id === editing.shownFor.tank)?.water ?? 0,
  );

  const sheet = $derived(editing.sheet);
  /** The unit that all its bottles have: mostly they have one. */
  const units = $derived([...new Set(sheet.rows.map((row) => row.unit))]);

  function change(told: Partial<Leaflet>) {
    editing.change({ ...editing.sheet, ...told });
  }

  function chooseUnit(chosen: Leaflet['rows'][number]['unit']) {
    const rows = sheet.rows.map((row) =>
      row.form === 'dry' ? row : { ...row, unit: chosen ?? null },
    );
    change({ rows });
  }

  const SCALES = ['mS/cm', 'uS/cm', 'CF', 'ppm 500', 'ppm 640', 'ppm 700'];

  function chooseReading(words: string) {
    const [name, scale] = words.split(' ');
    change({
      reading_unit: name as Leaflet['reading_unit'],
      ppm_scale: (scale ? Number(scale) : null) as NonNullable<Leaflet['ppm_scale']> | null,
    });
  }
</script>

<p class="sentence">
  <span class="title">
    <InSentence
      label="Name of the chart"
      placeholder="Name it"
      value={sheet.name}
      maxlength={80}
      room={8}
      onkeep={(name) => change({ name })}
    />
  </span>
  of
  <InSentence
    label="Maker"
    placeholder="no maker"
    value={sheet.maker}
    maxlength={60}
    room={8}
    onkeep={(maker) => change({ maker })}
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
    value={readingWords(sheet)}
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
    onchoose={(tank) => editing.show({ tank: tank || null, water: null })}
  />
  {editing.shownFor.tank ? (editing.meaning?.volume ?? '') : ''} at
  <input
    aria-label="Strength"
    value={editing.shownFor.strength}
    size="6"
    maxlength="12"
    onchange={(event) => editing.show({ strength: event.currentTarget.value })}
  />, in
  <Choice
    label="Water"
    value={water}
    options={[
      ...(water ? [] : [{ value: 0, words: 'neutral water' }]),
      ...waters.map((one) => ({ value: one.id, words: one.name })),
    ]}
    onchoose={(chosen) => editing.show({ water: chosen })}
  />.
</p>

<style>
  .sentence {
    font-size: var(--type-head);
    line-height: 2;
  }

  .for {
    margin-bottom: 12px;
    font-size: var(--type-more);
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
</style>
